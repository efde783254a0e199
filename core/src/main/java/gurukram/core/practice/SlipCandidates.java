package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.cue.CueTemplate;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.practice.Slips.Candidate;
import gurukram.core.practice.Slips.Kind;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Changes a teacher might make by mistake, step by step; whether one is a slip the checks say. */
final class SlipCandidates {
    private static final int SHORTER = 2;
    private static final int LEAST_BREATHS = 4;
    private static final int FAR_TOO_LONG = 4;
    private static final int SHORT_REST_SECONDS = 40;
    private static final int DEEP = 3;

    private final PoseCatalogue catalogue;
    private final ClassPlan plan;
    private final Side said;
    private final School school;
    private final List<Candidate> all = new ArrayList<>();
    private int named;

    /** @param said the side that is named where both are done */
    SlipCandidates(PoseCatalogue catalogue, ClassPlan plan, Side said) {
        this.catalogue = catalogue;
        this.plan = plan;
        this.said = said;
        this.school = plan.settings().school().over(School.USUAL);
    }

    List<Candidate> all() {
        for (Section section : plan.sections()) {
            for (Item item : section.children()) {
                if (item instanceof Step step) held(section, step);
                else if (item instanceof Flow flow) flow(flow);
            }
        }
        return all;
    }

    private void add(Kind kind, NodeId node, PlanEdit edit) {
        all.add(new Candidate(kind, Set.of(node), edit));
    }

    /** A name no other part of the class has. */
    private NodeId fresh() {
        NodeId id;
        do id = new NodeId("slip-" + ++named);
        while (plan.has(id));
        return id;
    }

    private void held(Section section, Step step) {
        if (step.pose() == null) return;
        Pose pose = catalogue.pose(step.pose());
        boolean plain = step.layers().isEmpty();
        if (section.role() == SectionRole.REST) {
            add(Kind.REST, step.id(), new PlanEdit.Change(step.withDose(new Dose.Seconds(SHORT_REST_SECONDS))));
            return;
        }
        wrongSide(step, pose);
        wrongNumber(step);
        if (plain && step.sides() instanceof SideRule.Both both) {
            add(Kind.ONE_SIDE, step.id(), new PlanEdit.Change(step.withSides(new SideRule.Only(both.first()))));
            shortSide(section, step, both.first());
        }
        odd(step);
        if (plain) {
            add(Kind.TWICE, step.id(), new PlanEdit.Insert(section.id(), step.id(), step.named(fresh())));
            all.add(new Candidate(Kind.UNBALANCED, Set.of(), new PlanEdit.Remove(step.id())));
            if (step.dose() instanceof Dose.Breaths breaths)
                add(
                        Kind.TOO_LONG,
                        step.id(),
                        new PlanEdit.Change(step.withDose(new Dose.Breaths(
                                Math.min(FAR_TOO_LONG * Math.max(LEAST_BREATHS, breaths.breaths()), 60)))));
        }
        if (pose.depth() == DEEP || section.role() == SectionRole.PEAK) early(step);
    }

    private void early(Step step) {
        Section first = plan.sections().get(0);
        if (first.children().isEmpty() || first.children().contains(step)) return;
        NodeId after = first.children().get(0).id();
        add(Kind.COLD, step.id(), new PlanEdit.Move(step.id(), first.id(), after));
    }

    private void wrongSide(Step step, Pose pose) {
        Side wrong = step.sides() instanceof SideRule.Only only
                ? only.side().opposite()
                : step.sides() instanceof SideRule.Both ? said : null;
        if (wrong == null || pose.twist() != null) return;
        CueTemplate cue = new CueTemplate(pose.cues().enter().full());
        if (!cue.isSided()) return;
        say(Kind.WRONG_SIDE, step, cue.words(pose, wrong, null, school));
    }

    private void wrongNumber(Step step) {
        if (step.dose() instanceof Dose.Breaths breaths)
            say(Kind.WRONG_NUMBER, step, "stay for %d breaths".formatted(breaths.breaths() + SHORTER));
        if (step.dose() instanceof Reps reps)
            say(Kind.WRONG_NUMBER, step, "%d of these".formatted(reps.reps() + SHORTER));
    }

    private void say(Kind kind, Step step, String words) {
        if (!step.texts().say().isEmpty()) return;
        add(kind, step.id(), new PlanEdit.Change(step.with(step.texts().withSay(words))));
    }

    private void shortSide(Section section, Step step, Side first) {
        if (!(step.dose() instanceof Dose.Breaths breaths) || breaths.breaths() < LEAST_BREATHS) return;
        Step one = step.withSides(new SideRule.Only(first));
        Step other = step.named(fresh())
                .withSides(new SideRule.Only(first.opposite()))
                .withDose(new Dose.Breaths(breaths.breaths() - SHORTER));
        all.add(new Candidate(
                Kind.SHORT_SIDE,
                Set.of(step.id(), other.id()),
                new PlanEdit.Together(
                        List.of(new PlanEdit.Change(one), new PlanEdit.Insert(section.id(), step.id(), other)))));
    }

    private void odd(Step step) {
        if (!(step.sides() instanceof SideRule.Alternating) || !(step.dose() instanceof Reps reps)) return;
        add(
                Kind.ODD,
                step.id(),
                new PlanEdit.Change(step.withDose(new Reps(
                        reps.reps() + 1,
                        reps.sets(),
                        reps.restSeconds(),
                        reps.repMillis(),
                        reps.repBreaths(),
                        reps.shown()))));
    }

    private void flow(Flow flow) {
        FlowSides sides = flow.settings().sides();
        if (sides.counting() == FlowSides.Counting.ONE_SIDE)
            add(
                    Kind.ODD,
                    flow.id(),
                    new PlanEdit.Change(
                            flow.with(flow.settings().withRounds(flow.settings().rounds() + 1))));
        for (Step step : flow.steps()) {
            if (!(step.dose() instanceof Dose.Movement move) || step.pose() == null || move.continued()) continue;
            Breath turned = turned(move.breath());
            if (turned == null || move.breaths().size() != 1) continue;
            add(
                    Kind.BREATH,
                    step.id(),
                    new PlanEdit.Change(step.withDose(new Dose.Movement(List.of(turned), false, move.counts()))));
        }
    }

    private static @Nullable Breath turned(Breath breath) {
        return breath == Breath.INHALE ? Breath.EXHALE : breath == Breath.EXHALE ? Breath.INHALE : null;
    }
}
