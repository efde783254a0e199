/**
 * Plans as a teacher types them: today one line at a time.
 *
 * <p>May import time, text, dose, pose and plan. The composer takes the lists of twelve positions from here.
 */
package gurukram.core.notation;
