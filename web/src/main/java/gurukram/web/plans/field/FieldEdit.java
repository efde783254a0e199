package gurukram.web.plans.field;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.Naming;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.DoseUnit;
import gurukram.core.score.Pace;
import gurukram.core.text.Refused;
import gurukram.web.plans.EditRequest;
import gurukram.web.shared.WrongRequest;
import java.util.function.Supplier;

/**
 * One field of one node gets another value.
 *
 * @param level the level the page shows: a dose typed at the class's own level is the base line, at another its own; null is
 *     the base line
 * @param ownLine whether it is for that level alone in any case
 */
public record FieldEdit(
        NodeId node,
        String field,
        String value,
        Level level,
        boolean ownLine,
        PoseCatalogue catalogue,
        Supplier<NodeId> newIds)
        implements EditRequest {
    private static final int SHORT = 40;

    @Override
    public Labelled on(ClassPlan now) {
        if (node.equals(NodeId.CLASS)) {
            ClassFields.At at = new ClassFields.At(now.settings(), catalogue);
            return new Labelled(new PlanEdit.Settings(ClassFields.write(at, field, value)), label("Class"), null);
        }
        Node found = now.find(node).orElseThrow(() -> new Refused("That part of the class is no longer there."));
        Node after = changed(found, now);
        return new Labelled(PlanEdit.instead(now, after), label(name(found)), null, told(found, after));
    }

    /** A unit that did not come out even says so. */
    private String told(Node found, Node after) {
        boolean converted = field.equals(StepFields.UNIT.name()) && found instanceof Step;
        if (!converted) return "";
        Step before = (Step) found;
        Pose pose = before.pose() == null ? null : catalogue.pose(before.pose());
        return DoseUnit.rounded(before.doseFor(level), ((Step) after).doseFor(level), pose, Pace.defaults());
    }

    /** What was changed and to what, where that is short. */
    private String label(String what) {
        boolean brief = value.length() <= SHORT && !value.contains("\n");
        return what + ": " + field + (brief && !value.isBlank() ? " " + value.strip() : "");
    }

    private Node changed(Node found, ClassPlan now) {
        Flow around = now.flowAround(found.id());
        if (found instanceof Link link) {
            return LinkFields.write(new LinkFields.At(link, around, text()), field, value);
        }
        boolean hasText = found instanceof Flow || found instanceof Step;
        if (hasText && TextFields.has(field)) {
            return TextFields.write(new TextFields.At(found, around, text()), field, value);
        }
        if (found instanceof Flow flow) return FlowFields.write(flow, field, value);
        if (found instanceof Section section) {
            SectionFields.At at = new SectionFields.At(section, now.settings().style());
            return SectionFields.write(at, field, value);
        }
        if (!(found instanceof Step step)) throw new WrongRequest("no fields on this part");
        boolean baseLine = !ownLine && (level == null || level == now.settings().level());
        return StepFields.write(new StepFields.At(step, around, catalogue, level, baseLine), field, value);
    }

    private NodeText text() {
        return new NodeText(catalogue, newIds);
    }

    private String name(Node found) {
        return found instanceof Link ? "Link" : new Naming(catalogue).of(found);
    }

    @Override
    public String typed() {
        return value;
    }
}
