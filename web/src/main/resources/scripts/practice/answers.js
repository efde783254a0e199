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

export function keep(key, given, at = new Date()) {
  write([...waiting().filter((one) => one.key !== key), { key, given, on: dayOf(at) }]);
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
    const done = new Set(told.map((one) => one.key));
    const sent = new Map(all.map((one) => [one.key, one.given]));
    // what was answered again meanwhile is still to be sent
    write(waiting().filter((one) => !done.has(one.key) || sent.get(one.key) !== one.given));
    return told;
  } catch {
    return null;
  }
}
