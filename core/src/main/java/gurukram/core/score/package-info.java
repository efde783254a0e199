/**
 * The plan unfolded for one level: moments with start, length, side, round and breath, and what they add up to. Read
 * {@code Pace}, {@code Moment}, {@code Unfolder}, {@code Score}.
 *
 * <p>Imports: body, dose, plan, plan.manner, plan.settings, pose, text, time.
 */
@NullMarked
package gurukram.core.score;

import org.jspecify.annotations.NullMarked;
