import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Course } from '../../main/resources/scripts/teach/course.js';
import { due, notSaid } from '../../main/resources/scripts/teach/prompts.js';

const moments = [4, 4, 52, 60, 300, 60].map((seconds, i) => ({ node: ['a', 'a', 'b', 'c', 'rest', 'close'][i], leadInMs: 0, workMs: seconds * 1000 }));
const script = {
  moments,
  totalMs: 480_000,
  remindMs: 330_000,
  prompts: [
    { id: 'opening', at: 0, said: true },
    { id: 'fetch-c', at: 2, said: false },
    { id: 'thread-b', at: 2, said: true },
    { id: 'closing', at: 5, said: true },
  ],
};
const course = new Course(script);
const ids = (prompts) => prompts.map((prompt) => prompt.id);

test('what is said stays in sight until it is said, but not for ever', () => {
  assert.deepEqual(ids(due(script, course, 0, [])), ['opening']);
  assert.deepEqual(ids(due(script, course, 1, [])), ['opening']);
  assert.deepEqual(ids(due(script, course, 1, ['opening'])), []);
  assert.deepEqual(ids(due(script, course, 2, [])), ['opening', 'fetch-c', 'thread-b']);
  assert.deepEqual(ids(due(script, course, 3, [])), []);
});

test('what is fetched is told as long as the step before lasts', () => {
  assert.deepEqual(ids(due(script, course, 2, ['opening', 'thread-b'])), ['fetch-c']);
  assert.deepEqual(ids(due(script, course, 3, ['opening', 'thread-b'])), []);
});

test('what is fetched is told once, and not in each round in which the step comes again', () => {
  const rounds = { ...script, moments: ['b', 'c', 'b', 'c'].map((node) => ({ node, leadInMs: 0, workMs: 5_000 })), prompts: [{ id: 'fetch-c', at: 0, said: false }] };
  const twice = new Course(rounds);
  assert.deepEqual([0, 1, 2, 3].map((index) => ids(due(rounds, twice, index, []))), [['fetch-c'], [], [], []]);
});

test('what was forgotten is asked for before the rest ends, what comes later is not', () => {
  assert.deepEqual(ids(notSaid(script, course, 4, 329_000, ['opening'])), []);
  assert.deepEqual(ids(notSaid(script, course, 4, 331_000, ['opening'])), ['thread-b']);
  assert.deepEqual(ids(notSaid(script, course, 4, 331_000, [])), ['opening', 'thread-b']);
  assert.deepEqual(ids(notSaid(script, course, 5, 421_000, ['opening'])), ['thread-b']);
});

test('a script of an older version asks for nothing', () => {
  assert.deepEqual(due({ moments }, course, 0, []), []);
  assert.deepEqual(notSaid({ moments }, course, 5, 500_000, []), []);
});

test('what belongs to a step that is left out is said in its place, and a shorter class asks earlier', () => {
  const shorter = course.without(1, (moment) => moment.node === 'b');
  assert.deepEqual(ids(due(script, shorter, 3, ['opening'])), ['thread-b']);
  assert.deepEqual(ids(notSaid(script, shorter, 4, 279_000, ['opening'])), ['thread-b']);
  assert.deepEqual(ids(notSaid(script, shorter, 4, 277_000, ['opening'])), []);
});

test('what is fetched for a step is told before it, whatever is left out between', () => {
  const shorter = course.without(1, (moment) => moment.node === 'b');
  assert.deepEqual(ids(due(script, shorter, 1, ['opening'])), ['fetch-c']);
  const without = shorter.without(1, (moment) => moment.node === 'c');
  assert.deepEqual(ids(due(script, without, 1, ['opening'])), []);
});
