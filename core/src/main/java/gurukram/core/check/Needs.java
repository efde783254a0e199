package gurukram.core.check;

import gurukram.core.group.People;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.util.List;

/** What a group's needs ask of a pose. */
public final class Needs {
    private Needs() {}

    /** The cautions of a pose that somebody in the group needs; none without a group. */
    public static List<Caution> cautions(Pose pose, People group) {
        if (group == null) return List.of();
        return pose.cautions().stream().filter(c -> group.people(c.need()) > 0).toList();
    }

    /** Whether somebody in the group has to leave the pose out. */
    public static boolean isBlocked(Pose pose, People group) {
        return cautions(pose, group).stream().anyMatch(c -> c.severity() == Caution.Severity.BLOCKED);
    }

    /** {@code 2 people with sore wrists}: by count, never by name. */
    static String people(People group, Need need) {
        int n = group.people(need);
        return "%s (%d)".formatted(need.words(), n);
    }
}
