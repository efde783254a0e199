/**
 * What could come next, and why. May use the plan and the score; only pages use it.
 */
package gurukram.core.compose;
