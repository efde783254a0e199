/**
 * What can be set about a class, a flow and a school. Read {@code ClassSettings}, {@code FlowSettings}, {@code SideRule}.
 *
 * <p>Imports: body, dose, pose, text, time.
 */
@NullMarked
package gurukram.core.plan.settings;

import org.jspecify.annotations.NullMarked;
