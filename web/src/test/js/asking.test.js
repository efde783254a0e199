import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Asking } from '../../main/resources/scripts/shared/asking.js';

const line = (words, version = '1') => ({ verb: 'post', path: '/classes/c/line', values: { line: words, at: 'n1', version } });

function counted() {
  let n = 0;
  return new Asking(() => `key ${(n += 1)}`);
}

test('what got no answer is asked again under the same key, whatever version the page shows by then', () => {
  const asking = counted();
  const first = asking.key(line('tree'));
  assert.equal(asking.answered(line('tree'), 0), 1000);
  assert.equal(asking.key(line('tree', '2')), first);
});

test('the same line typed again after an answer is another line', () => {
  const asking = counted();
  const first = asking.key(line('tree'));
  assert.equal(asking.answered(line('tree'), 200), null);
  assert.notEqual(asking.key(line('tree')), first);
});

test('a refusal is an answer', () => {
  const asking = counted();
  const first = asking.key(line('treee'));
  assert.equal(asking.answered(line('treee'), 422), null);
  assert.notEqual(asking.key(line('treee')), first);
});

test('another line meanwhile has its own key', () => {
  const asking = counted();
  assert.notEqual(asking.key(line('tree')), asking.key(line('chair')));
});

test('it waits longer each time, at least as long as it is told, and gives up until somebody asks by hand', () => {
  const asking = counted();
  asking.key(line('tree'));
  assert.deepEqual([0, 503, 503, 503, 0].map((status) => asking.answered(line('tree'), status)), [1000, 2000, 4000, 8000, null]);
  asking.afresh(line('tree'));
  assert.equal(asking.answered(line('tree'), 503, 5), 5000);
});
