package gurukram.web.plans;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.PlanEdit;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import java.util.function.Supplier;

/**
 * One field of one node gets another value.
 *
 * @param level the level the page shows: a dose typed at the class's own level is the base line, at another its own; null is
 *     the base line
 * @param ownLine whether it is for that level alone in any case
 */
record FieldEdit(
        NodeId node,
        String field,
        String value,
        Level level,
        boolean ownLine,
        PoseCatalogue catalogue,
        Supplier<NodeId> newIds)
        implements EditRequest {
    /** The node's own line, and the lines under it, as text. */
    static final String LINE = "line";

    static final String LINES = "lines";
    private static final int SHORT = 40;

    @Override
    public Labelled on(ClassPlan now) {
        if (node.equals(NodeId.CLASS)) {
            PlanEdit edit = new PlanEdit.Settings(new ClassFields(catalogue).with(now.settings(), field, value));
            return new Labelled(edit, label("Class"), null);
        }
        Node found = now.find(node).orElseThrow(() -> new Refused("That part of the class is no longer there."));
        return new Labelled(PlanEdit.instead(now, changed(found, now)), label(name(found)), null);
    }

    /** What was changed and to what, where that is short. */
    private String label(String what) {
        boolean brief = value.length() <= SHORT && !value.contains("\n");
        return what + ": " + field + (brief && !value.isBlank() ? " " + value.strip() : "");
    }

    private Node changed(Node found, ClassPlan now) {
        boolean hasText = found instanceof Flow || found instanceof Step;
        if (hasText && field.equals(LINE)) return text().withLine(found, now.flowAround(found.id()), value);
        if (hasText && field.equals(LINES)) return text().withLines(found, now.flowAround(found.id()), value);
        if (found instanceof Link link && field.equals(LINE)) {
            Link read = text().linkIn(now.flowAround(found.id()), value);
            return new Link(link.id(), read.when(), read.replacesLast(), link.steps(), link.marks());
        }
        if (found instanceof Flow flow) return FlowFields.with(flow, field, value);
        if (found instanceof Section section) return SectionFields.with(section, field, value);
        if (!(found instanceof Step step)) throw new IllegalArgumentException("no fields on this node");
        boolean baseLine = !ownLine && (level == null || level == now.settings().level());
        return new StepFields(catalogue, level, baseLine, now.flowAround(found.id())).with(step, field, value);
    }

    private NodeText text() {
        return new NodeText(catalogue, newIds);
    }

    private String name(Node found) {
        if (found instanceof Flow flow)
            return flow.settings().name().isEmpty() ? "Flow" : flow.settings().name();
        if (found instanceof Section section) return section.title();
        String pose = found instanceof Step step ? step.pose() : null;
        return pose == null ? "Open time" : catalogue.pose(pose).name();
    }

    @Override
    public String typed() {
        return value;
    }
}
