/**
 * The phrase book: pieces of a class that are made already, a salutation, a flow that grows over three rounds, a chain of held
 * poses on one side, each with what can be computed of it.
 */
@NullMarked
package gurukram.core.phrase;

import org.jspecify.annotations.NullMarked;
