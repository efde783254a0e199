/**
 * Courses: lessons for a group that lead somewhere, what grows from one to the next, and on which days they are.
 *
 * <p>Imports: compose, compose.brief, compose.search, dose, notation, notation.line, plan, plan.edit, plan.settings, pose, text.
 */
@NullMarked
package gurukram.core.course;

import org.jspecify.annotations.NullMarked;
