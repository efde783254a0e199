/**
 * Plans as a teacher types them. Read {@code NotationReader}, {@code NotationWriter}; {@code LineReader} reads one line.
 *
 * <p>Imports: dose, notation.line, notation.words, plan, plan.edit, plan.settings, pose, text, time.
 */
@NullMarked
package gurukram.core.notation;

import org.jspecify.annotations.NullMarked;
