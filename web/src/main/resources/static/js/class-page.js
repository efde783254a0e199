// The class page: which row is marked, keys on rows and numbers, where the next typed line goes.
(function () {
  'use strict';

  const rows = () => [...document.querySelectorAll('[data-row]')];
  const rowOf = (element) => element.closest?.('[data-row]') ?? null;
  const rowNamed = (id) => document.getElementById(`row-${id}`);

  document.addEventListener('alpine:init', () => {
    Alpine.data('classPage', () => ({
      /** The node the next typed line comes after; "after-" before a flow's id means behind it. */
      at: '',
      pressing: false,

      init() {
        const root = this.$root;
        // Marking shows more buttons, which moves things: not between press and release, or the click would miss.
        root.addEventListener('pointerdown', () => (this.pressing = true));
        root.addEventListener('focusin', (event) => this.pressing || this.mark(rowOf(event.target)));
        root.addEventListener('click', (event) => this.click(event));
        window.addEventListener('pointerup', () => setTimeout(() => (this.pressing = false)));
        root.addEventListener('keydown', (event) => this.key(event));
        document.body.addEventListener('line-at', (event) => this.moveTo(event.detail.value));
        document.body.addEventListener('htmx:afterSettle', () => this.show());
        document.addEventListener('keydown', (event) => this.undoKey(event));
        this.show();
        root.dataset.ready = 'yes';
      },

      mark(row) {
        if (!row || row.dataset.row === this.at) return;
        this.at = row.dataset.row;
        this.show();
      },

      /** A line was added: the next one goes after it, and the box is empty again. */
      moveTo(at) {
        this.at = at;
        document.getElementById('line').value = '';
        this.added = true;
      },

      show() {
        const id = this.at.replace(/^after-/, '');
        const marked = rowNamed(id);
        rows().forEach((row) => {
          row.classList.toggle('is-at', row === marked);
          row.tabIndex = row === marked ? 0 : -1;
        });
        if (!marked && rows().length) rows()[0].tabIndex = 0;
        document.getElementById('line-at').value = marked ? this.at : '';
        const inside = marked?.matches('.flow-row, .section-row') && !this.at.startsWith('after-');
        document.getElementById('line-where').textContent = marked
          ? `${inside ? 'in' : 'after'} ${marked.dataset.name}`
          : 'at the end';
        if (this.added && marked) marked.scrollIntoView({ block: 'nearest' });
        this.added = false;
      },

      click(event) {
        this.pressing = false;
        const nudge = event.target.closest('[data-nudge]');
        if (nudge) return this.nudge(nudge.parentElement.querySelector('input'), Number(nudge.dataset.nudge));
        const offer = event.target.closest('[data-offer]');
        if (offer) {
          document.getElementById('line').value = offer.dataset.offer;
          htmx.trigger('#typing', 'submit');
          document.getElementById('line').focus();
          return undefined;
        }
        const tool = event.target.closest('[data-what]');
        if (tool) return this.tree(rowOf(tool), tool);
        return this.mark(rowOf(event.target));
      },

      tree(row, tool) {
        const url = document.getElementById('region').dataset.tree;
        return htmx.ajax('POST', url, { source: tool, values: { node: row.dataset.row, what: tool.dataset.what } });
      },

      nudge(input, by) {
        const value = Number(input.value === '' ? 0 : input.value);
        if (Number.isNaN(value)) return;
        input.value = String(Math.max(0, Math.round((value + by) * 1000) / 1000));
        htmx.trigger(input, 'change');
      },

      key(event) {
        const input = event.target.closest('input.number');
        if (input && !event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
          event.preventDefault();
          this.nudge(input, event.key === 'ArrowUp' ? 1 : -1);
        }
        const row = rowOf(event.target);
        if (!row) return;
        if (event.key === 'Escape' && event.target !== row) row.focus();
        if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
          event.preventDefault();
          this.act(row, event.key === 'ArrowUp' ? 'up' : 'down');
        } else if (event.target === row) {
          this.rowKey(event, row);
        }
      },

      rowKey(event, row) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const all = rows();
        const at = all.indexOf(row);
        const actions = {
          ArrowDown: () => all[at + 1]?.focus(),
          ArrowUp: () => all[at - 1]?.focus(),
          Home: () => all[0].focus(),
          End: () => all[all.length - 1].focus(),
          Enter: () => row.querySelector('.edits input, .edits select, input, select')?.focus(),
          d: () => this.act(row, 'duplicate'),
          Delete: () => {
            (all[at + 1] ?? all[at - 1])?.focus();
            this.act(row, 'remove');
          },
          '/': () => document.getElementById('line').focus(),
        };
        const action = actions[event.key.length === 1 ? event.key.toLowerCase() : event.key];
        if (!action) return;
        event.preventDefault();
        action();
      },

      act(row, what) {
        this.tree(row, row.querySelector(`[data-what=${what}]`));
      },

      undoKey(event) {
        const typing = event.target.closest?.('input, textarea');
        if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        // Not a click: the button may still be disabled while the edit before this key is on its way. Edits queue.
        const button = document.getElementById(event.shiftKey ? 'redo' : 'undo');
        htmx.ajax('POST', button.getAttribute('hx-post'), { source: button });
      },

      askDelete(event) {
        const sure = window.confirm('Put this class away? What was taught with it stays in the logbook.');
        if (!sure) event.preventDefault();
      },
    }));
  });
})();
