// What is meant to be said or thought of beside the pose, and whether it was.

/** Words that came in a quick place stay in sight for a while. */
const IN_SIGHT = 45_000;

/** What is for a step to come is told one step before it that is kept; -1 when that step itself is left out. */
function ahead(course, prompt) {
  let place = course.placeOf(prompt.at);
  if (!course.moments[place]?.out) return place;
  const coming = /^(?:fetch|watch)-(.+)$/.exec(prompt.id)?.[1];
  if (!course.moments.some((moment) => moment.node === coming && !moment.out)) return -1;
  while (course.moments[place]?.out) place -= 1;
  return place;
}

/** Whether the step of a place goes on; a round later it comes again, and what was to be fetched lies there. */
function lasts(course, place, index) {
  return course.moments.slice(place, index + 1).every((moment) => moment.node === course.moments[place].node);
}

/**
 * What is due now: what is said until it is said, what is only to be thought of as long as its step lasts. What belongs to a moment that
 * is left out is said where that would have been, and not thought of.
 */
export function due(script, course, index, said) {
  const now = course.moments[index];
  return (script.prompts ?? []).filter((prompt) => {
    const place = prompt.said ? course.placeOf(prompt.at) : ahead(course, prompt);
    if (place < 0 || place > index) return false;
    const then = course.moments[place];
    if (prompt.said ? then.node === now.node : lasts(course, place, index)) return !said.includes(prompt.id);
    return prompt.said && !said.includes(prompt.id) && now.startMs - then.startMs < IN_SIGHT;
  });
}

/** What should have been said and was not; told from a while before the rest ends, not before. */
export function notSaid(script, course, index, planned, said) {
  if (script.remindMs === null || script.remindMs === undefined) return [];
  // the course may be shorter or longer than it was meant: what counts is how much is left
  if (planned < script.remindMs + course.totalMs - script.totalMs) return [];
  const shown = due(script, course, index, said);
  return (script.prompts ?? []).filter((prompt) => prompt.said && course.placeOf(prompt.at) <= index && !said.includes(prompt.id) && !shown.includes(prompt));
}
