// The figure of an own pose, drawn anew by the server while its sliders move.
import '../shared/site.js';
import { csrf } from '../shared/csrf.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('ownPose', () => ({
    asked: 0,

    async moved(event) {
      if (event.target.type !== 'range') return;
      const form = event.target.form;
      const mine = ++this.asked;
      const answer = await fetch(form.dataset.picture, {
        method: 'POST',
        body: new URLSearchParams(new FormData(form)),
        headers: { 'X-CSRF-TOKEN': csrf() },
      }).catch(() => null);
      // an answer that a later one has overtaken is not drawn; without a line the picture stays as it was
      if (!answer || !answer.ok || mine !== this.asked) return;
      this.$refs.picture.innerHTML = await answer.text();
    },
  }));
});
