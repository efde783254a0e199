// How a class that runs late, or is to go another way, goes on: what is offered, taken and taken back.
import { clockTime } from '../shared/clock-time.js';
import { ask } from './ask.js';
import { Course } from './course.js';

/** Nearer than this to its end it is on time. */
const ON_TIME = 30_000;
const LONGER_BREATHS = 3;
const MORE = 60_000;
/** As long as the server is waited for before the page says what it has, ms: with an answer at hand, and without. */
const SOON = 2_500;
const PATIENT = 8_000;
/** An answer that comes later still takes its place. */
const LATEST = 20_000;

const minutes = (ms) => {
  const n = Math.round(Math.abs(ms) / 60_000);
  return `${n} ${n === 1 ? 'minute' : 'minutes'}`;
};
const signed = (ms) => `${ms > 0 ? '−' : '+'}${clockTime(Math.abs(ms))}`;

/** “Pigeon: 10 breaths, now 6 breaths (−0:40)”. */
const told = (change) => `${change.what}: ${change.before}, now ${change.after}${Math.abs(change.byMs) < 1000 ? '' : ` (${signed(-change.byMs)})`}`;

/** The answer that was worked out for the next section and about so many minutes; null when there is none. */
export function preparedFor(answers, course, index, lateMs) {
  const now = course.moments[index].of;
  const places = [...new Set(answers.map((one) => one.at))].filter((at) => at >= now).sort((a, b) => a - b);
  const next = answers.filter((one) => one.at === places[0]).sort((a, b) => a.lateMs - b.lateMs);
  // the smallest that is enough; of those that are not, the greatest
  return next.find((one) => one.lateMs >= lateMs - ON_TIME) ?? next.at(-1) ?? null;
}

/**
 * What the page does about changes. It is part of the room's component: `this` has its clock, now, moment, script and keep.
 *
 * State: `taken`, what was changed so far, each with its words and the course before it; `offer`, the way to end on time, once asked.
 */
export const changes = {
  taken: [],
  answers: [],
  offer: null,
  asking: false,
  unanswered: false,
  question: 0,
  warning: '',
  pending: '',
  notice: '',

  async openChanges() {
    this.warning = '';
    this.pending = '';
    this.offer = null;
    this.$refs.changes.showModal();
    await this.askForTime();
  },

  closeChanges() {
    this.$refs.changes.close();
  },

  /** However it was closed: what is still asked is asked no more. */
  changesClosed() {
    this.question += 1;
    this.asking = false;
    this.backToRoom();
  },

  /** The server's exact answer; until it comes, and while the server is away, the one that came with the page. */
  async askForTime() {
    const late = this.lateMs;
    if (Math.abs(late) < ON_TIME) return;
    const at = this.moment.of;
    const action = { kind: 'time', at, byMs: Math.round(late) };
    // looked for when it is needed: the class goes on meanwhile
    const prepared = () => (late > 0 ? this.offerPrepared(late) : null);
    this.unanswered = false;
    if (this.moment.again || this.rehearses) {
      this.offer = prepared();
      return;
    }
    this.question += 1;
    const { question } = this;
    const open = () => this.question === question && this.moment;
    this.asking = true;
    const without = setTimeout(() => {
      if (!open()) return;
      this.asking = false;
      this.unanswered = true;
      this.offer = prepared();
    }, prepared() ? SOON : PATIENT);
    const exact = await ask(`/room/${this.taught}/changes`, { at, taken: this.actions, ask: action }, LATEST);
    clearTimeout(without);
    if (!open()) return;
    this.asking = false;
    this.unanswered = !exact;
    this.offer = exact ? { ...exact, exact: true, late, action, course: this.clock.course.goingOn(this.clock.index, exact.course) } : prepared();
  },

  offerPrepared(late) {
    const prepared = preparedFor(this.answers, this.clock.course, this.clock.index, late);
    const place = prepared ? (prepared.at < 0 ? -1 : this.clock.course.placeOf(prepared.at)) : -1;
    if (!prepared || place < this.clock.index) return null;
    const course = this.clock.course.prepared(place, prepared.answer.course);
    const savedMs = this.clock.course.totalMs - course.totalMs;
    return { ...prepared.answer, exact: false, late, savedMs, missesMs: late - savedMs, forMs: prepared.lateMs, action: { kind: 'time', at: prepared.at, byMs: prepared.lateMs }, course };
  },

  get actions() {
    return this.taken.flatMap((change) => change.actions);
  },

  takeOffer() {
    const { offer } = this;
    if (!offer) return;
    const words = offer.changes.map(told);
    this.take(offer.course, [`to end on time, ${minutes(offer.late)} ${offer.late > 0 ? 'late' : 'early'}:`, ...words], [offer.action]);
  },

  /** @param actions the same change in the words of the server */
  take(course, words, actions) {
    const before = this.clock.course;
    this.taken = [...this.taken, { at: Math.round(this.now), words, savedMs: Math.round(before.totalMs - course.totalMs), actions, steps: before.steps }];
    this.clock.course = course;
    this.told();
    this.closeChanges();
    this.notify(words.length > 1 ? `${words.length - 1} ${words.length === 2 ? 'change' : 'changes'} taken` : words[0]);
  },

  undoChange() {
    const last = this.taken.at(-1);
    if (!last) return;
    this.taken = this.taken.slice(0, -1);
    this.clock.course = this.clock.course.backTo(this.clock.index, new Course(this.script, last.steps));
    this.told();
    this.notify('taken back');
  },

  told() {
    this.keep();
    this.tellChanges(this.taken.map(({ at, words, savedMs }) => ({ at, words, savedMs })));
    this.draw();
  },

  notify(words) {
    this.notice = `${words}: ${this.comesToEnd}`;
    clearTimeout(this.noticeGoes);
    this.noticeGoes = setTimeout(() => (this.notice = ''), 20_000);
  },

  /** Never one side without the other, unless it is asked for twice. */
  unlessUneven(key, course, words, actions) {
    const before = this.clock.course.uneven();
    const alone = course.uneven().filter((name) => !before.includes(name));
    if (alone.length && this.pending !== key) {
      this.pending = key;
      this.warning = `Done on one side only then: ${alone.join(', ')}. Press again to do it all the same.`;
      return;
    }
    this.pending = '';
    this.warning = '';
    this.take(course, words, actions);
  },

  dropPart(event) {
    const { part } = event.currentTarget.dataset;
    const one = this.ahead.find((each) => each.id === part);
    if (!one) return;
    this.unlessUneven(`out ${part}`, this.clock.course.withoutPart(this.clock.index, part), [`without ${one.name}`], [{ kind: 'out', node: part }]);
  },

  dropSection(event) {
    const section = Number(event.currentTarget.dataset.section);
    const parts = this.ahead.filter((one) => one.section === section);
    const course = parts.reduce((left, one) => left.withoutPart(this.clock.index, one.id), this.clock.course);
    const title = this.script.sections[section].title;
    this.unlessUneven(`section ${section}`, course, [`without what is left of ${title}`], parts.map((one) => ({ kind: 'out', node: one.id })));
  },

  fewerRounds() {
    const { flow } = this.moment;
    const course = this.clock.course.fewerRounds(this.clock.index, flow.id, flow.fewerBy);
    if (!course) return;
    const rounds = course.roundsOf(flow.id);
    this.take(course, [`${flow.name}: ${this.clock.course.roundsOf(flow.id)} rounds, now ${rounds}`], [{ kind: 'rounds', node: flow.id, rounds }]);
  },

  moreRounds() {
    const { flow } = this.moment;
    const course = this.clock.course.moreRounds(this.clock.index, flow.id, flow.fewerBy);
    if (!course) return;
    const rounds = course.roundsOf(flow.id);
    this.take(course, [`${flow.name}: ${this.clock.course.roundsOf(flow.id)} rounds, now ${rounds}`], [{ kind: 'rounds', node: flow.id, rounds }]);
  },

  stayLonger() {
    const counted = this.moment.breaths || this.moment.reps;
    const by = counted ? LONGER_BREATHS : MORE / 10_000;
    this.take(this.clock.course.longer(this.clock.index, by), [`${this.name}${this.moment.sideWords ? `, ${this.moment.sideWords}` : ''}: ${this.longerWords}`], []);
  },

  goStraight(event) {
    const of = Number(event.currentTarget.dataset.of);
    const place = this.clock.course.placeOf(of);
    if (place <= this.clock.index) return;
    const course = this.clock.course.straightTo(this.clock.index, place);
    const gone = this.ahead.filter((one) => !course.ahead(this.clock.index).some((left) => left.id === one.id));
    const { flow } = this.moment;
    const cut = flow && course.roundsOf(flow.id) < this.clock.course.roundsOf(flow.id) ? [{ kind: 'rounds', node: flow.id, rounds: Math.max(1, course.roundsOf(flow.id)) }] : [];
    const before = this.taken.length;
    this.unlessUneven(`to ${of}`, course, [`straight to ${this.clock.course.moments[place].name}`], [...gone.map((one) => ({ kind: 'out', node: one.id })), ...cut]);
    if (this.taken.length > before) this.next();
  },

  async takeLevel(event) {
    const { level } = event.currentTarget.dataset;
    const action = { kind: 'level', level };
    this.asking = true;
    const answer = await ask(`/room/${this.taught}/changes`, { at: this.moment.of, taken: this.actions, ask: action }, PATIENT);
    this.asking = false;
    if (!answer) this.warning = 'The other line comes from the server, which does not answer now.';
    else this.take(this.clock.course.goingOn(this.clock.index, answer.course), [`the ${level} line from here on`], [action]);
  },

  // --- what the page shows of it

  get ahead() {
    return this.moment ? this.clock.course.ahead(this.clock.index) : [];
  },
  /** By section, without the rest: that is not left out from here. */
  get aheadBySection() {
    const rest = this.script.restAt ?? Infinity;
    const sections = new Map();
    this.ahead.forEach((part) => {
      const here = sections.get(part.section) ?? { section: part.section, title: this.script.sections[part.section].title, isRest: 'false', parts: [] };
      here.isRest = String(part.of >= rest);
      here.parts.push({ ...part, takes: clockTime(part.ms), dropWords: `Leave out ${part.name}`, startWords: `Start ${part.name} next`, canDrop: part.of < rest });
      sections.set(part.section, here);
    });
    return [...sections.values()].map((here) => ({ ...here, canDrop: here.isRest === 'false', dropWords: `Leave out all of ${here.title}` }));
  },
  get offerLines() {
    return this.offer ? this.offer.changes.map(told) : [];
  },
  get hasOffer() {
    return this.offer !== null && this.offer.changes.length > 0;
  },
  get offerWords() {
    if (this.asking) return 'asking …';
    const late = this.lateMs;
    if (Math.abs(late) < ON_TIME) return 'It ends on time.';
    const how = `${minutes(late)} ${late > 0 ? 'late' : 'early'}`;
    if (!this.offer && this.unanswered) return `It ends ${how}. The server has not answered, and nothing that came with the page is for this moment; open this again to ask once more.`;
    if (!this.offer) return late > 0 ? `It ends ${how}, and what is left cannot be shortened from here.` : `It ends ${how}.`;
    if (!this.offer.changes.length) return `It ends ${how}, and nothing can be changed without the rest.`;
    const misses = Math.abs(this.offer.missesMs) <= ON_TIME + 15_000 ? '' : ` That still leaves ${minutes(this.offer.missesMs)} ${this.offer.missesMs > 0 ? 'late' : 'early'}.`;
    const source = this.offer.exact ? 'The least change that ends on time' : `The server has not answered. What came with the page for ${minutes(this.offer.forMs)} late at the next section`;
    return `${source}, ${this.offer.savedMs > 0 ? `${clockTime(this.offer.savedMs)} shorter` : `${clockTime(-this.offer.savedMs)} longer`}; the rest stays as it is.${misses}`;
  },
  get hasChanges() {
    return this.taken.length > 0;
  },
  get takenLines() {
    return this.taken.map((change) => change.words.join(' '));
  },
  get hasNotice() {
    return this.notice !== '';
  },
  get hasWarning() {
    return this.warning !== '';
  },
  get canFewer() {
    const flow = this.moment?.flow;
    return Boolean(flow && this.clock.course.fewerRounds(this.clock.index, flow.id, flow.fewerBy));
  },
  get canMore() {
    const flow = this.moment?.flow;
    return Boolean(flow && flow.fewerBy > 0 && this.clock.course.moreRounds(this.clock.index, flow.id, flow.fewerBy));
  },
  get fewerWords() {
    const flow = this.moment?.flow;
    return flow ? `${flow.fewerBy === 2 ? 'Two rounds' : 'A round'} less of ${flow.name}` : '';
  },
  get moreWords() {
    const flow = this.moment?.flow;
    return flow ? `${flow.fewerBy === 2 ? 'Two rounds' : 'A round'} more of ${flow.name}` : '';
  },
  get canStay() {
    return Boolean(this.moment && !this.moment.flow && this.moment.kind !== 'pause');
  },
  get longerWords() {
    if (this.moment?.breaths) return `${LONGER_BREATHS} breaths longer`;
    return this.moment?.reps ? `${LONGER_BREATHS} repetitions more` : 'a minute longer';
  },
  get stayWords() {
    return this.moment ? `Stay ${this.longerWords}` : '';
  },
  /** The peak and the rest, while they are to come. */
  get landmarks() {
    if (!this.moment) return [];
    const { peakAt, restAt } = this.script;
    return [[peakAt, 'Go to the peak'], [restAt, 'Go to the rest']]
      .filter(([of]) => of !== null && of !== undefined && this.clock.course.placeOf(of) > this.clock.index + 1)
      .map(([of, name]) => ({ of, name }));
  },
  get otherLevels() {
    return (this.script?.levels ?? []).map((level) => ({ level, words: `The ${level} line from here on` }));
  },
};
