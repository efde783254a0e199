// What is counted, in words: for the eye, and for the voice.

const FREE = { hold: 'hold', open: 'open time', pause: 'rest', rest: 'rest', attempt: 'try', shown: 'watch first', own_pace: 'own pace', demonstration: 'watch', talk: 'listen', pattern: 'breathing', reps: 'repetition' };
const BREATHS = { in: 'in', out: 'out', 'hold in': 'hold', 'hold out': 'hold, empty' };
/** How long “halfway” stands there. */
const HALFWAY_MS = 8_000;
/** The last seconds of a hold that has no breaths are counted down aloud. */
const LAST_SECONDS = 5;

const seconds = (ms) => String(Math.ceil(ms / 1000));

/** “two more”, “last one”: where there are enough of them to ask. */
export function toGo(number, whole) {
  if (whole >= 4 && whole - number === 2) return 'two more';
  return whole >= 3 && number === whole ? 'last one' : '';
}

const isSway = (moment) => moment.kind === 'reps' && moment.reps === 1 && Boolean(moment.side) && (moment.count?.of ?? 1) > 1;

function halfway(moment, at) {
  const from = moment.workMs / 2;
  const past = moment.workMs * at.through - from;
  return moment.halfway && past >= 0 && past < HALFWAY_MS ? moment.halfway : '';
}

/**
 * The three parts of what is counted now: what it is, the number, and what more there is to say.
 *
 * @param at what the clock counts
 * @param counts whether counts of a breathing pattern go down or up
 */
export function counted(moment, at, counts = 'down') {
  if (at.phase === 'into') return { phase: 'coming into it', number: seconds(at.left), more: '' };
  if (at.phase === 'movement') return { phase: moment.breath?.replace(/^hold .*/, 'hold') ?? 'natural breath', number: '', more: '' };
  if (at.count) {
    const number = counts === 'up' ? at.count : at.counts - at.count + 1;
    const more = at.whole > 1 && at.number === at.whole ? ', last one' : '';
    return { phase: BREATHS[at.breath], number: String(number), more: `cycle ${at.number} of ${at.whole}${more}` };
  }
  if (isSway(moment)) return { phase: moment.side, number: `${moment.count.nth} of ${moment.count.of}`, more: toGo(moment.count.nth, moment.count.of) };
  if (at.whole) return { phase: at.breath ? BREATHS[at.breath] : FREE[at.phase], number: `${at.number} of ${at.whole}`, more: toGo(at.number, at.whole) || halfway(moment, at) };
  const timed = ['hold', 'pause', 'attempt'].includes(at.phase);
  return { phase: FREE[at.phase] ?? '', number: timed ? seconds(at.left) : '', more: halfway(moment, at) };
}

/** Which set, try, turn and stage of how many. */
export function among(moment) {
  const { count } = moment;
  if (!count) return '';
  // the stages come before turns and tries
  if (count.stage < count.stages) return `stage ${count.stage} of ${count.stages}`;
  const parts = [];
  if (count.stages > 1) parts.push(`the whole pose, after ${count.stages - 1} ${count.stages === 2 ? 'stage' : 'stages'}`);
  if (count.turns > 1) parts.push(`turn ${count.turn} of ${count.turns}`);
  if (count.sets > 1 && moment.kind !== 'pause') parts.push(`${moment.kind === 'attempt' ? 'try' : 'set'} ${count.set} of ${count.sets}`);
  return parts.join(' · ');
}

/** The stages of a pose, those behind ticked; empty for a pose without. */
export function stages(moment) {
  const all = moment.count?.stages ?? 1;
  if (all < 2) return [];
  return Array.from({ length: all }, (_, i) => ({ name: i + 1 === all ? 'whole' : String(i + 1), done: String(i + 1 < moment.count.stage), now: String(i + 1 === moment.count.stage) }));
}

/** What is said aloud because of the counting, when it was something else before; empty when nothing is. */
export function aloud(moment, at, counts = 'down') {
  if (at.phase === 'into' || at.phase === 'movement') return '';
  if (at.count) {
    const number = counts === 'up' ? at.count : at.counts - at.count + 1;
    return at.count === 1 ? `${BREATHS[at.breath]}, ${number}` : String(number);
  }
  const now = counted(moment, at, counts);
  if (now.more) return now.more;
  if (isSway(moment)) return moment.side;
  if (at.whole) return String(at.number);
  const left = Math.ceil(at.left / 1000);
  return ['hold', 'attempt'].includes(at.phase) && left <= LAST_SECONDS && left > 0 ? String(left) : '';
}
