/**
 * How much of a pose: holds, movements, repetitions, open time, and how a teacher writes them.
 *
 * <p>May import time and text.
 */
package gurukram.core.dose;
