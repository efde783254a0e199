// Puts an answer to an edit into the page: only the rows that look different, and when all rows begin.
import { clockTime } from '../../shared/clock-time.js';
import { onTheWall } from './when.js';

/** The box that is being typed in keeps what is typed; but what was sent from it and taken is shown as it was understood. */
function understood(fresh) {
  const box = document.activeElement;
  if (!box?.dataset?.field || box.dataset.sent !== box.value) return;
  const now = fresh.querySelector(`#${CSS.escape(box.id)}`);
  if (now && box.type === 'text') box.value = now.getAttribute('value');
}

/** Only a box keeps what is in it while it is the active element; a row that has the focus changes like any other. */
function morph(old, fresh) {
  understood(fresh);
  const ignoreActiveValue = document.activeElement?.matches('input, textarea, select') ?? false;
  Idiomorph.morph(old, fresh, { morphStyle: 'outerHTML', ignoreActiveValue });
  return document.getElementById(fresh.id);
}

function takeRows(rows) {
  const spine = document.getElementById('spine');
  return rows.map((row) => {
    const old = document.getElementById(row.id);
    if (old) return morph(old, row);
    spine.append(row);
    return row;
  });
}

/** Marks say what the checks find; an edit of one row may put them on another. */
function takeMarks(marks) {
  const fresh = new Map(marks.map((mark) => [mark.dataset.openPanel, mark]));
  document.querySelectorAll('#spine .row-mark').forEach((old) => {
    const now = fresh.get(old.dataset.openPanel);
    fresh.delete(old.dataset.openPanel);
    if (!now) old.remove();
    else if (old.title !== now.title || old.className !== now.className) old.replaceWith(now);
  });
  fresh.forEach((mark, id) => document.getElementById(`row-${id}`)?.firstElementChild.prepend(mark));
}

/** Rows that are gone go, the others stand in their order; what stands right is not touched, so it keeps its focus. */
function arrange(order) {
  const spine = document.getElementById('spine');
  const wanted = new Set(order);
  spine.querySelectorAll('[data-row]').forEach((row) => wanted.has(row.dataset.row) || row.remove());
  const focused = document.activeElement;
  let before = spine.querySelector('.row-head');
  for (const id of order) {
    const row = document.getElementById(`row-${id}`);
    if (before.nextElementSibling !== row) before.after(row);
    before = row;
  }
  if (focused && focused !== document.activeElement && focused.isConnected) focused.focus({ preventScroll: true });
}

function begin(order, starts) {
  const begins = document.getElementById('region').dataset.begins;
  order.forEach((id, at) => {
    const row = document.getElementById(`row-${id}`);
    const there = starts[at] !== '-';
    const seconds = Number(starts[at]);
    const cell = row.firstElementChild;
    let words = cell.querySelector('.elapsed');
    if (!words) {
      words = document.createElement('span');
      words.className = 'elapsed';
      cell.prepend(words);
    }
    const text = there ? clockTime(seconds * 1000) : '';
    if (words.textContent !== text) words.textContent = text;
    cell.querySelector('.clock').textContent = there && begins ? onTheWall(begins, seconds) : '';
  });
}

function apply(change) {
  const { version, order, starts, begins } = change.dataset;
  const ids = order.split(' ').filter(Boolean);
  document.getElementById('version').value = version;
  document.getElementById('region').dataset.begins = begins ?? '';
  const fresh = ['head', 'notice', 'line-problem']
    .map((id) => change.querySelector(`#${id}`))
    .filter(Boolean)
    .map((part) => morph(document.getElementById(part.id), part));
  const overview = document.getElementById('overview');
  const redrawn = change.querySelector('#overview');
  // Only what is in it: another child of the board would have the browser style every row anew.
  overview.dataset.total = redrawn.dataset.total;
  overview.replaceChildren(...redrawn.childNodes);
  takeRows([...change.querySelectorAll(':scope > .rows > [data-row]')]);
  arrange(ids);
  takeMarks([...change.querySelectorAll(':scope > .marks > .row-mark')]);
  begin(ids, starts.split(' '));
  document.getElementById('empty').hidden = ids.length > 0;
  const panel = change.querySelector('#panel-inside');
  if (panel) Idiomorph.morph(document.getElementById('panel'), panel.outerHTML, { morphStyle: 'innerHTML' });
  return fresh;
}

document.addEventListener('alpine:init', () =>
  htmx.defineExtension('score', {
    handleSwap(style, target, fragment) {
      if (style !== 'score') return false;
      const change = fragment.querySelector('#change');
      if (change) return apply(change);
      morph(target, fragment.querySelector('#region'));
      return [document.getElementById('region')];
    },
  }));
