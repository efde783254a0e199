/**
 * Durations in whole milliseconds, how they are rounded and shown, and the phases of a breath.
 *
 * <p>Imports: none of ours.
 */
@NullMarked
package gurukram.core.time;

import org.jspecify.annotations.NullMarked;
