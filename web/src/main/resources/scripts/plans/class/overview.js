// The margin: which part of the class is on the screen, and going elsewhere by a tap.
import { rows } from './selection.js';

const box = () => document.getElementById('overview');
const spine = () => document.getElementById('spine');

function seconds(row) {
  const words = row.querySelector('.elapsed')?.textContent ?? '';
  return words.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
}

export function look() {
  const view = document.getElementById('overview-view');
  const all = rows().filter((row) => !row.hidden);
  if (!view || !all.length) return;
  const top = document.getElementById('head').getBoundingClientRect().bottom;
  const bottom = document.getElementById('typing').getBoundingClientRect().top;
  const on = all.filter((row) => {
    const place = row.getBoundingClientRect();
    return place.bottom > top && place.top < bottom;
  });
  if (!on.length) return;
  const total = Number(box().dataset.total) / 1000 || 1;
  const next = all[all.indexOf(on[on.length - 1]) + 1];
  const from = seconds(on[0]);
  const to = next ? seconds(next) : total;
  view.setAttribute('y', String(Math.round((1000 * from) / total)));
  view.setAttribute('height', String(Math.max(6, Math.round((1000 * (to - from)) / total))));
}

export function goTo(event) {
  const place = box().getBoundingClientRect();
  const at = ((event.clientY - place.top) / place.height) * (Number(box().dataset.total) / 1000);
  const before = rows().filter((row) => !row.hidden && seconds(row) <= at);
  (before[before.length - 1] ?? spine()).scrollIntoView({ block: 'center' });
}

let waiting = false;
export function watch() {
  window.addEventListener('scroll', () => {
    if (waiting) return;
    waiting = true;
    requestAnimationFrame(() => {
      waiting = false;
      look();
    });
  }, { passive: true });
  window.addEventListener('resize', look);
  look();
}
