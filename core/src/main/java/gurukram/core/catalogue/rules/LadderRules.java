package gurukram.core.catalogue.rules;

import gurukram.core.pose.Gate;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Ladders have four to ten rungs and reach their peak; what can be a peak is on one; high risk has its gate. */
final class LadderRules {
    private static final int LEAST = 4;
    private static final int MOST = 10;

    private LadderRules() {}

    static void check(Entries draft) {
        Map<String, Ladder> ladders =
                draft.ladders().stream().collect(Collectors.toMap(Ladder::id, Function.identity(), (a, b) -> a));
        Set<String> onRungs = new HashSet<>();
        for (Ladder ladder : draft.ladders()) {
            int rungs = ladder.rungs().size();
            if (rungs < LEAST || rungs > MOST) {
                draft.problem(ladder, "rungs", "has " + rungs + " rungs, from " + LEAST + " to " + MOST + " are meant");
            }
            for (Ladder.Rung rung : ladder.rungs()) {
                if (rung.pose() == null) continue;
                onRungs.add(rung.pose());
                if (!draft.has(rung.pose())) draft.problem(ladder, "rungs", "there is no pose " + rung.pose());
            }
            if (ladder.nearest() != null && ladder.rungOf(ladder.nearest()) == 0)
                draft.problem(ladder, "nearest", ladder.nearest() + " is on none of its rungs");
            if (ladder.peak() != null && ladder.rungOf(ladder.peak()) == 0) {
                draft.problem(ladder, "peak", "its peak " + ladder.peak() + " is on none of its rungs");
            }
        }
        for (Pose pose : draft.poses()) {
            if (pose.peakable() && !onRungs.contains(pose.id())) {
                draft.problem(pose, "peakable", "can be a peak, so it needs a ladder");
            }
            gate(draft, pose, ladders);
        }
    }

    private static void gate(Entries draft, Pose pose, Map<String, Ladder> ladders) {
        Gate gate = pose.gate();
        if (gate == null) {
            if (pose.risk() == Risk.HIGH) draft.problem(pose, "risk", "is of high risk, so it needs a gate");
            return;
        }
        Ladder ladder = ladders.get(gate.ladder());
        if (ladder == null) {
            draft.problem(pose, "gate", "gate: there is no ladder " + gate.ladder());
        } else if (gate.rung() > ladder.rungs().size()) {
            draft.problem(pose, "gate", "gate: " + gate.ladder() + " has no rung " + gate.rung());
        } else if (ladder.rungOf(pose.id()) != 0 && ladder.rungOf(pose.id()) <= gate.rung()) {
            draft.problem(pose, "gate", "gate: it is rung " + ladder.rungOf(pose.id()) + " of that ladder itself");
        }
    }
}
