// Where the class stands at a given time: no screen, no storage, so that it can be reasoned about by itself.

import { Course } from './course.js';

const lengthOf = (moment) => moment.leadInMs + moment.workMs;

/** One breath: in, then out, by the part of it that is the inhale. */
function inBreath(part, inhale) {
  return part < inhale ? { breath: 'in', breathPart: part / inhale } : { breath: 'out', breathPart: (part - inhale) / (1 - inhale) };
}

/** One cycle of a pattern: which phase, and which of its counts, from 1. */
function inPattern(phases, part) {
  const counts = phases.reduce((sum, n) => sum + n, 0);
  let at = Math.min(part, 1 - 1e-9) * counts;
  const i = phases.findIndex((n) => {
    if (at < n) return true;
    at -= n;
    return false;
  });
  return { breath: ['in', 'hold in', 'out', 'hold out'][i], breathPart: at / phases[i], count: Math.floor(at + 1e-6) + 1, counts: phases[i] };
}

/** Less of a moment than this part was not done, it was passed by. */
const PASSED_BY = 0.25;

/** A class in the room: which moment, since when, how long paused. All times in ms. */
export class RoomClock {
  constructor(script, state) {
    this.script = script;
    this.restore(state);
  }

  restore(state) {
    const { course, ...rest } = state;
    Object.assign(
      this,
      { index: -1, classStart: null, origin: null, passedBy: 0, momentStart: null, pausedInMoment: 0, pausedAt: null, reason: null, endedAt: null, auto: true },
      rest,
    );
    this.course = new Course(this.script, course?.length ? course : null);
  }

  /** All its times by another clock. */
  shift(by) {
    ['classStart', 'origin', 'momentStart', 'pausedAt', 'endedAt'].forEach((time) => {
      if (this[time] !== null) this[time] += by;
    });
  }

  state() {
    const { index, classStart, origin, passedBy, momentStart, pausedInMoment, pausedAt, reason, endedAt, auto } = this;
    const course = this.course.isOwn ? null : this.course.steps;
    return { index, classStart, origin, passedBy, momentStart, pausedInMoment, pausedAt, reason, endedAt, auto, course };
  }

  get running() {
    return this.index >= 0 && this.endedAt === null;
  }

  get moments() {
    return this.course.moments;
  }

  get moment() {
    return this.moments[this.index];
  }

  /** The one that comes next, without what is left out; null before the end. */
  get following() {
    return this.moments.slice(this.index + 1).find((moment) => !moment.out) ?? null;
  }

  /** @param origin when it should have begun; the clock counts from there */
  begin(now, origin = now) {
    Object.assign(this, { index: 0, classStart: now, origin, passedBy: 0, momentStart: now, pausedInMoment: 0, pausedAt: null });
    this.index = this.kept(0, 1);
  }

  /** The nearest place from here on that is not left out. */
  kept(index, by) {
    let at = index;
    while (this.moments[at]?.out) at += by;
    return at;
  }

  /** Time spent in this moment, pauses left out. */
  elapsed(now) {
    return Math.max(0, (this.pausedAt ?? now) - this.momentStart - this.pausedInMoment);
  }

  left(now) {
    return lengthOf(this.moment) - this.elapsed(now);
  }

  /** How far the plan has been followed. */
  planned(now) {
    return this.moment.startMs + Math.min(this.elapsed(now), lengthOf(this.moment));
  }

  /** Positive when the class is behind its plan; what was passed by is no time won. */
  behind(now) {
    return now - (this.origin ?? this.classStart) - this.planned(now) + this.passedBy;
  }

  /** When it will be over if nothing is shortened. */
  endsAt(now) {
    return now + this.classLeft(now);
  }

  classLeft(now) {
    return this.course.totalMs - this.planned(now);
  }

  pause(now) {
    if (this.pausedAt === null) this.pausedAt = now;
  }

  resume(now) {
    if (this.pausedAt === null) return;
    this.pausedInMoment += now - this.pausedAt;
    this.pausedAt = null;
  }

  /**
   * What the moment is doing: getting into it, then counting; which breath or repetition, how far into it (0 to 1), and for breaths
   * whether they go in or out or are held.
   */
  counting(now) {
    const moment = this.moment;
    const work = this.elapsed(now) - moment.leadInMs;
    if (work < 0) return { phase: 'into', left: -work };
    const through = Math.min(1, work / Math.max(1, moment.workMs));
    const whole = ['hold', 'reps', 'pattern', 'attempt', 'rest'].includes(moment.kind) ? (moment.breaths ?? moment.reps) : null;
    if (!whole) return { phase: moment.kind, part: through, through, left: Math.max(0, moment.workMs - work) };
    const one = moment.workMs / whole;
    const number = Math.min(whole, Math.floor(work / one) + 1);
    const part = Math.min(1, (work - (number - 1) * one) / one);
    const at = { phase: moment.kind, number, whole, part, through, left: Math.max(0, moment.workMs - work) };
    if (moment.phases?.length) return { ...at, ...inPattern(moment.phases, part) };
    return moment.breaths ? { ...at, ...inBreath(part, (this.script.inhale ?? 500) / 1000) } : at;
  }

  /** Breaths, repetitions or movements wholly done in this moment; null where nothing is counted. */
  done(now) {
    const moment = this.moment;
    if (['pause', 'open', 'shown', 'own_pace'].includes(moment.kind)) return null;
    const whole = moment.kind === 'movement' ? 1 : (moment.breaths ?? moment.reps);
    if (!whole) return null;
    const work = this.elapsed(now) - moment.leadInMs;
    return Math.max(0, Math.min(whole, Math.floor((work * whole) / Math.max(1, moment.workMs) + 1e-6)));
  }

  /** Leaves the moment for another, what is left out on the way with it; answers what is to be logged. */
  leave(now, outcome, to) {
    const end = this.pausedAt ?? now;
    const moment = this.moment;
    const entries = [
      {
        ordinal: moment.of,
        startedAt: Math.round(this.momentStart),
        endedAt: Math.round(Math.max(now, this.momentStart)),
        pausedMs: Math.round(this.pausedInMoment + (now - end)),
        count: this.done(now),
        outcome,
        waited: !this.auto,
        plannedMs: Math.round(lengthOf(moment)),
        ...(this.reason && { reason: this.reason }),
      },
    ];
    const forward = to > this.index;
    const passed = forward && (outcome === 'skipped' || this.elapsed(now) < lengthOf(moment) * PASSED_BY);
    if (passed) this.passedBy += lengthOf(moment) - Math.min(lengthOf(moment), this.elapsed(now));
    this.reason = null;
    this.pausedInMoment = 0;
    if (this.pausedAt !== null) this.pausedAt = now;
    this.momentStart = now;
    const at = Math.round(now);
    // what an end cuts off is not left out: it may go on yet
    const cut = to >= this.moments.length;
    for (let i = this.index + 1; forward && i < this.moments.length && (i < to || this.moments[i].out); i += 1) {
      const { of, again, out } = this.moments[i];
      if (!again && (out || !cut)) entries.push({ ordinal: of, startedAt: at, endedAt: at, pausedMs: 0, count: null, outcome: 'skipped' });
    }
    const place = forward ? this.kept(to, 1) : this.kept(to, -1);
    if (place >= this.moments.length) this.endedAt = now;
    else this.index = this.kept(Math.max(0, place), 1);
    return entries;
  }

  /** It was ended by accident: it goes on where it stood. */
  goOn(now) {
    this.pausedAt = this.endedAt;
    this.momentStart = this.endedAt;
    this.endedAt = null;
    if (this.pausedAt > now) this.pausedAt = now;
  }

  /** Outside flows a step stands in moments that follow each other: its sides, its sets. */
  sameStep(index) {
    const other = this.moments[index];
    return Boolean(other) && !other.out && !this.moment.flow && other.node === this.moment.node;
  }

  /** The side of this step that was done already, so that leaving out this one leaves people uneven; empty when none was. */
  owes() {
    const before = this.moments[this.index - 1];
    const one = this.moment.side && this.sameStep(this.index - 1) && before.side && before.side !== this.moment.side;
    return one ? before.side : '';
  }

  /** Leaves a step out: with its first side the second too. Answers what is to be logged. */
  leaveOut(now) {
    const first = !this.sameStep(this.index - 1);
    const { node } = this.moment;
    const entries = [];
    do {
      const more = first && this.sameStep(this.index + 1);
      entries.push(...this.leave(now, 'skipped', this.index + 1));
      if (!more) break;
    } while (this.running && this.moment.node === node);
    return entries;
  }

  /** Moves on by itself through every moment whose time is over; answers their log entries. */
  advance(now) {
    const entries = [];
    while (this.running && this.auto && this.pausedAt === null && this.left(now) <= 0) {
      const end = this.momentStart + this.pausedInMoment + lengthOf(this.moment);
      entries.push(...this.leave(end, 'done', this.index + 1));
    }
    return entries;
  }
}
