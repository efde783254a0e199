package gurukram.core.catalogue.rules;

import gurukram.core.body.ActionUse;
import gurukram.core.pose.Gate;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.HashSet;
import java.util.Set;

/**
 * What a pose demands can be prepared: every demand of strength 3, and of 2 above beginner, by at least four poses of a lower
 * level or a lower rung of its ladder, at one less or more.
 */
final class PreparationRules {
    private static final int LEAST = 4;

    private PreparationRules() {}

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            Set<String> rungs = lowerRungs(draft, pose);
            for (ActionUse use : pose.actions()) {
                boolean asked = use.demands() == 3 || use.demands() == 2 && pose.level() != Level.BEGINNER;
                if (!asked) continue;
                long preparing = draft.poses().stream()
                        .filter(other -> other.prepares(use.action()) >= use.demands() - 1)
                        .filter(other -> other.level().compareTo(pose.level()) < 0 || rungs.contains(other.id()))
                        .filter(other -> !other.id().equals(pose.id()))
                        .count();
                if (preparing >= LEAST) continue;
                draft.problem(
                        pose,
                        "actions",
                        "demands %s %d, which only %d easier poses prepare at %d or more"
                                .formatted(use.action().word(), use.demands(), preparing, use.demands() - 1));
            }
        }
    }

    private static Set<String> lowerRungs(Entries draft, Pose pose) {
        Set<String> lower = new HashSet<>();
        for (Ladder ladder : draft.ladders()) {
            int own = ladder.rungOf(pose.id());
            Gate gate = pose.gate();
            int gated = gate != null && gate.ladder().equals(ladder.id()) ? gate.rung() : 0;
            int below = own > 0 ? own - 1 : gated;
            ladder.rungs().subList(0, below).forEach(rung -> {
                if (rung.pose() != null) lower.add(rung.pose());
            });
        }
        return lower;
    }
}
