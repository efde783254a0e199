/**
 * What is asked of a draft and what it answers: {@code Brief}, {@code Goal}, {@code Draft}, what was left out.
 *
 * <p>Imports: body, check, dose, group, plan, plan.settings, pose, text.
 */
@NullMarked
package gurukram.core.compose.brief;

import org.jspecify.annotations.NullMarked;
