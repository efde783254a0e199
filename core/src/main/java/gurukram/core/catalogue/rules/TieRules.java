package gurukram.core.catalogue.rules;

import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Every tie leads to a pose; easier and harder are told both ways and never run in a circle; deep poses have counterposes. */
final class TieRules {
    private TieRules() {}

    static void check(Entries draft) {
        known(draft);
        for (Pose pose : draft.poses()) {
            bothWays(draft, pose, "easier", pose.ties().easier(), p -> p.ties().harder());
            bothWays(draft, pose, "harder", pose.ties().harder(), p -> p.ties().easier());
            if (pose.depth() == 3 && pose.ties().counter().isEmpty()) {
                draft.problem(pose, "depth", "is deep, so it needs a counterpose");
            }
            if (circles(draft, pose)) draft.problem(pose, "easier", "is an easier form of itself, in a circle");
        }
    }

    static void known(Entries draft) {
        for (Pose pose : draft.poses()) {
            known(draft, pose, "easier", pose.ties().easier());
            known(draft, pose, "harder", pose.ties().harder());
            known(draft, pose, "counter", pose.ties().counter());
            known(draft, pose, "next", pose.ties().next());
        }
    }

    private static void known(Entries draft, Pose pose, String field, List<String> ids) {
        for (String id : ids) {
            if (!draft.has(id)) draft.problem(pose, field, field + ": there is no pose " + id);
            if (id.equals(pose.id())) draft.problem(pose, field, field + ": names the pose itself");
        }
    }

    private static void bothWays(
            Entries draft, Pose pose, String field, List<String> ids, Function<Pose, List<String>> back) {
        for (String id : ids) {
            Pose other = draft.byId().get(id);
            if (other != null && !back.apply(other).contains(pose.id())) {
                draft.problem(pose, field, field + ": " + id + " does not name it back");
            }
        }
    }

    private static boolean circles(Entries draft, Pose start) {
        Set<String> seen = new HashSet<>();
        List<String> open = new ArrayList<>(start.ties().easier());
        while (!open.isEmpty()) {
            String id = open.remove(open.size() - 1);
            if (id.equals(start.id())) return true;
            Pose pose = draft.byId().get(id);
            if (pose != null && seen.add(id)) open.addAll(pose.ties().easier());
        }
        return false;
    }
}
