// How a class goes on: the moments of its script as they are now, those that were left out among them. A course is never changed,
// only replaced, so that a change can be taken back.

const lengthOf = (moment) => (moment.out ? 0 : moment.leadInMs + moment.workMs);

export class Course {
  /** @param steps each { of: which moment of the script, again, out, line: what is different about it }; null is the script itself */
  constructor(script, steps = null) {
    this.script = script;
    this.steps = steps ?? script.moments.map((_, of) => ({ of }));
    let at = 0;
    this.moments = this.steps.map((step) => {
      const moment = { ...script.moments[step.of], ...step.line, of: step.of, again: Boolean(step.again), out: Boolean(step.out), startMs: at };
      at += lengthOf(moment);
      return moment;
    });
    this.totalMs = at;
    // nothing in it changes, so that nobody needs to watch it
    Object.freeze(this);
  }

  get isOwn() {
    return this.steps.every((step, i) => step.of === i && !step.out && !step.again && !step.line);
  }

  with(steps) {
    return new Course(this.script, steps);
  }

  /** Those after a place for which something holds are left out. */
  without(index, test) {
    return this.with(this.steps.map((step, i) => (i > index && test(this.moments[i]) ? { ...step, out: true } : step)));
  }

  /** What follows a place is told anew, as the server worked it out: what it does not name is left out. */
  goingOn(index, tail) {
    const named = new Set(tail.filter((step) => !step.again).map((step) => step.of));
    const left = this.steps.slice(index + 1).filter((step) => !step.again && !named.has(step.of)).map(({ of }) => ({ of, out: true }));
    const after = [];
    tail.forEach((step) => {
      while (!step.again && left.length && left[0].of < step.of) after.push(left.shift());
      after.push({ of: step.of, ...(step.again && { again: true }), ...(step.line && { line: step.line }) });
    });
    return this.with([...this.steps.slice(0, index + 1), ...after, ...left]);
  }

  /** An answer that was worked out beforehand, for what follows a later place; what was left out since stays so. */
  prepared(place, tail) {
    const gone = new Set(this.steps.filter((step, i) => i > place && step.out).map((step) => step.of));
    const other = this.goingOn(place, tail);
    return this.with(other.steps.map((step, i) => (i > place && gone.has(step.of) && !step.out ? { of: step.of, out: true } : step)));
  }

  /** Where a moment of the script stands; -1 when it does not. */
  placeOf(of) {
    return this.steps.findIndex((step) => step.of === of && !step.again);
  }

  /** The steps and flows that have not begun, each with what it takes, in their order. */
  ahead(index) {
    const begun = new Set(this.moments.slice(0, index + 1).flatMap((moment) => [moment.node, moment.flow?.id]));
    const parts = new Map();
    this.moments.slice(index + 1).forEach((moment) => {
      if (moment.out) return;
      const id = moment.flow?.id ?? moment.node;
      if (begun.has(id)) return;
      const part = parts.get(id) ?? { id, name: moment.flow?.name ?? moment.name, section: moment.section, ms: 0, of: moment.of };
      part.ms += lengthOf(moment);
      parts.set(id, part);
    });
    return [...parts.values()];
  }

  /** Without a part that has not begun, all its sides. */
  withoutPart(index, id) {
    return this.without(index, (moment) => (moment.flow?.id ?? moment.node) === id);
  }

  /** Rounds of a flow that have not begun, the last first. */
  roundsAhead(index, flow) {
    const rounds = new Set();
    const begun = new Set(this.moments.slice(0, index + 1).filter((moment) => moment.flow?.id === flow).map((moment) => moment.flow.round));
    this.moments.slice(index + 1).forEach((moment) => {
      if (!moment.out && moment.flow?.id === flow && !begun.has(moment.flow.round)) rounds.add(moment.flow.round);
    });
    return [...rounds].sort((a, b) => b - a);
  }

  roundsOf(flow) {
    return new Set(this.moments.filter((moment) => !moment.out && moment.flow?.id === flow).map((moment) => moment.flow.round)).size;
  }

  /** A flow with fewer rounds; null when those left have begun. */
  fewerRounds(index, flow, by) {
    const gone = this.roundsAhead(index, flow).slice(0, by);
    if (by < 1 || gone.length < by) return null;
    return this.without(index, (moment) => moment.flow?.id === flow && gone.includes(moment.flow.round));
  }

  /** A flow with rounds like its last ones once more; null when it is over. */
  moreRounds(index, flow, by) {
    const last = this.moments.findLastIndex((moment) => !moment.out && moment.flow?.id === flow);
    if (by < 1 || last < index) return null;
    const rounds = [...new Set(this.moments.filter((moment) => !moment.out && moment.flow?.id === flow).map((moment) => moment.flow.round))];
    const again = rounds.sort((a, b) => a - b).slice(-by);
    if (again.length < by) return null;
    const first = Math.max(...rounds) + 1;
    const more = [];
    this.steps.forEach((step, i) => {
      const moment = this.moments[i];
      if (moment.out || moment.flow?.id !== flow || !again.includes(moment.flow.round)) return;
      const round = first + again.indexOf(moment.flow.round);
      const line = { ...step.line, flow: { ...moment.flow, round, rounds: first + by - 1 }, where: `${moment.flow.name} · round ${round} of ${first + by - 1}` };
      // people are in the flow already
      if (!more.length) line.leadInMs = 0;
      more.push({ of: step.of, again: true, line });
    });
    return this.with([...this.steps.slice(0, last + 1), ...more, ...this.steps.slice(last + 1)]);
  }

  /** The moment it is in is longer by some breaths or repetitions, or by time. */
  longer(index, by) {
    const moment = this.moments[index];
    const counted = moment.breaths ? 'breaths' : moment.reps ? 'reps' : null;
    const ms = counted ? (moment.workMs / moment[counted]) * by : by * 10_000;
    const line = { ...this.steps[index].line, workMs: Math.round(moment.workMs + ms), ...(counted && { [counted]: moment[counted] + by }) };
    return this.with(this.steps.map((step, i) => (i === index ? { ...step, line } : step)));
  }

  /** Straight to a later place: what lies between is left out. */
  straightTo(index, place) {
    return this.with(this.steps.map((step, i) => (i > index && i < place ? { ...step, out: true } : step)));
  }

  /** Names of what would be done on one side only, and was not meant to. */
  uneven() {
    const sides = (moments) => {
      const counts = new Map();
      moments.forEach((moment) => {
        if (!moment.side || moment.out || moment.kind === 'pause') return;
        const key = moment.node;
        const count = counts.get(key) ?? { right: 0, left: 0, name: moment.name };
        count[moment.side] += 1;
        counts.set(key, count);
      });
      return counts;
    };
    const meant = sides(this.script.moments);
    const names = [];
    sides(this.moments).forEach((count, key) => {
      const before = meant.get(key);
      const one = Math.sign(count.right - count.left);
      if (one !== 0 && before && Math.sign(before.right - before.left) !== one) names.push(`${count.name} ${one > 0 ? 'right' : 'left'}`);
    });
    return [...new Set(names)];
  }

  /** The same course as far as a place, then as another goes on: how a change is taken back. */
  backTo(index, other) {
    const now = this.moments[index];
    const place = other.moments.findIndex((moment) => moment.of === now.of && moment.again === now.again && moment.flow?.round === now.flow?.round);
    const furthest = Math.max(...this.moments.slice(0, index + 1).filter((moment) => !moment.again).map((moment) => moment.of));
    const from = place < 0 ? other.moments.findIndex((moment) => moment.of > furthest) : place + 1;
    return this.with([...this.steps.slice(0, index + 1), ...(from < 0 ? [] : other.steps.slice(from))]);
  }
}
