package gurukram.core.phrase;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * A phrase as one level does it, with what its score says. Link steps that are optional count.
 *
 * @param flow its lines, without those of other levels
 * @param poses every pose that is done, in the order it first comes
 * @param first where people are at its beginning, {@code last} at its end
 * @param startsOn the breath it begins on; {@link Breath#FREE} with a hold
 * @param endsOn the breath it ends on
 * @param lengthMs all rounds and sides, ms
 * @param wristLoads moments with weight on the hands
 * @param sideRun holds of one side in a row, on the average; 0 where it holds no side
 * @param sideMs how long it prepares each action at each strength on the side that has less of it, ms: strength 1 to 3
 */
public record PhraseLine(
        Phrase phrase,
        Flow flow,
        Set<String> poses,
        Pose first,
        Pose last,
        Breath startsOn,
        Breath endsOn,
        long lengthMs,
        int wristLoads,
        double sideRun,
        Map<Action, long[]> sideMs) {

    static PhraseLine of(Phrase phrase, Flow flow, Score score, PoseCatalogue catalogue) {
        List<Moment> moments =
                score.moments().stream().filter(moment -> moment.pose() != null).toList();
        Set<String> poses = new LinkedHashSet<>();
        int loads = 0;
        for (Moment moment : moments) {
            poses.add(moment.pose());
            if (pose(moment, catalogue).wristLoad()) loads++;
        }
        Moment first = moments.get(0);
        Moment last = moments.get(moments.size() - 1);
        return new PhraseLine(
                phrase,
                flow,
                poses,
                pose(first, catalogue),
                pose(last, catalogue),
                breath(first),
                breath(last),
                score.totalMs(),
                loads,
                sideRun(moments),
                sideMs(moments, catalogue));
    }

    private static Pose pose(Moment moment, PoseCatalogue catalogue) {
        return catalogue.pose(Objects.requireNonNull(moment.pose()));
    }

    private static Breath breath(Moment moment) {
        boolean moves = moment.kind() == Moment.Kind.MOVEMENT && moment.breath() != null;
        return moves ? Objects.requireNonNull(moment.breath()) : Breath.FREE;
    }

    private static double sideRun(List<Moment> moments) {
        int holds = 0;
        int runs = 0;
        Side last = null;
        for (Moment moment : moments) {
            if (moment.kind() != Moment.Kind.HOLD || moment.side() == null) continue;
            holds++;
            if (moment.side() != last) runs++;
            last = moment.side();
        }
        return runs == 0 ? 0 : holds / (double) runs;
    }

    private static Map<Action, long[]> sideMs(List<Moment> moments, PoseCatalogue catalogue) {
        Map<Action, long[][]> sides = new EnumMap<>(Action.class);
        for (Moment moment : moments) {
            for (ActionUse use : pose(moment, catalogue).actions()) {
                for (int strength = 1; strength <= use.prepares(); strength++) {
                    long[] ms = sides.computeIfAbsent(use.action(), a -> new long[4][2])[strength];
                    if (moment.side() != Side.LEFT) ms[0] += moment.workMs();
                    if (moment.side() != Side.RIGHT) ms[1] += moment.workMs();
                }
            }
        }
        Map<Action, long[]> least = new EnumMap<>(Action.class);
        sides.forEach((action, ms) -> {
            long[] each = new long[4];
            for (int strength = 1; strength <= 3; strength++)
                each[strength] = Math.min(ms[strength][0], ms[strength][1]);
            least.put(action, each);
        });
        return least;
    }

    /** How long it prepares an action at a strength or more, on the side that has less of it, ms. */
    public long preparesMs(Action action, int strength) {
        long[] ms = sideMs.get(action);
        return ms == null ? 0 : ms[Math.max(1, Math.min(3, strength))];
    }

    public Base startsBase() {
        return first.base();
    }

    public Base endsBase() {
        return last.base();
    }

    /** The poses of its steps as they are written. */
    public List<String> steps() {
        List<String> steps = new ArrayList<>();
        for (Step step : flow.steps()) if (step.pose() != null) steps.add(step.pose());
        return steps;
    }
}
