/**
 * How a pose is done at a step where that is not the usual: with what, by which way, in which stages. Read {@code Manner}.
 *
 * <p>Imports: dose, pose, text, time.
 */
@NullMarked
package gurukram.core.plan.manner;

import org.jspecify.annotations.NullMarked;
