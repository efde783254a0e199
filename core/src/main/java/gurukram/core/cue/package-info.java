/**
 * Words for the room, true to the side of the moment they belong to.
 *
 * <p>May import time, text, dose, pose, plan and score.
 */
package gurukram.core.cue;
