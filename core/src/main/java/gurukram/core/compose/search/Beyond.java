package gurukram.core.compose.search;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Risk;
import java.util.Map;
import java.util.Optional;

/**
 * What a group has not come to on its ladders. Low rungs are poses of any class and may be met anywhere; the pose a ladder leads to, what
 * comes behind it, its own easier forms and what somebody must watch may not be met in flows, in a warm-up or anywhere else before the group stands there.
 */
final class Beyond {
    /** An easier form so few rungs below the pose is on the way to it, and no pose of any class. */
    private static final int NEAR = 2;

    private Beyond() {}

    /** @param reached the rung the group stands on, by ladder; @return the rung it stands on, where a pose is beyond it */
    static Optional<Integer> standing(Pose pose, Map<String, Integer> reached, PoseCatalogue catalogue) {
        for (Map.Entry<String, Integer> one : reached.entrySet()) {
            Optional<Ladder> ladder = catalogue.ladder(one.getKey());
            if (ladder.isPresent() && isBeyond(pose, ladder.get(), one.getValue(), catalogue))
                return Optional.of(one.getValue());
        }
        return Optional.empty();
    }

    private static boolean isBeyond(Pose pose, Ladder ladder, int reached, PoseCatalogue catalogue) {
        int rung = ladder.rungOf(pose.id());
        if (rung <= reached) return false;
        if (ladder.rungs().get(rung - 1).with() != Ladder.With.ALONE) return true;
        if (ladder.peak() == null) return false;
        Pose peak = catalogue.pose(ladder.peak());
        int top = ladder.rungOf(peak.id());
        boolean near = rung >= top - NEAR || pose.risk() != Risk.LOW;
        return rung >= top || near && peak.ties().easier().contains(pose.id());
    }
}
