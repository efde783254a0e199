package gurukram.core.catalogue.rules;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.pose.Pose;
import java.util.EnumSet;
import java.util.Set;

/** A pose prepares at most six actions, each no stronger than it demands it itself. */
final class ActionRules {
    private static final int MOST_PREPARED = 6;

    private ActionRules() {}

    static void check(Entries draft) {
        for (Pose pose : draft.poses()) {
            Set<Action> seen = EnumSet.noneOf(Action.class);
            int prepared = 0;
            for (ActionUse use : pose.actions()) {
                if (!seen.add(use.action()))
                    draft.problem(pose, "actions", use.action().word() + " is told twice");
                if (use.prepares() > 0) prepared++;
                if (use.prepares() > use.demands()) {
                    draft.problem(
                            pose,
                            "actions",
                            "cannot prepare %s at %d: it demands it at %d itself"
                                    .formatted(use.action().word(), use.prepares(), use.demands()));
                }
            }
            if (prepared > MOST_PREPARED) {
                draft.problem(pose, "actions", "prepares " + prepared + " actions, at most six can be meant");
            }
        }
    }
}
