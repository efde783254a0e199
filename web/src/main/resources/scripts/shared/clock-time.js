// Times as they are shown.

/** Minutes and seconds of so many ms, never below nothing: 8:05. */
export function clockTime(ms) {
  const seconds = Math.max(0, Math.round(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
