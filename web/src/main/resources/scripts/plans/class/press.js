// What is meant when something is pressed.

/** What to do: of the element pressed and those around it, the nearest that a press is known for; null when there is none. */
export function pressed(target, presses) {
  for (let it = target; it; it = it.parentElement) {
    const name = Object.keys(it.dataset ?? {}).find((each) => Object.hasOwn(presses, each));
    if (name) return () => presses[name](it);
  }
  return null;
}
