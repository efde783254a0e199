/**
 * Words for the room, true to the side of the moment they belong to. Read {@code Cues}, {@code CueTemplate}.
 *
 * <p>Imports: body, plan, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.cue;

import org.jspecify.annotations.NullMarked;
