// What happened in the room waits here, in local storage, until the server has it. Sending twice stores once.
import { csrf } from './csrf.js';

const PREFIX = 'gurukram.log.';

function read(taught) {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + taught));
  } catch {
    return null;
  }
}

function write(taught, log) {
  localStorage.setItem(PREFIX + taught, JSON.stringify(log));
}

export function begin(taught, startedAt) {
  if (!read(taught)) write(taught, { startedAt, endedAt: null, endSent: false, moments: [], said: [], saidSent: 0 });
}

export function add(taught, moment) {
  const log = read(taught);
  log.moments.push({ id: crypto.randomUUID(), ...moment });
  write(taught, log);
}

export function end(taught, endedAt) {
  const log = read(taught);
  log.endedAt = endedAt;
  write(taught, log);
}

/** It was ended by accident: what waits goes on waiting, and the end is none. */
export function reopen(taught, startedAt) {
  const log = read(taught) ?? { startedAt, moments: [], said: [], saidSent: 0 };
  write(taught, { ...log, endedAt: null, endSent: false });
}

/** How the class left its plan: all of it, each time. */
export function changed(taught, changes) {
  const log = read(taught);
  if (!log) return;
  write(taught, { ...log, changes, changesSent: false });
}

/** Words of the theme that were said. */
export function said(taught, id) {
  const log = read(taught);
  if (!log) return;
  log.said = [...(log.said ?? []), id];
  write(taught, log);
}

/** What somebody said she feels. */
export function felt(taught, said) {
  const log = read(taught);
  if (!log) return;
  log.felt = [...(log.felt ?? []), { id: crypto.randomUUID(), ...said }];
  write(taught, log);
}

/** How many moments, words or the end, still wait. */
export function waiting(taught) {
  const log = read(taught);
  if (!log) return 0;
  return log.moments.length + ((log.said ?? []).length > (log.saidSent ?? 0) ? 1 : 0) + ((log.felt ?? []).length > (log.feltSent ?? 0) ? 1 : 0) + (log.changes && !log.changesSent ? 1 : 0) + (log.endedAt && !log.endSent ? 1 : 0);
}

const sending = new Set();
let onChanged = () => {};

/** @param tell what is done when the server says that the class was changed since its room was opened */
export function whenChanged(tell) {
  onChanged = tell;
}

/**
 * Sends what waits of one class; answers whether nothing waits any more.
 *
 * @param clock what the clock that made the times says now, and whether it was seen to jump
 */
export async function flush(taught, clock = { sentAt: Date.now(), jumped: false }) {
  const log = read(taught);
  if (!log || sending.has(taught)) return !log;
  sending.add(taught);
  try {
    const answer = await fetch(`/room/${taught}/log`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': csrf() },
      body: JSON.stringify({ startedAt: log.startedAt, endedAt: log.endedAt, ...clock, moments: log.moments, said: log.said ?? [], felt: log.felt ?? [], changes: log.changes ?? null }),
    });
    if (!answer.ok) return false;
    const told = await answer.json();
    const stored = new Set(told.stored);
    const now = read(taught);
    if (told.changed) onChanged(taught);
    now.moments = now.moments.filter((moment) => !stored.has(moment.id));
    now.endSent = log.endedAt !== null && now.endedAt === log.endedAt;
    now.saidSent = (log.said ?? []).length;
    now.feltSent = (log.felt ?? []).length;
    now.changesSent = JSON.stringify(now.changes) === JSON.stringify(log.changes);
    if (now.endSent && now.moments.length === 0) localStorage.removeItem(PREFIX + taught);
    else write(taught, now);
    return now.moments.length === 0;
  } catch {
    return false;
  } finally {
    sending.delete(taught);
  }
}

export function flushAll() {
  Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .forEach((key) => flush(key.slice(PREFIX.length)));
}

/** Any page of ours brings home what an earlier visit could not send. */
export function watch() {
  document.addEventListener('DOMContentLoaded', flushAll);
  window.addEventListener('online', flushAll);
}
