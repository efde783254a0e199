package gurukram.core.compose.search;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** How alike two sequences of poses are. */
public final class Sequences {
    /** Two classes are truly different when they share no more than this part of their poses in order. */
    public static final double TRULY_OTHER = 0.5;

    private static final Set<SectionRole> FRAME = EnumSet.of(
            SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.SALUTATIONS, SectionRole.REST, SectionRole.CLOSE);

    private Sequences() {}

    /** The part of the shorter one's poses that both have in the same order, 0 to 1; the frame of a class does not count. */
    public static double likeness(ClassPlan a, ClassPlan b) {
        return likeness(poses(a), poses(b));
    }

    static double likeness(List<String> one, List<String> other) {
        int shorter = Math.min(one.size(), other.size());
        return shorter == 0 ? 0 : common(one, other) / (double) shorter;
    }

    /** The poses from the warm-up to the cool-down as they are written, without the salutations. */
    public static List<String> poses(ClassPlan plan) {
        List<String> poses = new ArrayList<>();
        for (Section section : plan.sections()) {
            if (FRAME.contains(section.role())) continue;
            for (Item item : section.items()) poses.addAll(item.poses());
        }
        return poses;
    }

    /** The length of their longest common subsequence. */
    public static int common(List<String> a, List<String> b) {
        int[] row = new int[b.size() + 1];
        for (String one : a) {
            int diagonal = 0;
            for (int j = 1; j <= b.size(); j++) {
                int above = row[j];
                row[j] = one.equals(b.get(j - 1)) ? diagonal + 1 : Math.max(row[j], row[j - 1]);
                diagonal = above;
            }
        }
        return row[b.size()];
    }
}
