import assert from 'node:assert/strict';
import { test } from 'node:test';
import { RoomClock } from '../../main/resources/scripts/teach/room-clock.js';

const script = {
  totalMs: 60_000,
  moments: [
    { kind: 'hold', startMs: 0, leadInMs: 8_000, workMs: 30_000, breaths: 5 },
    { kind: 'movement', startMs: 38_000, leadInMs: 0, workMs: 4_000 },
    { kind: 'reps', startMs: 42_000, leadInMs: 2_000, workMs: 16_000, reps: 8 },
  ],
};
const begun = (state = {}) => {
  const clock = new RoomClock(script, state);
  clock.begin(1_000);
  return clock;
};

test('a class that has not begun does not run', () => {
  const clock = new RoomClock(script, {});
  assert.equal(clock.running, false);
  assert.deepEqual(clock.advance(99_000), []);
});

test('first people come into the pose, then breaths are counted', () => {
  const clock = begun();
  assert.deepEqual(clock.counting(1_000), { phase: 'into', left: 8_000 });
  assert.deepEqual(clock.counting(8_999), { phase: 'into', left: 1 });
  assert.deepEqual(clock.counting(9_000), { phase: 'hold', number: 1, whole: 5, part: 0, through: 0, left: 30_000, breath: 'in', breathPart: 0 });
  assert.deepEqual(clock.counting(12_000), { phase: 'hold', number: 1, whole: 5, part: 0.5, through: 0.1, left: 27_000, breath: 'out', breathPart: 0 });
  assert.equal(clock.counting(15_000).number, 2);
  assert.equal(clock.counting(39_000).number, 5, 'never a sixth of five');
});

test('breaths wholly done are counted, and nothing where nothing is', () => {
  const clock = begun();
  assert.equal(clock.done(14_999), 0);
  assert.equal(clock.done(15_000), 1);
  assert.equal(clock.done(99_000), 5);
  const open = new RoomClock({ totalMs: 1, moments: [{ kind: 'open', startMs: 0, leadInMs: 0, workMs: 1 }] }, {});
  open.begin(0);
  assert.equal(open.done(1), null);
});

test('a pause takes no time of the moment', () => {
  const clock = begun();
  clock.pause(11_000);
  clock.pause(12_000);
  assert.equal(clock.elapsed(50_000), 10_000);
  assert.deepEqual(clock.advance(90_000), [], 'what is paused does not go on');
  clock.resume(51_000);
  clock.resume(52_000);
  assert.equal(clock.elapsed(51_000), 10_000);
  assert.equal(clock.left(51_000), 28_000);
});

test('it goes on by itself through every moment whose time is over', () => {
  const clock = begun();
  const entries = clock.advance(1_000 + 38_000 + 4_000 + 1);
  assert.deepEqual(entries.map((entry) => entry.ordinal), [0, 1]);
  assert.deepEqual(entries[0], { ordinal: 0, startedAt: 1_000, endedAt: 39_000, pausedMs: 0, count: 5, outcome: 'done', waited: false, plannedMs: 38_000 });
  assert.equal(entries[1].endedAt, 43_000);
  assert.equal(clock.index, 2);
  assert.equal(clock.behind(43_001), 0);
  assert.equal(clock.advance(500_000).length, 1);
  assert.equal(clock.endedAt, 61_000);
  assert.equal(clock.running, false);
});

test('it waits when it is told to, and falls behind', () => {
  const clock = begun({ auto: false });
  assert.deepEqual(clock.advance(60_000), []);
  assert.equal(clock.behind(60_000), 60_000 - 1_000 - 38_000);
  assert.equal(clock.classLeft(60_000), 22_000);
});

test('going back logs what was left, with its pause, and never before the first', () => {
  const clock = begun();
  clock.pause(5_000);
  const [entry] = clock.leave(7_000, 'back', -1);
  assert.deepEqual(entry, { ordinal: 0, startedAt: 1_000, endedAt: 7_000, pausedMs: 2_000, count: 0, outcome: 'back', waited: false, plannedMs: 38_000 });
  assert.equal(clock.index, 0);
  assert.equal(clock.pausedAt, 7_000, 'still paused, from here on');
});

test('its state brings it back where it was', () => {
  const clock = begun();
  clock.advance(40_000);
  const again = new RoomClock(script, JSON.parse(JSON.stringify(clock.state())));
  assert.equal(again.index, 1);
  assert.equal(again.left(41_000), clock.left(41_000));
});

test('why it was paused goes with the moment it was paused in', () => {
  const clock = new RoomClock({ totalMs: 40_000, sections: [], moments: [0, 20_000].map((startMs) => ({ kind: 'hold', startMs, leadInMs: 0, workMs: 20_000 })) }, {});
  clock.begin(0);
  clock.pause(5_000);
  clock.reason = 'question';
  clock.resume(9_000);
  const [first] = clock.leave(24_000, 'done', 1);
  assert.equal(first.pausedMs, 4_000);
  assert.equal(first.reason, 'question');
  assert.equal(clock.leave(44_000, 'done', 2)[0].reason, undefined);
});

const sides = [['tree', 'right'], ['tree', 'left'], ['chair', null]].map(([node, side], i) => ({ node, side, where: '', kind: 'hold', startMs: i * 10_000, leadInMs: 0, workMs: 10_000 }));

test('who leaves out a first side leaves out the second too', () => {
  const clock = new RoomClock({ totalMs: 30_000, sections: [], moments: sides }, {});
  clock.begin(0);
  assert.equal(clock.owes(), '');
  const entries = clock.leaveOut(1_000);
  assert.deepEqual(entries.map((entry) => [entry.ordinal, entry.outcome]), [[0, 'skipped'], [1, 'skipped']]);
  assert.equal(clock.moment.node, 'chair');
});

test('a second side alone is owed', () => {
  const clock = new RoomClock({ totalMs: 30_000, sections: [], moments: sides }, {});
  clock.begin(0);
  clock.leave(10_000, 'done', 1);
  assert.equal(clock.owes(), 'right');
  assert.deepEqual(clock.leaveOut(11_000).map((entry) => entry.ordinal), [1]);
  assert.equal(clock.moment.node, 'chair');
});

test('in a flow one movement is left out, and the end ends the class', () => {
  const flow = sides.map((moment) => ({ ...moment, where: 'tide · round 1 of 2', flow: { id: 'f', name: 'tide', round: 1, rounds: 2 } }));
  const clock = new RoomClock({ totalMs: 30_000, sections: [], moments: flow }, {});
  clock.begin(0);
  assert.equal(clock.leaveOut(1_000).length, 1);
  assert.equal(clock.owes(), '');
  clock.leaveOut(2_000);
  clock.leaveOut(3_000);
  assert.equal(clock.endedAt, 3_000);
});

test('breath goes in and out by the part of it that is the inhale', () => {
  const clock = new RoomClock({ inhale: 400, moments: [{ kind: 'hold', leadInMs: 0, workMs: 10_000, breaths: 1 }] }, {});
  clock.begin(0);
  assert.equal(clock.counting(3_999).breath, 'in');
  assert.equal(clock.counting(4_000).breath, 'out');
  assert.ok(Math.abs(clock.counting(7_000).breathPart - 0.5) < 1e-9);
});

test('a box is in, held, out and held, each counted from one', () => {
  const clock = new RoomClock({ moments: [{ kind: 'pattern', leadInMs: 0, workMs: 32_000, breaths: 2, phases: [4, 4, 4, 4] }] }, {});
  clock.begin(0);
  const seen = [0, 3, 4, 7, 8, 11, 12, 15, 16].map((second) => clock.counting(second * 1000)).map((at) => `${at.number} ${at.breath} ${at.count}`);
  assert.deepEqual(seen, ['1 in 1', '1 in 4', '1 hold in 1', '1 hold in 4', '1 out 1', '1 out 4', '1 hold out 1', '1 hold out 4', '2 in 1']);
  assert.equal(clock.counting(32_000).number, 2, 'never a third of two');
});

test('a phase that is not there is never come to', () => {
  const clock = new RoomClock({ moments: [{ kind: 'pattern', leadInMs: 0, workMs: 10_000, breaths: 1, phases: [4, 0, 6, 0] }] }, {});
  clock.begin(0);
  const seen = new Set(Array.from({ length: 100 }, (_, i) => clock.counting(i * 100).breath));
  assert.deepEqual([...seen], ['in', 'out']);
});

test('what is passed by is no time won', () => {
  const clock = begun();
  clock.leave(2_000, 'done', 1);
  assert.equal(clock.behind(2_000), 0);
  clock.leave(5_500, 'done', 2);
  assert.equal(Math.round(clock.behind(5_500)), -500, 'half a second before its time is');
});

test('it counts from when it should have begun', () => {
  const clock = new RoomClock({ moments: sides }, {});
  clock.begin(240_000, 0);
  assert.equal(clock.behind(240_000), 240_000);
});

test('what is left out is passed over and told in the log', () => {
  const clock = new RoomClock({ moments: sides }, {});
  clock.begin(0);
  clock.course = clock.course.withoutPart(-1, 'tree');
  clock.index = clock.kept(0, 1);
  assert.equal(clock.moment.node, 'chair');
  const other = new RoomClock({ moments: [{ node: 'seat', kind: 'hold', startMs: 0, leadInMs: 0, workMs: 10_000 }, ...sides] }, {});
  other.begin(0);
  other.course = other.course.withoutPart(0, 'tree');
  const entries = other.advance(10_000);
  assert.deepEqual(entries.map((entry) => [entry.ordinal, entry.outcome, entry.endedAt - entry.startedAt]), [[0, 'done', 10_000], [1, 'skipped', 0], [2, 'skipped', 0]]);
  assert.equal(other.moment.node, 'chair');
  assert.equal(other.classLeft(10_000), 10_000);
  other.leave(11_000, 'back', other.index - 1);
  assert.equal(other.moment.node, 'seat');
});

test('a class that was ended by accident goes on where it stood', () => {
  const clock = begun();
  clock.advance(40_000);
  const at = clock.index;
  assert.equal(clock.leave(41_000, 'done', 99).length, 1, 'what was cut off is not told as left out');
  assert.equal(clock.running, false);
  clock.goOn(60_000);
  assert.equal(clock.index, at);
  assert.equal(clock.pausedAt, 41_000);
  clock.resume(60_000);
  assert.equal(clock.elapsed(60_000), 0);
});

test('six seconds and three hours are classes', () => {
  const short = new RoomClock({ moments: [{ kind: 'open', leadInMs: 0, workMs: 6_000 }] }, {});
  short.begin(0);
  assert.equal(short.advance(6_000).length, 1);
  assert.equal(short.endedAt, 6_000);
  const long = new RoomClock({ moments: Array.from({ length: 2_000 }, () => ({ kind: 'hold', leadInMs: 400, workMs: 5_000, breaths: 1 })) }, {});
  long.begin(0);
  assert.equal(long.advance(3 * 3_600_000).length, 2_000);
  assert.equal(long.endedAt, 10_800_000);
});
