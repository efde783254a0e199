import assert from 'node:assert/strict';
import { webcrypto } from 'node:crypto';
import { beforeEach, test } from 'node:test';
import * as outbox from '../../main/resources/scripts/shared/outbox.js';

class Storage {
  setItem(key, value) {
    this[key] = String(value);
  }

  getItem(key) {
    return Object.hasOwn(this, key) ? this[key] : null;
  }

  removeItem(key) {
    delete this[key];
  }
}

// Node.js 18 has it, but not everywhere
globalThis.crypto ??= webcrypto;

let sent;
let answer;

beforeEach(() => {
  globalThis.localStorage = new Storage();
  globalThis.document = { querySelector: () => ({ content: 'token' }) };
  sent = [];
  answer = (body) => ({ ok: true, json: async () => ({ stored: body.moments.map((moment) => moment.id) }) });
  globalThis.fetch = async (url, request) => {
    sent.push({ url, headers: request.headers, body: JSON.parse(request.body) });
    return answer(sent.at(-1).body);
  };
});

test('what happened waits until the server has it', async () => {
  outbox.begin('t1', 1_000);
  outbox.add('t1', { ordinal: 0, outcome: 'done' });
  outbox.add('t1', { ordinal: 1, outcome: 'skipped' });
  assert.equal(outbox.waiting('t1'), 2);
  assert.equal(await outbox.flush('t1'), true);
  assert.equal(outbox.waiting('t1'), 0);
  assert.equal(sent[0].url, '/room/t1/log');
  assert.equal(sent[0].headers['X-CSRF-TOKEN'], 'token');
  assert.deepEqual(sent[0].body.moments.map((moment) => moment.ordinal), [0, 1]);
});

test('without an answer nothing is lost, and sending again sends the same ids', async () => {
  outbox.begin('t2', 1_000);
  outbox.add('t2', { ordinal: 0 });
  globalThis.fetch = async () => {
    throw new TypeError('no line');
  };
  assert.equal(await outbox.flush('t2'), false);
  answer = () => ({ ok: false });
  globalThis.fetch = async (url, request) => {
    sent.push(JSON.parse(request.body));
    return answer();
  };
  assert.equal(await outbox.flush('t2'), false);
  assert.equal(await outbox.flush('t2'), false);
  assert.equal(outbox.waiting('t2'), 1);
  assert.equal(sent[0].moments[0].id, sent[1].moments[0].id);
});

test('what was added while a letter was on its way is not taken for sent', async () => {
  outbox.begin('t3', 1_000);
  outbox.add('t3', { ordinal: 0 });
  answer = (body) => {
    outbox.add('t3', { ordinal: 1 });
    return { ok: true, json: async () => ({ stored: body.moments.map((moment) => moment.id) }) };
  };
  assert.equal(await outbox.flush('t3'), false);
  assert.equal(outbox.waiting('t3'), 1);
});

test('two letters of one class are never on their way at once', async () => {
  outbox.begin('t4', 1_000);
  outbox.add('t4', { ordinal: 0 });
  const both = await Promise.all([outbox.flush('t4'), outbox.flush('t4')]);
  assert.deepEqual(both, [true, false]);
  assert.equal(sent.length, 1);
});

test('the end waits too, and with it the class is forgotten here', async () => {
  outbox.begin('t5', 1_000);
  outbox.end('t5', 61_000);
  assert.equal(outbox.waiting('t5'), 1);
  await outbox.flush('t5');
  assert.equal(sent[0].body.endedAt, 61_000);
  assert.equal(localStorage.getItem('gurukram.log.t5'), null);
  assert.equal(outbox.waiting('t5'), 0);
});

test('a second beginning does not wipe the first, and all classes are sent', async () => {
  outbox.begin('t6', 1_000);
  outbox.add('t6', { ordinal: 0 });
  outbox.begin('t6', 9_000);
  outbox.begin('t7', 2_000);
  outbox.add('t7', { ordinal: 0 });
  outbox.flushAll();
  await new Promise((resolve) => setImmediate(resolve));
  assert.deepEqual(sent.map((letter) => letter.url).sort(), ['/room/t6/log', '/room/t7/log']);
  assert.equal(sent.find((letter) => letter.url.includes('t6')).body.startedAt, 1_000);
});
