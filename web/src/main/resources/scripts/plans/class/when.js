// When something comes, by the clock on the wall.

/** So many seconds after a time of the day: 23:59 and two minutes are 00:01. */
export function onTheWall(begins, seconds) {
  const [hours, minutes] = begins.split(':').map(Number);
  const all = hours * 60 + minutes + Math.floor(seconds / 60);
  return `${String(Math.floor(all / 60) % 24).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}
