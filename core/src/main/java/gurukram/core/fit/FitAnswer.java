package gurukram.core.fit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import java.util.List;

/** What came of fitting. */
public sealed interface FitAnswer {
    /** The length of the class as it is written, ms. */
    long beforeMs();

    /**
     * One part that changes.
     *
     * @param node a step, flow or link; the first of two where both sides are written apart
     * @param what the part, as a heading
     * @param before what it was, {@code after} what it is: {@code 8 breaths}, {@code 6 rounds}, {@code left out}
     * @param beforeMs how long it was, {@code afterMs} how long it is
     */
    record Change(NodeId node, String what, String before, String after, long beforeMs, long afterMs) {}

    /**
     * It can be done.
     *
     * @param plan the fitted class
     * @param edit what makes it of the class before; nothing when {@code changes} is empty
     * @param cost what the change costs, in fifths
     */
    record Fits(long beforeMs, long afterMs, ClassPlan plan, PlanEdit edit, List<Change> changes, long cost)
            implements FitAnswer {
        public Fits {
            changes = List.copyOf(changes);
        }
    }

    /**
     * It cannot be done.
     *
     * @param shortestMs the shortest the class can be, {@code longestMs} the longest
     * @param missesByMs how far the nearest reachable length is outside the tolerance
     * @param helps what alone would make it possible
     */
    record CannotFit(long beforeMs, long shortestMs, long longestMs, long missesByMs, List<Help> helps)
            implements FitAnswer {
        public CannotFit {
            helps = List.copyOf(helps);
        }
    }

    /** A lock or a range that stands in the way: {@code unlock Tree}. */
    record Help(NodeId node, String what) {}
}
