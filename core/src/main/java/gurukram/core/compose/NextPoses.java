package gurukram.core.compose;

import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Transitions;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Poses that could come after a step: where teachers usually go on to, what balances the pose, and its neighbours, ordered
 * by what fits. Ours: a usual next pose counts 6, a counterpose 4, a pose of the same family 2; less one for every 4 s of
 * changing the base; less 4 when a movement would have to take the breath that was just taken; less 2 when a sided pose
 * would stand in a flow without sides. What fits equally comes in the order of the catalogue.
 */
public final class NextPoses {
    private static final int USUAL = 6;
    private static final int COUNTER = 4;
    private static final int FAMILY = 2;
    private static final int SECONDS_A_POINT = 4;
    private static final int SAME_BREATH = 4;
    private static final int SIDE = 2;

    private NextPoses() {}

    /**
     * Ids of at most {@code most} poses, the best first; empty after open time.
     *
     * @param flow the flow the step stands in; null outside flows
     */
    public static List<String> after(Step step, Flow flow, PoseCatalogue catalogue, int most) {
        if (step.pose() == null) return List.of();
        Pose pose = catalogue.pose(step.pose());
        Map<String, Integer> points = new LinkedHashMap<>();
        pose.ties().next().forEach(id -> points.merge(id, USUAL, Math::max));
        pose.ties().counter().forEach(id -> points.merge(id, COUNTER, Math::max));
        for (Pose other : catalogue.poses()) {
            if (other.family().equals(pose.family())) points.merge(other.id(), FAMILY, Math::max);
        }
        points.remove(pose.id());
        List<String> ids = new ArrayList<>(points.keySet());
        ids.removeIf(id -> !catalogue.has(id));
        Map<String, Integer> fit = new LinkedHashMap<>();
        ids.forEach(id ->
                fit.put(id, Objects.requireNonNull(points.get(id)) - misfit(step, pose, flow, catalogue.pose(id))));
        ids.sort(Comparator.comparing((String id) -> -Objects.requireNonNull(fit.get(id))));
        return ids.subList(0, Math.min(most, ids.size()));
    }

    private static int misfit(Step step, Pose from, Flow flow, Pose to) {
        long ms = Transitions.shipped().route(from.base(), to.base()).stream()
                .mapToLong(Transitions.Leg::first)
                .sum();
        int misfit = (int) (ms / (SECONDS_A_POINT * Millis.SECOND));
        if (step.dose() instanceof Dose.Movement movement && clashes(movement.lastBreath(), to.breath())) {
            misfit += SAME_BREATH;
        }
        boolean sided = to.sides() != SideBehaviour.SYMMETRIC;
        boolean noSides = flow != null && !flow.settings().hasSides();
        return sided && noSides ? misfit + SIDE : misfit;
    }

    private static boolean clashes(Breath last, BreathAffinity next) {
        return last == Breath.INHALE && next == BreathAffinity.IN
                || last == Breath.EXHALE && next == BreathAffinity.OUT;
    }
}
