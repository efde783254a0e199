import assert from 'node:assert/strict';
import { test } from 'node:test';
import { nudged } from '../../main/resources/scripts/plans/class/amount.js';
import { fits, nameIn, plain } from '../../main/resources/scripts/plans/class/names.js';
import { onTheWall } from '../../main/resources/scripts/plans/class/when.js';

test('an amount grows by what is sensible for it', () => {
  assert.equal(nudged('5 breaths', 1), '6 breaths');
  assert.equal(nudged('5-8 breaths, at 6', -1), '4-8 breaths, at 6');
  assert.equal(nudged('30 s', 1), '35 s');
  assert.equal(nudged('119 s', 1), '124 s');
  assert.equal(nudged('120 s', 1), '150 s');
  assert.equal(nudged('3,5', 1), '4.5');
  assert.equal(nudged('0', -1), '0');
  assert.equal(nudged('auto', 1), null);
});

test('a name is found by its beginning, by a word in it, by another name', () => {
  const pose = (name, also = '') => ({ name, words: plain(`${name} | ${also}`) });
  const pigeon = pose('Half pigeon', 'Ardha kapotāsana');
  assert.equal(fits(pigeon, 'half pigeon'), 5);
  assert.equal(fits(pigeon, 'half p'), 4);
  assert.equal(fits(pigeon, 'pig'), 3);
  assert.equal(fits(pigeon, 'kapot'), 2);
  assert.equal(fits(pigeon, 'ardha pig'), 2);
  assert.equal(fits(pigeon, 'igeon'), 0);
});

test('the name stands before the first comma, or behind the colon of a change', () => {
  assert.equal(nameIn('half pige'), 'half pige');
  assert.equal(nameIn('- round 2: high lu'), 'high lu');
  assert.equal(nameIn('tree, both'), null);
});

test('the clock on the wall goes past midnight', () => {
  assert.equal(onTheWall('18:30', 90), '18:31');
  assert.equal(onTheWall('23:59', 120), '00:01');
});
