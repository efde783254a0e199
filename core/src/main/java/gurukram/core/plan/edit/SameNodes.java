package gurukram.core.plan.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Gives the nodes of a plan that was written anew the names they had before, so that what hangs on them survives: first by
 * content, each in its order, then by place.
 */
public final class SameNodes {
    private static final NodeId NOBODY = new NodeId("x");

    private final Map<NodeId, NodeId> names = new HashMap<>();
    private final Set<NodeId> taken = new HashSet<>();

    private SameNodes() {}

    /** {@code now} with names from {@code before} wherever a node is the same; its own names must be new. */
    public static ClassPlan named(ClassPlan now, ClassPlan before) {
        SameNodes same = new SameNodes();
        same.byContent(now, before);
        same.byPlace(now.sections(), before.sections(), before);
        return NodeNames.renamed(now, id -> same.names.getOrDefault(id, id));
    }

    private void byContent(ClassPlan now, ClassPlan before) {
        Map<Node, Deque<NodeId>> known = new HashMap<>();
        before.walk(node ->
                known.computeIfAbsent(content(node), c -> new ArrayDeque<>()).add(node.id()));
        now.walk(node -> {
            Deque<NodeId> same = known.get(content(node));
            if (same != null && !same.isEmpty()) take(node.id(), same.poll());
        });
    }

    /** What a node says by itself, without name and children; a layer that puts a step in is known by that step. */
    private static Node content(Node node) {
        return NodeNames.renamed(node.withChildren(List.of()), id -> NOBODY);
    }

    private void byPlace(List<? extends Node> now, List<? extends Node> before, ClassPlan old) {
        List<Node> left = new ArrayList<>(before);
        left.removeIf(node -> taken.contains(node.id()));
        for (Node node : now) {
            if (names.containsKey(node.id())) continue;
            left.stream()
                    .filter(candidate -> candidate.getClass() == node.getClass())
                    .findFirst()
                    .ifPresent(match -> {
                        left.remove(match);
                        take(node.id(), match.id());
                    });
        }
        for (Node node : now) {
            NodeId name = names.get(node.id());
            if (name == null) continue;
            old.find(name).ifPresent(match -> byPlace(node.children(), match.children(), old));
        }
    }

    private void take(NodeId now, NodeId before) {
        if (taken.add(before)) names.put(now, before);
    }
}
