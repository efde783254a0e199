// Scribbled notes: what was pasted on the class page comes along, and a choice takes the place of its line.
import '../shared/site.js';

const MOST_BYTES = 200_000;

// as most files are written today, or as some offices still write them
function letters(bytes) {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

const KEPT = 'gurukram-notes';

document.addEventListener('alpine:init', () => {
  Alpine.data('notesPage', () => ({
    told: '',

    init() {
      const box = document.getElementById('notes-text');
      const pasted = sessionStorage.getItem(KEPT);
      sessionStorage.removeItem(KEPT);
      if (pasted && !box.value.trim()) this.say(box, pasted);
      this.$root.addEventListener('click', (event) => {
        const choice = event.target.closest('[data-choice]');
        if (choice) this.take(box, Number(choice.dataset.line), choice.dataset.choice);
      });
      const file = document.getElementById('notes-file');
      file.addEventListener('change', () => this.read(box, file.files[0]));
      this.$root.addEventListener('dragover', (event) => event.preventDefault());
      this.$root.addEventListener('drop', (event) => {
        event.preventDefault();
        this.read(box, event.dataTransfer.files[0]);
      });
      this.$root.dataset.ready = 'yes';
    },

    // a file is read here and stands in the box like anything that is pasted; what was there before stays above it
    async read(box, file) {
      if (!file) return;
      if (file.size > MOST_BYTES) {
        this.told = `“${file.name}” is larger than notes can be (${MOST_BYTES / 1000} KB); nothing was taken.`;
        return;
      }
      const text = letters(await file.arrayBuffer());
      this.told = /^\s*\{/.test(text) ? 'That is a class as JSON: “Open” on the first page takes it.' : `“${file.name}” stands in the box.`;
      if (!/^\s*\{/.test(text)) this.say(box, box.value.trim() ? `${box.value.trimEnd()}\n${text}` : text);
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
