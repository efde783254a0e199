// Cut, copy and paste: as text, so that it also comes from and goes to letters, notes and other classes.
import { selection } from './selection.js';
import { post, tree } from './edits.js';

const KEPT = 'gurukram-clip';
/** What was pasted last, for when it has to be read line by line; otherwise it stays nowhere. */
let kept = '';
const main = () => document.getElementById('main');

async function textOf(ids) {
  const query = new URLSearchParams({ node: ids.join(' ') });
  const answer = await fetch(`/classes/${main().dataset.class}/clip?${query}`);
  return answer.ok ? answer.text() : null;
}

export async function copy() {
  const ids = selection.ids();
  if (!ids.length) return false;
  const text = await textOf(ids);
  if (text === null) return false;
  localStorage.setItem(KEPT, text);
  // Without leave to use the clipboard it still pastes within the app.
  await navigator.clipboard?.writeText(text).catch(() => undefined);
  return true;
}

export async function cut() {
  const ids = selection.ids();
  if (await copy()) tree('remove', ids);
}

/** Whether something was there to paste. */
export function paste(text) {
  const words = text || localStorage.getItem(KEPT) || '';
  if (!words.trim()) return false;
  kept = words;
  post('paste', { text: words, at: document.getElementById('line-at').value });
  return true;
}

/** What was pasted is not all clear: it is read line by line on a page of its own. */
export function toNotes() {
  sessionStorage.setItem('gurukram-notes', kept);
  const at = document.getElementById('line-at').value;
  window.location.assign(`/classes/${main().dataset.class}/notes?at=${encodeURIComponent(at)}`);
}
