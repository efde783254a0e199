package gurukram.core.schools;

import gurukram.core.body.Base;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.School.LegRule;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is known of a flow as a salutation: where its two lunges are, and of which list of twelve it is. */
final class Salutation {
    /** So many of twelve are where the list has them. */
    private static final int LIKE = 9;

    private static final Set<Base> BACK =
            EnumSet.of(Base.DOG, Base.PLANK, Base.PRONE, Base.HANDS_AND_KNEES, Base.FOREARMS);

    private final PoseCatalogue catalogue;

    Salutation(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Whether two lunges stand in it, with a way over plank, dog or the floor between. */
    boolean is(Flow flow) {
        List<List<Integer>> lunges = lunges(flow);
        if (lunges.size() != 2) return false;
        List<Integer> first = lunges.get(0);
        return flow.steps().subList(first.get(first.size() - 1), lunges.get(1).get(0)).stream()
                .map(Step::pose)
                .anyMatch(pose ->
                        pose != null && BACK.contains(catalogue.pose(pose).base()));
    }

    /** The steps of each lunge, as places in the flow: one after the other is one lunge. */
    private List<List<Integer>> lunges(Flow flow) {
        List<List<Integer>> all = new ArrayList<>();
        boolean in = false;
        for (int i = 0; i < flow.steps().size(); i++) {
            Step step = flow.steps().get(i);
            String pose = step.pose();
            boolean lunge = pose != null
                    && catalogue.pose(pose).base() == Base.LUNGE
                    && (step.sides() instanceof SideRule.Lead || step.sides() instanceof SideRule.Other);
            if (lunge && !in) all.add(new ArrayList<>());
            if (lunge) all.get(all.size() - 1).add(i);
            in = lunge;
        }
        return all;
    }

    /** The flow under a leg rule: the second lunge as the rule has it, seen from the first. */
    Flow under(LegRule legs, Flow flow) {
        if (!is(flow)) return flow;
        List<List<Integer>> lunges = lunges(flow);
        boolean firstLeads = flow.steps().get(lunges.get(0).get(0)).sides() instanceof SideRule.Lead;
        boolean leads = (legs == LegRule.SAME_FRONT) == firstLeads;
        SideRule rule = leads ? new SideRule.Lead() : new SideRule.Other();
        List<Step> steps = new ArrayList<>(flow.steps());
        for (int at : lunges.get(1)) steps.set(at, steps.get(at).withSides(rule));
        return with(flow, steps);
    }

    /** The rule it follows; empty where it has no two lunges. */
    Optional<LegRule> legs(Flow flow) {
        if (!is(flow)) return Optional.empty();
        List<List<Integer>> lunges = lunges(flow);
        boolean same = flow.steps()
                .get(lunges.get(0).get(0))
                .sides()
                .equals(flow.steps().get(lunges.get(1).get(0)).sides());
        return Optional.of(same ? LegRule.SAME_FRONT : LegRule.RETURNING);
    }

    /** The list it is most like; null where it is like none. */
    @Nullable
    String list(Flow flow) {
        String most = null;
        int like = LIKE - 1;
        for (String list : TwelvePositions.LISTS) {
            Flow other = twelve(list);
            if (other.steps().size() != flow.steps().size()) continue;
            int same = 0;
            for (int i = 0; i < flow.steps().size(); i++) {
                Step step = flow.steps().get(i);
                Step asListed = other.steps().get(i);
                if (!Objects.equals(step.pose(), asListed.pose())) continue;
                same++;
                if (step.dose().equals(asListed.dose())) same++;
            }
            if (same / 2 > like) {
                most = list;
                like = same / 2;
            }
        }
        return most;
    }

    private Flow twelve(String list) {
        return new TwelvePositions(catalogue, NodeNames.numbers()).flow(list, LegRule.RETURNING, FlowSettings.of(1));
    }

    /** The flow with the positions of another list; names of parts, words, layers and marks stay at their places. */
    Flow as(String list, Flow flow) {
        List<Step> steps = new ArrayList<>();
        Flow other = twelve(list);
        for (int i = 0; i < other.steps().size(); i++) {
            Step listed = other.steps().get(i);
            Step old = flow.steps().get(i);
            Step step = old.withSides(listed.sides()).withDose(listed.dose());
            steps.add(listed.pose() == null ? step : step.withPose(listed.pose()));
        }
        return with(flow, steps);
    }

    private static Flow with(Flow flow, List<Step> steps) {
        List<Node> children = new ArrayList<>(steps);
        children.addAll(flow.links());
        return flow.withChildren(children);
    }
}
