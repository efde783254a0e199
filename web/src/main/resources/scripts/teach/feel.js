// What do they feel? The answers lie in the page: nothing is asked of the server while somebody waits for one.
export const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';
const ORDER = ['keep', 'ease', 'change', 'stop'];
const WORDS = { keep: 'Stay: as it should be', ease: 'Ease: come a little out', change: 'Change: another shape', stop: 'Stop: come out now' };
const OUT = 'Come out slowly. Not this pose today.';
const HALF_OUT = 'Come half-way out.';
const LEFT_OUT = { verdict: 'stop', why: 'This pose is left out for this need, whatever is felt.', sendTo: '' };

const more = (a, b) => (ORDER.indexOf(a) >= ORDER.indexOf(b) ? a : b);

/** What is said of one of a group's needs: null when it changes nothing. */
function byNeed(need, pose, at) {
  if (need.leftOut.includes(pose)) return { ...LEFT_OUT, need: need.words, ask: need.ask };
  const why = need.whys[LETTERS.indexOf(need.least[at]) - 1];
  return why ? { ...why, need: need.words, ask: need.ask } : null;
}

/**
 * What to do: by the answer of the pose, and by what each need of the group makes of it.
 *
 * @param on the side somebody names; null when she does not, or there is one only
 * @param side the side the pose is done on; null for a symmetric one
 */
export function reply(sheet, pose, side, how, place, on) {
  const p = sheet.places.findIndex((one) => one.id === place);
  const h = sheet.ways.findIndex((one) => one.word === how);
  const of = sheet.poses[pose];
  if (p < 0 || h < 0 || !of) return null;
  const spot = sheet.places[p];
  const named = spot.sided ? on : null;
  const at = p * sheet.ways.length + h;
  const across = named === null ? 2 : named === (side ?? 'right') ? 0 : 1;
  const answer = sheet.answers[LETTERS.indexOf(of.letters[at * 3 + across])];
  const opposite = { right: 'left', left: 'right' };
  return {
    verdict: answer.verdict,
    words: WORDS[answer.verdict],
    so: answer.so.replace('%1', named ? `${spot.words}, ${named}` : spot.words).replace('%2', opposite[named] ?? 'other'),
    ask: answer.ask,
    act: act(answer.verdict, answer, of, place),
    sendTo: answer.sendTo,
    needs: sheet.needs.map((need) => byNeed(need, pose, at)).filter(Boolean).map((need) => {
      const verdict = more(need.verdict, answer.verdict);
      return { ...need, verdict, words: WORDS[verdict], ask: verdict === answer.verdict ? '' : need.ask, act: act(verdict, answer, of, place) };
    }),
  };
}

function act(verdict, answer, of, place) {
  if (verdict === 'keep') return answer.act;
  if (verdict === 'stop') return answer.verdict === 'stop' ? answer.act : OUT;
  const here = of.changes[place] ? ` Here: ${of.changes[place]}` : '';
  const shape = verdict === 'change' && of.shapes[place] ? ` Another shape: ${of.shapes[place]}.` : '';
  return (answer.verdict === 'keep' ? HALF_OUT : answer.act) + here + shape;
}

/** The part of the room that asks. */
export const feel = {
  feels: null,
  feelSheet: null,
  feelHow: '',
  feelPlace: '',
  feelOn: '',
  feelNoted: '',

  openFeel() {
    if (!this.feelOf) return;
    this.feels = this.moment;
    this.feelHow = '';
    this.feelOn = '';
    this.feelPlace = '';
    this.feelNoted = '';
    this.$refs.feel.showModal();
  },
  closeFeel() {
    this.$refs.feel.close();
  },
  get canFeel() {
    return this.feelOf !== null;
  },
  get feltName() {
    return this.feels ? [this.feels.name, this.feels.sideWords].filter(Boolean).join(', ') : '';
  },
  get feltMap() {
    return this.feels ? this.script.felt[this.feels.pose].map : '';
  },
  get feltNotIn() {
    const notIn = this.feels ? this.script.felt[this.feels.pose].notIn : '';
    return notIn ? `Not in: ${notIn}.` : '';
  },
  get hasFeelSheet() {
    return this.feelSheet !== null && Boolean(this.feels && this.feelSheet.poses[this.feels.pose]);
  },
  get feelWays() {
    return (this.feelSheet?.ways ?? []).map((way) => ({ ...way, pressed: String(way.word === this.feelHow) }));
  },
  get feelPlaces() {
    return this.feelSheet?.places ?? [];
  },
  get feelSided() {
    return Boolean(this.feelPlaces.find((place) => place.id === this.feelPlace)?.sided);
  },
  get feelSides() {
    return ['right', 'left'].map((side) => ({ side, pressed: String(side === this.feelOn) }));
  },
  chooseHow(event) {
    this.feelHow = event.currentTarget.dataset.how;
    this.feelNoted = '';
  },
  chooseOn(event) {
    const { side } = event.currentTarget.dataset;
    this.feelOn = this.feelOn === side ? '' : side;
    this.feelNoted = '';
  },
  choosePlace(event) {
    this.feelPlace = event.target.value;
    this.feelNoted = '';
  },
  get feelReply() {
    if (!this.hasFeelSheet || !this.feelHow || !this.feelPlace) return null;
    return reply(this.feelSheet, this.feels.pose, this.feels.side, this.feelHow, this.feelPlace, this.feelOn || null);
  },
  get hasReply() {
    return this.feelReply !== null;
  },
  get replyLook() {
    return `felt-${this.feelReply?.verdict ?? ''}`;
  },
  get replyWords() {
    return this.feelReply?.words ?? '';
  },
  get replySo() {
    return this.feelReply?.so ?? '';
  },
  get replyAsk() {
    return this.feelReply ? `Ask: “${this.feelReply.ask}”` : '';
  },
  get replyAct() {
    return this.feelReply?.act ?? '';
  },
  get replySendTo() {
    return this.feelReply?.sendTo ?? '';
  },
  get replyNeeds() {
    return (this.feelReply?.needs ?? []).map((need) => ({
      need: `With ${need.need}: ${need.words.toLowerCase()}.`,
      why: `${need.why} ${need.ask ? `Ask: “${need.ask}” ` : ''}${need.act}${need.sendTo ? ` Send to: ${need.sendTo}.` : ''}`,
    }));
  },
};
