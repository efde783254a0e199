/**
 * What do they feel? Where a pose should be felt and where not, and what a careful teacher asks and does when somebody says what she
 * feels. Never a diagnosis. Read {@code Feelings}.
 *
 * <p>Imports: body, caution, pose, text.
 */
@NullMarked
package gurukram.core.felt;

import org.jspecify.annotations.NullMarked;
