// How this device is used in the room: kept in the browser, since the pedal and the loudspeaker belong to it.

const KEPT = 'gurukram.room.settings';

/** Keys as browsers name them; those of page turners are among them. */
export const USUAL_KEYS = {
  next: ['ArrowRight', 'PageDown', 'ArrowDown'],
  back: ['ArrowLeft', 'PageUp', 'ArrowUp'],
  pause: [' '],
  said: ['t'],
  skip: ['s'],
  change: ['c'],
  undo: ['u'],
  auto: ['a'],
  faces: ['m'],
  words: ['w'],
  feel: ['e'],
  voice: ['v'],
  fill: ['f'],
  stumble: ['x'],
};

export const USUAL = {
  faces: false,
  words: 'all',
  counts: 'down',
  voice: { on: false, names: true, sides: true, breath: false, counts: true, theme: false, rate: 1, volume: 0.8 },
  bell: { on: false, volume: 0.3 },
  keys: USUAL_KEYS,
};

/** What is kept over what is usual; what cannot be read is as if it were not there. */
export function read(storage = localStorage) {
  let kept = {};
  try {
    kept = JSON.parse(storage.getItem(KEPT) ?? '{}') ?? {};
  } catch {
    // spoilt: the usual
  }
  return {
    ...USUAL,
    ...kept,
    voice: { ...USUAL.voice, ...kept.voice },
    bell: { ...USUAL.bell, ...kept.bell },
    keys: { ...USUAL_KEYS, ...kept.keys },
  };
}

export function write(settings, storage = localStorage) {
  storage.setItem(KEPT, JSON.stringify(settings));
}

/** As a letter it does not matter whether it is a capital. */
export const keyOf = (event) => (event.key.length === 1 ? event.key.toLowerCase() : event.key);

/** What a key does; null when it does nothing. */
export function actionOf(keys, event) {
  if (event.ctrlKey || event.metaKey || event.altKey) return null;
  const key = keyOf(event);
  return Object.keys(keys).find((action) => keys[action].includes(key)) ?? null;
}

/** A key for an action; whatever it did before, it does that no more. */
export function learnt(keys, action, key) {
  const others = Object.fromEntries(Object.entries(keys).map(([name, all]) => [name, all.filter((one) => one !== key)]));
  return { ...others, [action]: [...others[action], key] };
}

/** How a key is called. */
export function keyName(key) {
  const names = { ' ': 'Space', ArrowRight: '→', ArrowLeft: '←', ArrowUp: '↑', ArrowDown: '↓', PageDown: 'Page Down', PageUp: 'Page Up' };
  return names[key] ?? (key.length === 1 ? key.toUpperCase() : key);
}
