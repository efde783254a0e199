/**
 * How far a group has come on a ladder, read off its logged tries.
 *
 * <p>Imports: pose, text.
 */
@NullMarked
package gurukram.core.progress;

import org.jspecify.annotations.NullMarked;
