/**
 * How much of a pose: holds, movements, repetitions, open time, and how a teacher writes them. Read {@code Dose}, {@code DoseText}.
 *
 * <p>Imports: text, time.
 */
@NullMarked
package gurukram.core.dose;

import org.jspecify.annotations.NullMarked;
