import test from 'node:test';
import assert from 'node:assert/strict';
import { Course } from '../../main/resources/scripts/teach/course.js';

const hold = (node, name, side = null) => ({ node, name, side, kind: 'hold', leadInMs: 2_000, workMs: 10_000, breaths: 2, where: '', section: 0 });
const move = (node, side, round) => ({ node, name: node, side, kind: 'movement', leadInMs: 0, workMs: 4_000, section: 0, flow: { id: 'tide', name: 'tide', round, rounds: 3, fewerBy: 1 }, where: `tide · round ${round} of 3` });

/** Easy seat, three rounds of a flow of two poses on both sides, tree on both sides, rest. */
const script = {
  totalMs: 0,
  moments: [
    hold('seat', 'Easy seat'),
    ...[1, 2, 3].flatMap((round) => ['right', 'left'].flatMap((side) => [move('lunge', side, round), move('warrior', side, round)])),
    hold('tree', 'Tree', 'right'),
    hold('tree', 'Tree', 'left'),
    hold('rest', 'Final rest'),
  ],
};
const kept = (course) => course.moments.filter((moment) => !moment.out).map((moment) => moment.of);

test('as long as nothing was changed it is the script', () => {
  const course = new Course(script);
  assert.equal(course.isOwn, true);
  assert.equal(course.totalMs, 12_000 * 4 + 12 * 4_000);
  assert.equal(course.moments[3].startMs, 12_000 + 8_000);
});

test('a part is left out with both its sides, and takes no time any more', () => {
  const course = new Course(script).withoutPart(0, 'tree');
  assert.deepEqual(kept(course), [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 15]);
  assert.equal(course.totalMs, new Course(script).totalMs - 24_000);
  assert.equal(course.moments[15].startMs, 12_000 + 48_000);
  assert.deepEqual(course.uneven(), []);
});

test('what has begun is not among what can be left out', () => {
  const course = new Course(script);
  assert.deepEqual(course.ahead(0).map((part) => part.id), ['tide', 'tree', 'rest']);
  assert.deepEqual(course.ahead(2).map((part) => part.id), ['tree', 'rest']);
  assert.deepEqual(course.ahead(13).map((part) => part.id), ['rest']);
  assert.equal(course.ahead(0)[0].ms, 48_000);
});

test('a round less is the last that has not begun', () => {
  const course = new Course(script);
  assert.deepEqual(kept(course.fewerRounds(1, 'tide', 1)), [0, 1, 2, 3, 4, 5, 6, 7, 8, 13, 14, 15]);
  assert.deepEqual(course.roundsAhead(6, 'tide'), [3]);
  assert.equal(course.fewerRounds(9, 'tide', 1), null, 'the last round has begun');
  assert.equal(course.fewerRounds(6, 'tide', 2), null, 'not half of a pair');
});

test('a round more is like the last, and can be taken away again', () => {
  const course = new Course(script).moreRounds(4, 'tide', 1);
  const more = course.moments.filter((moment) => moment.again);
  assert.deepEqual(more.map((moment) => moment.of), [9, 10, 11, 12]);
  assert.equal(more[0].where, 'tide · round 4 of 4');
  assert.equal(course.moments.findIndex((moment) => moment.again), 13);
  assert.equal(course.roundsOf('tide'), 4);
  assert.deepEqual(kept(course.fewerRounds(4, 'tide', 1)), kept(new Course(script)));
  assert.equal(new Course(script).moreRounds(14, 'tide', 1), null, 'the flow is over');
});

test('staying longer is breaths of the same length', () => {
  const course = new Course(script).longer(13, 3);
  assert.equal(course.moments[13].breaths, 5);
  assert.equal(course.moments[13].workMs, 25_000);
  assert.equal(course.totalMs, new Course(script).totalMs + 15_000);
});

test('straight to the rest, and whose second side is owed', () => {
  const course = new Course(script);
  assert.deepEqual(course.straightTo(0, 15).uneven(), []);
  assert.deepEqual(course.straightTo(13, 15).uneven(), ['Tree right']);
  assert.deepEqual(course.straightTo(2, 13).uneven(), ['lunge right', 'warrior right']);
  assert.deepEqual(course.straightTo(4, 13).uneven(), []);
});

test('what the server works out takes the place of what follows', () => {
  const tail = [{ of: 13, line: { breaths: 1, workMs: 5_000 } }, { of: 14, again: false, line: { breaths: 1, workMs: 5_000 } }, { of: 15, line: null }];
  const course = new Course(script).goingOn(4, tail);
  assert.deepEqual(kept(course), [0, 1, 2, 3, 4, 13, 14, 15]);
  assert.equal(course.moments.length, 16, 'what is left out stands there still');
  assert.equal(course.moments[13].breaths, 1);
  assert.equal(course.moments[5].of, 5);
  assert.equal(course.moments[5].out, true);
});

test('an answer for a later section leaves alone what comes before it, and what was left out stays out', () => {
  const tail = [{ of: 13, line: { breaths: 1, workMs: 5_000 } }, { of: 14, line: { breaths: 1, workMs: 5_000 } }, { of: 15 }];
  const course = new Course(script).withoutPart(2, 'tree').prepared(12, tail);
  assert.deepEqual(kept(course), [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 15]);
  assert.deepEqual(kept(new Course(script).prepared(12, tail)).length, 16);
});

test('a change is taken back for what is still to come', () => {
  const before = new Course(script);
  const after = before.withoutPart(1, 'tree');
  assert.deepEqual(kept(after.backTo(4, before)), kept(before));
  const more = before.moreRounds(12, 'tide', 1);
  assert.deepEqual(kept(more.backTo(12, before)), kept(before));
  const inTheMore = more.backTo(14, before);
  assert.deepEqual(inTheMore.moments.slice(13).map((moment) => [moment.of, moment.again]), [[9, true], [10, true], [13, false], [14, false], [15, false]]);
});
