package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.FlowSides.Turn;
import gurukram.core.plan.settings.Mode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One time through a flow on one side.
 *
 * @param index from 1
 * @param round the round it belongs to, as the flow counts them
 * @param ofRound 1, or 2 for the second pass of a two-sided round
 * @param lead the leading side; null in a flow without sides
 * @param timeOnSide how often this side has been done on the breath or in silence by then, this pass included; learn rounds
 *     do not count
 * @param secondSide whether it is the side the flow does second
 */
record Pass(int index, int round, int ofRound, @Nullable Side lead, int timeOnSide, boolean secondSide, Mode mode) {

    /** The passes of a flow in the order they are done; {@code begins} is the side this class begins with. */
    static List<Pass> of(FlowSettings flow, Side begins) {
        FlowSides sides = flow.sides();
        int n = flow.passes();
        int[] times = new int[2];
        List<Pass> passes = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            boolean second = flow.hasSides() && isSecond(sides, i, n);
            int round = roundOf(sides, i, n);
            int ofRound = sides.counting() == Counting.BOTH_SIDES ? ofRound(sides, i, n) : 1;
            Mode mode = flow.pace().modeIn(round);
            Side first = sides.turn() == Turn.BY_CLASS && begins == Side.LEFT
                    ? sides.first().opposite()
                    : sides.first();
            Side lead = !flow.hasSides() ? null : second ? first.opposite() : first;
            int side = second ? 1 : 0;
            int time = mode == Mode.LEARN ? times[side] + 1 : ++times[side];
            passes.add(new Pass(i + 1, round, ofRound, lead, time, second, mode));
        }
        return passes;
    }

    private static boolean isSecond(FlowSides sides, int i, int n) {
        boolean oneSided = sides.counting() == Counting.ONE_SIDE;
        if (oneSided && sides.leads() == Leads.ALWAYS_FIRST) return false;
        if (sides.effectiveOrder() == Order.SIDE_FIRST) return i >= (n + 1) / 2;
        boolean second = i % 2 == 1;
        boolean swapped = !oneSided && sides.turn() == Turn.BY_ROUND && (i / 2) % 2 == 1;
        return second != swapped;
    }

    private static int roundOf(FlowSides sides, int i, int n) {
        if (sides.counting() != Counting.BOTH_SIDES) return i + 1;
        return sides.effectiveOrder() == Order.SIDE_FIRST ? i % (n / 2) + 1 : i / 2 + 1;
    }

    private static int ofRound(FlowSides sides, int i, int n) {
        return sides.effectiveOrder() == Order.SIDE_FIRST ? 1 + i / (n / 2) : 1 + i % 2;
    }
}
