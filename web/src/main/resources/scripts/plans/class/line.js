// The typing line: it says where its line goes, and completes the names of poses with their figures.
import { fits, nameIn, plain } from './names.js';
import { rows, selection } from './selection.js';

const MOST = 7;
const line = () => document.getElementById('line');
const list = () => document.getElementById('line-list');
let poses = null;
let chosen = -1;

async function load() {
  const answer = await fetch('/poses/names');
  if (!answer.ok) return [];
  return (await answer.json()).map((pose) => ({ ...pose, words: plain([pose.name, pose.sanskrit, ...pose.also].join(' | ')) }));
}

/** Asked for once, however quickly one types. */
const known = () => (poses ??= load());

/** The names for other boxes that ask for a pose. */
export async function names(box) {
  const names = document.getElementById('pose-names');
  if (!names.children.length) {
    names.append(...(await known()).map((pose) => new Option('', pose.name.toLowerCase())));
  }
  box.setAttribute('list', 'pose-names');
}

export function close() {
  list().hidden = true;
  chosen = -1;
  line().setAttribute('aria-expanded', 'false');
  line().removeAttribute('aria-activedescendant');
}

export const isOpen = () => !list().hidden;

function option(pose, at) {
  const item = document.createElement('li');
  item.id = `line-option-${at}`;
  item.setAttribute('role', 'option');
  item.setAttribute('aria-selected', 'false');
  item.dataset.name = pose.name.toLowerCase();
  const figure = document.createElement('img');
  figure.src = pose.figure;
  figure.alt = '';
  figure.width = 40;
  figure.height = 40;
  const name = document.createElement('b');
  name.textContent = pose.name;
  const also = document.createElement('span');
  also.textContent = pose.sanskrit;
  also.className = 'sanskrit';
  also.lang = 'sa-Latn';
  item.append(figure, name, also);
  return item;
}

export async function complete() {
  const typed = plain(nameIn(line().value) ?? '');
  if (typed.length < 2) return close();
  const found = (await known())
    .map((pose) => ({ pose, fit: fits(pose, typed) }))
    .filter(({ fit }) => fit > 0)
    .sort((a, b) => b.fit - a.fit || a.pose.name.length - b.pose.name.length)
    .slice(0, MOST);
  if (!found.length || plain(nameIn(line().value) ?? '') !== typed) return close();
  list().replaceChildren(...found.map(({ pose }, at) => option(pose, at)));
  list().hidden = false;
  chosen = -1;
  line().setAttribute('aria-expanded', 'true');
  return undefined;
}

export function choose(by) {
  const options = [...list().children];
  chosen = (chosen + by + options.length + 1) % (options.length + 1);
  if (chosen === options.length) chosen = by > 0 ? 0 : options.length - 1;
  options.forEach((item, at) => item.setAttribute('aria-selected', String(at === chosen)));
  line().setAttribute('aria-activedescendant', options[chosen].id);
  options[chosen].scrollIntoView({ block: 'nearest' });
}

/** Puts the name in and leaves the rest of the line to be typed. */
export function take(item = list().children[chosen]) {
  if (!item) return false;
  const typed = line().value;
  const name = nameIn(typed);
  line().value = `${typed.slice(0, typed.length - name.length)}${item.dataset.name}, `;
  line().focus();
  close();
  return true;
}

/** The first section with nothing in it yet: where a line goes while no place is marked. */
function empty() {
  const all = document.getElementById('spine') ? rows() : [];
  return all.find((row, at) => row.matches('.section-row') && !(all[at + 1] && !all[at + 1].matches('.section-row')));
}

/** The place one row up or down, without leaving the line. */
export function move(by) {
  const all = selection.seen();
  const at = all.indexOf(selection.marked() ?? empty() ?? all[all.length - 1]);
  selection.mark(all[Math.max(0, Math.min(all.length - 1, selection.marked() ? at + by : at))]);
}

/** Where the next line goes. */
export function show() {
  const marked = selection.marked();
  document.getElementById('line-at').value = marked ? selection.at : '';
  const inside = marked?.matches('.flow-row, .section-row') && !selection.at.startsWith('after-');
  const first = marked ? null : empty();
  const words = marked ? `${inside ? 'in' : 'after'} ${marked.dataset.name}` : first ? `in ${first.dataset.name}` : 'at the end';
  document.getElementById('line-where').textContent = words;
}
