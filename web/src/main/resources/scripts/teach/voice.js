// The voice of the browser and a quiet bell. Both are off until the teacher wants them, and both may be missing.

/** Speaks one line at a time: what is new is more to the point than what was not finished. */
export class Voice {
  constructor(synth = globalThis.speechSynthesis, Utterance = globalThis.SpeechSynthesisUtterance) {
    this.synth = synth;
    this.Utterance = Utterance;
  }

  /** Whether there is one at all: some browsers have the words for it and no voice. */
  get isThere() {
    return Boolean(this.synth && this.Utterance && this.synth.getVoices().length);
  }

  /** @param polite behind what is being said, not instead of it */
  say(words, { rate, volume }, polite = false) {
    if (!words || !this.synth || !this.Utterance) return;
    if (!polite) this.synth.cancel();
    const line = new this.Utterance(words);
    Object.assign(line, { rate, volume, lang: 'en' });
    this.synth.speak(line);
  }

  hush() {
    this.synth?.cancel();
  }
}

const NOTE = 528;

/** A small bell made in the page; it wants a press of the teacher before it may sound. */
export class Bell {
  constructor(Context = globalThis.AudioContext) {
    this.Context = Context;
  }

  get isThere() {
    return Boolean(this.Context);
  }

  /** @param times one stroke at a change, two at the end of a rest */
  ring(volume, times = 1) {
    if (!this.Context || volume <= 0) return;
    this.context ??= new this.Context();
    this.context.resume?.();
    for (let i = 0; i < times; i += 1) this.stroke(this.context.currentTime + i * 0.9, volume);
  }

  stroke(at, volume) {
    [1, 2.76].forEach((partial, i) => {
      const tone = this.context.createOscillator();
      const loud = this.context.createGain();
      tone.frequency.value = NOTE * partial;
      loud.gain.setValueAtTime(volume / (1 + 3 * i), at);
      loud.gain.exponentialRampToValueAtTime(0.0001, at + 1.8 / (1 + i));
      tone.connect(loud).connect(this.context.destination);
      tone.start(at);
      tone.stop(at + 2);
    });
  }
}
