package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.Join;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is done between two joins of a flow: a pass, or pose by pose a whole round.
 *
 * <p>Ours, where the rules are silent: a link is put in before a shared join takes movements away; pose by pose, a step
 * without a lead side is done once a round.
 */
record Turn(List<Visit> visits) {
    /** One time at one step. */
    record Visit(Step step, Pass pass) {}

    Visit last() {
        return visits.get(visits.size() - 1);
    }

    /** The turns of a flow at a level, in order; a turn in which everything is left out is not among them. */
    static List<Turn> of(Flow flow, @Nullable Level level, Side begins, PoseCatalogue catalogue) {
        Flow line = LevelLine.of(flow, level, catalogue);
        List<Pass> passes = Pass.of(flow.settings(), begins);
        boolean poseByPose = flow.settings().sides().effectiveOrder() == Order.POSE_BY_POSE;
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i < passes.size(); i += poseByPose ? 2 : 1) {
            List<List<Visit>> groups = groups(line, passes.get(i), catalogue);
            if (poseByPose) groups = interleaved(groups, groups(line, passes.get(i + 1), catalogue));
            List<Visit> visits = groups.stream().flatMap(List::stream).toList();
            if (!visits.isEmpty()) turns.add(new Turn(visits));
        }
        return turns;
    }

    /** The visits of one pass, step by written step, links included. */
    private static List<List<Visit>> groups(Flow flow, Pass pass, PoseCatalogue catalogue) {
        int rounds = flow.settings().rounds();
        List<List<Visit>> groups = new ArrayList<>();
        for (Step step : flow.steps()) groups.add(visits(step, pass, rounds, catalogue));
        for (Link link : flow.links()) {
            if (!link.when().holds(null, pass.round(), rounds, pass.ofRound())) continue;
            if (link.replacesLast()) dropLast(groups);
            for (Step step : link.steps()) groups.add(visits(step, pass, rounds, catalogue));
        }
        return groups;
    }

    private static List<Visit> visits(Step step, Pass pass, int rounds, PoseCatalogue catalogue) {
        List<Step> steps = Layered.inPass(step, pass, rounds, catalogue);
        if (steps.size() == 1) return List.of(new Visit(steps.get(0), pass));
        return steps.stream().map(done -> new Visit(done, pass)).toList();
    }

    private static void dropLast(List<List<Visit>> groups) {
        for (int i = groups.size() - 1; i >= 0; i--) {
            List<Visit> group = groups.get(i);
            if (group.isEmpty()) continue;
            groups.set(i, group.subList(0, group.size() - 1));
            return;
        }
    }

    private static List<List<Visit>> interleaved(List<List<Visit>> first, List<List<Visit>> second) {
        List<List<Visit>> both = new ArrayList<>();
        for (int i = 0; i < Math.max(first.size(), second.size()); i++) {
            if (i < first.size()) both.add(first.get(i));
            if (i >= second.size()) continue;
            boolean alone = i >= first.size() || first.get(i).isEmpty();
            both.add(second.get(i).stream()
                    .filter(visit -> alone || visit.step().sides().followsLead())
                    .toList());
        }
        return both;
    }

    /** How this turn meets the next; a flow too short to leave something of a pass shares nothing. */
    Join joinTo(Turn next, Flow flow, int shortest) {
        Join join = flow.settings()
                .joinAfter(next.last().pass().round() != last().pass().round());
        return join instanceof Join.Shared && mostShared(flow) >= shortest ? new Join.Separate() : join;
    }

    /** A pass may lose its beginning to the join before it and its end to the one behind. */
    private static int mostShared(Flow flow) {
        int end = 0;
        int start = 0;
        for (boolean endsRound : new boolean[] {false, true}) {
            if (!(flow.settings().joinAfter(endsRound) instanceof Join.Shared shared)) continue;
            end = Math.max(end, shared.end());
            start = Math.max(start, shared.start());
        }
        return end + start;
    }
}
