/**
 * Schools side by side: the same salutation as several schools have it, and what changes in a class that goes over to another. Read
 * {@code SideBySide} and {@code Switch}.
 *
 * <p>Imports: body, notation.line, plan, plan.settings, pose, score, time.
 */
@NullMarked
package gurukram.core.schools;

import org.jspecify.annotations.NullMarked;
