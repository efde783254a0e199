// For those who look on: what the teacher's device tells, counted here between one telling and the next.
import * as counting from './counting.js';
import { nameOf } from './lines.js';
import * as pacer from './pacer.js';
import { RoomClock } from './room-clock.js';

const LOOK = 1_500;
const TICK = 100;

document.addEventListener('alpine:init', () => {
  Alpine.data('follow', () => ({
    clock: null,
    now: 0,
    offset: 0,
    over: false,
    lost: 0,

    init() {
      this.base = this.$root.dataset.base;
      this.look();
      setInterval(() => this.look(), LOOK);
      setInterval(() => this.tick(), TICK);
    },

    async look() {
      try {
        const answer = await fetch(`${this.base}/now`, { headers: { Accept: 'application/json' }, signal: AbortSignal.timeout(3000) });
        if (!answer.ok) throw new Error(String(answer.status));
        this.take(await answer.json());
        this.lost = 0;
      } catch {
        this.lost += 1;
      }
    },

    take(told) {
      this.over = told.over;
      if (!told.shown) {
        this.clock = null;
        return;
      }
      this.offset = told.now + told.ageMs - Date.now();
      const { momentStart, pausedInMoment, pausedAt } = told;
      this.clock = new RoomClock({ moments: [told.shown], inhale: told.shown.inhale }, { index: 0, classStart: momentStart, momentStart, pausedInMoment, pausedAt });
    },

    tick() {
      this.now = Date.now() + this.offset;
      if (!this.clock || !this.$refs.breath) return;
      pacer.draw(this.$refs.breath, this.moment, this.clock.counting(this.now));
    },

    get moment() {
      return this.clock?.moment ?? null;
    },
    get shows() {
      return this.moment !== null && !this.over && this.lost < 5;
    },
    get waits() {
      return !this.shows;
    },
    get waitWords() {
      if (this.over) return 'It is over.';
      return this.lost >= 5 ? 'The link has ended, or nothing is heard of the class.' : 'It has not begun.';
    },
    get counted() {
      if (!this.moment) return { phase: '', number: '' };
      if (this.clock.pausedAt !== null) return { phase: 'a pause', number: '' };
      return counting.counted(this.moment, this.clock.counting(this.now));
    },
    get phase() {
      return this.counted.phase;
    },
    get number() {
      return this.counted.number;
    },
    get name() {
      return nameOf(this.moment);
    },
    get side() {
      return this.moment?.side ?? '';
    },
    get hasSide() {
      return this.side !== '';
    },
    get letter() {
      return { left: 'L', right: 'R' }[this.side] ?? '';
    },
    get sideWords() {
      return this.moment?.sideWords ?? '';
    },
    /** As they do it themselves: their right is their right. */
    get figure() {
      return this.moment?.figure ? `${this.base}${this.moment.figure}` : '';
    },
    get hasFigure() {
      return this.figure !== '';
    },
    get spoken() {
      return [this.name, this.sideWords].filter(Boolean).join(', ');
    },
  }));
});
