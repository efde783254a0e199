package gurukram.web.plans.edit;

import gurukram.core.body.Side;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Place;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;

/** What happens to steps on their way into flows and out of them. In a flow a pose follows the lead; outside it is done on both sides. */
public final class Flows {
    private final PoseCatalogue catalogue;

    Flows(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Steps of one section become a flow of one round, in their order, where the first of them stood. */
    List<PlanEdit> gathered(ClassPlan plan, List<Node> picked, NodeId flow) {
        Place first = plan.placeOf(picked.get(0).id()).orElseThrow();
        List<Step> steps = new ArrayList<>();
        List<PlanEdit> edits = new ArrayList<>();
        for (Node node : picked) {
            boolean beside = plan.placeOf(node.id()).orElseThrow().parent().equals(first.parent());
            boolean inSection = plan.find(first.parent()).orElse(null) instanceof Section;
            if (!(node instanceof Step step) || !beside || !inSection) {
                throw new Refused("A flow is made of steps of one section that are in no flow yet; mark only such.");
            }
            edits.add(new PlanEdit.Remove(step.id()));
            steps.add(step);
        }
        boolean sided = steps.stream().anyMatch(step -> step.sides().isSided());
        FlowSettings settings = FlowSettings.of(1).with(sided ? Counting.BOTH_SIDES : Counting.NO_SIDES);
        List<Step> inside = steps.stream().map(step -> intoFlow(step, settings)).toList();
        edits.add(new PlanEdit.Insert(first.parent(), first.after(), new Flow(flow, settings, inside)));
        return edits;
    }

    /** A flow becomes its steps. What only a flow can have is not thrown away: it has to be taken out first. */
    List<PlanEdit> letOut(ClassPlan plan, List<Node> picked) {
        List<PlanEdit> edits = new ArrayList<>();
        for (Node node : picked) {
            if (!(node instanceof Flow flow)) throw new Refused("Only a flow can be let out into its steps.");
            boolean layered = flow.steps().stream()
                    .flatMap(step -> step.layers().stream())
                    .anyMatch(layer -> layer.when().needsFlow());
            if (layered || !flow.links().isEmpty()) {
                throw new Refused("This flow has links or changes for rounds, which steps outside a flow cannot have."
                        + " Take them out first.");
            }
            Place place = plan.placeOf(flow.id()).orElseThrow();
            NodeId after = flow.id();
            for (Step step : flow.steps()) {
                edits.add(moved(plan, step, place.parent(), after));
                after = step.id();
            }
            edits.add(new PlanEdit.Remove(flow.id()));
        }
        return edits;
    }

    /** A move that fits a step to where it comes to stand. */
    PlanEdit moved(ClassPlan plan, Node node, NodeId parent, NodeId after) {
        PlanEdit move = new PlanEdit.Move(node.id(), parent, after);
        if (!(node instanceof Step step)) return move;
        Node target = plan.find(parent).orElse(null);
        Step fitted = step;
        Flow to = target instanceof Flow flow ? flow : plan.flowAround(parent);
        Flow from = plan.flowAround(step.id());
        if (to == null) fitted = outOfFlow(step, from);
        else if (from == null) fitted = intoFlow(step, to.settings());
        if (fitted.equals(step)) return move;
        return new PlanEdit.Together(List.of(move, new PlanEdit.Change(fitted)));
    }

    /** A pose done on both sides does what is usual in such a flow; others keep the sides they were given. */
    Step intoFlow(Step step, FlowSettings flow) {
        boolean both = flow.hasSides() && step.sides() instanceof SideRule.Both;
        return both ? step.withSides(flow.sides().usualFor(catalogue.pose(step.pose()))) : step;
    }

    private static Step outOfFlow(Step step, Flow flow) {
        if (!step.sides().followsLead()) return step;
        Side first = flow == null ? Side.RIGHT : flow.settings().sides().first();
        boolean other = step.sides().words().startsWith("other");
        return step.withSides(new SideRule.Both(other ? first.opposite() : first));
    }
}
