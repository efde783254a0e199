/**
 * The phrase book: pieces of a class that are made already, a salutation, a flow that grows over three rounds, a chain of held
 * poses on one side, each with what can be computed of it.
 *
 * <p>Imports: body, notation, plan, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.phrase;

import org.jspecify.annotations.NullMarked;
