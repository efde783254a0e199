import assert from 'node:assert/strict';
import { test } from 'node:test';
import { minutesLate } from '../../main/resources/scripts/teach/end.js';

const at = (hours, minutes) => new Date(2026, 2, 3, hours, minutes, 20);

test('late and early, also around midnight', () => {
  assert.equal(minutesLate(at(19, 34), '19:30'), 4);
  assert.equal(minutesLate(at(19, 28), '19:30'), -2);
  assert.equal(minutesLate(at(19, 30), '19:30'), 0);
  assert.equal(minutesLate(at(0, 5), '23:59'), 6);
  assert.equal(minutesLate(at(23, 55), '00:10'), -15);
});

test('a class of another hour, or of none, is neither', () => {
  assert.equal(minutesLate(at(9, 0), '19:30'), null);
  assert.equal(minutesLate(at(9, 0), null), null);
  assert.equal(minutesLate(at(9, 0), undefined), null);
});
