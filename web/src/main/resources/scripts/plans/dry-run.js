// The dry run: the class goes by at speed, line by line.
import '../shared/site.js';
import { clockTime } from '../shared/clock-time.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('dryRun', () => ({
    playing: false,
    speed: 30,
    at: 0,
    now: -1,
    clock: '',
    pose: '',
    lines: [],

    get word() {
      return this.playing ? 'Pause' : 'Play';
    },

    init() {
      this.lines = [...this.$root.querySelectorAll('.line')];
      this.total = Number(this.$root.dataset.total);
      this.show();
    },

    toggle() {
      this.playing = !this.playing;
      if (this.playing && this.at >= this.total) this.at = 0;
      this.last = performance.now();
      if (this.playing) requestAnimationFrame((time) => this.tick(time));
    },

    faster(event) {
      this.speed = Number(event.target.value);
    },

    again() {
      this.at = 0;
      this.show();
    },

    tick(time) {
      if (!this.playing || !this.$root.isConnected) return;
      this.at = Math.min(this.total, this.at + (Math.max(0, time - this.last) / 1000) * this.speed);
      this.last = time;
      this.show();
      if (this.at >= this.total) this.playing = false;
      else requestAnimationFrame((next) => this.tick(next));
    },

    show() {
      this.clock = clockTime(Math.floor(this.at) * 1000);
      let found = this.lines.length - 1;
      while (found > 0 && Number(this.lines[found].dataset.at) > this.at) found -= 1;
      if (found === this.now || found < 0) return;
      this.now = found;
      this.pose = this.lines[found].dataset.pose;
      this.lines.forEach((line, i) => {
        line.classList.toggle('is-now', i === found);
        line.classList.toggle('is-past', i < found);
      });
      if (this.playing) this.lines[found].scrollIntoView({ block: 'center' });
    },
  }));
});
