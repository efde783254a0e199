// How this device is used in the room: what is shown, read aloud and rung, and which keys do what.
import '../shared/site.js';
import * as settings from './settings.js';
import { Bell, Voice } from './voice.js';

const WORDS = { next: 'next', back: 'back', pause: 'pause, go on', said: 'said', skip: 'leave out', change: 'change what follows', undo: 'take a change back', words: 'fewer words', faces: 'I face them', feel: 'what do they feel?', auto: 'go on by itself or wait', voice: 'voice', fill: 'fill the screen', stumble: 'I stumbled, in a rehearsal' };

document.addEventListener('alpine:init', () => {
  Alpine.data('device', () => ({
    settings: settings.read(),
    wanted: '',
    learning: '',
    pressedWords: '',
    hasVoice: false,

    init() {
      this.speaker = new Voice();
      this.ringer = new Bell();
      this.hasVoice = this.speaker.isThere;
      // voices come a while after the page
      window.speechSynthesis?.addEventListener?.('voiceschanged', () => (this.hasVoice = this.speaker.isThere));
    },

    set(other) {
      this.settings = { ...this.settings, ...other };
      settings.write(this.settings);
    },
    toggle(event) {
      this.set({ [event.target.dataset.what]: event.target.checked });
    },
    choose(event) {
      this.set({ [event.target.dataset.what]: event.target.value });
    },
    toggleVoice(event) {
      this.set({ voice: { ...this.settings.voice, [event.target.dataset.what]: event.target.checked } });
    },
    rangeVoice(event) {
      this.set({ voice: { ...this.settings.voice, [event.target.dataset.what]: Number(event.target.value) } });
    },
    toggleBell(event) {
      this.set({ bell: { ...this.settings.bell, on: event.target.checked } });
    },
    rangeBell(event) {
      this.set({ bell: { ...this.settings.bell, volume: Number(event.target.value) } });
    },
    tryVoice() {
      this.speaker.say('Triangle, right front leg, five breaths', this.settings.voice);
    },
    tryBell() {
      this.ringer.ring(this.settings.bell.volume, 1);
    },

    learn(event) {
      this.wanted = event.currentTarget.dataset.action;
      this.learning = `Press the key or the pedal for “${WORDS[this.wanted]}” now; Escape leaves it as it is.`;
    },
    usualKeys() {
      this.set({ keys: settings.USUAL_KEYS });
      this.learning = 'The usual keys are back.';
    },
    pressed(event) {
      if (event.ctrlKey || event.metaKey || event.altKey || ['Tab', 'Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) return;
      const key = settings.keyOf(event);
      if (this.wanted) {
        event.preventDefault();
        if (key !== 'Escape') this.set({ keys: settings.learnt(this.settings.keys, this.wanted, key) });
        this.learning = key === 'Escape' ? 'Nothing was learnt.' : `${settings.keyName(key)} is “${WORDS[this.wanted]}” now.`;
        this.wanted = '';
        return;
      }
      if (event.target.closest('input, select, textarea, button, a')) return;
      this.show(event);
    },
    show(event) {
      const action = settings.actionOf(this.settings.keys, event);
      const name = settings.keyName(settings.keyOf(event));
      this.pressedWords = action ? `${name}: ${WORDS[action]}` : `${name} does nothing in the room.`;
    },
    /** A pedal that is not there: it presses its key as a real one would. */
    pedal(event) {
      const { key } = event.currentTarget.dataset;
      if (this.wanted) document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      else this.show(new KeyboardEvent('keydown', { key }));
    },

    get learningClass() {
      return this.learning ? 'told' : '';
    },
    get pressedClass() {
      return this.pressedWords ? 'told' : '';
    },
    get faces() {
      return this.settings.faces;
    },
    get words() {
      return this.settings.words;
    },
    get counts() {
      return this.settings.counts;
    },
    get voice() {
      return this.settings.voice;
    },
    get bell() {
      return this.settings.bell;
    },
    get noVoice() {
      return !this.hasVoice;
    },
    get actions() {
      return Object.keys(WORDS).map((action) => ({
        action,
        words: WORDS[action],
        keys: this.settings.keys[action].map(settings.keyName).join(', ') || 'no key',
        learns: String(this.wanted === action),
        label: `Learn a key for ${WORDS[action]}`,
      }));
    },
  }));
});
