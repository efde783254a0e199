package gurukram.core.schools;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.School.LegRule;
import org.jspecify.annotations.Nullable;

/**
 * How a school does a salutation. What is null stays as it is where a class goes over to it.
 *
 * @param list of twelve positions, {@code a} to {@code d}
 * @param legs which foot comes forward at the second lunge
 * @param round whether a round is one side or both
 * @param join how two passes meet
 * @param first the foot that goes back first in the first pass
 */
public record Way(
        @Nullable String list,
        @Nullable LegRule legs,
        @Nullable Counting round,
        @Nullable Join join,
        @Nullable Side first) {
    public static final Way AS_IT_IS = new Way(null, null, null, null, null);

    public boolean changesNothing() {
        return equals(AS_IT_IS);
    }
}
