/**
 * What a teacher's days have in them, and what cannot be: two things at once, and rooms too far apart.
 *
 * <p>Imports: text.
 */
@NullMarked
package gurukram.core.calendar;

import org.jspecify.annotations.NullMarked;
