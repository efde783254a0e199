package gurukram.core.notation;

import gurukram.core.plan.Flow;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;

/**
 * What a line leaves unsaid is filled in from where it will stand.
 *
 * @param level whose usual dose is taken
 * @param flow the flow it is added to; null outside flows
 * @param lastBreath the half-breath before it in the flow; FREE when there is none
 */
public record LineContext(Level level, Flow flow, Breath lastBreath) {
    public static LineContext outside(Level level) {
        return new LineContext(level, null, Breath.FREE);
    }
}
