package gurukram.core.plan.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A change to a plan: a small closed set from which every change on the pages is made, each with its exact inverse.
 *
 * <p>For any plan {@code p} an edit applies to, {@code e.inverse(p).applyTo(e.applyTo(p))} equals {@code p}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
@JsonSubTypes({
    @JsonSubTypes.Type(value = PlanEdit.Insert.class, name = "insert"),
    @JsonSubTypes.Type(value = PlanEdit.Remove.class, name = "remove"),
    @JsonSubTypes.Type(value = PlanEdit.Move.class, name = "move"),
    @JsonSubTypes.Type(value = PlanEdit.Change.class, name = "change"),
    @JsonSubTypes.Type(value = PlanEdit.Settings.class, name = "settings"),
    @JsonSubTypes.Type(value = PlanEdit.Rewrite.class, name = "rewrite"),
    @JsonSubTypes.Type(value = PlanEdit.Together.class, name = "together")
})
public sealed interface PlanEdit {
    /** The changed plan; {@link Refused} when the edit's place is no longer there. */
    ClassPlan applyTo(ClassPlan plan);

    /** The edit that takes this one back, given the plan it will be applied to. */
    PlanEdit inverse(ClassPlan before);

    /** Nodes whose value or place the edit changes in this plan: two edits that share one collide. */
    Set<NodeId> touches(ClassPlan before);

    /** Puts a node with all it holds into a parent, after a sibling; {@code after} null puts it first. */
    record Insert(NodeId parent, @Nullable NodeId after, Node node) implements PlanEdit {
        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            List<Node> children = new ArrayList<>(plan.childrenOf(parent));
            children.add(after == null ? 0 : 1 + indexOf(children, after), node);
            return plan.withChildrenOf(parent, children);
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            return new Remove(node.id());
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            return subtree(node);
        }
    }

    record Remove(NodeId node) implements PlanEdit {
        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            NodeId parent = placeIn(plan, node).parent();
            List<Node> children = new ArrayList<>(plan.childrenOf(parent));
            children.remove(indexOf(children, node));
            return plan.withChildrenOf(parent, children);
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            Place place = placeIn(before, node);
            return new Insert(place.parent(), place.after(), nodeIn(before, node));
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            return subtree(nodeIn(before, node));
        }
    }

    record Move(NodeId node, NodeId parent, @Nullable NodeId after) implements PlanEdit {
        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            Node moved = nodeIn(plan, node);
            if (node.equals(after)) return plan;
            return new Insert(parent, after, moved).applyTo(new Remove(node).applyTo(plan));
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            Place place = placeIn(before, node);
            return new Move(node, place.parent(), place.after());
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            return Set.of(node);
        }
    }

    /** Gives a node another value; what it holds stays as it is in the plan. */
    record Change(Node node) implements PlanEdit {
        public Change {
            node = node.withChildren(List.of());
        }

        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            nodeIn(plan, node.id());
            return plan.replacing(node.id(), old -> node.withChildren(old.children()));
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            return new Change(nodeIn(before, node.id()));
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            return Set.of(node.id());
        }
    }

    record Settings(ClassSettings settings) implements PlanEdit {
        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            return plan.with(settings);
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            return new Settings(before.settings());
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            return Set.of(NodeId.CLASS);
        }
    }

    /** The class written anew as a whole, as text or as a document: it collides with every other change. */
    record Rewrite(ClassPlan plan) implements PlanEdit {
        @Override
        public ClassPlan applyTo(ClassPlan before) {
            return plan;
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            return new Rewrite(before);
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            Set<NodeId> all = new HashSet<>(Set.of(NodeId.CLASS));
            before.walk(node -> all.add(node.id()));
            plan.walk(node -> all.add(node.id()));
            return all;
        }
    }

    /** Several edits that are one for the teacher: applied in order, taken back in reverse. */
    record Together(List<PlanEdit> edits) implements PlanEdit {
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public ClassPlan applyTo(ClassPlan plan) {
            for (PlanEdit edit : edits) plan = edit.applyTo(plan);
            return plan;
        }

        @Override
        public PlanEdit inverse(ClassPlan before) {
            List<PlanEdit> inverses = new ArrayList<>();
            for (PlanEdit edit : edits) {
                inverses.add(0, edit.inverse(before));
                before = edit.applyTo(before);
            }
            return new Together(inverses);
        }

        @Override
        public Set<NodeId> touches(ClassPlan before) {
            Set<NodeId> touched = new HashSet<>();
            for (PlanEdit edit : edits) {
                touched.addAll(edit.touches(before));
                before = edit.applyTo(before);
            }
            return touched;
        }
    }

    /** The edit that puts {@code now} where the node of its name stands: a change of its value, or of all it holds. */
    static PlanEdit instead(ClassPlan plan, Node now) {
        Node before = nodeIn(plan, now.id());
        if (before.children().equals(now.children())) return new Change(now);
        Place place = placeIn(plan, now.id());
        return new Together(List.of(new Remove(now.id()), new Insert(place.parent(), place.after(), now)));
    }

    /** Several edits as one; one stays itself. */
    static PlanEdit all(List<PlanEdit> edits) {
        return edits.size() == 1 ? edits.get(0) : new Together(edits);
    }

    private static Node nodeIn(ClassPlan plan, NodeId id) {
        return plan.find(id).orElseThrow(PlanEdit::gone);
    }

    private static Place placeIn(ClassPlan plan, NodeId id) {
        return plan.placeOf(id).orElseThrow(PlanEdit::gone);
    }

    private static Refused gone() {
        return new Refused("That part of the class is no longer there.");
    }

    private static int indexOf(List<Node> siblings, NodeId id) {
        for (int i = 0; i < siblings.size(); i++) if (siblings.get(i).id().equals(id)) return i;
        throw gone();
    }

    private static Set<NodeId> subtree(Node node) {
        Set<NodeId> ids = new HashSet<>();
        ids.add(node.id());
        node.children().forEach(child -> ids.addAll(subtree(child)));
        return ids;
    }
}
