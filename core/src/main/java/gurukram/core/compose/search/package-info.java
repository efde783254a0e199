/**
 * What the parts are searched with: the poses that may stand in ({@code Pool}), how good they are, covers and shortest ways.
 *
 * <p>Imports: body, check, compose.brief, dose, group, plan, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.compose.search;

import org.jspecify.annotations.NullMarked;
