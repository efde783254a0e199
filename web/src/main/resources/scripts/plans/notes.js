// Scribbled notes: what was pasted on the class page comes along, and a choice takes the place of its line.
import '../shared/site.js';

const KEPT = 'gurukram-notes';

document.addEventListener('alpine:init', () => {
  Alpine.data('notesPage', () => ({
    init() {
      const box = document.getElementById('notes-text');
      const pasted = sessionStorage.getItem(KEPT);
      sessionStorage.removeItem(KEPT);
      if (pasted && !box.value.trim()) this.say(box, pasted);
      this.$root.addEventListener('click', (event) => {
        const choice = event.target.closest('[data-choice]');
        if (choice) this.take(box, Number(choice.dataset.line), choice.dataset.choice);
      });
      this.$root.dataset.ready = 'yes';
    },

    say(box, text) {
      box.value = text;
      box.rows = Math.max(12, text.split('\n').length + 2);
      htmx.ajax('POST', box.getAttribute('hx-post'), { source: box, target: '#notes-lines', swap: 'morph:outerHTML' });
    },

    take(box, number, words) {
      const lines = box.value.split('\n');
      const lead = words ? /^\s*/.exec(lines[number - 1])[0] : '';
      lines[number - 1] = lead + words;
      this.say(box, lines.join('\n'));
    },
  }));
});
