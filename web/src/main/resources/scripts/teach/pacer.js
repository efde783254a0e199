// The bar that breathes: out from the spine on the inhale, back to it on the exhale.

const SPINE = 4;
const REACH = 992;
const WIDE = 1000;

const still = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** How far it is open, 0 to 1. @param at what the clock counts */
export function open(moment, at) {
  if (at.phase === 'into') return 0;
  if (at.breath) return { in: at.breathPart, 'hold in': 1, out: 1 - at.breathPart, 'hold out': 0 }[at.breath];
  if (moment.breath === 'hold in') return 1;
  if (moment.breath === 'hold out') return 0;
  if (at.phase === 'movement') return moment.breath === 'inhale' ? at.part : 1 - at.part;
  return at.part ?? 0;
}

/** Who wants nothing to move sees the spine alone. */
export function draw(bar, moment, at) {
  const width = SPINE + REACH * (still() ? 0 : open(moment, at));
  bar.setAttribute('x', String((WIDE - width) / 2));
  bar.setAttribute('width', String(width));
}
