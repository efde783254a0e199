// What there is to look at: worked out when it is opened, taken, kept silent; and from one to the next.
import { post } from './edits.js';
import { rowNamed, rows, selection } from './selection.js';
import * as panel from './panel.js';
import { trouble } from '../../shared/site.js';

const here = (what) => `/classes/${document.getElementById('main').dataset.class}/${what}`;
const view = () => document.getElementById('view').value;

async function fetched(what, values) {
  const answer = await fetch(`${here(what)}?${new URLSearchParams({ ...values, view: view() })}`, { headers: { 'HX-Request': 'true' } }).catch(() => null);
  return answer?.ok || answer?.status === 422 ? answer.text() : '';
}

const shown = new WeakMap();

/** The mends of a finding are worked out when somebody asks for them. */
export async function opened(details) {
  const place = details.querySelector('[data-mends-here]');
  if (!details.open || place.dataset.done === details.dataset.mends) return;
  place.dataset.done = details.dataset.mends;
  const offers = (await fetched('mends', { finding: details.dataset.mends })) || '<p>That could not be asked for just now.</p>';
  // what has not changed is not touched: somebody may be about to press it
  if (shown.get(place) !== offers) place.innerHTML = offers;
  shown.set(place, offers);
}

/** What is open is worked out anew when the panel is. */
export function renewed() {
  document.querySelectorAll('#panel details[data-mends][open]').forEach((details) => {
    details.querySelector('[data-mends-here]').dataset.done = '';
    opened(details);
  });
}

export function take(button) {
  return post('mend', { finding: button.dataset.finding, mend: button.dataset.takeMend });
}

/** The first offer that is in sight. */
export function takeFirst() {
  const offer = document.querySelector('#panel details[open] [data-take-mend]');
  return offer && take(offer);
}

export function mute(button) {
  const why = button.closest('.mute').querySelector('[data-mute-why]').value;
  const [rule] = button.dataset.mute.split('.');
  return post('mute', { rule, at: button.dataset.at, why });
}

export function unmute(button) {
  return post('unmute', { rule: button.dataset.unmute, at: button.dataset.at });
}

function show(id) {
  const row = rowNamed(id);
  if (!row) return;
  if (row.hidden) {
    const before = rows().slice(0, rows().indexOf(row)).reverse();
    selection.fold(before.find((other) => other.matches('.flow-row.folded')));
  }
  selection.mark(row);
  row.scrollIntoView({ block: 'center' });
  row.focus({ preventScroll: true });
  panel.open(id);
}

export const goTo = (button) => show(button.dataset.goTo);

/** To the next row with something to look at, round and round; what is about the whole class comes first and last. */
export function next(back = false) {
  const marked = document.getElementById('checked').dataset.rows.split(' ').filter(Boolean);
  if (!marked.length) return panel.open('checks');
  const order = rows().map((row) => row.dataset.row);
  const at = order.indexOf(selection.marked()?.dataset.row);
  const places = marked.map((id) => order.indexOf(id));
  const found = back ? places.filter((place) => place < at).pop() ?? places.at(-1) : places.find((place) => place > at) ?? places[0];
  return show(order[found]);
}

// --- fitting

const dialog = () => document.getElementById('fit');

async function load(values) {
  const inside = await fetched('fit', values);
  if (!inside) trouble('That could not be asked for just now. Nothing is lost.', openFit);
  if (inside) Idiomorph.morph(dialog().querySelector('.fit-here'), inside, { morphStyle: 'innerHTML' });
  return inside !== '';
}

export async function openFit() {
  if (await load({})) dialog().showModal();
}

/** Looks again with what is typed and ticked; nothing is done to the class. */
export function look(form) {
  return load(Object.fromEntries(new FormData(form)));
}

export async function takeFit(form) {
  const { version, ...values } = Object.fromEntries(new FormData(form));
  dialog().close();
  await post('fit', values);
}

export async function fill(button) {
  const place = button.closest('[data-fill]');
  const minutes = place.querySelector('input').value;
  place.querySelector('.fill-here').innerHTML = await fetched('rounds', { flow: place.dataset.fill, minutes });
}
