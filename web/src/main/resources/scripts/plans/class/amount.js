// Amounts as they stand in a box, made more or less.

const NUMBER = /\d+(?:[.,]\d+)?/;

/** A breath, a repetition or a minute more; of seconds five, of long holds half a minute. */
const stride = (value, now) => (!/^\s*\d+\s*s\b/.test(value) ? 1 : now < 120 ? 5 : 30);

/** The amount so many strides further, never below nothing; null when there is no number in it. */
export function nudged(value, by) {
  const found = NUMBER.exec(value);
  if (!found) return null;
  const now = Number(found[0].replace(',', '.'));
  const more = Math.max(0, Math.round((now + by * stride(value, now)) * 1000) / 1000);
  return value.replace(NUMBER, String(more));
}
