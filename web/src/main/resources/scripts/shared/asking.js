// Asking the server to do something, so that it is done once: what got no answer is asked again under the same key.

const DEFINITE = (status) => status > 0 && status < 500 && status !== 408 && status !== 429;
const PAUSES = [1000, 2000, 4000, 8000];

/** The version a page shows is no part of what is asked. */
const nameOf = ({ verb, path, values }) => JSON.stringify([verb, path, Object.entries(values).filter(([name]) => name !== 'version').sort()]);

export class Asking {
  /** @param newKey makes a key nobody has */
  constructor(newKey = () => crypto.randomUUID()) {
    this.newKey = newKey;
    this.open = new Map();
  }

  /** The key of what is about to be asked: the one of before while nobody knows whether it was done. */
  key(what) {
    const name = nameOf(what);
    const known = this.open.get(name) ?? { key: this.newKey(), tries: 0 };
    this.open.set(name, known);
    return known.key;
  }

  /** An answer came, with this status; 0 when the line broke. Tells how long to wait before asking again, null for not at all. */
  answered(what, status, retryAfter = 0) {
    const name = nameOf(what);
    const known = this.open.get(name);
    if (DEFINITE(status) || !known) {
      this.open.delete(name);
      return null;
    }
    const pause = PAUSES[known.tries];
    known.tries += 1;
    return pause === undefined ? null : Math.max(pause, retryAfter * 1000);
  }

  /** Somebody asks again by hand: all the pauses are there again. */
  afresh(what) {
    const known = this.open.get(nameOf(what));
    if (known) known.tries = 0;
  }
}
