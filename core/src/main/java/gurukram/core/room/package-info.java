/**
 * What the room needs beside the score: what is meant to be said, fetched and watched, each at its moment. Read {@code Prompts}.
 *
 * <p>Imports: check, plan, plan.settings, pose, score, time.
 */
@NullMarked
package gurukram.core.room;

import org.jspecify.annotations.NullMarked;
