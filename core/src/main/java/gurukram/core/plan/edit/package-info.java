/**
 * The edits that make one plan of another, the rules every plan keeps, mirrored and resized copies. Read {@code PlanEdit}.
 *
 * <p>Imports: body, dose, plan, plan.manner, plan.settings, pose, text.
 */
@NullMarked
package gurukram.core.plan.edit;

import org.jspecify.annotations.NullMarked;
