import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';

const kept = new Map();
globalThis.localStorage = { getItem: (k) => kept.get(k) ?? null, setItem: (k, v) => kept.set(k, v), removeItem: (k) => kept.delete(k) };
globalThis.document = { querySelector: () => null };
const { dayOf, flush, keep, waiting } = await import('../../main/resources/scripts/practice/answers.js');

let sent;
const line = (answer) => {
  globalThis.fetch = async (address, { body }) => {
    sent.push(JSON.parse(body));
    return answer(JSON.parse(body));
  };
};
const counts = (all) => ({ ok: true, json: async () => all.filter((one) => one.who === 'ines').map((one) => ({ key: one.key, who: one.who, known: true, right: true, told: '' })) });

beforeEach(() => {
  kept.clear();
  sent = [];
  line(counts);
});

test('without a line an answer waits, with the day it was given', async () => {
  globalThis.fetch = async () => {
    throw new TypeError('no line');
  };
  keep('a', '1', 'ines', new Date(2026, 10, 3, 23, 59));
  keep('b', 'left foot', 'ines', new Date(2026, 10, 4, 0, 1));
  assert.equal(await flush(), null);
  assert.deepEqual(waiting(), [{ key: 'a', given: '1', who: 'ines', on: '2026-11-03' }, { key: 'b', given: 'left foot', who: 'ines', on: '2026-11-04' }]);
  line(counts);
  assert.equal((await flush()).length, 2);
  assert.deepEqual(waiting(), []);
  assert.deepEqual(await flush(), []);
  assert.equal(sent.length, 1);
});

test('a server that is not well has nothing', async () => {
  line(() => ({ ok: false }));
  keep('a', '1', 'ines');
  assert.equal(await flush(), null);
  assert.equal(waiting().length, 1);
});

test('what is answered while another is on its way is not lost', async () => {
  line((all) => {
    keep('late', '2', 'ines');
    return counts(all);
  });
  keep('a', '1', 'ines');
  await flush();
  assert.deepEqual(waiting().map((one) => one.key), ['late']);
});

test('one that comes while another is on its way is sent after it', async () => {
  line(async (all) => {
    await new Promise((done) => setTimeout(done, 5));
    return counts(all);
  });
  keep('a', '1', 'ines');
  const first = flush();
  await new Promise((done) => setTimeout(done, 1));
  keep('b', '2', 'ines');
  const told = await flush();
  await first;
  assert.deepEqual(told.map((one) => one.key), ['b']);
  assert.equal(sent.length, 2);
  assert.deepEqual(waiting(), []);
});

test('what somebody else answered on this device waits for her', async () => {
  keep('a', '1', 'jo');
  keep('a', '2', 'ines');
  await flush();
  assert.deepEqual(waiting().map((one) => [one.key, one.given, one.who]), [['a', '1', 'jo']]);
});

test('a damaged store is an empty one', () => {
  kept.set('gurukram.practice', '{');
  assert.deepEqual(waiting(), []);
  assert.equal(dayOf(new Date(2026, 0, 5)), '2026-01-05');
});
