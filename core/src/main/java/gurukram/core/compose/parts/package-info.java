/**
 * How each part of a draft is made: flows, preparation, the peak, the ends, what fills the rest.
 *
 * <p>Imports: body, check, compose.brief, compose.search, dose, notation.line, plan, plan.settings, pose, score, time.
 */
@NullMarked
package gurukram.core.compose.parts;

import org.jspecify.annotations.NullMarked;
