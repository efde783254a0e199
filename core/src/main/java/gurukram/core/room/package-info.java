/**
 * What the room needs beside the score: what is meant to be said, fetched and watched, each at its moment ({@code Prompts}), and how a
 * class that leaves its plan goes on ({@code Underway}), and what it owes the next ({@code Owed}).
 *
 * <p>Imports: body, check, fit, plan, plan.edit, plan.manner, plan.settings, pose, score, text, time.
 */
@NullMarked
package gurukram.core.room;

import org.jspecify.annotations.NullMarked;
