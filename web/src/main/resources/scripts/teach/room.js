// The room's page: shows the clock, takes keys and taps, keeps its place in local storage, hands moments to the outbox.
import { clockTime } from '../shared/clock-time.js';
import * as outbox from '../shared/outbox.js';
import { ask } from './ask.js';
import { changes } from './changes.js';
import * as counting from './counting.js';
import { meantAt, minutesLate } from './end.js';
import { feel } from './feel.js';
import * as lines from './lines.js';
import { LOOK, live, thisDevice } from './live.js';
import * as pacer from './pacer.js';
import { due, notSaid } from './prompts.js';
import { rehearsal } from './rehearsal.js';
import { RoomClock } from './room-clock.js';
import * as settings from './settings.js';
import { Steady } from './steady.js';
import { Bell, Voice } from './voice.js';

const TICK = 100;
const RESEND = 5000;
/** How long the words of the way in stand there once people are in. */
const WAY_IN = 8_000;
const DAY = 24 * 60 * 60_000;
const PLACE = 'gurukram.room.';
const ANSWERS = 'gurukram.answers.';
const FEELINGS = 'gurukram.feelings.';
const MUCH = { all: 'all words', brief: 'short words', breath: 'breath only', none: 'no words' };

/** Everything the page needs stays with the browser, so that it can be loaded again without the server. */
async function stay(more) {
  if (!navigator.serviceWorker) return;
  try {
    await navigator.serviceWorker.register('/room/worker.js');
    const { active } = await navigator.serviceWorker.ready;
    const parts = [...document.querySelectorAll('link[rel=stylesheet], script[src]')].map((part) => part.href || part.src);
    const fonts = performance.getEntriesByType('resource').map((entry) => entry.name).filter((name) => name.includes('/assets/'));
    active.postMessage({ keep: [window.location.pathname, ...new Set([...parts, ...fonts, ...more])] });
  } catch {
    // without it the room goes on as long as it is not loaded again
  }
}

/** Places of classes that were taught long ago are of no use to anybody. */
function forget(now) {
  Object.keys(localStorage)
    .filter((key) => /^gurukram\.room\.[0-9a-f-]{36}$/.test(key))
    .forEach((key) => {
      const kept = JSON.parse(localStorage.getItem(key));
      if (!(now - kept.seen < DAY)) localStorage.removeItem(key);
    });
  Object.keys(localStorage)
    .filter((key) => [ANSWERS, FEELINGS].some((kept) => key.startsWith(kept) && !localStorage.getItem(key.replace(kept, PLACE))))
    .forEach((key) => localStorage.removeItem(key));
}

const toMinute = (ms) => Math.round(ms / 60_000) * 60_000;
const timeOf = (ms) => {
  const at = new Date(ms);
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
};

/** One component of several parts, their getters kept as they are. */
const together = (...parts) => parts.reduce((all, part) => Object.defineProperties(all, Object.getOwnPropertyDescriptors(part)), {});

const room = {
  clock: null,
  script: null,
  now: 0,
  unsent: 0,
  ending: false,
  owing: '',
  said: [],
  settings: settings.read(),
  wasChanged: false,

  async init() {
    this.taught = this.$root.dataset.taught;
    this.rehearses = this.$root.dataset.rehearses ?? '';
    this.device = thisDevice();
    this.voice = new Voice();
    this.bell = new Bell();
    this.spokenNow = '';
    this.steady = new Steady();
    this.away = document.hidden;
    this.look();
    forget(this.now);
    this.script = Object.freeze(JSON.parse(document.getElementById('script').textContent));
    const kept = this.rehearses ? null : JSON.parse(localStorage.getItem(PLACE + this.taught) ?? 'null');
    this.clock = new RoomClock(this.script, kept?.state ?? {});
    this.said = kept?.said ?? [];
    this.taken = kept?.taken ?? [];
    this.answers = JSON.parse(localStorage.getItem(ANSWERS + this.taught) ?? '[]');
    if (this.rehearses === 'finger') this.clock.auto = false;
    this.comeBack(kept);
    this.unsent = outbox.waiting(this.taught);
    outbox.whenChanged(() => (this.wasChanged = true));
    setInterval(() => this.tick(), TICK);
    document.addEventListener('visibilitychange', () => {
      this.away = true;
      this.stayAwake();
    });
    if (this.rehearses) return;
    stay([...(this.script.figures ?? []), ...Object.values(this.script.felt ?? {}).map((felt) => felt.map)]);
    setInterval(() => this.send(), RESEND);
    setInterval(() => this.followOn(), LOOK);
    setInterval(() => this.tellLive(), LOOK);
    if (this.clock.endedAt === null) await this.lookForOther();
    await this.fetchFeelings();
    if (!this.answers.length) await this.fetchAnswers();
  },

  /** What to do about what somebody feels, for a time without the server. */
  async fetchFeelings() {
    this.feelSheet = Object.freeze(JSON.parse(localStorage.getItem(FEELINGS + this.taught) ?? 'null') ?? (await ask(`/room/${this.taught}/feelings`, undefined, 20_000)));
    try {
      if (this.feelSheet) localStorage.setItem(FEELINGS + this.taught, JSON.stringify(this.feelSheet));
    } catch {
      // it lasts as long as the page
    }
  },

  /** What is worked out for a time without the server; too much for a full storage is done without. */
  async fetchAnswers() {
    this.answers = Object.freeze((await ask(`/room/${this.taught}/answers`, undefined, 60_000)) ?? []);
    try {
      localStorage.setItem(ANSWERS + this.taught, JSON.stringify(this.answers));
    } catch {
      // they last as long as the page
    }
  },

  /** A page that comes back stands where it was last seen, paused, so that nothing runs past unseen. */
  comeBack(kept) {
    const { reached, started } = this.$root.dataset;
    // the class was taken back from the logbook
    if (this.clock.endedAt !== null && outbox.waiting(this.taught) === 0 && started) {
      this.clock.goOn(this.now);
      outbox.reopen(this.taught, this.clock.classStart);
    } else if (this.clock.running) this.clock.pause(Math.min(kept.seen, this.now));
    else if (!kept && started && Number(reached) < this.clock.moments.length) {
      this.clock.begin(Number(started), meantAt(this.script.starts, Number(started)) ?? Number(started));
      Object.assign(this.clock, { index: this.clock.kept(Number(reached), 1), momentStart: this.now, pausedAt: this.now });
      outbox.reopen(this.taught, Number(started));
    }
  },

  /** The time as this device tells it, and as fast as it is rehearsed. */
  own() {
    const time = Math.round(this.steady.now(this.away));
    this.away = document.hidden;
    if (this.speed === 1) return time;
    this.firstSeen ??= time;
    return this.firstSeen + (time - this.firstSeen) * this.speed;
  },

  look() {
    this.now = this.own() + this.offset;
  },

  tick() {
    this.look();
    if (!this.clock.running) return;
    if (!this.follows) {
      const entries = this.clock.advance(this.now);
      if (entries.length) this.logged(entries);
      this.keep();
    }
    this.draw();
    this.speak();
  },

  keep() {
    if (this.rehearses || this.follows) return;
    const { now: seen, said, taken } = this;
    localStorage.setItem(PLACE + this.taught, JSON.stringify({ seen, state: this.clock.state(), said, taken }));
  },

  draw() {
    if (this.clock.running) pacer.draw(this.$refs.breath, this.moment, this.clock.counting(this.now));
  },

  /** What is heard: the moment when it begins, then what is counted; a bell when something new begins. */
  speak() {
    const { voice, bell } = this.settings;
    if ((!voice.on && !bell.on) || this.clock.pausedAt !== null) return;
    const moment = this.clock.moment;
    const key = `${this.clock.index}`;
    if (key !== this.heardMoment) {
      const before = this.heardMoment === undefined ? null : this.clock.moments[Number(this.heardMoment)];
      this.heardMoment = key;
      this.heardCount = '';
      if (bell.on) this.ring(before, moment, bell.volume);
      if (!voice.on) return;
      const theme = voice.theme ? this.dueToSay.map((prompt) => prompt.words) : [];
      this.voice.say([lines.spokenAt(moment, voice), this.rehearses === '1' ? this.say : '', ...theme].filter(Boolean).join('. '), voice);
      return;
    }
    if (!voice.on || !voice.counts) return;
    const words = counting.aloud(moment, this.clock.counting(this.now), this.settings.counts);
    if (words !== this.heardCount) {
      this.heardCount = words;
      this.voice.say(words, voice, true);
    }
  },

  /** Not at every movement of a flow; twice at the end of a rest. */
  ring(before, moment, volume) {
    const rested = before && ['rest', 'pause'].includes(before.kind);
    const inFlow = before?.flow && moment.flow && before.flow.id === moment.flow.id;
    if (before && !inFlow) this.bell.ring(volume, rested || (before.of >= (this.script.restAt ?? Infinity) && before.section !== moment.section) ? 2 : 1);
  },

  logged(entries) {
    if (this.rehearses) {
      if (this.clock.endedAt !== null) this.voice.hush();
      return;
    }
    entries.forEach((entry) => outbox.add(this.taught, entry));
    if (this.clock.endedAt !== null) outbox.end(this.taught, Math.round(this.clock.endedAt));
    this.unsent = outbox.waiting(this.taught);
    this.keep();
    this.send();
    this.tellLive();
  },

  async send() {
    if (this.unsent > 0) await outbox.flush(this.taught, { sentAt: Math.round(this.steady.now(this.away)), jumped: this.steady.jumped });
    this.unsent = outbox.waiting(this.taught);
  },

  tellChanges(list) {
    if (this.rehearses) return;
    outbox.changed(this.taught, list);
    this.unsent = outbox.waiting(this.taught);
    this.send();
    this.tellLive();
  },

  /** A device that takes over writes on in the same log. */
  joinLog() {
    outbox.begin(this.taught, Math.round(this.clock.classStart));
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
    const meant = this.rehearses ? null : meantAt(this.script.starts, this.now);
    this.clock.begin(this.now, meant !== null && meant < this.now ? meant : this.now);
    if (!this.rehearses) outbox.begin(this.taught, this.now);
    this.keep();
    this.stayAwake();
    this.tellLive();
  },

  go(outcome, by) {
    if (!this.clock.running || this.follows) return;
    this.look();
    if (by > 0) this.stayed();
    this.logged(this.clock.leave(this.now, outcome, this.clock.index + by));
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
    if (!this.clock.running || this.follows) return;
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
    if (!this.clock.running || this.follows) return;
    this.look();
    if (this.clock.pausedAt === null) this.clock.pause(this.now);
    else this.clock.resume(this.now);
    this.voice.hush();
    this.keep();
    this.tellLive();
  },

  /** Said: the first that waits, or the one that is pressed. */
  markSaid(event) {
    const id = event?.currentTarget?.dataset?.prompt ?? this.toSay[0]?.id;
    if (!id || this.said.includes(id) || this.follows) return;
    this.said = [...this.said, id];
    if (this.rehearses) return;
    outbox.said(this.taught, id);
    this.keep();
    this.unsent = outbox.waiting(this.taught);
    this.send();
  },

  set(other) {
    this.settings = { ...this.settings, ...other };
    settings.write(this.settings);
  },

  /** Whoever faces the class shows everything the other way round; the words stay those of the people. */
  toggleFaces() {
    this.set({ faces: !this.settings.faces });
  },

  /** As many words as she wants to see, one step less each time. */
  lessWords() {
    const all = Object.keys(MUCH);
    this.set({ words: all[(all.indexOf(this.settings.words) + 1) % all.length] });
  },

  toggleVoice() {
    this.set({ voice: { ...this.settings.voice, on: !this.settings.voice.on } });
    this.voice.hush();
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
    if (this.follows) return;
    if (!this.ending) {
      this.ending = true;
      setTimeout(() => (this.ending = false), 4000);
      return;
    }
    this.ending = false;
    this.look();
    const moment = this.clock.leave(this.now, 'done', this.clock.moments.length);
    this.logged(moment);
  },

  /** It was ended by accident: it goes on where it stood. */
  async goOn() {
    if (this.unsent === 0 && !this.rehearses) await ask(`/room/${this.taught}/again`, {});
    this.look();
    if (!this.rehearses) outbox.reopen(this.taught, Math.round(this.clock.classStart));
    this.clock.goOn(this.now);
    this.keep();
    this.tellLive();
  },

  /** Where it is felt and where it must not be. */
  /** What somebody said goes to the log: words of a list, no names. */
  noteFeel() {
    if (!this.feelReply) return;
    outbox.felt(this.taught, {
      ordinal: this.feels.of, how: this.feelHow, spot: this.feelPlace, side: this.feelSided && this.feelOn ? this.feelOn : null, did: this.feelReply.verdict,
    });
    this.feelNoted = 'In the log.';
    this.send();
  },
  /** Keys belong to the class again. */
  backToRoom() {
    this.$refs.middle.focus({ preventScroll: true, focusVisible: false });
  },
  openMore() {
    this.$refs.more.showModal();
  },
  closeMore() {
    this.$refs.more.close();
  },

  key(event) {
    if (event.target.closest?.('dialog, input, textarea')) return;
    const action = settings.actionOf(this.settings.keys, event);
    if (!action || !this.clock.running || this.follows) return;
    // a button that was reached by the keyboard is pressed by it; one that was tapped keeps no key for itself
    const pressed = event.target.closest?.('button, a')?.matches(':focus-visible') && [' ', 'Enter'].includes(event.key);
    const scrolls = event.target.closest?.('.room-middle') && ['ArrowUp', 'ArrowDown'].includes(event.key);
    if (pressed || scrolls) return;
    event.preventDefault();
    const does = {
      next: () => this.next(),
      back: () => this.back(),
      pause: () => this.togglePause(),
      said: () => this.markSaid(),
      skip: () => this.skip(),
      change: () => this.openChanges(),
      undo: () => this.undoChange(),
      auto: () => this.toggleAuto(),
      faces: () => this.toggleFaces(),
      words: () => this.lessWords(),
      feel: () => this.openFeel(),
      voice: () => this.toggleVoice(),
      fill: () => this.fill(),
      stumble: () => this.stumble(),
    };
    does[action]();
  },

  fill() {
    if (document.fullscreenElement) document.exitFullscreen();
    else document.documentElement.requestFullscreen?.();
  },

  get moment() {
    return this.clock?.running ? this.clock.moment : null;
  },
  get following() {
    return this.moment ? this.clock.following : null;
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
    return this.clock ? clockTime(this.script.totalMs) : '';
  },
  get realLength() {
    return this.isOver ? clockTime(this.clock.endedAt - this.clock.classStart) : '';
  },
  get endsAt() {
    return this.clock ? timeOf(toMinute(this.now + this.script.totalMs)) : '';
  },
  get sectionName() {
    return this.moment ? this.script.sections[this.moment.section].title : '';
  },
  get name() {
    return lines.nameOf(this.moment);
  },
  get sanskrit() {
    return this.moment?.sanskrit ?? '';
  },
  get where() {
    return this.moment ? [this.moment.where, counting.among(this.moment)].filter(Boolean).join(' · ') : '';
  },
  get stages() {
    return this.moment ? counting.stages(this.moment) : [];
  },
  get hasStages() {
    return this.stages.length > 0;
  },
  get flowLine() {
    return this.moment ? lines.around(lines.flowLine(this.clock.moments, this.clock.index)) : [];
  },
  get hasFlowLine() {
    return this.flowLine.length > 1;
  },
  get how() {
    return [this.moment?.how, this.moment?.stand].filter(Boolean).join(' · ');
  },

  get options() {
    return this.moment?.options ?? [];
  },

  get say() {
    const isIn = this.moment && this.moment.leadInMs > 0 && this.clock.elapsed(this.now) > this.moment.leadInMs + WAY_IN;
    // who is in the pose needs no way in
    return lines.words(this.moment, isIn && this.settings.words === 'all' && this.moment.kind !== 'movement' ? 'brief' : this.settings.words);
  },
  get muchWords() {
    return MUCH[this.settings.words];
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
    const at = this.settings.faces ? moment?.shown : moment?.figure;
    if (at === null || at === undefined) return '';
    return typeof at === 'number' ? this.script.figures[at] : at;
  },
  get shows() {
    if (!this.settings.faces || !this.moment?.side) return '';
    return `you show ${this.moment.side === 'left' ? 'right' : 'left'}`;
  },
  get facesText() {
    return this.settings.faces ? 'true' : 'false';
  },
  get prompts() {
    return this.moment ? due(this.script, this.clock.course, this.clock.index, this.said) : [];
  },
  get toSay() {
    return [...this.prompts.filter((prompt) => prompt.said), ...this.forgotten];
  },
  get toKnow() {
    return this.prompts.filter((prompt) => !prompt.said);
  },
  get forgotten() {
    return this.moment ? notSaid(this.script, this.clock.course, this.clock.index, this.clock.planned(this.now), this.said) : [];
  },
  get hasForgotten() {
    return this.forgotten.length > 0;
  },
  get dueToSay() {
    return this.prompts.filter((prompt) => prompt.said);
  },

  get feelOf() {
    return this.moment?.pose ? (this.script.felt?.[this.moment.pose] ?? null) : null;
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
  get counted() {
    return this.moment ? counting.counted(this.moment, this.clock.counting(this.now), this.settings.counts) : { phase: '', number: '', more: '' };
  },
  get phaseWords() {
    return this.moment && this.clock.pausedAt !== null ? 'paused' : this.counted.phase;
  },
  get count() {
    return this.counted.number;
  },
  get countMore() {
    return this.counted.more;
  },
  get momentLeft() {
    return this.moment ? clockTime(this.clock.left(this.now)) : '';
  },
  get classLeft() {
    return this.moment ? clockTime(this.clock.classLeft(this.now)) : '';
  },
  /** How much later than it should it will end, ms; with a minus earlier. */
  get lateMs() {
    if (!this.moment) return 0;
    const end = this.clock.endsAt(this.now);
    return end - (meantAt(this.script.endsAt, end) ?? this.clock.classStart + this.script.totalMs);
  },
  /** The end that is coming, and how far it is from the end that was meant. */
  get comesToEnd() {
    if (!this.moment) return '';
    const end = new Date(toMinute(this.clock.endsAt(this.now)));
    const at = `ends ${timeOf(end)}`;
    const late = minutesLate(end, this.script.endsAt);
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
    return [lines.nameOf(next), next.sideWords, next.amount].filter(Boolean).join(' · ');
  },
  get isOwing() {
    return this.owing !== '';
  },
  get owingWords() {
    return this.owing ? `The ${this.owing} side was done. Press again to leave out the ${this.owing === 'left' ? 'right' : 'left'}.` : '';
  },
  get isPaused() {
    return this.moment !== null && this.clock.pausedAt !== null && !this.follows && this.isReal;
  },
  get reasons() {
    return (this.$root.dataset.reasons || '').split('|').map((name) => ({ name, pressed: String(this.clock?.reason === name) }));
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
  get voiceText() {
    return this.settings.voice.on ? 'true' : 'false';
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
  /** The keys as they are on this device, for those who have not learnt them yet. */
  get keyWords() {
    const does = { pause: 'pauses', next: 'next', back: 'back', skip: 'leaves one out', change: 'changes what follows', undo: 'takes that back', said: 'said', words: 'fewer words', faces: 'the other way round', feel: 'what is felt', auto: 'goes on by itself or waits', voice: 'voice', fill: 'fills the screen' };
    return Object.entries(does).map(([action, words]) => `${settings.keyName(this.settings.keys[action][0] ?? '')} ${words}`).join(' · ');
  },
  /** One sentence a moment, for those who listen to the page. */
  get spoken() {
    return this.moment ? [this.name, this.sideWords, this.moment.amount].filter(Boolean).join(', ') : '';
  },
};

document.addEventListener('alpine:init', () => {
  Alpine.data('room', () => together(room, feel, changes, live, rehearsal));
});

outbox.watch();
