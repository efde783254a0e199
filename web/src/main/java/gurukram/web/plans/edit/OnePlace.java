package gurukram.web.plans.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.edit.PlanEdit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Moving parts of a class one place up or down: past a sibling, out of a flow, into the section before or behind. */
final class OnePlace {
    private final Flows flows;

    OnePlace(Flows flows) {
        this.flows = flows;
    }

    /** The moves, one a part; empty when the first (or last) has no place to go. */
    List<PlanEdit> moved(ClassPlan plan, List<Node> picked, boolean up) {
        List<Node> inTurn = new ArrayList<>(picked);
        if (!up) Collections.reverse(inTurn);
        List<PlanEdit> edits = new ArrayList<>();
        for (Node node : inTurn) {
            PlanEdit move = up ? up(plan, node) : down(plan, node);
            if (move == null) return List.of();
            edits.add(move);
            plan = move.applyTo(plan);
        }
        return edits;
    }

    /** Past the sibling above; at the top, out of a flow or to the end of the section before. Null when it is first. */
    private PlanEdit up(ClassPlan plan, Node moved) {
        Place place = plan.placeOf(moved.id()).orElseThrow();
        List<? extends Node> siblings = plan.childrenOf(place.parent());
        int at = indexOf(siblings, moved.id());
        if (at > 0) {
            return new PlanEdit.Move(
                    moved.id(), place.parent(), at > 1 ? siblings.get(at - 2).id() : null);
        }
        if (!(moved instanceof Item) || isInLinkOrLayer(plan, place)) return null;
        Place outer = plan.placeOf(place.parent()).orElseThrow();
        if (isFlow(plan, place.parent())) return flows.moved(plan, moved, outer.parent(), outer.after());
        if (outer.after() == null) return null;
        return new PlanEdit.Move(moved.id(), outer.after(), lastIn(plan, outer.after()));
    }

    private PlanEdit down(ClassPlan plan, Node moved) {
        Place place = plan.placeOf(moved.id()).orElseThrow();
        List<? extends Node> siblings = plan.childrenOf(place.parent());
        int at = indexOf(siblings, moved.id());
        if (at < siblings.size() - 1) {
            return new PlanEdit.Move(
                    moved.id(), place.parent(), siblings.get(at + 1).id());
        }
        if (!(moved instanceof Item) || isInLinkOrLayer(plan, place)) return null;
        Place outer = plan.placeOf(place.parent()).orElseThrow();
        if (isFlow(plan, place.parent())) return flows.moved(plan, moved, outer.parent(), place.parent());
        List<? extends Node> sections = plan.sections();
        int section = indexOf(sections, place.parent());
        if (section == sections.size() - 1) return null;
        return new PlanEdit.Move(moved.id(), sections.get(section + 1).id(), null);
    }

    /** Steps of links and layers only change places among themselves. */
    private static boolean isInLinkOrLayer(ClassPlan plan, Place place) {
        Node parent = plan.find(place.parent()).orElse(null);
        return parent instanceof Link || parent instanceof Layer;
    }

    private static boolean isFlow(ClassPlan plan, NodeId id) {
        return plan.find(id).orElse(null) instanceof Flow;
    }

    private static NodeId lastIn(ClassPlan plan, NodeId parent) {
        List<? extends Node> children = plan.childrenOf(parent);
        return children.isEmpty() ? null : children.get(children.size() - 1).id();
    }

    private static int indexOf(List<? extends Node> siblings, NodeId id) {
        for (int i = 0; i < siblings.size(); i++) if (siblings.get(i).id().equals(id)) return i;
        throw new IllegalStateException("not among its siblings: " + id);
    }
}
