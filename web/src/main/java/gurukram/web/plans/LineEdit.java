package gurukram.web.plans;

import gurukram.core.dose.Dose;
import gurukram.core.notation.Line;
import gurukram.core.notation.LineContext;
import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.PlanEdit;
import gurukram.core.plan.School;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.function.Supplier;

/**
 * A typed line becomes a step, a flow or a section, after the node the teacher last touched.
 *
 * @param teachers the teacher's school
 * @param at that node; {@code after-} before the id of a flow means behind it, not inside; empty is the end of the class
 */
record LineEdit(
        String typed,
        String at,
        Level level,
        School teachers,
        LineReader reader,
        PoseCatalogue catalogue,
        Supplier<NodeId> newIds)
        implements EditRequest {
    static final String AFTER = "after-";

    /** Where something goes. */
    private record Spot(NodeId parent, NodeId after, Flow flow) {}

    @Override
    public Labelled on(ClassPlan now) {
        Spot spot = spot(now);
        LineContext context = new LineContext(level, spot.flow(), lastBreath(spot))
                .in(now.settings().school().over(teachers));
        Line line = reader.read(typed, context);
        if (line instanceof Line.EndFlow) {
            if (spot.flow() == null) throw new Refused("There is no flow to end here.");
            return new Labelled(null, "", new NodeId(AFTER + spot.flow().id()));
        }
        NodeId id = newIds.get();
        if (line instanceof Line.AddSection section) {
            Section added = Section.of(id, section.role()).withName(section.name());
            return new Labelled(
                    new PlanEdit.Insert(NodeId.CLASS, sectionOf(now, spot), added), "add " + added.title(), id);
        }
        if (line instanceof Line.AddFlow flow) {
            Spot outside = spot.flow() == null ? spot : behind(now, spot.flow().id());
            return insert(outside, new Flow(id, flow.settings(), List.of()), "add flow");
        }
        if (line instanceof Line.AddList list) {
            Spot outside = spot.flow() == null ? spot : behind(now, spot.flow().id());
            return insert(outside, list.flow(), "add " + list.flow().settings().name());
        }
        Line.AddStep step = (Line.AddStep) line;
        String name =
                step.pose() == null ? "open time" : catalogue.pose(step.pose()).name();
        return insert(spot, Step.of(id, step.pose(), step.sides(), step.dose()), "add " + name);
    }

    private Labelled insert(Spot spot, Item item, String label) {
        if (spot.parent() != null) {
            return new Labelled(new PlanEdit.Insert(spot.parent(), spot.after(), item), label, item.id());
        }
        Section section = Section.of(newIds.get(), SectionRole.STANDING, item);
        return new Labelled(new PlanEdit.Insert(NodeId.CLASS, null, section), label, item.id());
    }

    private Spot spot(ClassPlan plan) {
        boolean behind = at.startsWith(AFTER);
        String id = behind ? at.substring(AFTER.length()) : at;
        Node node = id.isEmpty() ? null : plan.find(new NodeId(id)).orElse(null);
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

    private static Spot behind(ClassPlan plan, NodeId node) {
        Place place = plan.placeOf(node).orElseThrow();
        return new Spot(place.parent(), node, null);
    }

    private static Spot endOf(ClassPlan plan) {
        if (plan.sections().isEmpty()) return new Spot(null, null, null);
        Section section = plan.sections().get(plan.sections().size() - 1);
        return new Spot(section.id(), last(section), null);
    }

    private static NodeId last(Node parent) {
        List<? extends Node> children = parent instanceof Flow flow ? flow.steps() : parent.children();
        return children.isEmpty() ? null : children.get(children.size() - 1).id();
    }

    /** The section a spot lies in; null when the class has none. */
    private static NodeId sectionOf(ClassPlan plan, Spot spot) {
        if (spot.flow() != null)
            return plan.placeOf(spot.flow().id()).orElseThrow().parent();
        return spot.parent();
    }

    /** The half-breath the next movement of a flow comes after. */
    private static Breath lastBreath(Spot spot) {
        if (spot.flow() == null) return Breath.FREE;
        Breath last = Breath.FREE;
        if (spot.after() == null) return last;
        for (Step step : spot.flow().steps()) {
            if (step.dose() instanceof Dose.Movement movement) last = movement.lastBreath();
            if (step.id().equals(spot.after())) return last;
        }
        return last;
    }
}
