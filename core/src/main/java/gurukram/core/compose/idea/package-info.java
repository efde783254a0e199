/**
 * The ideas a class can have, and how a peak is taught.
 *
 * <p>Imports: body, compose.brief, pose, text.
 */
@NullMarked
package gurukram.core.compose.idea;

import org.jspecify.annotations.NullMarked;
