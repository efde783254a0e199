// What is typed of a pose's name.

/** Lower case, without diacritics. */
export const plain = (words) => words.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** How well a pose fits what is typed: by the beginning of its name, of a word in it, of another name; 0 when it does not. */
export function fits(pose, typed) {
  const name = plain(pose.name);
  if (name === typed) return 5;
  if (name.startsWith(typed)) return 4;
  if (name.includes(` ${typed}`)) return 3;
  const all = typed.split(' ').every((word) => pose.words.split(/[\s|-]+/).some((known) => known.startsWith(word)));
  return all ? 2 : 0;
}

/** The name is what stands before the first comma; before a change for rounds and levels, what stands behind the colon. */
export const nameIn = (typed) => /^(?:-.*?:\s*)?([^,]*)$/.exec(typed)?.[1]?.trimStart() ?? null;
