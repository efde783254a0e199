package gurukram.web.plans.edit;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import java.util.function.Supplier;

/** A typed line that begins with a dash: a mark, a word or a change of the step or flow that is marked. */
record MarkEdit(String typed, String at, PoseCatalogue catalogue, Supplier<NodeId> newIds) implements EditRequest {
    @Override
    public Labelled on(ClassPlan now) {
        Node node = Spot.marked(now, at);
        if (!(node instanceof Step) && !(node instanceof Flow)) {
            throw new Refused("A line with a dash says more of a step or a flow; mark one first.");
        }
        NodeText text = new NodeText(catalogue, newIds);
        String before = text.lines(node);
        String lines = before.isEmpty() ? typed : before + "\n" + typed;
        Flow around = node instanceof Step ? now.flowAround(node.id()) : null;
        return new Labelled(PlanEdit.instead(now, text.withLines(node, around, lines)), "add a mark", node.id());
    }
}
