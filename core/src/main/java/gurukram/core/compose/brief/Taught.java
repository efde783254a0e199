package gurukram.core.compose.brief;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/**
 * A class that was taught.
 *
 * @param daysAgo before the class that is drafted
 * @param mainFlow the poses of its main flow in order, by id; empty when it had none
 * @param poses every pose in it
 * @param flows what its flows are called
 */
public record Taught(int daysAgo, List<String> mainFlow, Set<String> poses, Set<String> flows) {
    /** A main flow does not come again within three weeks. */
    public static final int DAYS_APART = 21;

    public Taught {
        mainFlow = List.copyOf(mainFlow);
        poses = Set.copyOf(poses);
        flows = Set.copyOf(flows);
    }

    public Taught(int daysAgo, List<String> mainFlow, Set<String> poses) {
        this(daysAgo, mainFlow, poses, Set.of());
    }

    /** A class that was taught, or is to be before the one that is drafted; its main flow is the longest outside salutations. */
    public static Taught of(ClassPlan plan, int daysAgo) {
        List<String> flow = List.of();
        Set<String> poses = new LinkedHashSet<>();
        Set<String> flows = new LinkedHashSet<>();
        for (Section section : plan.sections()) {
            for (Item item : section.items()) {
                List<String> here = poses(item);
                poses.addAll(here);
                if (item instanceof Flow named) flows.add(named.settings().name());
                boolean main = item instanceof Flow && section.role() != SectionRole.SALUTATIONS;
                if (main && here.size() > flow.size()) flow = here;
            }
        }
        return new Taught(Math.max(0, daysAgo), flow, poses, flows);
    }

    private static List<String> poses(Item item) {
        List<Step> steps = item instanceof Flow flow ? flow.steps() : List.of((Step) item);
        return steps.stream().map(Step::pose).filter(Objects::nonNull).toList();
    }
}
