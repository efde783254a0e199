package gurukram.core.compose.brief;

import gurukram.core.check.Report;
import gurukram.core.plan.ClassPlan;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A class that was composed.
 *
 * @param goal the pose it leads to; null when it leads to none
 * @param stops what stands against the peak that was asked for, or the rungs of it above the goal: whole sentences
 * @param idea the number of the idea: the same brief and idea give the same class
 * @param leftOut poses that would have prepared the peak or met the theme, and why they are not in
 * @param report what the checks say about it
 * @param totalMs its length, ms
 */
public record Draft(
        ClassPlan plan,
        Brief brief,
        @Nullable Goal goal,
        List<String> stops,
        long idea,
        List<LeftOut> leftOut,
        Report report,
        long totalMs) {
    public Draft {
        stops = List.copyOf(stops);
        leftOut = List.copyOf(leftOut);
    }
}
