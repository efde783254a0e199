/**
 * Practice for the teacher: questions whose answers come from the engine and the catalogue, and when each comes again.
 *
 * <p>Imports: body, dose, notation.line, plan, plan.settings, pose, score, time.
 */
@NullMarked
package gurukram.core.practice;

import org.jspecify.annotations.NullMarked;
