/**
 * What a teacher's own sentences state: sides and limbs, numbers, breath, names, ways of speaking, promises. A word nobody knows is
 * passed over. Read {@code Sentence}, {@code Limbs}, {@code PoseFacts}.
 *
 * <p>Imports: body, figure, pose, text.
 */
@NullMarked
package gurukram.core.said;

import org.jspecify.annotations.NullMarked;
