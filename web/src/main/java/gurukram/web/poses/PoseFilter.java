package gurukram.web.poses;

import gurukram.core.body.Base;
import gurukram.core.body.BodyArea;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.util.List;

/**
 * What a teacher looks for; a null or empty field asks nothing.
 *
 * @param q typed words
 * @param level this level or easier
 * @param feel {@code stretch}, {@code work}, or either
 * @param need needs the poses must suit: what is blocked for one of them is left out
 * @param prop a prop it is helped by; {@code none} for poses without any
 */
record PoseFilter(
        String q, String family, Base base, Level level, BodyArea area, String feel, List<Need> need, String prop) {
    private static final int MOST_LETTERS = 100;

    PoseFilter {
        q = q == null ? "" : q.strip();
        // longer than any name: what is looked for is what the page then shows in the box
        if (q.length() > MOST_LETTERS) q = q.substring(0, MOST_LETTERS);
        family = family == null ? "" : family;
        feel = feel == null ? "" : feel;
        need = need == null ? List.of() : List.copyOf(need);
        prop = prop == null ? "" : prop;
    }

    boolean takes(Pose pose) {
        return (family.isEmpty() || pose.family().equals(family))
                && (base == null || pose.base() == base)
                && (level == null || pose.level().compareTo(level) <= 0)
                && feltThere(pose)
                && suits(pose)
                && propped(pose);
    }

    private boolean feltThere(Pose pose) {
        if (area == null) return true;
        boolean stretched = pose.stretches().stream().anyMatch(felt -> felt.area() == area);
        boolean worked = pose.works().stream().anyMatch(felt -> felt.area() == area);
        return feel.equals("stretch") ? stretched : feel.equals("work") ? worked : stretched || worked;
    }

    private boolean suits(Pose pose) {
        return need.stream()
                .flatMap(n -> pose.caution(n).stream())
                .noneMatch(caution -> caution.severity() == Caution.Severity.BLOCKED);
    }

    private boolean propped(Pose pose) {
        if (prop.isEmpty()) return true;
        if (prop.equals("none")) return pose.props().isEmpty();
        return pose.props().stream().anyMatch(use -> use.prop().equals(prop));
    }

    boolean isEmpty() {
        return q.isEmpty()
                && family.isEmpty()
                && base == null
                && level == null
                && area == null
                && need.isEmpty()
                && prop.isEmpty();
    }
}
