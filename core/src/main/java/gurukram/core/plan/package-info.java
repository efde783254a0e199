/**
 * The class as it is written: an immutable tree of sections, flows and steps. Read {@code ClassPlan}, {@code Section},
 * {@code Flow}, {@code Step}, {@code Layer}.
 *
 * <p>Imports: dose, plan.edit, plan.manner, plan.settings, pose, text, time.
 */
@NullMarked
package gurukram.core.plan;

import org.jspecify.annotations.NullMarked;
