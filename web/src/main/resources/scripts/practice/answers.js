// Answers wait here, in local storage, until the server has them. Sending twice counts once.
import { csrf } from '../shared/csrf.js';

const KEY = 'gurukram.practice';

export function waiting() {
  try {
    return JSON.parse(localStorage.getItem(KEY)) ?? [];
  } catch {
    return [];
  }
}

const write = (all) => (all.length ? localStorage.setItem(KEY, JSON.stringify(all)) : localStorage.removeItem(KEY));

/** The day as this device has it: 2026-11-30. */
export function dayOf(at) {
  const two = (n) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

const same = (a, b) => a.key === b.key && a.who === b.who;

/** @param who the teacher: what is kept for her waits until it is she who is signed in */
export function keep(key, given, who, at = new Date()) {
  const mine = { key, given, who, on: dayOf(at) };
  write([...waiting().filter((one) => !same(one, mine)), mine]);
}

let before = Promise.resolve();

/** Sends what waits, one after the other; answers what became of each, or null when there is no line. */
export function flush() {
  before = before.then(send);
  return before;
}

async function send() {
  const all = waiting();
  if (!all.length) return [];
  try {
    const answer = await fetch('/practice/answers', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': csrf() },
      body: JSON.stringify(all),
    });
    if (!answer.ok) return null;
    const told = await answer.json();
    // what was answered again meanwhile, and what is somebody else's, is still to be sent
    const isDone = (one) => told.some((answered) => same(answered, one)) && all.some((sent) => same(sent, one) && sent.given === one.given);
    write(waiting().filter((one) => !isDone(one)));
    return told;
  } catch {
    return null;
  }
}
