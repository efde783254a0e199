package gurukram.core.compose;

import gurukram.core.dose.Dose;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.School;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Salutations: the longest form the group can do and there is time for. Each form begins on an inhale and ends on an exhale.
 * Two lunges follow the leg rule of the school: the foot that went back first comes forward first, or the foot that stayed in
 * front comes to the front again.
 */
final class Salutes {
    /**
     * @param moves pose ids in order; {@code <} before a lunge is the first of two, {@code >} the second
     * @param sided whether a round is both sides
     */
    private record Form(String name, boolean sided, List<String> moves) {}

    private static final List<Form> FORMS = List.of(
            new Form(
                    "long salute",
                    true,
                    List.of(
                            "raised-arms",
                            "standing-fold",
                            "<low-lunge",
                            "downward-dog",
                            "plank",
                            "low-push-up",
                            "upward-dog",
                            "downward-dog",
                            ">low-lunge",
                            "standing-fold",
                            "raised-arms",
                            "prayer")),
            new Form(
                    "long salute",
                    true,
                    List.of(
                            "raised-arms",
                            "standing-fold",
                            "<low-lunge",
                            "downward-dog",
                            "plank",
                            "eight-points",
                            "cobra",
                            "downward-dog",
                            ">low-lunge",
                            "standing-fold",
                            "raised-arms",
                            "prayer")),
            new Form(
                    "chair salute",
                    false,
                    List.of(
                            "chair",
                            "standing-fold",
                            "plank",
                            "low-push-up",
                            "upward-dog",
                            "downward-dog",
                            "half-lift",
                            "standing-fold",
                            "chair",
                            "mountain")),
            new Form(
                    "plank salute",
                    false,
                    List.of(
                            "raised-arms",
                            "standing-fold",
                            "plank",
                            "eight-points",
                            "cobra",
                            "downward-dog",
                            "half-lift",
                            "standing-fold",
                            "raised-arms",
                            "prayer")),
            new Form(
                    "lunge salute",
                    true,
                    List.of(
                            "raised-arms",
                            "standing-fold",
                            "<low-lunge",
                            "downward-dog",
                            ">low-lunge",
                            "standing-fold",
                            "raised-arms",
                            "prayer")),
            new Form(
                    "lunge salute",
                    true,
                    List.of(
                            "raised-arms",
                            "standing-fold",
                            "<knee-down-lunge-hands",
                            "downward-dog",
                            ">knee-down-lunge-hands",
                            "standing-fold",
                            "raised-arms",
                            "prayer")),
            new Form(
                    "half salute",
                    false,
                    List.of("raised-arms", "standing-fold", "half-lift", "standing-fold", "raised-arms", "prayer")),
            new Form(
                    "half salute",
                    false,
                    List.of("chair", "standing-fold", "half-lift", "standing-fold", "chair", "mountain")),
            new Form("star salute", false, List.of("five-pointed-star", "goddess", "five-pointed-star", "prayer")),
            new Form("arm salute", false, List.of("raised-arms", "prayer")));

    private final Pool pool;
    private final School.LegRule legRule;
    private final Dice dice;

    /** @param legRule of the school */
    Salutes(Pool pool, School.LegRule legRule, Dice dice) {
        this.pool = pool;
        this.legRule = legRule;
        this.dice = dice;
    }

    /** The salutations in the order they are to be tried: long forms where there is time, else short ones; empty when none can be done. */
    List<Flow> choices(String id, boolean isLong) {
        boolean low = pool.brief().level() == Level.BEGINNER;
        List<Form> possible = FORMS.stream().filter(this::isPossible).toList();
        List<Form> sorted = new ArrayList<>(possible);
        sorted.sort(Comparator.comparingDouble(form -> {
            double wanted = isLong ? (low ? 9 : 12) : 7;
            return Math.abs(form.moves().size() - wanted) + 3 * dice.at(form.toString());
        }));
        return sorted.stream().map(form -> flow(id, form)).toList();
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
