import assert from 'node:assert/strict';
import { afterEach, beforeEach, mock, test } from 'node:test';
import { changes } from '../../main/resources/scripts/teach/changes.js';

const MINUTE = 60_000;
const answer = (what) => ({ changes: [{ what, before: '10 breaths', after: '6 breaths', byMs: -40_000 }], savedMs: 5 * MINUTE, missesMs: 0, course: [] });

/** As on the page: what was stored is not the very object that comes back. */
const reactive = (target) => new Proxy(target, { get: (from, key, self) => {
  const value = Reflect.get(from, key, self);
  return value !== null && typeof value === 'object' ? reactive(value) : value;
} });

/** A room five minutes late, and a server that answers when it is told to. */
function room({ prepared = [] } = {}) {
  const course = { moments: [{ of: 0 }, { of: 5 }], goingOn: () => course, prepared: () => ({ ...course, totalMs: 0 }), placeOf: (of) => of, totalMs: 5 * MINUTE };
  const it = reactive(Object.defineProperties({}, Object.getOwnPropertyDescriptors(changes)));
  return Object.assign(it, { lateMs: 5 * MINUTE, moment: { of: 0 }, rehearses: false, taught: 't', clock: { index: 0, course }, answers: prepared, backToRoom() {}, $refs: { changes: { showModal() {}, close: () => it.changesClosed() } } });
}

const fitting = [{ at: 0, lateMs: 5 * MINUTE, answer: answer('Prepared') }];
let reply;
let waits;
const settled = () => new Promise((done) => setImmediate(done));

beforeEach(() => {
  globalThis.document = { querySelector: () => ({ content: 'x' }) };
  mock.timers.enable({ apis: ['setTimeout'] });
  mock.method(AbortSignal, 'timeout', (ms) => {
    waits = ms;
    return new AbortController().signal;
  });
  globalThis.fetch = () => new Promise((done) => {
    reply = (body) => done({ ok: body !== null, json: async () => body });
  });
});
afterEach(() => mock.reset());

test('an answer in time is the one that is offered', async () => {
  const it = room({ prepared: fitting });
  const asked = it.openChanges();
  assert.equal(it.offerWords, 'asking …');
  reply(answer('Pigeon'));
  await asked;
  assert.match(it.offerWords, /^The least change that ends on time, 5:00 shorter/);
  assert.deepEqual(it.offerLines, ['Pigeon: 10 breaths, now 6 breaths (−0:40)']);
  mock.timers.tick(10_000);
  assert.match(it.offerLines[0], /^Pigeon/, 'and stays');
});

test('while it takes its time the one that came with the page is offered, and the exact one takes its place', async () => {
  const it = room({ prepared: fitting });
  const asked = it.openChanges();
  mock.timers.tick(2_500);
  assert.match(it.offerWords, /^The server has not answered\. What came with the page for 5 minutes late/);
  assert.match(it.offerLines[0], /^Prepared/);
  assert.ok(waits > 8_000, 'it still listens');
  reply(answer('Pigeon'));
  await asked;
  assert.match(it.offerWords, /^The least change that ends on time/);
  assert.match(it.offerLines[0], /^Pigeon/);
});

test('what was prepared for a place that has gone by is not offered', async () => {
  const it = room({ prepared: fitting });
  const asked = it.openChanges();
  it.clock.index = 1;
  mock.timers.tick(2_500);
  assert.equal(it.offer, null);
  reply(null);
  await asked;
  assert.match(it.offerWords, /nothing that came with the page is for this moment/);
});

test('with nothing at hand it is waited for longer, then said, and not taken for a class that cannot be shortened', async () => {
  const it = room();
  const asked = it.openChanges();
  mock.timers.tick(7_900);
  assert.equal(it.offerWords, 'asking …');
  mock.timers.tick(200);
  assert.match(it.offerWords, /5 minutes late\. The server has not answered/);
  assert.doesNotMatch(it.offerWords, /cannot/);
  reply(null);
  await asked;
  assert.match(it.offerWords, /The server has not answered/);
});

test('an answer to a question that was closed changes nothing', async () => {
  const it = room({ prepared: fitting });
  const asked = it.openChanges();
  it.closeChanges();
  reply(answer('Pigeon'));
  await asked;
  assert.equal(it.offer, null);
  mock.timers.tick(10_000);
  assert.equal(it.offer, null);
});

test('asked again, only the answer to the second question counts', async () => {
  const it = room({ prepared: fitting });
  const first = it.openChanges();
  const early = reply;
  it.closeChanges();
  const second = it.openChanges();
  early(answer('Old'));
  await first;
  await settled();
  assert.equal(it.offerWords, 'asking …');
  reply(answer('New'));
  await second;
  assert.match(it.offerLines[0], /^New/);
});
