// Ways of a salutation on the same figure, position by position.
import '../shared/site.js';

const PACE = 2500;

document.addEventListener('alpine:init', () => {
  Alpine.data('schools', () => ({
    page: { titles: [], rows: [] },
    at: 0,
    second: false,
    timer: null,

    init() {
      this.page = JSON.parse(document.getElementById('played').textContent);
      this.page.rows.flatMap((row) => row.cells).flatMap((cell) => [cell.figure, cell.otherFigure])
        .filter(Boolean)
        .forEach((address) => (new Image().src = address));
    },
    destroy() {
      clearInterval(this.timer);
    },

    get row() {
      return this.page.rows[this.at] ?? { n: 1, cells: [] };
    },
    get columns() {
      return this.row.cells.map((cell, i) => ({
        title: this.page.titles[i],
        figure: this.second ? cell.otherFigure : cell.figure,
        name: cell.name || '—',
        breath: cell.breath,
        front: this.second ? cell.otherFront : cell.front,
        look: this.row.differs ? 'differs' : '',
      }));
    },
    get where() {
      return `${this.second ? 'Second' : 'First'} half, position ${this.row.n} of ${this.page.rows.length}${this.row.differs ? ': here they differ' : ''}`;
    },
    get isPlaying() {
      return this.timer !== null;
    },
    get playingText() {
      return String(this.isPlaying);
    },
    get playWords() {
      return this.isPlaying ? 'Stop' : 'Play';
    },
    get halfWords() {
      return this.second ? 'Show the first half' : 'Show the second half';
    },

    step(by) {
      const last = this.page.rows.length - 1;
      const to = this.at + by;
      if (to > last || to < 0) {
        this.second = !this.second;
        this.at = to < 0 ? last : 0;
      } else this.at = to;
    },
    next() {
      this.step(1);
    },
    back() {
      this.step(-1);
    },
    turn() {
      this.second = !this.second;
    },
    toggle() {
      if (this.isPlaying) {
        clearInterval(this.timer);
        this.timer = null;
      } else this.timer = setInterval(() => this.step(1), PACE);
    },
    key(event) {
      if (event.altKey || event.ctrlKey || event.metaKey || event.target.closest('input, select, textarea, [role=region]')) return;
      if (event.key === 'ArrowRight') this.next();
      if (event.key === 'ArrowLeft') this.back();
    },
  }));
});
