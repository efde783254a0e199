/* Passkeys: one is made on this device, or opens the door. */
import '../shared/site.js';
import { csrf } from '../shared/csrf.js';
import { answer, toEnter, toMake } from './keys.js';

const post = async (path, body, type) => {
  const headers = { 'Content-Type': type, Accept: 'application/json', 'X-CSRF-TOKEN': csrf() };
  const said = await fetch(path, { method: 'POST', headers, body });
  const read = await said.json().catch(() => ({}));
  if (!said.ok) throw new Error(read.problem ?? 'That did not work just now; try again in a moment.');
  return read;
};

const FORM = 'application/x-www-form-urlencoded';
const JSON_TYPE = 'application/json';

/* Whoever turns the device's question down knows why. */
const words = problem => (problem.name === 'NotAllowedError' || problem.name === 'AbortError' ? '' : problem.name === 'InvalidStateError' ? 'This device has a passkey for you already.' : problem.message);

document.addEventListener('alpine:init', () => {
  window.Alpine.data('passkey', () => ({
    told: '',
    there: false,

    init() {
      this.there = Boolean(window.PublicKeyCredential) && location.hostname === this.$el.dataset.host;
    },

    async enter() {
      this.told = '';
      try {
        const asked = await post('/passkey/ask', '', FORM);
        const key = await navigator.credentials.get({ publicKey: toEnter(asked) });
        await post('/passkey/enter', JSON.stringify(answer(key)), JSON_TYPE);
        location.assign('/');
      } catch (problem) {
        this.told = words(problem);
      }
    },

    async make(event) {
      event.preventDefault();
      this.told = '';
      const form = event.target;
      try {
        const asked = await post('/account/passkeys/ask', new URLSearchParams({ current: form.elements.current.value }), FORM);
        const key = await navigator.credentials.create({ publicKey: toMake(asked) });
        const label = encodeURIComponent(form.elements.label.value);
        await post(`/account/passkeys?label=${label}`, JSON.stringify(answer(key)), JSON_TYPE);
        location.reload();
      } catch (problem) {
        this.told = words(problem);
      }
    },
  }));
});
