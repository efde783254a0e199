// What is meant to be said or thought of beside the pose, and whether it was.

/** Words that came in a quick place stay in sight for a while. */
const IN_SIGHT = 45_000;

/** What is due now: what is said until it is said, what is only to be thought of as long as its step lasts. */
export function due(script, index, said) {
  const now = script.moments[index];
  return (script.prompts ?? []).filter((prompt) => {
    if (prompt.at > index) return false;
    const then = script.moments[prompt.at];
    if (then.node === now.node) return !said.includes(prompt.id);
    return prompt.said && !said.includes(prompt.id) && now.startMs - then.startMs < IN_SIGHT;
  });
}

/** What should have been said and was not; told from a while before the rest ends, not before. */
export function notSaid(script, index, planned, said) {
  if (script.remindMs === null || script.remindMs === undefined || planned < script.remindMs) return [];
  const shown = due(script, index, said);
  return (script.prompts ?? []).filter((prompt) => prompt.said && prompt.at <= index && !said.includes(prompt.id) && !shown.includes(prompt));
}
