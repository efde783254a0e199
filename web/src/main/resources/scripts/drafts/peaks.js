/* The peaks to choose from, narrowed down while a name is typed; the chosen one always stays. */
import '../shared/site.js';

document.addEventListener('alpine:init', () => {
  window.Alpine.data('peaks', () => ({
    typed: '',

    init() {
      this.$root.dataset.ready = '';
    },

    shows(peak) {
      const name = peak.dataset.name.toLowerCase();
      return name.includes(this.typed.trim().toLowerCase()) || peak.querySelector('input').checked;
    },
  }));
});
