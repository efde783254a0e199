package gurukram.core.fit;

import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.SideRule;
import java.util.ArrayList;
import java.util.List;

/** Whether the rounds of a flow can be made more or fewer without making the sides uneven. */
final class FlowBalance {
    private FlowBalance() {}

    /** Whether every round does the same on both sides, whatever their number. */
    static boolean isBalanced(Flow flow) {
        FlowSettings settings = flow.settings();
        boolean takesTurns =
                settings.counting() != Counting.ONE_SIDE || settings.sides().leads() == Leads.ALTERNATING;
        if (!takesTurns || guards(flow).stream().anyMatch(when -> when.pass() != null)) return false;
        boolean oneSided = settings.counting() == Counting.ONE_SIDE;
        for (Node child : flow.children()) {
            List<Step> steps = child instanceof Link link ? link.steps() : List.of((Step) child);
            for (Step step : steps) if (!isBalanced(step, oneSided)) return false;
        }
        return true;
    }

    private static boolean isBalanced(Step step, boolean oneSidedRounds) {
        for (SideRule rule : rules(step)) {
            SideRule plain = rule instanceof SideRule.Compound compound ? compound.base() : rule;
            if (plain instanceof SideRule.Only || plain instanceof SideRule.Crossing) return false;
        }
        // a change in single rounds that take turns falls on one side
        boolean byRound = step.layers().stream().anyMatch(layer -> layer.when().rounds() != null);
        return !oneSidedRounds || !byRound;
    }

    private static List<SideRule> rules(Step step) {
        List<SideRule> rules = new ArrayList<>(List.of(step.sides()));
        for (Layer layer : step.layers()) {
            if (layer.inserted() != null) rules.add(layer.inserted().sides());
            if (layer.edit() instanceof Layer.Become become && become.sides() != null) rules.add(become.sides());
        }
        return rules;
    }

    /** The guards of all that does not always hold in it. */
    static List<When> guards(Flow flow) {
        List<When> guards = new ArrayList<>();
        flow.links().forEach(link -> {
            guards.add(link.when());
            link.steps().forEach(step -> step.layers().forEach(layer -> guards.add(layer.when())));
        });
        flow.steps().forEach(step -> step.layers().forEach(layer -> guards.add(layer.when())));
        return guards;
    }
}
