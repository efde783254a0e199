// What the page and the voice say about a moment.

/** What stands there large; empty without a moment. */
export function nameOf(moment) {
  return !moment ? '' : moment.kind === 'pause' ? 'Pause' : moment.name;
}

/** The words of a moment, as much of them as the teacher wants. */
export function words(moment, much) {
  if (!moment) return '';
  if (much === 'brief') return moment.brief ?? moment.say ?? '';
  if (much === 'breath') return moment.kind === 'movement' ? (moment.breath ?? '') : '';
  return much === 'none' ? '' : (moment.say ?? '');
}

/** The pass of a flow a moment stands in, pose by pose; empty outside flows. */
export function flowLine(moments, index) {
  const now = moments[index];
  if (!now?.flow) return [];
  const isSame = (moment) => moment?.flow && moment.flow.id === now.flow.id && moment.flow.round === now.flow.round && moment.flow.pass === now.flow.pass;
  let from = index;
  let to = index;
  while (isSame(moments[from - 1])) from -= 1;
  while (isSame(moments[to + 1])) to += 1;
  const line = [];
  for (let i = from; i <= to; i += 1) {
    const moment = moments[i];
    if (moment.out) continue;
    // a pose that is held after its movement stands there once
    if (line.length && moments[i - 1]?.node === moment.node) {
      line[line.length - 1].now = String(line[line.length - 1].now === 'true' || i === index);
      line[line.length - 1].done = String(i < index);
    } else line.push({ name: moment.name, now: String(i === index), done: String(i < index) });
  }
  return line.map((part) => (part.now === 'true' ? { ...part, done: 'false' } : part));
}

/** What is spoken when a moment begins. */
export function spokenAt(moment, voice) {
  const parts = [];
  if (voice.breath && moment.kind === 'movement' && moment.breath) parts.push(moment.breath.replace(/^hold .*/, 'hold'));
  if (moment.kind === 'pause') return voice.names ? 'rest' : '';
  if (voice.names) parts.push(moment.name);
  if (voice.sides && moment.sideWords) parts.push(moment.sideWords);
  if (voice.counts && moment.kind !== 'movement' && moment.amount) parts.push(moment.amount);
  return parts.join(', ');
}

/** As much of a line as stands beside itself: one before, where we are, and some to come. */
export function around(line, before = 1, after = 3) {
  const at = line.findIndex((part) => part.now === 'true');
  if (at < 0) return line;
  const part = line.slice(Math.max(0, at - before), at + after + 1);
  return at + after + 1 < line.length ? [...part, { name: '…', now: 'false', done: 'false' }] : part;
}
