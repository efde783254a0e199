package gurukram.web.plans.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.web.shared.Typed;
import java.util.List;
import java.util.Optional;

/**
 * Where something new goes: in a parent, after a sibling.
 *
 * @param parent null in a class without sections
 * @param after null for the first place
 * @param flow the flow it is in; null outside flows
 */
public record Spot(NodeId parent, NodeId after, Flow flow) {
    /** Before the id of a flow: behind it, not inside. */
    static final String BEHIND = "after-";

    /**
     * The place after a node, or in it when it holds others; {@code at} empty or gone is the first section that is still empty,
     * and without one the end of the class.
     */
    public static Spot at(ClassPlan plan, String at) {
        boolean behind = at.startsWith(BEHIND);
        Node node = marked(plan, at);
        if (node == null) return endOf(plan);
        if (behind) return behind(plan, node.id());
        if (node instanceof Section section) return new Spot(section.id(), last(section), null);
        if (node instanceof Flow flow) return new Spot(flow.id(), last(flow), flow);
        Node parent = parentOf(plan, node);
        if (node instanceof Link link) return new Spot(link.id(), last(link), (Flow) parent);
        // A layer, and what it puts in, stands for its step.
        if (node instanceof Layer || parent instanceof Layer) return after(plan, stepAround(plan, node));
        return after(plan, node);
    }

    /** The node a place is told by; null when it is the end of the class, or gone. */
    public static Node marked(ClassPlan plan, String at) {
        String id = at.startsWith(BEHIND) ? at.substring(BEHIND.length()) : at;
        return id.isEmpty() ? null : plan.find(Typed.node(id)).orElse(null);
    }

    private static Node parentOf(ClassPlan plan, Node node) {
        return plan.find(plan.placeOf(node.id()).orElseThrow().parent()).orElseThrow();
    }

    private static Node stepAround(ClassPlan plan, Node node) {
        Node parent = parentOf(plan, node);
        return parent instanceof Layer layer ? parentOf(plan, layer) : parent;
    }

    private static Spot after(ClassPlan plan, Node step) {
        Node parent = parentOf(plan, step);
        Node flow = parent instanceof Link link ? parentOf(plan, link) : parent;
        return new Spot(parent.id(), step.id(), flow instanceof Flow around ? around : null);
    }

    static Spot behind(ClassPlan plan, NodeId node) {
        Place place = plan.placeOf(node).orElseThrow();
        return new Spot(place.parent(), node, null);
    }

    private static Spot endOf(ClassPlan plan) {
        if (plan.sections().isEmpty()) return new Spot(null, null, null);
        Section section = plan.sections().stream()
                .filter(one -> one.items().isEmpty())
                .findFirst()
                .orElse(plan.sections().get(plan.sections().size() - 1));
        return new Spot(section.id(), last(section), null);
    }

    private static NodeId last(Node parent) {
        List<? extends Node> children = parent instanceof Flow flow ? flow.steps() : parent.children();
        return children.isEmpty() ? null : children.get(children.size() - 1).id();
    }

    /** What the part of the class it lies in is for. */
    Optional<SectionRole> roleIn(ClassPlan plan) {
        return Optional.ofNullable(section(plan)).flatMap(plan::find).map(section -> ((Section) section).role());
    }

    /** The section a spot lies in; null when the class has none. */
    NodeId section(ClassPlan plan) {
        if (flow != null) return plan.placeOf(flow.id()).orElseThrow().parent();
        return parent;
    }
}
