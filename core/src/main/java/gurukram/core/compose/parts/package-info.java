/**
 * How each part of a draft is made: flows, preparation, the peak, the ends, what fills the rest.
 *
 * <p>Imports: body, check, compose.brief, compose.idea, compose.search, craft, dose, group, notation.line, phrase, plan,
 * plan.edit, plan.manner, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.compose.parts;

import org.jspecify.annotations.NullMarked;
