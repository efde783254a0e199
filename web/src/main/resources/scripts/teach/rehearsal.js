// Going through a class without people: quicker, or as the teacher goes; what she stumbled over is told afterwards.

/** Words a minute where a pose is explained: as the checks reckon (Speech.EXPLAINING). */
const WORDS_A_MINUTE = 145;

const count = (words) => (words ?? '').split(/\s+/).filter((word) => /\w/.test(word)).length;

/** Words that cannot be said in the time she stayed. */
export function tooLong(moment, stayedMs) {
  const needs = (count(moment.say) / WORDS_A_MINUTE) * 60_000;
  return needs > stayedMs ? Math.round(needs / 1000) : 0;
}

/** Part of the room's component. State: `rehearses`, '' for a real class, else '1', '4', '8' or 'finger'; `places`, what is told afterwards. */
export const rehearsal = {
  rehearses: '',
  places: [],
  rehearsed: '',

  /** How much quicker the clock goes. */
  get speed() {
    return this.rehearses === 'finger' || this.rehearses === '' ? 1 : Number(this.rehearses);
  },

  stumble() {
    if (!this.rehearses || !this.moment) return;
    this.place('stumbled', '');
    this.notice = `marked: ${this.name}`;
    clearTimeout(this.noticeGoes);
    this.noticeGoes = setTimeout(() => (this.notice = ''), 3000);
  },

  place(what, words) {
    const { of, node, side, name } = this.moment;
    this.places = [...this.places, { of, node, side: side ?? null, name, atMs: Math.round(this.clock.moment.startMs), what, words }];
  },

  /** At her own finger she speaks: what did not fit into the time she stayed is told. */
  stayed() {
    if (this.rehearses !== 'finger' || !this.moment || this.moment.kind === 'movement') return;
    const needs = tooLong(this.moment, this.clock.elapsed(this.now));
    if (needs) this.place('words', `${count(this.moment.say)} words take ${needs} s, you stayed ${Math.round(this.clock.elapsed(this.now) / 1000)} s`);
  },

  /** What was marked goes to the class; nothing goes to the logbook. */
  sendRehearsal() {
    const form = document.getElementById('rehearsed');
    form.elements.places.value = JSON.stringify(this.places);
    form.elements.took.value = String(Math.round(this.clock.endedAt - this.clock.classStart));
    form.submit();
  },

  get isRehearsal() {
    return this.rehearses !== '';
  },
  get isReal() {
    return this.rehearses === '';
  },
  get rehearsalWords() {
    return { finger: 'rehearsal, as you go', 1: 'rehearsal, read to you', 4: 'rehearsal, four times as fast', 8: 'rehearsal, eight times as fast' }[this.rehearses] ?? '';
  },
  get placesWords() {
    const n = this.places.length;
    return n === 0 ? 'Nothing was marked.' : `${n} ${n === 1 ? 'place' : 'places'} marked.`;
  },
};
