import assert from 'node:assert/strict';
import { test } from 'node:test';
import { aloud, among, counted, stages, toGo } from '../../main/resources/scripts/teach/counting.js';
import { around, flowLine, spokenAt, words } from '../../main/resources/scripts/teach/lines.js';
import { actionOf, keyName, learnt, read, USUAL_KEYS } from '../../main/resources/scripts/teach/settings.js';
import { preparedFor } from '../../main/resources/scripts/teach/changes.js';
import { open } from '../../main/resources/scripts/teach/pacer.js';
import { tooLong } from '../../main/resources/scripts/teach/rehearsal.js';
import { Bell, Voice } from '../../main/resources/scripts/teach/voice.js';

test('two more and last one, where there are enough to ask', () => {
  assert.deepEqual([1, 2, 3, 4, 5].map((n) => toGo(n, 5)), ['', '', 'two more', '', 'last one']);
  assert.deepEqual([1, 2].map((n) => toGo(n, 2)), ['', '']);
  assert.equal(toGo(3, 3), 'last one');
});

test('a hold by the clock counts its seconds down, and the last of them aloud', () => {
  const hold = { kind: 'hold', workMs: 20_000, halfway: '' };
  assert.deepEqual(counted(hold, { phase: 'hold', through: 0.1, left: 18_000 }), { phase: 'hold', number: '18', more: '' });
  assert.equal(aloud(hold, { phase: 'hold', through: 0.1, left: 18_000 }), '');
  assert.equal(aloud(hold, { phase: 'hold', through: 0.8, left: 3_100 }), '4');
});

test('halfway is told for a while in the middle', () => {
  const rest = { kind: 'rest', workMs: 300_000, halfway: 'halfway: turn the head to the other side' };
  const at = (ms) => counted(rest, { phase: 'rest', through: ms / 300_000, left: 300_000 - ms }).more;
  assert.equal(at(149_000), '');
  assert.match(at(151_000), /turn the head/);
  assert.equal(at(160_000), '');
});

test('sets, tries, turns and stages', () => {
  assert.equal(among({ kind: 'reps', count: { set: 2, sets: 3, turns: 1, stages: 1, stage: 1 } }), 'set 2 of 3');
  assert.equal(among({ kind: 'attempt', count: { set: 1, sets: 2, turn: 2, turns: 2, stages: 1, stage: 1 } }), 'turn 2 of 2 · try 1 of 2');
  assert.equal(among({ kind: 'hold' }), '', 'a script of an older version');
  assert.deepEqual(stages({ count: { stage: 2, stages: 3 } }).map((one) => `${one.name} ${one.done} ${one.now}`), ['1 true false', '2 false true', 'whole false false']);
  assert.deepEqual(stages({}), []);
});

test('as many words as the teacher wants', () => {
  const moment = { kind: 'movement', say: 'inhale, high lunge: long back leg', brief: 'inhale, high lunge', breath: 'inhale' };
  assert.deepEqual(['all', 'brief', 'breath', 'none'].map((much) => words(moment, much)), [moment.say, moment.brief, 'inhale', '']);
  assert.equal(words({ kind: 'hold', say: 'x' }, 'breath'), '');
  assert.equal(words(null, 'all'), '');
});

test('the line of a flow is one round of it on one side, with where we are', () => {
  const at = (name, node, pass) => ({ name, node, flow: { id: 'f', round: 1, pass } });
  const moments = [{ name: 'Seat' }, at('Lunge', 'a', 1), at('Triangle', 'b', 1), at('Triangle', 'b', 1), at('Dog', 'c', 1), at('Lunge', 'a', 2)];
  assert.deepEqual(flowLine(moments, 3), [
    { name: 'Lunge', now: 'false', done: 'true' },
    { name: 'Triangle', now: 'true', done: 'false' },
    { name: 'Dog', now: 'false', done: 'false' },
  ]);
  assert.deepEqual(flowLine(moments, 0), []);
});

test('of a long line one before and some to come are shown', () => {
  const line = 'abcdefgh'.split('').map((name, i) => ({ name, now: String(i === 3), done: String(i < 3) }));
  assert.equal(around(line).map((part) => part.name).join(''), 'cdefg…');
  assert.equal(around(line.slice(2)).map((part) => part.name).join(''), 'cdefg…');
  assert.equal(around(line.slice(0, 5)).map((part) => part.name).join(''), 'cde');
  assert.deepEqual(around([]), []);
});

test('what is spoken is what was chosen', () => {
  const moment = { kind: 'hold', name: 'Tree', sideWords: 'left standing leg', amount: '5 breaths' };
  assert.equal(spokenAt(moment, { names: true, sides: true, counts: true }), 'Tree, left standing leg, 5 breaths');
  assert.equal(spokenAt(moment, { sides: true }), 'left standing leg');
  assert.equal(spokenAt({ kind: 'movement', name: 'Dog', breath: 'hold in' }, { names: true, breath: true }), 'hold, Dog');
  assert.equal(spokenAt({ kind: 'pause', name: 'Bridge' }, { names: true }), 'rest');
});

test('a key is learnt, and does nothing else any more', () => {
  const keys = learnt(USUAL_KEYS, 'said', 'PageDown');
  assert.equal(actionOf(keys, { key: 'PageDown' }), 'said');
  assert.equal(actionOf(keys, { key: 'ArrowRight' }), 'next');
  assert.equal(actionOf(USUAL_KEYS, { key: 'PageDown' }), 'next');
  assert.equal(actionOf(keys, { key: 'S' }), 'skip');
  assert.equal(actionOf(keys, { key: 's', ctrlKey: true }), null);
  assert.equal(actionOf(keys, { key: 'q' }), null);
  assert.equal(keyName(' '), 'Space');
});

test('settings that are spoilt or of another version are the usual ones', () => {
  assert.equal(read({ getItem: () => '{broken' }).words, 'all');
  assert.equal(read({ getItem: () => 'null' }).bell.on, false);
  const some = read({ getItem: () => '{"voice":{"on":true},"keys":{"next":["x"]}}' });
  assert.equal(some.voice.on, true);
  assert.equal(some.voice.names, true);
  assert.deepEqual(some.keys.back, USUAL_KEYS.back);
});

test('without the server: the answer for the next section and about so many minutes', () => {
  const course = { moments: [0, 1, 2, 3, 4].map((of) => ({ of })) };
  const answers = [-1, 2].flatMap((at) => [2, 5, 8].map((minutes) => ({ at, lateMs: minutes * 60_000 })));
  assert.deepEqual(preparedFor(answers, course, 1, 4 * 60_000), { at: 2, lateMs: 300_000 });
  assert.deepEqual(preparedFor(answers, course, 1, 140_000), { at: 2, lateMs: 120_000 }, 'twenty seconds are no reason for three minutes');
  assert.deepEqual(preparedFor(answers, course, 2, 20 * 60_000), { at: 2, lateMs: 480_000 }, 'the most there is');
  assert.equal(preparedFor(answers, course, 3, 60_000), null, 'no section begins any more');
  assert.equal(preparedFor([], course, 0, 60_000), null);
});

test('words that cannot be said in the time she stays', () => {
  assert.equal(tooLong({ say: 'one two three four five six seven eight nine ten' }, 2_000), 4);
  assert.equal(tooLong({ say: 'one two' }, 2_000), 0);
  assert.equal(tooLong({ say: null }, 0), 0);
});

test('a browser without a voice or a bell is no trouble', () => {
  const voice = new Voice(undefined, undefined);
  assert.equal(new Voice(null, null).isThere, false);
  voice.say('x', { rate: 1, volume: 1 });
  assert.equal(new Bell(null).isThere, false);
  new Bell(null).ring(1, 2);
  const mute = new Voice({ getVoices: () => [] }, class {});
  assert.equal(mute.isThere, false, 'words without a voice');
});

test('the pacer opens on the inhale, stays while the breath is held and closes on the exhale', () => {
  assert.equal(open({}, { phase: 'into', left: 5 }), 0);
  assert.equal(open({}, { phase: 'hold', breath: 'in', breathPart: 0.25 }), 0.25);
  assert.equal(open({}, { phase: 'pattern', breath: 'hold in', breathPart: 0.5 }), 1);
  assert.equal(open({}, { phase: 'pattern', breath: 'out', breathPart: 0.25 }), 0.75);
  assert.equal(open({}, { phase: 'pattern', breath: 'hold out', breathPart: 0.5 }), 0);
  assert.equal(open({ breath: 'exhale' }, { phase: 'movement', part: 0.75 }), 0.25);
  assert.equal(open({ breath: 'inhale' }, { phase: 'movement', part: 0.75 }), 0.75);
});
