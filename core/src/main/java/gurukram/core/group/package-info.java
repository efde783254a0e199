/**
 * The people a class is for, as counts and never as names, and the room they come to.
 *
 * <p>Imports: pose, text.
 */
@NullMarked
package gurukram.core.group;

import org.jspecify.annotations.NullMarked;
