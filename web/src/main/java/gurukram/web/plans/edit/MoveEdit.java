package gurukram.web.plans.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import java.util.ArrayList;
import java.util.List;

/** Parts of a class are put elsewhere, by dragging or by cutting and pasting within it. */
public record MoveEdit(List<NodeId> nodes, NodeId target, Where where, PoseCatalogue catalogue) implements EditRequest {
    public enum Where {
        BEFORE,
        /** behind it; behind the head of a section or an open flow is its first place */
        AFTER,
        /** behind all it holds */
        BEHIND
    }

    @Override
    public Labelled on(ClassPlan now) {
        List<Node> picked = Picked.of(now, nodes);
        Node at = now.find(target).orElseThrow(() -> new Refused("The place to move to is no longer there."));
        if (picked.stream().anyMatch(node -> holds(node, target))) return new Labelled(null, "move", null);
        Place place = place(now, at, picked.get(0));
        checkKinds(now, picked, place);
        NodeId after = place.after();
        List<PlanEdit> edits = new ArrayList<>();
        ClassPlan plan = now;
        // Something picked may itself be the sibling to come after: then it stays, and the next come behind it.
        while (after != null && contains(picked, after)) after = before(now, after);
        for (Node node : picked) {
            PlanEdit move = new Flows(catalogue).moved(plan, node, place.parent(), after);
            edits.add(move);
            plan = move.applyTo(plan);
            after = node.id();
        }
        return new Labelled(new PlanEdit.Together(edits), "move", picked.get(0).id());
    }

    private static void checkKinds(ClassPlan plan, List<Node> picked, Place place) {
        Node parent = place.parent().equals(NodeId.CLASS)
                ? null
                : plan.find(place.parent()).orElseThrow();
        boolean fits = picked.stream()
                .allMatch(node -> parent == null
                        ? node instanceof Section
                        : parent instanceof Section ? node instanceof Item : node instanceof Step);
        if (!fits) throw new Refused("Sections stand among sections, flows in a section, and only steps in a flow.");
    }

    private static boolean holds(Node node, NodeId id) {
        return node.id().equals(id) || node.children().stream().anyMatch(child -> holds(child, id));
    }

    private static boolean contains(List<Node> nodes, NodeId id) {
        return nodes.stream().anyMatch(node -> node.id().equals(id));
    }

    private static NodeId before(ClassPlan plan, NodeId id) {
        return plan.placeOf(id).orElseThrow().after();
    }

    private Place place(ClassPlan plan, Node at, Node moved) {
        if (moved instanceof Section) return amongSections(plan, at);
        if (!(moved instanceof Item)) throw new Refused("Only sections, flows and steps can be moved elsewhere.");
        boolean into = where == Where.AFTER && (at instanceof Section || (at instanceof Flow && moved instanceof Step));
        if (into) return new Place(at.id(), null);
        if (at instanceof Section) return beside(plan, at);
        Place own = plan.placeOf(at.id()).orElseThrow();
        Node parent = plan.find(own.parent()).orElseThrow();
        if (parent instanceof Layer || at instanceof Layer)
            throw new Refused("A change for a level or a round holds one step only.");
        boolean inFlow = parent instanceof Flow || parent instanceof Link;
        if (inFlow && moved instanceof Flow) return amongItems(plan, parent);
        return new Place(own.parent(), where == Where.BEFORE ? own.after() : at.id());
    }

    /** Above the head of a section is the end of the section before. */
    private Place beside(ClassPlan plan, Node section) {
        NodeId into = where == Where.BEFORE ? before(plan, section.id()) : section.id();
        if (into == null) throw new Refused("Nothing can stand before the first section.");
        List<? extends Node> children = plan.childrenOf(into);
        return new Place(
                into,
                children.isEmpty() ? null : children.get(children.size() - 1).id());
    }

    /** A flow dropped on a step of another flow comes to stand beside that flow. */
    private Place amongItems(ClassPlan plan, Node inside) {
        Node flow = inside instanceof Link
                ? plan.find(plan.placeOf(inside.id()).orElseThrow().parent()).orElseThrow()
                : inside;
        Place own = plan.placeOf(flow.id()).orElseThrow();
        return new Place(own.parent(), where == Where.BEFORE ? own.after() : flow.id());
    }

    private Place amongSections(ClassPlan plan, Node at) {
        Node section = at;
        while (!(section instanceof Section)) {
            section =
                    plan.find(plan.placeOf(section.id()).orElseThrow().parent()).orElseThrow();
        }
        boolean before = where == Where.BEFORE && at instanceof Section;
        return new Place(NodeId.CLASS, before ? before(plan, section.id()) : section.id());
    }

    @Override
    public String typed() {
        return "";
    }
}
