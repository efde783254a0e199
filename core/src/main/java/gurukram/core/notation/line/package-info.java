/**
 * The kinds of line a class is written in: one file a kind, reader and writer together.
 *
 * <p>Imports: body, dose, notation.words, plan, plan.manner, plan.settings, pose, text, time.
 */
@NullMarked
package gurukram.core.notation.line;

import org.jspecify.annotations.NullMarked;
