// Five minutes of practice: the page has the questions of the day and keeps what is answered, with or without a line.
import '../shared/site.js';
import * as answers from './answers.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('practice', () => ({
    questions: [],
    at: 0,
    given: null,
    typed: '',
    judged: null,
    offline: false,
    answered: 0,

    init() {
      this.who = this.$root.dataset.who;
      const kept = new Set(answers.waiting().filter((one) => one.who === this.who).map((one) => one.key));
      this.questions = JSON.parse(document.getElementById('day').textContent).filter((one) => !kept.has(one.key));
      this.answered = Number(this.$root.dataset.answered) + kept.size;
      // what is shown later is fetched while there is a line
      this.questions.flatMap((one) => [one.figure, ...one.choices.map((c) => c.figure), ...one.shown.map((s) => s.figure)])
        .filter(Boolean)
        .forEach((address) => (new Image().src = address));
      window.addEventListener('online', () => this.send());
    },

    get question() {
      return this.questions[this.at] ?? null;
    },
    get isAsking() {
      return this.question !== null;
    },
    get isDone() {
      return this.question === null;
    },
    get kind() {
      const kind = this.question?.kind ?? '';
      return kind.charAt(0).toUpperCase() + kind.slice(1);
    },
    get ask() {
      return this.question?.ask ?? '';
    },
    get figure() {
      return this.question?.figure ?? '';
    },
    get hasFigure() {
      return this.figure !== '';
    },
    get isTyped() {
      return this.isAsking && this.question.right < 0;
    },
    get isOpen() {
      return this.isAsking && this.given === null;
    },
    get isTypedOpen() {
      return this.isTyped && this.isOpen;
    },
    get choices() {
      return (this.question?.choices ?? []).map((one) => ({
        ...one,
        key: String(one.n + 1),
        hasFigure: one.figure !== '',
        look: this.given === null ? '' : one.n === this.question.right ? 'is-right' : String(one.n) === this.given ? 'is-wrong' : '',
        is: this.given === null ? '' : one.n === this.question.right ? 'so it is' : String(one.n) === this.given ? 'your answer' : '',
      }));
    },
    get isTold() {
      return this.given !== null;
    },
    get verdict() {
      if (this.isTyped && this.judged === null) return this.offline ? 'Kept on this device; it is looked at when the line is back.' : 'One moment…';
      return this.wasRight ? 'Right.' : 'Not this time; it comes again tomorrow.';
    },
    get wasRight() {
      return this.isTyped ? this.judged?.right === true : Number(this.given) === this.question?.right;
    },
    get why() {
      return `${this.judged?.told ? `${this.judged.told} ` : ''}${this.question?.why ?? ''}`;
    },
    get yours() {
      return this.isTyped && this.isTold ? `You said: “${this.given}”` : '';
    },
    get shown() {
      return this.isTold ? this.question?.shown ?? [] : [];
    },
    get hasShown() {
      return this.shown.length > 0;
    },
    get left() {
      return Math.max(0, this.questions.length - this.at - (this.given === null ? 0 : 1));
    },
    get countWords() {
      return `${this.answered} answered today${this.left ? `, ${this.left} ${this.left === 1 ? 'waits' : 'wait'}` : ''}.`;
    },
    get nextWords() {
      return this.left > 0 ? 'The next' : 'See how it stands';
    },
    get offlineWords() {
      return this.offline ? 'No line just now: what you answer is kept on this device and counted later.' : '';
    },

    choose(event) {
      this.answer(event.currentTarget.dataset.n);
    },
    say(event) {
      event.preventDefault();
      if (this.typed.trim()) this.answer(this.typed.trim());
    },
    async answer(given) {
      if (this.given !== null) return;
      this.given = given;
      this.judged = null;
      this.answered += 1;
      answers.keep(this.question.key, given, this.who);
      this.$nextTick(() => this.$refs.next?.focus());
      await this.send();
    },
    async send() {
      const key = this.question?.key;
      const told = await answers.flush();
      this.offline = told === null;
      const mine = (told ?? []).find((one) => one.key === key);
      if (mine && this.given !== null) this.judged = mine;
    },
    next() {
      if (this.left === 0 && !this.offline) {
        window.location.assign('/practice');
        return;
      }
      this.at += 1;
      this.given = null;
      this.judged = null;
      this.typed = '';
      this.$nextTick(() => this.$refs.asked?.focus());
    },
    key(event) {
      if (!this.isOpen || this.isTyped || event.altKey || event.ctrlKey || event.metaKey || event.target.closest('input, select, textarea')) return;
      const n = Number(event.key) - 1;
      if (Number.isInteger(n) && n >= 0 && n < this.question.choices.length) this.answer(String(n));
    },
  }));
});
