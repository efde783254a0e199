/**
 * Ending on the minute: the least change of a plan that gives it a length, exactly. Read {@code Fit}, {@code FitSearch}, then
 * {@code Choices} (what may change, how long it is, what it costs), {@code LeastChange} (the arithmetic of choosing), {@code FitVerifier}.
 *
 * <p>Imports: body, dose, plan, plan.edit, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.fit;

import org.jspecify.annotations.NullMarked;
