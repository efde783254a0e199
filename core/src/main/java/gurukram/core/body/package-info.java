/**
 * What a body has and how it can stand: sides, areas, bases, actions. Read {@code Side}, {@code Base}, {@code Action}.
 *
 * <p>Imports: none of ours.
 */
@NullMarked
package gurukram.core.body;

import org.jspecify.annotations.NullMarked;
