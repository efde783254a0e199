/**
 * Whole classes from a brief, and what could come next. May use everything of the core; only pages use it.
 */
package gurukram.core.compose;
