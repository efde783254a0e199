package gurukram.core.compose.parts;

import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Move;
import gurukram.core.compose.search.Pool;
import gurukram.core.dose.Dose;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;

/**
 * Salutations: the longest form the group can do and there is time for; in hatha classes also the lists of twelve positions.
 * Each form begins on an inhale and ends on an exhale. Two lunges follow the leg rule of the school: the foot that went back first comes forward first, or the foot that stayed in
 * front comes to the front again.
 */
final class Salutes {
    /**
     * @param moves pose ids in order; {@code <} before a lunge is the first of two, {@code >} the second
     * @param sided whether a round is both sides
     */
    private record Form(String name, boolean sided, List<String> moves) {}

    private static final List<Form> FORMS =
            Lines.of("salutes").map(Salutes::form).toList();

    /** {@code half salute, no sides: raised-arms, standing-fold, ...}. */
    private static Form form(String line) {
        String[] parts = line.split(": ", 2);
        String[] about = parts[0].split(", ");
        return new Form(about[0], about[1].equals("both sides"), List.of(parts[1].split(", ")));
    }

    private static final double SHORT = 7;
    private static final double MIDDLE = 9;
    private static final double LONG = 12;
    private static final double CHANCE = 3;
    /** A list of twelve positions is as near as a form that is so many positions nearer. */
    private static final double LIKED_IN_HATHA = 1.5;

    private final Pool pool;
    private final School.LegRule legRule;
    private final Dice dice;

    /** @param legRule of the school */
    Salutes(Pool pool, School.LegRule legRule, Dice dice) {
        this.pool = pool;
        this.legRule = legRule;
        this.dice = dice;
    }

    /** A salutation of one round, and how well it suits: the less the better. */
    private record Choice(Flow flow, double misfit) {
        Choice liked() {
            return new Choice(flow, misfit - LIKED_IN_HATHA);
        }
    }

    /** The salutations in the order they are to be tried: long forms where there is time, else short ones; empty when none can be done. */
    List<Flow> choices(String id, boolean isLong) {
        double wanted = !isLong ? SHORT : pool.brief().level() == Level.BEGINNER ? MIDDLE : LONG;
        List<Choice> choices = new ArrayList<>();
        for (Form form : FORMS) {
            if (isPossible(form)) choices.add(choice(flow(id, form), wanted, form.toString()));
        }
        if (pool.brief().style() == Style.HATHA) {
            for (String list : TwelvePositions.LISTS) {
                Flow flow = twelve(id, list);
                boolean possible = flow.steps().stream().map(Step::pose).allMatch(pool::has);
                if (possible) choices.add(choice(flow, wanted, "list " + list).liked());
            }
        }
        choices.sort(Comparator.comparingDouble(Choice::misfit));
        return choices.stream().map(Choice::flow).toList();
    }

    private Choice choice(Flow flow, double wanted, String name) {
        return new Choice(flow, Math.abs(flow.steps().size() - wanted) + CHANCE * dice.at(name));
    }

    /** One of the lists of twelve positions, none of them the right one. */
    private Flow twelve(String id, String list) {
        int[] number = {0};
        Supplier<NodeId> ids = () -> new NodeId(number[0]++ == 0 ? id : id + "-" + (number[0] - 1));
        FlowSettings settings =
                FlowSettings.of(1).with(FlowSides.BOTH.with(pool.brief().begins()));
        return new TwelvePositions(pool.catalogue(), ids).flow(list, legRule, settings);
    }

    private boolean isPossible(Form form) {
        return form.moves().stream().map(Salutes::id).allMatch(pool::has);
    }

    private static String id(String move) {
        return move.startsWith("<") || move.startsWith(">") ? move.substring(1) : move;
    }

    private Flow flow(String id, Form form) {
        FlowSides sides = (form.sided()
                        ? FlowSides.BOTH.with(FlowSides.LeadNames.FOOT_BACK_FIRST)
                        : FlowSides.BOTH.with(FlowSides.Counting.NO_SIDES))
                .with(pool.brief().begins());
        boolean same = legRule == School.LegRule.SAME_FRONT;
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < form.moves().size(); i++) {
            String move = form.moves().get(i);
            SideRule rule = new SideRule.None();
            if (move.startsWith("<") || move.startsWith(">") && same) rule = new SideRule.Other();
            else if (move.startsWith(">")) rule = new SideRule.Lead();
            Breath breath = Move.at(i);
            steps.add(Step.of(new NodeId(id + "-" + (i + 1)), id(move), rule, new Dose.Movement(breath)));
        }
        FlowSettings settings = FlowSettings.of(1).withName(form.name()).with(sides);
        return new Flow(new NodeId(id), settings, steps);
    }
}
