/**
 * Whole classes from a brief, and what could come next. Read {@code Composer}, {@code Build}; {@code Why} gives the reasons.
 *
 * <p>Imports: body, check, compose.brief, compose.idea, compose.parts, compose.search, coverage, craft, dose, fit, group, phrase, plan,
 * plan.edit, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.compose;

import org.jspecify.annotations.NullMarked;
