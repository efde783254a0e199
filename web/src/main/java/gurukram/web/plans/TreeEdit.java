package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Names;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.PlanEdit;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.pose.Side;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.function.Supplier;

/** A node is moved a place, doubled or taken out. */
record TreeEdit(What what, NodeId node, Supplier<NodeId> newIds) implements EditRequest {
    enum What {
        UP,
        DOWN,
        DUPLICATE,
        REMOVE
    }

    @Override
    public Labelled on(ClassPlan now) {
        Node found = now.find(node).orElseThrow(() -> new Refused("That part of the class is no longer there."));
        return switch (what) {
            case REMOVE -> new Labelled(new PlanEdit.Remove(node), "remove", null);
            case DUPLICATE -> {
                Place place = now.placeOf(node).orElseThrow();
                Node copy = copy(found);
                yield new Labelled(new PlanEdit.Insert(place.parent(), node, copy), "duplicate", copy.id());
            }
            case UP -> new Labelled(up(now, found), "move up", null);
            case DOWN -> new Labelled(down(now, found), "move down", null);
        };
    }

    private Node copy(Node original) {
        return Names.renamed(original, id -> newIds.get());
    }

    /** One place up among its siblings; at the top, out of a flow or to the end of the section before. Null when it is first. */
    private PlanEdit up(ClassPlan plan, Node found) {
        Place place = plan.placeOf(node).orElseThrow();
        List<? extends Node> siblings = plan.childrenOf(place.parent());
        int at = indexOf(siblings, node);
        if (at > 0)
            return new PlanEdit.Move(
                    node, place.parent(), at > 1 ? siblings.get(at - 2).id() : null);
        if (!(found instanceof Item) || isInLinkOrLayer(plan, place)) return null;
        Place outer = plan.placeOf(place.parent()).orElseThrow();
        if (isFlow(plan, place.parent())) return outOfFlow(found, outer.parent(), outer.after());
        if (outer.after() == null) return null;
        return new PlanEdit.Move(node, outer.after(), lastIn(plan, outer.after()));
    }

    private PlanEdit down(ClassPlan plan, Node found) {
        Place place = plan.placeOf(node).orElseThrow();
        List<? extends Node> siblings = plan.childrenOf(place.parent());
        int at = indexOf(siblings, node);
        if (at < siblings.size() - 1)
            return new PlanEdit.Move(node, place.parent(), siblings.get(at + 1).id());
        if (!(found instanceof Item) || isInLinkOrLayer(plan, place)) return null;
        Place outer = plan.placeOf(place.parent()).orElseThrow();
        if (isFlow(plan, place.parent())) return outOfFlow(found, outer.parent(), place.parent());
        List<? extends Node> sections = plan.sections();
        int section = indexOf(sections, place.parent());
        if (section == sections.size() - 1) return null;
        return new PlanEdit.Move(node, sections.get(section + 1).id(), null);
    }

    /** Steps of links and layers only change places among themselves. */
    private static boolean isInLinkOrLayer(ClassPlan plan, Place place) {
        Node parent = plan.find(place.parent()).orElse(null);
        return parent instanceof Link || parent instanceof Layer;
    }

    private static boolean isFlow(ClassPlan plan, NodeId id) {
        return plan.find(id).orElse(null) instanceof Flow;
    }

    /** Outside its flow a step that followed the lead is done on both sides. */
    private static PlanEdit outOfFlow(Node found, NodeId parent, NodeId after) {
        Step step = (Step) found;
        PlanEdit move = new PlanEdit.Move(step.id(), parent, after);
        if (!step.sides().followsLead()) return move;
        return new PlanEdit.Together(List.of(move, new PlanEdit.Change(step.withSides(new SideRule.Both(Side.RIGHT)))));
    }

    private static NodeId lastIn(ClassPlan plan, NodeId parent) {
        List<? extends Node> children = plan.childrenOf(parent);
        return children.isEmpty() ? null : children.get(children.size() - 1).id();
    }

    private static int indexOf(List<? extends Node> siblings, NodeId id) {
        for (int i = 0; i < siblings.size(); i++) if (siblings.get(i).id().equals(id)) return i;
        throw new IllegalStateException("not among its siblings: " + id);
    }

    @Override
    public String typed() {
        return "";
    }
}
