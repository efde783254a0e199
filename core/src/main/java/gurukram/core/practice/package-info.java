/**
 * Practice for the teacher: questions whose answers come from the engine and the catalogue, and when each comes again.
 *
 * <p>Imports: body, caution, check, cue, dose, felt, notation, notation.line, plan, plan.edit, plan.settings, pose, said, score, text, time.
 */
@NullMarked
package gurukram.core.practice;

import org.jspecify.annotations.NullMarked;
