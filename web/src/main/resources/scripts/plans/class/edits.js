// Sends edits; they queue behind each other, and each carries the version the page shows when it goes.
import { nudged } from './amount.js';
import { selection } from './selection.js';

const main = () => document.getElementById('main');
const url = (what) => `/classes/${main().dataset.class}/${what}`;

/** What does not get through is told by the page, which keeps what was typed. */
const told = () => undefined;

export function post(what, values, source = main()) {
  return htmx.ajax('POST', url(what), { source, target: '#region', swap: 'score settle:0ms', values }).catch(told);
}

/** A field says its own value. */
export function change(field) {
  const { node, field: name, of } = field.dataset;
  const value = field.type === 'checkbox' ? (field.checked ? 'yes' : '') : field.value;
  const panel = field.closest('#panel') ? document.querySelector('#panel-inside').dataset.panel : '';
  field.dataset.sent = field.value;
  return post('change', { node, field: name, value, of: of ?? '', panel }, field);
}

export function set(node, field, value, source) {
  return post('change', { node, field, value }, source);
}

/** Up, down, duplicate, mirror, remove, gather or let-out, for all that is picked. */
export function tree(what, ids = selection.ids()) {
  if (!ids.length) return undefined;
  if (what === 'remove') {
    const all = selection.seen();
    const places = ids.map((id) => all.findIndex((row) => row.dataset.row === id));
    const next = all[Math.max(...places) + 1] ?? all[Math.min(...places) - 1];
    selection.mark(next);
    next?.focus();
  }
  return post('tree', { node: ids.join(' '), what });
}

export function step(id) {
  const button = document.getElementById(id);
  return htmx.ajax('POST', button.getAttribute('hx-post'), { source: button, target: '#region', swap: 'score settle:0ms' }).catch(told);
}

export function nudge(input, by) {
  const more = nudged(input.value, by);
  if (input.matches('.amount') && more === null) return;
  input.value = more ?? String(Math.max(0, by));
  htmx.trigger(input, 'change');
}
