/**
 * Plans as a teacher types them: today one line at a time.
 *
 * <p>May import time, text, dose, pose and plan.
 */
package gurukram.core.notation;
