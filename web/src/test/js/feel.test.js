import assert from 'node:assert/strict';
import { test } from 'node:test';
import { LETTERS, reply } from '../../main/resources/scripts/teach/feel.js';

const SHEET = {
  places: [{ id: 'head', words: 'the head', sided: false }, { id: 'knee', words: 'the knee', sided: true }],
  ways: [{ word: 'stretch', said: 'it stretches' }, { word: 'pinch', said: 'it pinches' }],
  answers: [
    { verdict: 'keep', so: 'It should be here: %1.', ask: 'Even?', act: 'Stay.', sendTo: '' },
    { verdict: 'change', so: 'It pinches.', ask: 'Gone?', act: 'Take another shape.', sendTo: '' },
    { verdict: 'keep', so: 'It is for the other side, %2.', ask: 'And there?', act: 'Look.', sendTo: '' },
    { verdict: 'stop', so: 'Out.', ask: 'Better?', act: 'Come out now.', sendTo: 'A doctor.' },
  ],
  // head stretch, head pinch, knee stretch (own, other, not said), knee pinch
  poses: { tree: { letters: 'DDD' + 'DDD' + 'ACA' + 'BBB', changes: { knee: 'Foot lower.' }, shapes: { knee: 'kickstand' } }, crow: { letters: 'A'.repeat(12), changes: {}, shapes: {} } },
  needs: [{ need: 'knee', words: 'knee', ask: 'Does it hurt?', least: 'AABC', whys: [{ verdict: 'ease', why: 'Sore.', sendTo: '' }, { verdict: 'stop', why: 'Sore.', sendTo: 'a doctor' }], leftOut: ['crow'] }],
};

test('what should be there is kept, on its own side', () => {
  const own = reply(SHEET, 'tree', 'left', 'stretch', 'knee', 'left');
  assert.equal(own.verdict, 'keep');
  assert.equal(own.so, 'It should be here: the knee, left.');
  assert.equal(reply(SHEET, 'tree', 'left', 'stretch', 'knee', 'right').so, 'It is for the other side, left.');
  assert.equal(reply(SHEET, 'tree', 'left', 'stretch', 'knee', null).so, 'It should be here: the knee.');
});

test('a change is that of this very pose, and another shape', () => {
  assert.equal(reply(SHEET, 'tree', 'right', 'pinch', 'knee', 'right').act, 'Take another shape. Here: Foot lower. Another shape: kickstand.');
});

test('a need asks for more and never for less', () => {
  const [knee] = reply(SHEET, 'tree', 'right', 'stretch', 'knee', 'right').needs;
  assert.deepEqual([knee.verdict, knee.ask, knee.act], ['ease', 'Does it hurt?', 'Come half-way out. Here: Foot lower.']);
  const [pinched] = reply(SHEET, 'tree', 'right', 'pinch', 'knee', 'right').needs;
  assert.deepEqual([pinched.verdict, pinched.sendTo, pinched.act], ['stop', 'a doctor', 'Come out slowly. Not this pose today.']);
  assert.deepEqual(reply(SHEET, 'tree', 'right', 'pinch', 'head', null).needs, []);
  const [out] = reply(SHEET, 'crow', null, 'stretch', 'head', null).needs;
  assert.equal(out.verdict, 'stop');
});

test('a place without sides has none, and what nobody knows is not answered', () => {
  assert.equal(reply(SHEET, 'tree', 'right', 'pinch', 'head', 'left').act, 'Come out now.');
  assert.equal(reply(SHEET, 'tree', 'right', 'burn', 'knee', null), null);
  assert.equal(reply(SHEET, 'none', 'right', 'pinch', 'knee', null), null);
  assert.equal(LETTERS.length, 64);
});
