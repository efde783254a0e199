package gurukram.core.craft;

import gurukram.core.body.Action;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a class is in for the first time today in half a breath, and that is no everyday movement (craft.md, rule 3; what is
 * everyday is ours).
 *
 * @param deep the ids of poses of depth 3, or that balance on one leg; none is usual
 * @param strong the ids of others; two are usual
 */
public record Firsts(Set<String> deep, Set<String> strong) {
    /** So many strong ones are usual. */
    public static final int USUAL_STRONG = 2;

    private static final Set<String> FAMILIES = Set.of("lunges", "dogs");
    /** What every salutation and every flow of warriors has. */
    private static final Set<String> EVERYDAY = Set.of(
            "chair",
            "plank",
            "low-push-up",
            "low-push-ups-knees",
            "upward-dog",
            "eight-points",
            "warrior-1",
            "warrior-2",
            "horse-stance",
            "goddess",
            "reverse-warrior");

    private static final int DEEP = 3;
    private static final int MOST_EFFORT = 3;
    private static final int BALANCES = 2;

    public static Firsts of(List<Moment> moments, PoseCatalogue catalogue) {
        Set<String> seen = new HashSet<>();
        Set<String> deep = new LinkedHashSet<>();
        Set<String> strong = new LinkedHashSet<>();
        for (Moment moment : moments) {
            if (moment.pose() == null) continue;
            Pose pose = catalogue.pose(moment.pose());
            boolean first = seen.add(pose.id());
            if (!first || moment.kind() != Moment.Kind.MOVEMENT || isEveryday(pose)) continue;
            boolean isDeep = pose.depth() >= DEEP || pose.demands(Action.ONE_LEG_BALANCE) >= BALANCES;
            (isDeep ? deep : strong).add(pose.id());
        }
        return new Firsts(deep, strong);
    }

    private static boolean isEveryday(Pose pose) {
        return FAMILIES.contains(pose.family())
                || EVERYDAY.contains(pose.id())
                || pose.depth() < DEEP && pose.effort() <= MOST_EFFORT;
    }
}
