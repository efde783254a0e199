package gurukram.core.plan.edit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Node;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;

/** The same plan with right and left exchanged; twice is the plan itself. */
public final class Mirrored {
    private Mirrored() {}

    public static ClassPlan of(ClassPlan plan) {
        return new ClassPlan(
                plan.settings(),
                plan.sections().stream().map(section -> (Section) of(section)).toList());
    }

    /** A node with all it holds, under the same names. */
    public static Node of(Node node) {
        Node mirrored = node;
        if (node instanceof Step step) mirrored = step.withSides(step.sides().mirrored());
        if (node instanceof Flow flow) {
            mirrored = flow.with(flow.settings()
                    .withFirstSide(flow.settings().sides().first().opposite()));
        }
        if (node instanceof Layer layer && layer.edit() instanceof Layer.Become become && become.sides() != null) {
            Layer.Become other = new Layer.Become(become.pose(), become.sides().mirrored(), become.dose());
            mirrored = new Layer(layer.id(), layer.when(), other);
        }
        return node.children().isEmpty()
                ? mirrored
                : mirrored.withChildren(
                        node.children().stream().map(Mirrored::of).toList());
    }
}
