package gurukram.core.fit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.pose.Level;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How many rounds of a flow fill a time. Rounds that take turns with the sides come in even numbers, so both even neighbours
 * are offered.
 *
 * @param exactly how many it would be if rounds could be parted
 * @param below the most that fit; empty when not even the fewest do
 * @param above the fewest that fill it; empty beyond the most a flow can have
 */
public record RoundsForTime(double exactly, Optional<Offer> below, Optional<Offer> above) {
    /** So many rounds, and how long they last, ms. */
    public record Offer(int rounds, long lengthMs) {}

    /** {@link Refused} when there is no such flow. */
    public static RoundsForTime of(
            ClassPlan plan, NodeId flowId, long timeMs, @Nullable Level level, Unfolder unfolder) {
        Flow flow = plan.find(flowId)
                .filter(Flow.class::isInstance)
                .map(Flow.class::cast)
                .orElseThrow(() -> new Refused("That flow is no longer there."));
        int step = step(flow);
        Offer below = null;
        Offer above = null;
        int low = 0;
        int high = FlowSettings.ROUNDS.most() / step;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (length(plan, flow, middle * step, level, unfolder) <= timeMs) low = middle;
            else high = middle - 1;
        }
        if (low > 0) below = new Offer(low * step, length(plan, flow, low * step, level, unfolder));
        boolean exact = below != null && below.lengthMs() == timeMs;
        if (exact) above = below;
        else if ((low + 1) * step <= FlowSettings.ROUNDS.most()) {
            above = new Offer((low + 1) * step, length(plan, flow, (low + 1) * step, level, unfolder));
        }
        return new RoundsForTime(exactly(below, above, timeMs), Optional.ofNullable(below), Optional.ofNullable(above));
    }

    private static double exactly(@Nullable Offer below, @Nullable Offer above, long timeMs) {
        if (above == null) return below == null ? 0 : below.rounds();
        int from = below == null ? 0 : below.rounds();
        long fromMs = below == null ? 0 : below.lengthMs();
        if (above.lengthMs() == fromMs) return from;
        return from + (double) (timeMs - fromMs) * (above.rounds() - from) / (above.lengthMs() - fromMs);
    }

    /** How many rounds a flow gains or loses at once, so that no side is left alone. */
    public static int step(Flow flow) {
        return takesTurns(flow) ? 2 : 1;
    }

    private static boolean takesTurns(Flow flow) {
        return flow.settings().counting() == Counting.ONE_SIDE
                && flow.settings().sides().leads() == Leads.ALTERNATING;
    }

    private static long length(ClassPlan plan, Flow flow, int rounds, @Nullable Level level, Unfolder unfolder) {
        ClassPlan with = new PlanEdit.Change(flow.with(flow.settings().withRounds(rounds))).applyTo(plan);
        NodeTotal total = unfolder.unfold(with, level).totals().get(flow.id());
        return total == null ? 0 : total.lengthMs();
    }

    /** The offers that end within a tolerance of the time, the nearest first; empty when none does. */
    public List<Offer> within(long timeMs, long toleranceMs) {
        List<Offer> fits = new ArrayList<>();
        below.ifPresent(fits::add);
        above.filter(offer -> !fits.contains(offer)).ifPresent(fits::add);
        fits.removeIf(offer -> Math.abs(offer.lengthMs() - timeMs) > toleranceMs);
        fits.sort(Comparator.comparing(offer -> Math.abs(offer.lengthMs() - timeMs)));
        return fits;
    }
}
