/**
 * Durations in whole milliseconds, how they are rounded and shown, and the phases of a breath.
 *
 * <p>Imports nothing of ours; everything may import it.
 */
package gurukram.core.time;
