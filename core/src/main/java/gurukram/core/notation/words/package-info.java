/**
 * The words inside lines: guards, marks, sides, the school. Reader and writer together.
 *
 * <p>Imports: dose, plan, plan.manner, plan.settings, pose, text, time.
 */
@NullMarked
package gurukram.core.notation.words;

import org.jspecify.annotations.NullMarked;
