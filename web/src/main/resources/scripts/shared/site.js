// What every page shares: the token on every htmx request, and a plain word when one of them does not get through.
import { csrf } from './csrf.js';
import { watch } from './outbox.js';

let failed = null;

document.addEventListener('htmx:configRequest', (event) => {
  event.detail.headers['X-CSRF-TOKEN'] = csrf();
  const { node, field, value } = event.detail.elt.dataset;
  Object.entries({ node, field, value }).forEach(([name, given]) => {
    if (given !== undefined) event.detail.parameters[name] = given;
  });
});

function trouble(words, elt) {
  failed = elt;
  document.getElementById('trouble-words').textContent = words;
  document.getElementById('trouble').hidden = false;
  document.getElementById('trouble-again').hidden = !elt;
}

document.addEventListener('htmx:sendError', (event) =>
  trouble('Not saved: the server does not answer. What you typed is still here.', event.detail.elt));

document.addEventListener('htmx:responseError', (event) => {
  const { status } = event.detail.xhr;
  const words = {
    401: 'Not saved: you are signed out. Sign in in another tab, then load this page again.',
    403: 'Not saved: this page has grown old. Load it again.',
    404: 'Not saved: this class is no longer there.',
    503: 'Not saved: the database does not answer just now. What you typed is still here.',
  };
  trouble(words[status] ?? 'Not saved: something went wrong on our side. What you typed is still here.',
    status === 503 || status >= 500 ? event.detail.elt : null);
});

document.addEventListener('htmx:afterRequest', (event) => {
  if (event.detail.successful) document.getElementById('trouble').hidden = true;
});

document.addEventListener('click', (event) => {
  if (event.target.id !== 'trouble-again' || !failed) return;
  const again = failed.matches('form') ? 'submit' : failed.matches('input, select, textarea') ? 'change' : 'click';
  htmx.trigger(failed, again);
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

watch();
