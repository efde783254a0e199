/**
 * A studio of several teachers: who is what in it, and who may do what. Read {@code Rights}.
 *
 * <p>Imports: text.
 */
@NullMarked
package gurukram.core.studio;

import org.jspecify.annotations.NullMarked;
