import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clockTime } from '../../main/resources/scripts/shared/clock-time.js';
import { pressed } from '../../main/resources/scripts/plans/class/press.js';

const element = (dataset, parentElement = null) => ({ dataset, parentElement });

test('the nearest element that a press is known for counts', () => {
  const log = [];
  const presses = { take: (it) => log.push(['take', it.dataset.take]), goTo: (it) => log.push(['go', it.dataset.goTo]) };
  const outer = element({ goTo: 'n1' });
  const inner = element({ take: 'tree', node: 'n2' }, outer);
  pressed(element({}, inner), presses)();
  pressed(element({ node: 'n3' }, outer), presses)();
  assert.deepEqual(log, [['take', 'tree'], ['go', 'n1']]);
});

test('where no press is known nothing is done, not even for names every object has', () => {
  assert.equal(pressed(element({ node: 'n1', constructor: 'x' }), { take: () => 1 }), null);
  assert.equal(pressed(null, {}), null);
});

test('times are whole seconds, never below nothing', () => {
  assert.equal(clockTime(485_499), '8:05');
  assert.equal(clockTime(485_500), '8:06');
  assert.equal(clockTime(-5), '0:00');
});
