/**
 * What a teacher's classes had in them over weeks, and what they lacked. Read {@code Covered}, {@code Coverage}, {@code Gaps}.
 *
 * <p>Imports: body, pose, score.
 */
@NullMarked
package gurukram.core.coverage;

import org.jspecify.annotations.NullMarked;
