/**
 * The plan unfolded for one level: moments with start, length, side, round and breath, and what they add up to.
 *
 * <p>Reading order: {@link gurukram.core.score.Pace}, {@link gurukram.core.score.Moment},
 * {@link gurukram.core.score.Unfolder}, {@link gurukram.core.score.Score}. May import time, text, dose, pose and plan.
 */
package gurukram.core.score;
