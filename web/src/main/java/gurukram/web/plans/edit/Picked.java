package gurukram.web.plans.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.text.Refused;
import gurukram.web.shared.Typed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The parts of a class a teacher has picked, in the order of the page; what stands in a picked part goes with it. */
public final class Picked {
    private Picked() {}

    /** {@link Refused} when nothing is picked, or one of them is no longer there. */
    public static List<Node> of(ClassPlan plan, List<NodeId> ids) {
        Set<NodeId> wanted = new HashSet<>(ids);
        List<Node> picked = new ArrayList<>();
        plan.sections().forEach(section -> pick(section, wanted, picked));
        if (!wanted.isEmpty()) throw new Refused("That part of the class is no longer there.");
        if (picked.isEmpty()) throw new Refused("Nothing is marked.");
        return picked;
    }

    /** Ids as they are sent: with spaces between. */
    public static List<NodeId> ids(String words) {
        return Arrays.stream(words.strip().split("\\s+")).map(Typed::node).toList();
    }

    private static void pick(Node node, Set<NodeId> wanted, List<Node> picked) {
        boolean mine = wanted.remove(node.id());
        if (mine) {
            picked.add(node);
            forget(node, wanted);
        } else {
            node.children().forEach(child -> pick(child, wanted, picked));
        }
    }

    private static void forget(Node node, Set<NodeId> wanted) {
        for (Node child : node.children()) {
            wanted.remove(child.id());
            forget(child, wanted);
        }
    }
}
