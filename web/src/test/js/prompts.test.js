import assert from 'node:assert/strict';
import { test } from 'node:test';
import { due, notSaid } from '../../main/resources/scripts/teach/prompts.js';

const moments = [0, 4, 8, 60, 120, 420].map((s, i) => ({ node: ['a', 'a', 'b', 'c', 'rest', 'close'][i], startMs: s * 1000 }));
const script = {
  moments,
  remindMs: 330_000,
  prompts: [
    { id: 'opening', at: 0, said: true },
    { id: 'fetch-c', at: 2, said: false },
    { id: 'thread-b', at: 2, said: true },
    { id: 'closing', at: 5, said: true },
  ],
};
const ids = (prompts) => prompts.map((prompt) => prompt.id);

test('what is said stays in sight until it is said, but not for ever', () => {
  assert.deepEqual(ids(due(script, 0, [])), ['opening']);
  assert.deepEqual(ids(due(script, 1, [])), ['opening']);
  assert.deepEqual(ids(due(script, 1, ['opening'])), []);
  assert.deepEqual(ids(due(script, 2, [])), ['opening', 'fetch-c', 'thread-b']);
  assert.deepEqual(ids(due(script, 3, [])), []);
});

test('what is fetched is told as long as the step before lasts', () => {
  assert.deepEqual(ids(due(script, 2, ['opening', 'thread-b'])), ['fetch-c']);
  assert.deepEqual(ids(due(script, 3, ['opening', 'thread-b'])), []);
});

test('what was forgotten is asked for before the rest ends, what comes later is not', () => {
  assert.deepEqual(ids(notSaid(script, 4, 329_000, ['opening'])), []);
  assert.deepEqual(ids(notSaid(script, 4, 331_000, ['opening'])), ['thread-b']);
  assert.deepEqual(ids(notSaid(script, 4, 331_000, [])), ['opening', 'thread-b']);
  assert.deepEqual(ids(notSaid(script, 5, 421_000, ['opening'])), ['thread-b']);
});

test('a script of an older version asks for nothing', () => {
  assert.deepEqual(due({ moments }, 0, []), []);
  assert.deepEqual(notSaid({ moments }, 5, 500_000, []), []);
});
