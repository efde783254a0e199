// Dragging a row by its handle, with a mouse, a pen or a finger. A press without a drag opens the panel.
import { rowNamed, rowOf, selection } from './selection.js';
import { post } from './edits.js';
import * as panel from './panel.js';

const FAR_ENOUGH = 6;
let held = null;

function target(event) {
  const row = rowOf(document.elementFromPoint(event.clientX, event.clientY));
  if (!row || held.ids.includes(row.dataset.row)) return null;
  const place = row.getBoundingClientRect();
  const before = event.clientY < place.top + place.height / 2;
  const closed = row.matches('.folded');
  return { row, where: before ? 'before' : closed ? 'behind' : 'after' };
}

function show(to) {
  document.querySelectorAll('.drop-before, .drop-after').forEach((row) => row.classList.remove('drop-before', 'drop-after'));
  to?.row.classList.add(to.where === 'before' ? 'drop-before' : 'drop-after');
}

function move(event) {
  if (!held) return;
  if (!held.moving && Math.hypot(event.clientX - held.x, event.clientY - held.y) < FAR_ENOUGH) return;
  held.moving = true;
  document.body.classList.add('dragging');
  held.to = target(event);
  show(held.to);
  if (event.clientY > window.innerHeight - 110) window.scrollBy(0, 14);
  if (event.clientY < 230) window.scrollBy(0, -14);
}

function end() {
  if (!held) return;
  const { ids, to, moving } = held;
  held = null;
  document.body.classList.remove('dragging');
  show(null);
  if (!moving) panel.open(ids[0]);
  else if (to) post('move', { node: ids.join(' '), target: to.row.dataset.row, where: to.where });
}

export function watch(root) {
  root.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest('[data-grip]');
    if (!grip || event.button !== 0) return;
    const id = grip.dataset.grip;
    if (!selection.picked.has(id)) selection.mark(rowNamed(id));
    held = { ids: selection.ids(), x: event.clientX, y: event.clientY, moving: false, to: null };
    grip.setPointerCapture(event.pointerId);
  });
  root.addEventListener('pointermove', move);
  root.addEventListener('pointerup', end);
  root.addEventListener('pointercancel', () => {
    if (held) held.moving = true;
    if (held) held.to = null;
    end();
  });
}
