/**
 * Ending on the minute: the least change of a plan that gives it a length, exactly. Read {@code Fit}, then {@code Choices}
 * (what may change, how long it is, what it costs) and {@code LeastChange} (the arithmetic of choosing). May import plan,
 * score, pose, dose and the basics.
 */
package gurukram.core.fit;
