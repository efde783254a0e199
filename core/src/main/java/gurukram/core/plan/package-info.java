/**
 * The class as it is written: an immutable tree of sections, flows and steps, and the edits that make one tree of another.
 *
 * <p>May import time, text, dose and pose.
 */
package gurukram.core.plan;
