package gurukram.web.plans.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Place;
import gurukram.core.plan.edit.Mirrored;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** Parts of a class are moved a place, doubled, taken out, gathered into a flow or let out of one. */
public record TreeEdit(What what, List<NodeId> nodes, PoseCatalogue catalogue, Supplier<NodeId> newIds)
        implements EditRequest {
    public enum What {
        UP("move up"),
        DOWN("move down"),
        DUPLICATE("double"),
        /** doubled with right and left exchanged */
        MIRROR("double mirrored"),
        REMOVE("take out"),
        /** steps that follow each other become a flow */
        GATHER("make a flow"),
        /** a flow becomes its steps */
        LET_OUT("make steps of a flow");

        final String label;

        What(String label) {
            this.label = label;
        }
    }

    @Override
    public Labelled on(ClassPlan now) {
        List<Node> picked = Picked.of(now, nodes);
        Flows flows = new Flows(catalogue);
        return switch (what) {
            case REMOVE -> {
                List<PlanEdit> edits = new ArrayList<>();
                picked.forEach(node -> edits.add(new PlanEdit.Remove(node.id())));
                yield labelled(edits, null);
            }
            case DUPLICATE, MIRROR -> doubled(now, picked);
            case UP, DOWN -> labelled(new OnePlace(flows).moved(now, picked, what == What.UP), null);
            case GATHER -> {
                NodeId flow = newIds.get();
                yield labelled(flows.gathered(now, picked, flow), flow);
            }
            case LET_OUT -> labelled(flows.letOut(now, picked), null);
        };
    }

    private Labelled labelled(List<PlanEdit> edits, NodeId at) {
        if (edits.isEmpty()) return new Labelled(null, what.label, null);
        PlanEdit edit = PlanEdit.all(edits);
        return new Labelled(edit, what.label, at);
    }

    /** Copies of parts that stand side by side follow the last of them; others follow their own. */
    private Labelled doubled(ClassPlan plan, List<Node> picked) {
        NodeId parent = plan.placeOf(picked.get(0).id()).orElseThrow().parent();
        boolean together =
                picked.stream().allMatch(node -> placeOf(plan, node).parent().equals(parent));
        NodeId after = picked.get(picked.size() - 1).id();
        List<PlanEdit> edits = new ArrayList<>();
        NodeId last = null;
        for (Node node : picked) {
            Node other = what == What.MIRROR ? Mirrored.of(node) : node;
            Node copy = NodeNames.renamed(other, id -> newIds.get());
            if (together) {
                edits.add(new PlanEdit.Insert(parent, after, copy));
                after = copy.id();
            } else {
                edits.add(new PlanEdit.Insert(placeOf(plan, node).parent(), node.id(), copy));
            }
            last = copy.id();
        }
        return labelled(edits, last);
    }

    private static Place placeOf(ClassPlan plan, Node node) {
        return plan.placeOf(node.id()).orElseThrow(() -> new Refused("That part of the class is no longer there."));
    }

    @Override
    public String typed() {
        return "";
    }
}
