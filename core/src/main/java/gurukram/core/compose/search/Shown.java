package gurukram.core.compose.search;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What the ideas shown before for a brief are made of, so that the next is truly another: flows by name and poses, each with the number of ideas it is in. */
public record Shown(Map<String, Integer> flows, Map<String, Integer> poses) {
    public static final Shown NOTHING = new Shown(Map.of(), Map.of());

    public Shown {
        flows = Map.copyOf(flows);
        poses = Map.copyOf(poses);
    }

    public static Shown of(List<ClassPlan> ideas) {
        Map<String, Integer> flows = new HashMap<>();
        Map<String, Integer> poses = new HashMap<>();
        for (ClassPlan idea : ideas) {
            Set<String> names = new HashSet<>();
            Set<String> ids = new HashSet<>();
            idea.walk(node -> {
                if (node instanceof Flow flow) names.add(flow.settings().name());
                if (node instanceof Step step && step.pose() != null) ids.add(step.pose());
            });
            names.forEach(name -> flows.merge(name, 1, Integer::sum));
            ids.forEach(id -> poses.merge(id, 1, Integer::sum));
        }
        return new Shown(flows, poses);
    }

    public int flow(String name) {
        return flows.getOrDefault(name, 0);
    }

    public int pose(String id) {
        return poses.getOrDefault(id, 0);
    }
}
