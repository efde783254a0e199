/* A file that is too large for one request goes in pieces, one after the other; a small one goes with its form. */
import '../shared/site.js';
import { csrf } from '../shared/csrf.js';

const PIECE = 1_000_000;
const MOST = 200;

document.addEventListener('alpine:init', () => {
  window.Alpine.data('bring', () => ({
    told: '',

    async send(event) {
      const form = event.target;
      const file = form.elements.file.files[0];
      if (!file || file.size <= PIECE) return;
      event.preventDefault();
      const pieces = Math.ceil(file.size / PIECE);
      if (pieces > MOST) {
        this.told = `This file is larger than ${MOST} MB; nothing was sent.`;
        return;
      }
      for (let n = 0; n < pieces; n++) {
        this.told = `Sending, ${Math.round((100 * n) / pieces)} % …`;
        if (!(await this.piece(n, file.slice(n * PIECE, (n + 1) * PIECE)))) {
          this.told = 'It could not be sent; please try again.';
          return;
        }
      }
      this.told = 'Looking into it …';
      form.elements.file.disabled = true;
      form.submit();
    },

    async piece(n, bytes) {
      try {
        const answer = await fetch(`/account/everything/pieces/${n}`, {
          method: 'POST',
          headers: { 'X-CSRF-TOKEN': csrf(), 'Content-Type': 'application/octet-stream' },
          body: bytes,
        });
        return answer.ok;
      } catch {
        return false;
      }
    },
  }));
});
