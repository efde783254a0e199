// The keys on rows. Every one of them has a button or a field as well.
import { rows, selection } from './selection.js';
import { set, step, tree } from './edits.js';
import * as clip from './clip.js';
import * as findings from './findings.js';
import * as panel from './panel.js';

const go = (row, how) => {
  if (!row) return;
  selection.mark(row, how);
  row.focus();
};

function level(key) {
  document.querySelector(`[data-view-key="${key}"]`)?.click();
}

function onRow(row) {
  const all = selection.seen();
  const at = all.indexOf(row);
  return {
    ArrowDown: (event) => go(all[at + 1], event.shiftKey ? 'to' : ''),
    ArrowUp: (event) => go(all[at - 1], event.shiftKey ? 'to' : ''),
    ArrowLeft: () => row.matches('.flow-row:not(.folded)') && selection.fold(row),
    ArrowRight: () => row.matches('.flow-row.folded') && selection.fold(row),
    Home: (event) => go(all[0], event.shiftKey ? 'to' : ''),
    End: (event) => go(all[all.length - 1], event.shiftKey ? 'to' : ''),
    ' ': () => go(row, 'more'),
    Enter: () => (row.querySelector('.dose input, .level-lines input, .flow-line .number, input, select') ?? panel.step)?.focus?.() ?? (row.matches('.section-row') && panel.step()),
    d: () => tree('duplicate'),
    m: () => tree('mirror'),
    g: () => tree('gather'),
    u: () => tree('let-out'),
    f: (event) => (event.shiftKey ? selection.foldAll() : selection.fold(row)),
    l: () => set(row.dataset.row, 'locked', row.dataset.locked === 'yes' ? '' : 'yes'),
    s: () => row.matches('.flow-row') && panel.send('flows', { node: row.dataset.row }),
    Delete: () => tree('remove'),
    Backspace: () => tree('remove'),
    '.': () => panel.step(),
  };
}

const here = () => `/classes/${document.getElementById('main').dataset.class}`;
const away = (path) => window.location.assign(`${here()}/${path}`);

const anywhere = {
  '/': () => document.getElementById('line').focus(),
  '?': () => document.getElementById('keys').showModal(),
  i: (event) => findings.next(event.shiftKey),
  y: () => findings.takeFirst(),
  e: () => findings.openFit(),
  c: () => panel.open('class'),
  p: () => document.getElementById('passes')?.click(),
  v: () => document.getElementById('counts').click(),
  n: () => away(`notes?at=${encodeURIComponent(document.getElementById('line-at').value)}`),
  h: () => away('history'),
  k: () => away('copy'),
  x: () => away('text'),
  o: () => document.getElementById('print').click(),
  t: () => document.getElementById('teach').click(),
  1: () => level(1),
  2: () => level(2),
  3: () => level(3),
  4: () => level(4),
};

const withControl = {
  a: () => selection.all(),
  c: () => clip.copy(),
  x: () => clip.cut(),
};

const OFF = 'gurukram-single-keys-off';

/** Keys that are a single letter, digit or sign can be switched off, for those who speak to their machine. */
export function singleKeys(box) {
  box.checked = localStorage.getItem(OFF) === null;
  box.addEventListener('change', () => (box.checked ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, 'yes')));
}

/** Whether a key means something else where it is pressed. */
const isTyping = (element) => element.closest('input, textarea, select, dialog[open]') !== null;

export function pressed(event) {
  const row = event.target.closest?.('[data-row]');
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown') && row) {
    event.preventDefault();
    tree(event.key === 'ArrowUp' ? 'up' : 'down');
    return;
  }
  if (event.key === 'Escape') return escape(event, row);
  if (isTyping(event.target) || event.altKey) return;
  const single = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.metaKey;
  if (single && localStorage.getItem(OFF) !== null) return;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const control = event.ctrlKey || event.metaKey;
  const onButton = event.target.closest('button, a, summary') && (key === 'Enter' || key === ' ');
  const action = control ? withControl[key] : onButton ? null : ((event.target === row && onRow(row)[key]) || anywhere[key]);
  if (control && key === 'z') {
    event.preventDefault();
    step(event.shiftKey ? 'redo' : 'undo');
  } else if (action && (!control || rows().length)) {
    // What is marked as text is copied as text.
    if (control && key !== 'a' && !window.getSelection().isCollapsed) return;
    event.preventDefault();
    action(event);
  }
}

function escape(event, row) {
  if (row && event.target !== row) row.focus();
  else if (event.target.id === 'line') (selection.marked() ?? rows()[0])?.focus();
  else if (document.getElementById('panel').contains(event.target)) panel.close();
  else if (row) {
    selection.picked.clear();
    selection.show();
  }
}
