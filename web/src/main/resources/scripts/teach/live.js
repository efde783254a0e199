// Where the class stands, told to the server, so that a second device can follow and take over, and others can look on.
import { ask } from './ask.js';

/** A device that was not heard of for longer does not teach any more. */
const HEARD = 30_000;
const BEAT = 10_000;
export const LOOK = 1_500;

/** One for each window: what it does is told apart from what another does. */
export function thisDevice(storage = sessionStorage) {
  const kept = storage.getItem('gurukram.device');
  const device = kept ?? crypto.randomUUID();
  if (!kept) storage.setItem('gurukram.device', device);
  return device;
}

/** What those who look on see of a moment: the pose, its side and its breath. */
export function shownOf(moment, script) {
  const { figures } = script;
  if (!moment) return null;
  const { kind, name, side, sideWords, leadInMs, workMs, breaths, reps, breath, phases, count } = moment;
  const { inhale } = script;
  const figure = typeof moment.figure === 'number' ? figures[moment.figure] : (moment.figure ?? '');
  return { kind, name, side, sideWords, leadInMs, workMs, breaths, reps, breath, phases, count, inhale, figure };
}

/** Part of the room's component. State: `follows`, whether another device teaches; `ahead of us` the difference of the clocks. */
export const live = {
  follows: false,
  offset: 0,
  lastTold: '',
  lastCourse: null,
  toldAt: 0,

  /** Whether the class is taught elsewhere right now; then this page follows it. */
  async lookForOther() {
    if (this.rehearses) return;
    const told = await ask(`/room/${this.taught}/live?course=true`);
    if (told?.device && told.device !== this.device && told.ageMs < HEARD) this.follow(told);
  },

  follow(told) {
    this.follows = true;
    this.offset = told.now + told.ageMs - this.own();
    const { course, ...rest } = this.clock.state();
    this.clock.restore({ ...rest, ...told.state, course: told.course === undefined ? course : told.course });
    this.said = told.said ?? this.said;
  },

  async followOn() {
    if (!this.follows) return;
    const told = await ask(`/room/${this.taught}/live?course=true`);
    if (!told?.device) return;
    if (told.device === this.device) this.follows = false;
    else this.follow(told);
  },

  /** From now on it is taught here, from where it stands. */
  async takeOver() {
    this.look();
    const told = await ask(`/room/${this.taught}/live`, this.whatIsTold(true));
    if (!told?.mine) return;
    this.clock.shift(-this.offset);
    this.offset = 0;
    this.follows = false;
    this.look();
    this.joinLog();
    this.keep();
    this.stayAwake();
  },

  whatIsTold(takeOver = false) {
    const { course, ...state } = this.clock.state();
    const text = JSON.stringify(course);
    const isNew = takeOver || text !== this.lastCourse;
    this.lastCourse = text;
    return { device: this.device, takeOver, now: Math.round(this.now), state, said: this.said, shown: shownOf(this.moment, this.script), course: isNew ? (course ?? []) : null };
  },

  /** Tells what is new, and now and then that it still goes on. */
  async tellLive() {
    if (this.follows || this.rehearses || this.clock.index < 0) return;
    const { index, pausedAt, endedAt } = this.clock;
    const told = JSON.stringify([index, pausedAt, endedAt, this.said.length, this.clock.course.totalMs]);
    if (told === this.lastTold && (endedAt !== null || this.now - this.toldAt < BEAT)) return;
    this.lastTold = told;
    this.toldAt = this.now;
    const answer = await ask(`/room/${this.taught}/live`, this.whatIsTold());
    // another device has taken it over
    if (answer && !answer.mine) await this.lookForOther();
  },

  async makeLink() {
    const answer = await ask(`/room/${this.taught}/guests`, {});
    this.guestLink = answer ? new URL(answer.link, window.location.href).href : '';
    this.guestWords = answer ? `Whoever opens it sees the pose, the side and the breath, until ${answer.until}.` : 'The server does not answer now.';
  },
  guestLink: '',
  guestWords: '',
  get hasLink() {
    return this.guestLink !== '';
  },
  get followsText() {
    return this.follows ? 'true' : 'false';
  },
};

