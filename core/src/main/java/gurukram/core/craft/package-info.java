/**
 * How a class is built, as measures: information for whoever made it, and never a grade.
 *
 * <p>Imports: body, dose, plan, plan.settings, pose, score, time.
 */
@NullMarked
package gurukram.core.craft;

import org.jspecify.annotations.NullMarked;
