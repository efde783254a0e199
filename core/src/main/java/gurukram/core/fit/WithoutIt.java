package gurukram.core.fit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Level;
import gurukram.core.score.Unfolder;
import org.jspecify.annotations.Nullable;

/**
 * What a class would be without one of its parts.
 *
 * @param beforeMs its length, {@code afterMs} its length without the part: more or less than the part's own, as neighbours take
 *     over its transitions and its first times
 */
public record WithoutIt(long beforeMs, long afterMs) {
    /** {@link gurukram.core.text.Refused} when the part is no longer there. */
    public static WithoutIt of(ClassPlan plan, NodeId part, @Nullable Level level, Unfolder unfolder) {
        long before = unfolder.unfold(plan, level).totalMs();
        ClassPlan without = new PlanEdit.Remove(part).applyTo(plan);
        return new WithoutIt(before, unfolder.unfold(without, level).totalMs());
    }

    public long savedMs() {
        return beforeMs - afterMs;
    }
}
