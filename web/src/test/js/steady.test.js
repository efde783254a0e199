import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Steady } from '../../main/resources/scripts/teach/steady.js';

const HOUR = 3_600_000;

function clock() {
  const it = { wall: 1_000_000_000, ticks: 50 };
  it.steady = new Steady(() => it.wall, () => it.ticks);
  it.pass = (ms) => {
    it.wall += ms;
    it.ticks += ms;
  };
  return it;
}

test('it goes as the device goes', () => {
  const it = clock();
  it.pass(90_000);
  assert.equal(it.steady.now(), 1_000_090_000);
  assert.equal(it.steady.jumped, false);
});

test('a clock that is set back an hour, or ahead a day, does not move it', () => {
  for (const jump of [-HOUR, 24 * HOUR, -24 * HOUR]) {
    const it = clock();
    it.pass(1_000);
    it.steady.now();
    it.wall += jump;
    it.pass(1_000);
    assert.equal(it.steady.now(), 1_000_002_000);
    assert.equal(it.steady.jumped, true);
    it.pass(1_000);
    assert.equal(it.steady.now(), 1_000_003_000);
  }
});

test('set back and put right again, it still goes on', () => {
  const it = clock();
  it.wall -= HOUR;
  it.steady.now();
  it.wall += HOUR;
  it.pass(500);
  assert.equal(it.steady.now(), 1_000_000_500);
});

test('a device that slept in a pocket has lived through the time it slept', () => {
  const it = clock();
  it.wall += 10 * 60_000;
  it.ticks += 100;
  assert.equal(Math.round(it.steady.now(true)), 1_000_600_000);
  assert.equal(it.steady.jumped, false);
});

test('nobody sleeps a day in class', () => {
  const it = clock();
  it.wall += 24 * HOUR;
  assert.equal(it.steady.now(true), 1_000_000_000);
  assert.equal(it.steady.jumped, true);
});
