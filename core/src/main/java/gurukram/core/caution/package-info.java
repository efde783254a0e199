/**
 * Cautions by mechanism: what a pose does to a body, and what people with a need do about it. Read {@code Rulebook}, {@code
 * Derivation}.
 *
 * <p>Imports: body, pose, score, text.
 */
@NullMarked
package gurukram.core.caution;

import org.jspecify.annotations.NullMarked;
