// Where the class stands at a given time: no screen, no storage, so that it can be reasoned about by itself.

const lengthOf = (moment) => moment.leadInMs + moment.workMs;

/** A class in the room: which moment, since when, how long paused. All times in ms. */
export class RoomClock {
  constructor(script, state) {
    this.script = script;
    Object.assign(
      this,
      { index: -1, classStart: null, momentStart: null, pausedInMoment: 0, pausedAt: null, reason: null, endedAt: null, auto: true },
      state,
    );
  }

  state() {
    const { index, classStart, momentStart, pausedInMoment, pausedAt, reason, endedAt, auto } = this;
    return { index, classStart, momentStart, pausedInMoment, pausedAt, reason, endedAt, auto };
  }

  get running() {
    return this.index >= 0 && this.endedAt === null;
  }

  get moment() {
    return this.script.moments[this.index];
  }

  begin(now) {
    Object.assign(this, { index: 0, classStart: now, momentStart: now, pausedInMoment: 0, pausedAt: null });
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

  /** Positive when the class is behind its plan. */
  behind(now) {
    return now - this.classStart - this.planned(now);
  }

  /** When it will be over if nothing is shortened. */
  endsAt(now) {
    return now + this.classLeft(now);
  }

  classLeft(now) {
    return this.script.totalMs - this.planned(now);
  }

  pause(now) {
    if (this.pausedAt === null) this.pausedAt = now;
  }

  resume(now) {
    if (this.pausedAt === null) return;
    this.pausedInMoment += now - this.pausedAt;
    this.pausedAt = null;
  }

  /** What the moment is doing: getting into it, then counting; which breath or repetition, and how far into it (0 to 1). */
  counting(now) {
    const moment = this.moment;
    const work = this.elapsed(now) - moment.leadInMs;
    if (work < 0) return { phase: 'into', left: -work };
    const whole = ['hold', 'reps', 'pattern', 'attempt'].includes(moment.kind) ? (moment.breaths ?? moment.reps) : null;
    if (!whole) return { phase: moment.kind, part: Math.min(1, work / Math.max(1, moment.workMs)) };
    const one = moment.workMs / whole;
    const number = Math.min(whole, Math.floor(work / one) + 1);
    return { phase: moment.kind, number, whole, part: Math.min(1, (work - (number - 1) * one) / one) };
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

  /** Leaves the moment for another; answers what is to be logged of it. */
  leave(now, outcome, to) {
    const end = this.pausedAt ?? now;
    const entry = {
      ordinal: this.index,
      startedAt: Math.round(this.momentStart),
      endedAt: Math.round(Math.max(now, this.momentStart)),
      pausedMs: Math.round(this.pausedInMoment + (now - end)),
      count: this.done(now),
      outcome,
      ...(this.reason && { reason: this.reason }),
    };
    this.reason = null;
    this.pausedInMoment = 0;
    if (this.pausedAt !== null) this.pausedAt = now;
    this.momentStart = now;
    if (to >= this.script.moments.length) this.endedAt = now;
    else this.index = Math.max(0, to);
    return entry;
  }

  /** Outside flows a step stands in moments that follow each other: its sides, its sets. */
  sameStep(index) {
    const other = this.script.moments[index];
    return Boolean(other) && !this.moment.where?.includes('round') && other.node === this.moment.node;
  }

  /** The side of this step that was done already, so that leaving out this one leaves people uneven; empty when none was. */
  owes() {
    const before = this.script.moments[this.index - 1];
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
      entries.push(this.leave(now, 'skipped', this.index + 1));
      if (!more) break;
    } while (this.running && this.moment.node === node);
    return entries;
  }

  /** Moves on by itself through every moment whose time is over; answers their log entries. */
  advance(now) {
    const entries = [];
    while (this.running && this.auto && this.pausedAt === null && this.left(now) <= 0) {
      const end = this.momentStart + this.pausedInMoment + lengthOf(this.moment);
      entries.push(this.leave(end, 'done', this.index + 1));
    }
    return entries;
  }
}
