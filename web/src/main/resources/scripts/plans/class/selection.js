// Which row is marked, which are picked with it, and what is folded.

const spine = () => document.getElementById('spine');
// none while the spine is exchanged
export const rows = () => [...(spine()?.querySelectorAll('[data-row]') ?? [])];
export const rowOf = (element) => element?.closest?.('[data-row]') ?? null;
export const rowNamed = (id) => document.getElementById(`row-${id}`);
const level = (row) => Number(row.getAttribute('aria-level'));

/** Only what changes is written: writing makes the browser draw anew. */
const set = (row, name, yes) => row.classList.contains(name) === yes || row.classList.toggle(name, yes);
const say = (row, name, value) => row.getAttribute(name) === value || row.setAttribute(name, value);

const folded = new Set();
let key = '';

/** The rows under a row: all that follow it and stand deeper. */
export function under(row) {
  const inside = [];
  for (let next = row.nextElementSibling; next && level(next) > level(row); next = next.nextElementSibling) inside.push(next);
  return inside;
}

export const selection = {
  /** The node the next typed line comes after; "after-" before a flow's id means behind it. */
  at: '',
  anchor: '',
  picked: new Set(),
  many: false,

  open(name) {
    key = `folded-${name}`;
    (sessionStorage.getItem(key) ?? '').split(' ').filter(Boolean).forEach((id) => folded.add(id));
  },

  marked() {
    return rowNamed(this.at.replace(/^after-/, ''));
  },

  /** The ids that an action is for: all that are picked, or the marked row. */
  ids() {
    const there = [...this.picked].filter(rowNamed);
    const id = this.at.replace(/^after-/, '');
    return there.length ? there : rowNamed(id) ? [id] : [];
  },

  /** Rows that are not folded away. */
  seen() {
    return rows().filter((row) => !row.hidden);
  },

  mark(row, how = '') {
    if (!row) return;
    const id = row.dataset.row;
    if (how === 'more') this.more(row);
    else if (how === 'to') this.to(row);
    else {
      this.picked.clear();
      this.anchor = id;
    }
    this.at = id;
    this.show();
  },

  more(row) {
    const id = row.dataset.row;
    if (!this.picked.size && this.marked()) this.picked.add(this.marked().dataset.row);
    if (this.picked.has(id) && this.picked.size > 1) this.picked.delete(id);
    else this.picked.add(id);
    this.anchor = id;
  },

  to(row) {
    const all = this.seen();
    const from = all.indexOf(rowNamed(this.anchor) ?? row);
    const end = all.indexOf(row);
    this.picked = new Set(all.slice(Math.min(from, end), Math.max(from, end) + 1).map((r) => r.dataset.row));
  },

  all() {
    this.picked = new Set(this.seen().map((row) => row.dataset.row));
    this.show();
  },

  fold(row) {
    const id = row?.dataset.row;
    if (!row?.matches('.flow-row')) return;
    if (folded.has(id)) folded.delete(id);
    else folded.add(id);
    this.kept();
  },

  foldAll() {
    const flows = [...spine().querySelectorAll('.flow-row')].map((row) => row.dataset.row);
    const open = flows.some((id) => !folded.has(id));
    flows.forEach((id) => (open ? folded.add(id) : folded.delete(id)));
    this.kept();
  },

  kept() {
    sessionStorage.setItem(key, [...folded].join(' '));
    this.show();
  },

  show() {
    const marked = this.marked();
    rows().forEach((row) => {
      const id = row.dataset.row;
      const picked = this.picked.has(id) || (row === marked && !this.picked.size);
      set(row, 'is-at', row === marked);
      set(row, 'is-picked', this.picked.has(id));
      say(row, 'aria-selected', String(picked));
      say(row, 'tabindex', row === marked ? '0' : '-1');
    });
    const away = new Set();
    spine().querySelectorAll('.flow-row').forEach((row) => {
      const closed = folded.has(row.dataset.row);
      set(row, 'folded', closed);
      say(row, 'aria-expanded', String(!closed));
      if (closed) under(row).forEach((inside) => away.add(inside));
    });
    rows().forEach((row) => row.hidden === away.has(row) || (row.hidden = away.has(row)));
    if (!marked && rows().length) rows()[0].tabIndex = 0;
    spine().dispatchEvent(new CustomEvent('marked', { bubbles: true }));
  },
};
