package gurukram.core.compose;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Pool;
import gurukram.core.coverage.Movement;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/** Movements that were missed over the last weeks, as poses a draft must have. */
public final class Missed {
    private Missed() {}

    /**
     * The pose that brings a movement into a class of this brief: one everybody in the group may do, clearly of that kind, not taught
     * lately, the mildest. Empty when there is none.
     */
    public static Optional<Pose> pose(Movement movement, Brief brief, PoseCatalogue catalogue) {
        Set<String> lately = new LinkedHashSet<>();
        brief.taught().forEach(taught -> lately.addAll(taught.poses()));
        return new Pool(catalogue, brief)
                .poses().stream()
                        .filter(movement::isIn)
                        .filter(pose -> Pool.isHandy(pose, brief.group()))
                        .min(Comparator.comparing((Pose pose) -> lately.contains(pose.id()))
                                .thenComparing(pose -> -movement.in(pose))
                                .thenComparing(Pose::effort)
                                .thenComparing(Pose::id));
    }

    /** The brief with such a pose for each; movements that no pose can bring are left out. */
    public static Brief into(Brief brief, Set<Movement> missed, PoseCatalogue catalogue) {
        Set<String> wanted = new LinkedHashSet<>(brief.wanted());
        for (Movement movement : Movement.values())
            if (missed.contains(movement))
                pose(movement, brief, catalogue).map(Pose::id).ifPresent(wanted::add);
        return brief.withPoses(wanted, brief.unwanted());
    }
}
