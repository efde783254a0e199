package gurukram.core.plan;

import java.util.Collection;
import java.util.Iterator;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Other names for the nodes of a plan; what the plan says stays the same. */
public final class NodeNames {
    private NodeNames() {}

    /** The name, or the next of its kind that is not taken yet; it is taken then. */
    public static NodeId free(NodeId id, Collection<NodeId> taken) {
        NodeId name = id;
        for (int n = 2; !taken.add(name); n++) name = new NodeId(id.value() + "-" + n);
        return name;
    }

    /** The node and all it holds under other names, parents first. */
    public static Node renamed(Node node, UnaryOperator<NodeId> names) {
        Node other = node.named(names.apply(node.id()));
        List<? extends Node> children = node.children();
        if (children.isEmpty()) return other;
        return other.withChildren(
                children.stream().map(child -> renamed(child, names)).toList());
    }

    public static ClassPlan renamed(ClassPlan plan, UnaryOperator<NodeId> names) {
        return new ClassPlan(
                plan.settings(),
                plan.sections().stream()
                        .map(section -> (Section) renamed(section, names))
                        .toList());
    }

    /** The plan with its nodes numbered in order: two plans that say the same become equal. */
    public static ClassPlan numbered(ClassPlan plan) {
        Supplier<NodeId> next = numbers();
        return renamed(plan, id -> next.get());
    }

    /** {@code n1}, {@code n2}, ... */
    public static Supplier<NodeId> numbers() {
        Iterator<NodeId> ids =
                Stream.iterate(1, n -> n + 1).map(n -> new NodeId("n" + n)).iterator();
        return ids::next;
    }
}
