package gurukram.core.compose.search;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the ideas shown before for a brief are made of, so that the next is truly another.
 *
 * @param flows by name, each with the number of ideas it is in
 * @param poses likewise, by id
 * @param orders the poses of each idea in their order
 * @param titles what they are called
 */
public record Shown(
        Map<String, Integer> flows, Map<String, Integer> poses, List<List<String>> orders, Set<String> titles) {
    public static final Shown NOTHING = of(List.of());

    public Shown {
        flows = Map.copyOf(flows);
        poses = Map.copyOf(poses);
        orders = List.copyOf(orders);
        titles = Set.copyOf(titles);
    }

    public static Shown of(List<ClassPlan> ideas) {
        Map<String, Integer> flows = new HashMap<>();
        Map<String, Integer> poses = new HashMap<>();
        Set<String> titles = new HashSet<>();
        for (ClassPlan idea : ideas) {
            titles.add(idea.settings().title());
            Set<String> names = new HashSet<>();
            Set<String> ids = new HashSet<>();
            idea.walk(node -> {
                if (node instanceof Flow flow) names.add(flow.settings().name());
                if (node instanceof Step step && step.pose() != null) ids.add(step.pose());
            });
            names.forEach(name -> flows.merge(name, 1, Integer::sum));
            ids.forEach(id -> poses.merge(id, 1, Integer::sum));
        }
        return new Shown(flows, poses, ideas.stream().map(Sequences::poses).toList(), titles);
    }

    /** How much of its order a class shares with the one it shares most with, 0 to 1; and 1 more where one has its name. */
    public double likeness(ClassPlan plan) {
        List<String> order = Sequences.poses(plan);
        double most = orders.stream()
                .mapToDouble(other -> Sequences.likeness(other, order))
                .max()
                .orElse(0);
        return most + (titles.contains(plan.settings().title()) ? 1 : 0);
    }

    /** Whether no more than half of its order is in any of them, and its name in none. */
    public boolean isOther(ClassPlan plan) {
        return likeness(plan) <= Sequences.TRULY_OTHER;
    }

    public int flow(String name) {
        return flows.getOrDefault(name, 0);
    }

    public int pose(String id) {
        return poses.getOrDefault(id, 0);
    }
}
