// The room's page: shows the clock, takes keys and taps, keeps its place in local storage, hands moments to the outbox.
import { clockTime } from '../shared/clock-time.js';
import * as outbox from '../shared/outbox.js';
import { RoomClock } from './room-clock.js';
import { minutesLate } from './end.js';
import { due, notSaid } from './prompts.js';
import { Steady } from './steady.js';

const TICK = 100;
const RESEND = 5000;

/** Everything the page needs stays with the browser, so that it can be loaded again without the server. */
async function stay(figures) {
  if (!navigator.serviceWorker) return;
  try {
    await navigator.serviceWorker.register('/room/worker.js');
    const { active } = await navigator.serviceWorker.ready;
    const parts = [...document.querySelectorAll('link[rel=stylesheet], script[src]')].map((part) => part.href || part.src);
    const fonts = performance.getEntriesByType('resource').map((entry) => entry.name).filter((name) => name.includes('/assets/'));
    active.postMessage({ keep: [window.location.pathname, ...new Set([...parts, ...fonts, ...figures])] });
  } catch {
    // without it the room goes on as long as it is not loaded again
  }
}

const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

document.addEventListener('alpine:init', () => {
  Alpine.data('room', () => ({
    clock: null,
    now: 0,
    unsent: 0,
    ending: false,
    owing: '',
    faces: localStorage.getItem('gurukram.room.faces') === 'yes',
    said: [],

    init() {
      this.taught = this.$root.dataset.taught;
      this.place = `gurukram.room.${this.taught}`;
      const kept = JSON.parse(localStorage.getItem(this.place) ?? 'null');
      const script = JSON.parse(document.getElementById('script').textContent);
      this.clock = new RoomClock(script, kept?.state ?? {});
      this.said = kept?.said ?? [];
      this.steady = new Steady();
      this.away = document.hidden;
      this.look();
      // A page that comes back stands where it was last seen, paused, so that nothing runs past unseen.
      if (this.clock.running) this.clock.pause(Math.min(kept.seen, this.now));
      this.unsent = outbox.waiting(this.taught);
      stay(script.figures ?? []);
      setInterval(() => this.tick(), TICK);
      setInterval(() => this.send(), RESEND);
      document.addEventListener('visibilitychange', () => {
        this.away = true;
        this.stayAwake();
      });
    },

    look() {
      this.now = Math.round(this.steady.now(this.away));
      this.away = document.hidden;
    },

    tick() {
      this.look();
      if (!this.clock.running) return;
      const entries = this.clock.advance(this.now);
      if (entries.length) this.logged(entries);
      this.keep();
      this.draw();
    },

    keep() {
      if (this.clock.endedAt !== null) localStorage.removeItem(this.place);
      else localStorage.setItem(this.place, JSON.stringify({ seen: this.now, state: this.clock.state(), said: this.said }));
    },

    draw() {
      if (!this.clock.running) return;
      const width = this.breathWidth();
      this.$refs.breath.setAttribute('x', String(500 - width / 2));
      this.$refs.breath.setAttribute('width', String(width));
    },

    /** Out from the spine on the inhale, back to it on the exhale. */
    breathWidth() {
      const at = this.clock.counting(this.now);
      if (at.phase === 'into' || still()) return 4;
      if (['hold', 'attempt'].includes(at.phase) && at.number) return 4 + 992 * (at.part < 0.5 ? at.part * 2 : 2 - at.part * 2);
      if (this.moment.breath === 'hold in') return 996;
      if (this.moment.breath === 'hold out') return 4;
      if (at.phase === 'movement') return 4 + 992 * (this.moment.breath === 'inhale' ? at.part : 1 - at.part);
      return 4 + 992 * at.part;
    },

    logged(entries) {
      entries.forEach((entry) => outbox.add(this.taught, entry));
      if (this.clock.endedAt !== null) outbox.end(this.taught, Math.round(this.clock.endedAt));
      this.unsent = outbox.waiting(this.taught);
      this.keep();
      this.send();
    },

    async send() {
      if (this.unsent > 0) await outbox.flush(this.taught, { sentAt: Math.round(this.steady.now(this.away)), jumped: this.steady.jumped });
      this.unsent = outbox.waiting(this.taught);
    },

    async stayAwake() {
      if (!navigator.wakeLock || document.hidden || !this.clock.running) return;
      try {
        await navigator.wakeLock.request('screen');
      } catch {
        // the screen may go dark; the class goes on
      }
    },

    begin() {
      this.look();
      this.clock.begin(this.now);
      outbox.begin(this.taught, this.now);
      this.keep();
      this.stayAwake();
    },

    go(outcome, by) {
      if (!this.clock.running) return;
      this.look();
      this.logged([this.clock.leave(this.now, outcome, this.clock.index + by)]);
      this.draw();
    },

    next() {
      this.go('done', 1);
    },

    back() {
      this.go('back', -1);
    },

    /** Never one side without the other: where the first was done, it takes a second press. */
    skip() {
      if (!this.clock.running) return;
      const owed = this.clock.owes();
      if (owed && !this.owing) {
        this.owing = owed;
        setTimeout(() => (this.owing = ''), 4000);
        return;
      }
      this.owing = '';
      this.look();
      this.logged(this.clock.leaveOut(this.now));
      this.draw();
    },

    togglePause() {
      if (!this.clock.running) return;
      this.look();
      if (this.clock.pausedAt === null) this.clock.pause(this.now);
      else this.clock.resume(this.now);
      this.keep();
    },

    /** Said: the first that waits, or the one that is pressed. */
    markSaid(event) {
      const id = event?.currentTarget?.dataset?.prompt ?? this.toSay[0]?.id;
      if (!id || this.said.includes(id)) return;
      this.said = [...this.said, id];
      outbox.said(this.taught, id);
      this.keep();
      this.unsent = outbox.waiting(this.taught);
      this.send();
    },

    /** Whoever faces the class shows everything the other way round; the words stay those of the people. */
    toggleFaces() {
      this.faces = !this.faces;
      localStorage.setItem('gurukram.room.faces', this.faces ? 'yes' : 'no');
    },

    because(event) {
      const { reason } = event.currentTarget.dataset;
      this.clock.reason = this.clock.reason === reason ? null : reason;
      this.keep();
    },

    toggleAuto() {
      this.clock.auto = !this.clock.auto;
      this.keep();
    },

    /** Ending early needs a second press, so that one slip of the hand does not end a class. */
    askEnd() {
      if (!this.ending) {
        this.ending = true;
        setTimeout(() => (this.ending = false), 4000);
        return;
      }
      this.go('done', this.clock.script.moments.length);
    },

    key(event) {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const onButton = event.target.closest('button, a');
      const actions = {
        ' ': onButton ? null : () => this.togglePause(),
        ArrowRight: () => this.next(),
        PageDown: () => this.next(),
        ArrowLeft: () => this.back(),
        PageUp: () => this.back(),
        s: () => this.skip(),
        a: () => this.toggleAuto(),
        f: () => this.fill(),
        t: () => this.markSaid(),
        m: () => this.toggleFaces(),
      };
      const action = actions[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!action || !this.clock.running) return;
      event.preventDefault();
      action();
    },

    fill() {
      if (document.fullscreenElement) document.exitFullscreen();
      else document.documentElement.requestFullscreen?.();
    },

    get moment() {
      return this.clock?.running ? this.clock.moment : null;
    },
    get following() {
      return this.moment ? this.clock.script.moments[this.clock.index + 1] : null;
    },
    get isReady() {
      return this.clock !== null && this.clock.index < 0;
    },
    get isRunning() {
      return this.moment !== null;
    },
    get isOver() {
      return this.clock !== null && this.clock.endedAt !== null;
    },
    get plannedLength() {
      return this.clock ? clockTime(this.clock.script.totalMs) : '';
    },
    get realLength() {
      return this.isOver ? clockTime(this.clock.endedAt - this.clock.classStart) : '';
    },
    get endsAt() {
      if (!this.clock) return '';
      const end = new Date(this.now + this.clock.script.totalMs);
      return `${String(end.getHours()).padStart(2, '0')}:${String(end.getMinutes()).padStart(2, '0')}`;
    },
    get sectionName() {
      return this.moment ? this.clock.script.sections[this.moment.section].title : '';
    },
    get name() {
      return !this.moment ? '' : this.moment.kind === 'pause' ? 'Pause' : this.moment.name;
    },
    get sanskrit() {
      return this.moment?.sanskrit ?? '';
    },
    get where() {
      return this.moment?.where ?? '';
    },
    get how() {
      return this.moment?.how ?? '';
    },

    get options() {
      return this.moment?.options ?? [];
    },

    get say() {
      return this.moment?.say ?? '';
    },
    get figure() {
      return this.drawn(this.moment);
    },
    get nextFigure() {
      return this.drawn(this.following);
    },
    get hasFigure() {
      return this.figure !== '';
    },
    get hasNextFigure() {
      return this.nextFigure !== '';
    },
    drawn(moment) {
      const at = this.faces ? moment?.shown : moment?.figure;
      return at === null || at === undefined ? '' : this.clock.script.figures[at];
    },
    get shows() {
      if (!this.faces || !this.moment?.side) return '';
      return `you show ${this.moment.side === 'left' ? 'right' : 'left'}`;
    },
    get facesText() {
      return this.faces ? 'true' : 'false';
    },
    get prompts() {
      return this.moment ? due(this.clock.script, this.clock.index, this.said) : [];
    },
    get toSay() {
      return [...this.prompts.filter((prompt) => prompt.said), ...this.forgotten];
    },
    get toKnow() {
      return this.prompts.filter((prompt) => !prompt.said);
    },
    get forgotten() {
      return this.moment ? notSaid(this.clock.script, this.clock.index, this.clock.planned(this.now), this.said) : [];
    },
    get hasForgotten() {
      return this.forgotten.length > 0;
    },
    get dueToSay() {
      return this.prompts.filter((prompt) => prompt.said);
    },

    get note() {
      return this.moment?.note ?? '';
    },
    get isLeft() {
      return this.moment?.side === 'left';
    },
    get isRight() {
      return this.moment?.side === 'right';
    },
    get hasSide() {
      return Boolean(this.moment?.side);
    },
    get sideWords() {
      return this.moment?.sideWords ?? '';
    },
    get phaseWords() {
      if (!this.moment) return '';
      if (this.clock.pausedAt !== null) return 'paused';
      const at = this.clock.counting(this.now);
      if (at.phase === 'into') return 'coming into it';
      if (at.phase === 'movement') return this.moment.breath?.replace(/^hold .*/, 'hold') ?? 'natural breath';
      if (at.phase === 'reps') return 'repetition';
      if (['hold', 'attempt'].includes(at.phase) && at.number) return at.part < 0.5 ? 'in' : 'out';
      return { hold: 'hold', open: 'open time', pause: 'rest', pattern: 'breathing, cycle', attempt: 'try', shown: 'watch first', own_pace: 'own pace' }[at.phase];
    },
    get count() {
      if (!this.moment) return '';
      const at = this.clock.counting(this.now);
      if (at.phase === 'into') return String(Math.ceil(at.left / 1000));
      return at.number ? `${at.number} of ${at.whole}` : '';
    },
    get momentLeft() {
      return this.moment ? clockTime(this.clock.left(this.now)) : '';
    },
    get classLeft() {
      return this.moment ? clockTime(this.clock.classLeft(this.now)) : '';
    },
    /** The end that is coming, and how far it is from the end that was meant. */
    get comesToEnd() {
      if (!this.moment) return '';
      const end = new Date(this.clock.endsAt(this.now));
      const at = `ends ${String(end.getHours()).padStart(2, '0')}:${String(end.getMinutes()).padStart(2, '0')}`;
      const late = minutesLate(end, this.clock.script.endsAt);
      if (late === null || late === 0) return at;
      return `${at}, ${Math.abs(late)} ${late > 0 ? 'late' : 'early'}`;
    },
    get behindMs() {
      return this.moment ? this.clock.behind(this.now) : 0;
    },
    get drift() {
      const seconds = Math.round(this.behindMs / 1000);
      if (Math.abs(seconds) < 5) return 'on time';
      return `${clockTime(Math.abs(seconds) * 1000)} ${seconds > 0 ? 'behind' : 'ahead'}`;
    },
    get driftClass() {
      return this.behindMs > 60000 ? 'late' : '';
    },
    get nextWords() {
      if (!this.moment) return '';
      const next = this.following;
      if (!next) return 'the end';
      const name = next.kind === 'pause' ? 'Pause' : next.name;
      return [name, next.sideWords, next.amount].filter(Boolean).join(' · ');
    },
    get isOwing() {
      return this.owing !== '';
    },
    get owingWords() {
      return this.owing ? `The ${this.owing} side was done. Press again to leave out the ${this.owing === 'left' ? 'right' : 'left'}.` : '';
    },
    get isPaused() {
      return this.moment !== null && this.clock.pausedAt !== null;
    },
    get reasons() {
      return this.$root.dataset.reasons.split('|').map((name) => ({ name, pressed: String(this.clock?.reason === name) }));
    },
    get pauseWords() {
      return this.clock?.pausedAt == null ? 'Pause' : 'Go on';
    },
    get pausedText() {
      return this.clock?.pausedAt == null ? 'false' : 'true';
    },
    get autoText() {
      return this.clock?.auto ? 'true' : 'false';
    },
    get autoWords() {
      return this.clock?.auto ? 'Goes on by itself' : 'Waits for me';
    },
    get endWords() {
      return this.ending ? 'Press again to end' : 'End class';
    },
    get hasUnsent() {
      return this.unsent > 3;
    },
    get unsentWords() {
      return `${this.unsent} moments wait to be sent`;
    },
    get sentWords() {
      return this.unsent === 0 ? 'Everything is in the logbook.' : 'The log waits on this device until the server answers.';
    },
    /** One sentence a moment, for those who listen to the page. */
    get spoken() {
      return this.moment ? [this.name, this.sideWords, this.moment.amount].filter(Boolean).join(', ') : '';
    },
  }));
});

outbox.watch();
