package gurukram.core.score;

import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSettings.Counting;
import gurukram.core.plan.FlowSettings.Order;
import gurukram.core.pose.Side;
import java.util.ArrayList;
import java.util.List;

/**
 * One time through a flow on one side.
 *
 * @param index from 1
 * @param round the round it belongs to, as the flow counts them
 * @param lead the leading side; null in a flow without sides
 * @param timeOnSide how often this side has been done by then, this pass included
 * @param secondSide whether it is the side the flow does second
 */
record Pass(int index, int round, Side lead, int timeOnSide, boolean secondSide) {

    /** The passes of a flow in the order they are done. */
    static List<Pass> of(FlowSettings flow) {
        int n = flow.passes();
        List<Pass> passes = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            if (!flow.hasSides()) {
                passes.add(new Pass(i + 1, i + 1, null, i + 1, false));
                continue;
            }
            boolean sideFirst = flow.order() == Order.SIDE_FIRST;
            int firstSidePasses = (n + 1) / 2;
            boolean second = sideFirst ? i >= firstSidePasses : i % 2 == 1;
            int timeOnSide = sideFirst ? (second ? i - firstSidePasses : i) + 1 : i / 2 + 1;
            int round = flow.counting() == Counting.BOTH_SIDES ? timeOnSide : i + 1;
            Side lead = second ? flow.firstSide().opposite() : flow.firstSide();
            passes.add(new Pass(i + 1, round, lead, timeOnSide, second));
        }
        return passes;
    }
}
