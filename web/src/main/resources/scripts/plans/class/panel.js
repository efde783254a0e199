// What stands beside the spine follows what is marked.
import { csrf } from '../../shared/csrf.js';
import { trouble } from '../../shared/site.js';
import { selection } from './selection.js';

const panel = () => document.getElementById('panel');
const wide = window.matchMedia('(min-width: 70.01rem)');
let node = '';
let timer = 0;
let asked = null;

export const isOpen = () => wide.matches || panel().classList.contains('open');

/** What was refused, and what is typed and not sent yet, outlives a new look at the panel it stands in. */
function isKept(edit) {
  if (edit.matches('.wrong')) return true;
  const box = edit.querySelector('input[type=text], textarea');
  return box !== null && box.value !== box.defaultValue && box.value !== box.dataset.sent;
}

/** Mends that somebody looks at stay in sight until newer ones are there. */
const isOpened = (old) => old.matches?.('[data-mends-here]') && old.closest('details').open;

const callbacks = {
  beforeNodeMorphed: (old, fresh) => !isOpened(old) && !(old.matches?.('.edit') && old.id === fresh.id && isKept(old)),
  beforeAttributeUpdated: (name, node) => !(name === 'open' && node.matches('details[data-mends]')),
};

/** A value from the panel was taken after all: what was said of it no longer holds. */
export function taken(field) {
  field.closest('#panel .edit.wrong')?.classList.remove('wrong');
}

async function load() {
  asked?.abort();
  asked = new AbortController();
  const view = document.getElementById('view').value;
  const query = new URLSearchParams({ node, view });
  try {
    const answer = await fetch(`${panel().dataset.url}?${query}`, { signal: asked.signal, headers: { 'HX-Request': 'true' } });
    if (!answer.ok) return;
    Idiomorph.morph(panel(), await answer.text(), { morphStyle: 'innerHTML', callbacks });
    panel().dataset.node = node;
    panel().dispatchEvent(new CustomEvent('panel-shown', { bubbles: true }));
  } catch (error) {
    if (error.name !== 'AbortError' && !(error instanceof TypeError)) throw error;
  }
}

/** Soon, so that going quickly from row to row asks for the last one only. */
export function follow(id = selection.marked()?.dataset.row ?? 'class') {
  node = id;
  clearTimeout(timer);
  if (isOpen()) timer = setTimeout(load, 120);
}

/** The page comes with the panel of the class: only what is marked later has to be asked for. */
export function begin() {
  node = 'class';
  if (!panel().childElementCount) follow(node);
}

export function refresh() {
  follow(node || undefined);
}

export function open(id) {
  panel().classList.add('open');
  follow(id);
}

export function close() {
  panel().classList.remove('open');
  selection.marked()?.focus();
}

/** Asks for something that changes no class; the answer is the panel as it is then. */
export async function send(what, values) {
  const body = new URLSearchParams({ node, view: document.getElementById('view').value, ...values });
  const url = panel().dataset.url.replace(/panel$/, what);
  const headers = { 'X-CSRF-TOKEN': csrf(), 'HX-Request': 'true' };
  const answer = await fetch(url, { method: 'POST', body, headers }).catch(() => null);
  if (!answer?.ok) trouble('Not done: no answer came. Nothing on the spine has changed.', () => send(what, values));
  if (answer?.ok) Idiomorph.morph(panel(), await answer.text(), { morphStyle: 'innerHTML' });
}

/** To the panel's first field, or back to the row. */
export function step() {
  if (panel().contains(document.activeElement)) return close();
  open();
  setTimeout(() => panel().querySelector('input, select, textarea, button')?.focus(), 250);
  return undefined;
}
