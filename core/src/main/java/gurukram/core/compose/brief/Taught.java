package gurukram.core.compose.brief;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
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

    /** The name of the flow a draft is made around. */
    public static final NodeId MAIN_FLOW = new NodeId("flow");

    public Taught {
        mainFlow = List.copyOf(mainFlow);
        poses = Set.copyOf(poses);
        flows = Set.copyOf(flows);
    }

    public Taught(int daysAgo, List<String> mainFlow, Set<String> poses) {
        this(daysAgo, mainFlow, poses, Set.of());
    }

    /** A class that was taught, or is to be before the one that is drafted. */
    public static Taught of(ClassPlan plan, int daysAgo) {
        List<String> flow = mainFlow(plan).map(Item::poses).orElse(List.of());
        Set<String> poses = new LinkedHashSet<>();
        Set<String> flows = new LinkedHashSet<>();
        for (Section section : plan.sections()) {
            for (Item item : section.items()) {
                List<String> here = item.poses();
                poses.addAll(here);
                if (item instanceof Flow named) flows.add(named.settings().name());
            }
        }
        return new Taught(Math.max(0, daysAgo), flow, poses, flows);
    }

    /**
     * The flow a class is known by: the one its draft was made around, else the longest outside salutations and the peak with its
     * stages; of equal ones the first.
     */
    public static Optional<Flow> mainFlow(ClassPlan plan) {
        Flow found = null;
        for (Section section : plan.sections()) {
            if (section.role() == SectionRole.SALUTATIONS || section.role() == SectionRole.PEAK) continue;
            for (Item item : section.items()) {
                if (!(item instanceof Flow flow)) continue;
                if (flow.id().equals(MAIN_FLOW)) return Optional.of(flow);
                if (found == null || flow.poses().size() > found.poses().size()) found = flow;
            }
        }
        return Optional.ofNullable(found);
    }
}
