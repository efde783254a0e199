// The class page: what is pressed, typed and dragged on it, and what follows from it.
import '../shared/site.js';
import './class/swap.js';
import { rowOf, selection } from './class/selection.js';
import * as clip from './class/clip.js';
import * as drag from './class/drag.js';
import * as edits from './class/edits.js';
import * as findings from './class/findings.js';
import * as keys from './class/keys.js';
import * as line from './class/line.js';
import * as overview from './class/overview.js';
import * as panel from './class/panel.js';
import { pressed } from './class/press.js';

let added = false;

/** The choices of a list that many fields share are filled in when one of them is about to be opened. */
function fill(select) {
  if (!select?.matches?.('select[data-list]') || select.options.length > 1) return;
  const chosen = select.value;
  document.querySelectorAll(`#list-${select.dataset.list} option`).forEach((option) => {
    if (option.value !== chosen) select.append(option.cloneNode(true));
  });
}

function moveTo(at) {
  selection.picked.clear();
  selection.at = at;
  added = true;
}

/** The margin and the panel stand below the head, however high it is. */
function measure() {
  const { height } = document.getElementById('head').getBoundingClientRect();
  document.documentElement.style.setProperty('--head', `${Math.round(height)}px`);
}

function settled() {
  // an answer that came behind another: what is being put in right now settles too
  if (!document.getElementById('spine')) return;
  selection.show();
  if (added) selection.marked()?.scrollIntoView({ block: 'nearest' });
  added = false;
  // What needs the places of all rows waits until the change is on the screen.
  requestAnimationFrame(() => setTimeout(overview.look));
  panel.refresh();
  const head = document.querySelector('.head-length > .num');
  document.getElementById('strip-length').textContent = head.textContent;
  const [left, right] = ['left', 'right'].map((side) => document.querySelector(`.side-${side} .num`).textContent);
  document.getElementById('strip-sides').textContent = `left ${left} · right ${right}`;
}

function emptied() {
  const problem = document.getElementById('line-problem');
  const input = document.getElementById('line');
  if (problem.hidden) {
    input.removeAttribute('aria-invalid');
    input.value = '';
  } else {
    input.setAttribute('aria-invalid', 'true');
  }
}

/** With a finger there is no Ctrl: while this is on, each tap marks one more. */
function many(button) {
  selection.many = !selection.many;
  button.setAttribute('aria-pressed', String(selection.many));
  if (!window.matchMedia('(min-width: 70.01rem)').matches) panel.close();
}

/** A mark in a row marks the row as well. */
function openPanel(button) {
  selection.mark(rowOf(button));
  panel.open(button.dataset.openPanel);
}

/** What pressing does, by the data attribute of what is pressed; the nearest one around the press counts. */
const PRESSES = {
  nudge: (it) => edits.nudge(it.parentElement.querySelector('input'), Number(it.dataset.nudge)),
  fold: (it) => selection.fold(rowOf(it)),
  // a press on the grip that is no drag is the drag's own to answer
  grip: () => undefined,
  take: (it) => edits.set(it.dataset.node, 'pose', it.dataset.take, it),
  add: (it) => edits.post('line', { line: it.dataset.add, at: selection.at }),
  what: (it) => edits.tree(it.dataset.what),
  offer: (it) => offer(it.dataset.offer),
  again: (it) => again(it),
  openPanel: (it) => openPanel(it),
  panelClose: () => panel.close(),
  many: (it) => many(it),
  clip: (it) => clip[it.dataset.clip](''),
  keepFlow: () => panel.send('flows', { node: selection.ids()[0] }),
  forgetFlow: (it) => panel.send(`flows/${it.dataset.forgetFlow}/forget`, {}),
  putFlow: (it) => edits.post(`flows/${it.dataset.putFlow}/put`, { at: document.getElementById('line-at').value }),
  takeMend: (it) => findings.take(it),
  mute: (it) => findings.mute(it),
  unmute: (it) => findings.unmute(it),
  goTo: (it) => findings.goTo(it),
  openFit: () => findings.openFit(),
  fillLook: (it) => findings.fill(it),
  setRounds: (it) => edits.set(it.dataset.node, 'rounds', it.dataset.setRounds),
  openKeys: () => document.getElementById('keys').showModal(),
};

function clicked(event) {
  const { target } = event;
  const press = pressed(target, PRESSES);
  if (press) press();
  else if (target.closest('#overview')) overview.goTo(event);
  else if (target.closest('#line-list li')) line.take(target.closest('#line-list li'));
  else if (rowOf(target)) selection.mark(rowOf(target), event.shiftKey ? 'to' : event.ctrlKey || event.metaKey || selection.many ? 'more' : '');
}

function offer(words) {
  document.getElementById('line').value = words;
  htmx.trigger('#typing', 'submit');
  document.getElementById('line').focus();
}

function again(button) {
  edits.post('change', { node: button.dataset.node, field: button.dataset.field, of: button.dataset.of ?? '', value: button.dataset.again }, button);
}

function typed(event) {
  const { target, key } = event;
  const input = target.closest('input.number, input.amount');
  const arrow = key === 'ArrowUp' || key === 'ArrowDown';
  if (input && !event.altKey && arrow) {
    event.preventDefault();
    edits.nudge(input, key === 'ArrowUp' ? 1 : -1);
    return;
  }
  if (target.id === 'line' && event.altKey && arrow) {
    event.preventDefault();
    line.move(key === 'ArrowDown' ? 1 : -1);
    return;
  }
  if (target.id === 'line' && line.isOpen()) {
    if (arrow) line.choose(key === 'ArrowDown' ? 1 : -1);
    else if (key === 'Escape') line.close();
    else if (!((key === 'Enter' || key === 'Tab') && line.take())) {
      if (key === 'Enter') line.close();
      return;
    }
    event.preventDefault();
    return;
  }
  keys.pressed(event);
}

function pasted(event) {
  const text = event.clipboardData.getData('text/plain');
  const inField = event.target.closest?.('input, textarea, select');
  const many = text.trim().includes('\n');
  if (inField && !(inField.id === 'line' && many)) return;
  if (clip.paste(inField ? text : text || '')) event.preventDefault();
}

document.addEventListener('alpine:init', () => {
  Alpine.data('classPage', () => ({
    init() {
      const root = this.$root;
      let pressing = false;
      selection.open(root.dataset.class);
      // Marking shows more buttons, which moves things: not between press and release, or the click would miss.
      root.addEventListener('pointerdown', (event) => {
        pressing = true;
        fill(event.target);
      });
      root.addEventListener('focusin', (event) => {
        fill(event.target);
        if (event.target.matches('input[data-field=pose], input[data-field=peak]')) line.names(event.target);
        const row = rowOf(event.target);
        if (!pressing && row && row.dataset.row !== selection.at && !selection.picked.size) selection.mark(row);
      });
      window.addEventListener('pointerup', () => setTimeout(() => (pressing = false)));
      root.addEventListener('click', clicked);
      root.addEventListener('change', (event) => {
        const { field, node } = event.target.dataset;
        if (field === 'group' && node === 'class') panel.send('group', { value: event.target.value });
        else if (field) edits.change(event.target);
      });
      root.addEventListener('panel-shown', findings.renewed);
      root.addEventListener('toggle', (event) => event.target.matches('[data-mends]') && findings.opened(event.target), true);
      root.addEventListener('submit', (event) => {
        const fit = event.target.closest('[data-fit-form], [data-fit-take]');
        if (fit) {
          event.preventDefault();
          if (fit.matches('[data-fit-form]')) findings.look(fit);
          else findings.takeFit(fit);
        }
        const away = event.target.matches('[data-delete]');
        if (away && !window.confirm('Put this class away? What was taught with it stays in the logbook.')) event.preventDefault();
      });
      root.addEventListener('input', (event) => event.target.id === 'line' && line.complete());
      let shown = '';
      root.addEventListener('marked', () => {
        line.show();
        if (selection.at !== shown) panel.follow();
        shown = selection.at;
      });
      document.addEventListener('keydown', typed);
      document.addEventListener('paste', pasted);
      document.body.addEventListener('line-at', (event) => moveTo(event.detail.value));
      document.body.addEventListener('not-clear', () => clip.toNotes());
      document.body.addEventListener('htmx:afterSettle', settled);
      document.body.addEventListener('htmx:afterSwap', (event) => {
        if (event.detail.xhr.status === 200) panel.taken(event.detail.requestConfig.elt);
        if (event.detail.requestConfig.elt.id === 'typing' || event.detail.requestConfig.parameters.line) emptied();
      });
      keys.singleKeys(document.getElementById('single-keys'));
      drag.watch(root);
      new ResizeObserver(measure).observe(document.getElementById('head'));
      overview.watch();
      selection.show();
      panel.begin();
      root.dataset.ready = 'yes';
    },
  }));
});
