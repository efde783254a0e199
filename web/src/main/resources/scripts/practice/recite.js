// Reciting: what is tapped goes to the next free place, and nothing is sent into nowhere.
import '../shared/site.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('recite', () => ({
    words: '',
    last: null,

    fields() {
      return [...this.$refs.form.querySelectorAll('input[type=text]')];
    },
    at(event) {
      this.last = event.currentTarget;
    },
    put(event) {
      const fields = this.fields();
      const place = this.last && this.last.value === '' ? this.last : fields.find((field) => field.value === '');
      if (!place) return;
      place.value = event.currentTarget.textContent;
      this.last = fields.find((field) => field.value === '') ?? null;
    },
    async send(event) {
      event.preventDefault();
      this.words = '';
      try {
        await fetch('/favicon.svg', { method: 'HEAD', cache: 'no-store' });
        this.$refs.form.submit();
      } catch {
        this.words = 'No line just now. What you recited stays here: send it when the line is back.';
      }
    },
  }));
});
