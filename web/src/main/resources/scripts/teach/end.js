// Whether a class will end when it was meant to.

/** Farther off than this, it is not the class of that hour. */
const ANOTHER_HOUR = 90;

/** The time of the day that was meant, as ms since 1970, nearest to another; null when none was, or it is of another hour. */
export function meantAt(meant, near) {
  const parts = /^(\d\d):(\d\d)$/.exec(meant ?? '');
  if (!parts) return null;
  const at = new Date(near);
  at.setHours(Number(parts[1]), Number(parts[2]), 0, 0);
  const day = 24 * 60 * 60_000;
  const nearest = [at.getTime() - day, at.getTime(), at.getTime() + day].sort((a, b) => Math.abs(a - near) - Math.abs(b - near))[0];
  return Math.abs(nearest - near) > ANOTHER_HOUR * 60_000 ? null : nearest;
}

/**
 * Minutes from the end that was meant, as in 19:30, to the end that is coming; null when none was meant, or the class is not taught at
 * its hour.
 */
export function minutesLate(end, meant) {
  const parts = /^(\d\d):(\d\d)$/.exec(meant ?? '');
  if (!parts) return null;
  const day = 24 * 60;
  let late = end.getHours() * 60 + end.getMinutes() - (Number(parts[1]) * 60 + Number(parts[2]));
  if (late > day / 2) late -= day;
  if (late < -day / 2) late += day;
  return Math.abs(late) > ANOTHER_HOUR ? null : late;
}
