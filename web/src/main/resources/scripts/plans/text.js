// A class as text: the box grows with its lines, a fault leads to its place, an offer takes the place of its line.

import '../shared/site.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('textPage', () => ({
    init() {
      this.$root.addEventListener('click', (event) => this.click(event));
      this.fit();
      this.$root.dataset.ready = 'yes';
    },

    box() {
      return document.getElementById('text');
    },

    fit() {
      this.box().rows = this.box().value.split('\n').length + 1;
    },

    click(event) {
      const { line, column, offerLine, offerText } = event.target.dataset;
      if (line) this.goTo(Number(line), Number(column));
      if (offerLine) this.take(Number(offerLine), offerText);
    },

    start(line) {
      return this.box().value.split('\n').slice(0, line - 1).reduce((sum, text) => sum + text.length + 1, 0);
    },

    goTo(line, column) {
      const at = this.start(line) + column - 1;
      this.box().focus();
      this.box().setSelectionRange(at, at);
    },

    take(line, text) {
      const lines = this.box().value.split('\n');
      const lead = /^[\s>]*(?:--?\s+)?/.exec(lines[line - 1])[0];
      lines[line - 1] = lead + text;
      this.box().value = lines.join('\n');
      this.goTo(line, lead.length + text.length + 1);
      this.box().dispatchEvent(new Event('input', { bubbles: true }));
    },
  }));
});
