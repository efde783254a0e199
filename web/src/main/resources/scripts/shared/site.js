// What every page shares: the token on every htmx request, and a plain word when one of them does not get through.
import { flush } from '../practice/answers.js';
import { Asking } from './asking.js';
import { csrf } from './csrf.js';
import { watch } from './outbox.js';

const asking = new Asking();
let failed = null;

const whatOf = ({ verb, path, parameters }) => ({ verb, path, values: Object.fromEntries(Object.entries(parameters)) });

document.addEventListener('htmx:configRequest', (event) => {
  const { elt, headers, parameters, verb } = event.detail;
  headers['X-CSRF-TOKEN'] = csrf();
  const { node, field, value } = elt.dataset;
  Object.entries({ node, field, value }).forEach(([name, given]) => {
    if (given !== undefined) parameters[name] = given;
  });
  if (verb !== 'get') headers['X-Once'] = asking.key(whatOf(event.detail));
});

/** @param again what the button does; without it there is none */
export function trouble(words, again = null) {
  failed = again;
  document.getElementById('trouble-words').textContent = words;
  document.getElementById('trouble').hidden = false;
  document.getElementById('trouble-again').hidden = !again;
}

function ask({ requestConfig, target, etc }) {
  const source = requestConfig.elt.isConnected ? requestConfig.elt : document.getElementById('main');
  const values = whatOf(requestConfig).values;
  htmx.ajax(requestConfig.verb.toUpperCase(), requestConfig.path, { source, target, values, swap: etc.swapOverride ?? undefined })
    .catch(() => undefined);
}

/** What got no answer may be saved or not: the same is asked again, which saves nothing twice and tells how it is. */
function unanswered(detail, status, retryAfter, words) {
  const what = whatOf(detail.requestConfig);
  const pause = asking.answered(what, status, retryAfter);
  const again = () => {
    asking.afresh(what);
    ask(detail);
  };
  if (pause === null) {
    trouble(`${words} What you typed is still here. Try again: nothing is saved twice.`, again);
    return;
  }
  trouble(words === PERHAPS ? `${PERHAPS} Looking…` : `${words} Trying again by itself…`);
  setTimeout(() => ask(detail), pause);
}

const PERHAPS = 'No answer: perhaps it is saved.';

document.addEventListener('htmx:sendError', (event) => {
  if (event.detail.requestConfig.verb === 'get') trouble('The server does not answer.');
  else unanswered(event.detail, 0, 0, PERHAPS);
});

document.addEventListener('htmx:responseError', (event) => {
  const { status } = event.detail.xhr;
  const changes = event.detail.requestConfig.verb !== 'get';
  const retryAfter = Number(event.detail.xhr.getResponseHeader('Retry-After')) || 0;
  if (!changes) {
    trouble([429, 503].includes(status) ? 'Busy just now: ask again in a moment. Nothing is lost.' : 'That could not be asked for just now. Nothing is lost.');
    return;
  }
  const words = {
    401: 'Not saved: you are signed out. Sign in in another tab, then load this page again.',
    403: 'Not saved: this page has grown old. Load it again.',
    404: 'Not saved: this class is no longer there.',
    413: 'Not saved: that is too long to take at once.',
  };
  if ([408, 429, 502, 503, 504].includes(status)) {
    const busy = event.detail.xhr.getResponseHeader('X-Busy') || status === 429;
    unanswered(event.detail, status, retryAfter, busy ? 'Busy, one moment.' : 'The database does not answer just now.');
    return;
  }
  asking.answered(whatOf(event.detail.requestConfig), 400);
  trouble(words[status] ?? 'Not saved: something went wrong on our side. What you typed is still here.',
    status >= 500 ? () => ask(event.detail) : null);
});

document.addEventListener('htmx:afterRequest', (event) => {
  if (!event.detail.successful) return;
  document.getElementById('trouble').hidden = true;
  if (event.detail.requestConfig.verb !== 'get') asking.answered(whatOf(event.detail.requestConfig), event.detail.xhr.status);
});

document.addEventListener('click', (event) => {
  if (event.target.id === 'trouble-again' && failed) failed();
});

// A form that is sent again as it was, soon, because no answer came, has the key it had.
const SOON = 120_000;
document.addEventListener('submit', (event) => {
  const once = event.target.querySelector('input[name=once]');
  // what is secret, and what is long, is kept nowhere
  if (!once || event.target.method !== 'post' || event.target.querySelector('input[type=password]')) return;
  const told = [...new FormData(event.target)].filter(([name, value]) => !['once', '_csrf'].includes(name) && typeof value === 'string');
  const what = JSON.stringify([event.target.action, told]);
  if (what.length > 20_000) return;
  const before = JSON.parse(sessionStorage.getItem('gurukram.once') ?? 'null');
  const key = before?.what === what && Date.now() - before.at < SOON ? before.key : crypto.randomUUID();
  once.value = key;
  sessionStorage.setItem('gurukram.once', JSON.stringify({ what, key, at: Date.now() }));
});

document.addEventListener('alpine:init', () => {
  Alpine.data('printPage', () => ({ print: () => window.print() }));
});

let answering = null;
document.addEventListener('htmx:beforeSwap', (event) => (answering = event.detail.requestConfig.elt));

// The libraries come behind the scripts of a page; this is said when they are there.
document.addEventListener('alpine:init', () => {
  // A value being typed, a note laid open, a refused value elsewhere, and the panel, stay as they are when the page around them changes.
  Idiomorph.defaults.ignoreActiveValue = true;
  Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, element) =>
    !(name === 'open' && element.tagName === 'DETAILS');
  Idiomorph.defaults.callbacks.beforeNodeMorphed = (old, fresh) =>
    old.id !== 'panel' && !(old.matches?.('.edit.wrong') && !old.contains(answering) && !fresh.matches('.wrong'));
});

// Nobody is signed in: what rooms were kept here is nobody's.
document.addEventListener('DOMContentLoaded', () => {
  if (!document.querySelector('header.site nav')) window.caches?.delete('gurukram-room').catch(() => undefined);
});

watch();
// what was answered in practice without a line
if (document.querySelector('meta[name=csrf]')) flush();
window.addEventListener('online', flush);
