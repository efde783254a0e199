package gurukram.core.compose;

import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.search.Move;
import gurukram.core.compose.search.Pool;
import gurukram.core.dose.Dose;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Risk;
import gurukram.core.score.MixedRoom;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One class for every level in the room, on one clock: easier forms and rungs for those below the level of the class, harder
 * rungs for those above, each with the dose of its level as far as the clock allows.
 */
final class Levels {
    private static final int MOST_ROUNDS = 12;

    private final Pool pool;
    private final PhraseBook phrases;
    private final @Nullable Goal goal;
    private final Unfolder unfolder;
    private final PoseCatalogue catalogue;

    Levels(Pool pool, PhraseBook phrases, @Nullable Goal goal, Unfolder unfolder) {
        this.pool = pool;
        this.phrases = phrases;
        this.goal = goal;
        this.unfolder = unfolder;
        this.catalogue = pool.catalogue();
    }

    ClassPlan lay(ClassPlan plan) {
        ClassPlan laid = plan;
        for (Section section : plan.sections()) {
            for (Item item : section.items()) {
                if (item instanceof Step step) laid = with(laid, step, laid(step));
                else
                    for (Step inside : ((Flow) item).steps())
                        laid = with(laid, inside, easierInFlow((Flow) item, inside));
            }
        }
        return inTime(laid);
    }

    private static ClassPlan with(ClassPlan plan, Step before, Step after) {
        return before.equals(after) ? plan : PlanEdit.instead(plan, after).applyTo(plan);
    }

    private Step laid(Step step) {
        if (step.pose() == null
                || step.marks().locked()
                || !(step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Breaths)) return step;
        Pose pose = catalogue.pose(step.pose());
        Step laid = step;
        for (Level level : Level.values()) {
            if (level == pool.brief().level()) continue;
            boolean lower = level.ordinal() < pool.brief().level().ordinal();
            Pose other = (lower ? easier(pose, level, null) : harder(pose, level)).orElse(pose);
            if (!other.equals(pose)) laid = laid.withPoseFor(level, other.id());
            Dose dose = other.doseFor(level);
            if (dose instanceof Dose.Breaths) laid = laid.withDoseFor(level, dose);
        }
        return laid;
    }

    /** What a phrase has for lower levels itself, else the nearest easier form; the count stays that of the class. */
    private Step easierInFlow(Flow flow, Step step) {
        Dose dose = step.dose().at(Dose.Reading.CHOSEN);
        if (step.pose() == null || step.marks().locked()) return step;
        if (!(dose instanceof Dose.Movement) && !(dose instanceof Dose.Breaths)) return step;
        Breath breath = dose instanceof Dose.Movement movement ? movement.breath() : null;
        Pose pose = catalogue.pose(step.pose());
        Step laid = step;
        for (Level level : Level.values()) {
            if (level.ordinal() >= pose.level().ordinal()) continue;
            Optional<Pose> other = own(flow, pose, level)
                    .filter(form -> breath == null || Move.suits(form, breath))
                    .or(() -> easier(pose, level, breath));
            if (other.isPresent()) laid = laid.withPoseFor(level, other.get().id());
        }
        return laid;
    }

    /** What the phrase of a flow has in the place of a pose for a level. */
    private Optional<Pose> own(Flow flow, Pose pose, Level level) {
        return phrases.called(flow.settings().name()).stream()
                .flatMap(phrase -> phrase.steps().stream())
                .filter(step -> pose.id().equals(step.pose()))
                .flatMap(step -> step.layers().stream())
                .filter(layer ->
                        layer.when().levels().contains(level) && layer.when().rounds() == null)
                .map(Layer::edit)
                .filter(Layer.Become.class::isInstance)
                .map(edit -> ((Layer.Become) edit).pose())
                .filter(Objects::nonNull)
                .map(catalogue::pose)
                .filter(form -> !form.equals(pose) && suits(form, level))
                .findFirst();
    }

    /** A form for a lower level, where the pose is above it: a lower rung of the ladder, else the nearest easier form. */
    private Optional<Pose> easier(Pose pose, Level level, @Nullable Breath breath) {
        if (pose.level().ordinal() <= level.ordinal()) return Optional.empty();
        List<Pose> forms = new ArrayList<>();
        if (goal != null && goal.ladder() != null) {
            int rung = goal.ladder().rungOf(pose.id());
            for (int i = rung - 1; i >= 1; i--) rung(goal.ladder(), i).ifPresent(forms::add);
        }
        forms.addAll(forms(pose));
        return forms.stream()
                .filter(form -> suits(form, level)
                        && form.sides().hasSides() == pose.sides().hasSides())
                .filter(form -> breath == null
                        ? form.doseFor(level) instanceof Dose.Breaths
                        : Move.suits(form, breath) && form.base() == pose.base())
                .findFirst();
    }

    private List<Pose> forms(Pose pose) {
        Set<Pose> forms = new LinkedHashSet<>();
        List<String> at = pose.ties().easier();
        for (int far = 0; far < 3; far++) {
            List<String> next = new ArrayList<>();
            for (String id : at)
                if (forms.add(catalogue.pose(id)))
                    next.addAll(catalogue.pose(id).ties().easier());
            at = next;
        }
        return List.copyOf(forms);
    }

    /** The next rung for those above the class's level; only at the poses of the ladder itself. */
    private Optional<Pose> harder(Pose pose, Level level) {
        if (goal == null || goal.ladder() == null || !pose.equals(goal.pose())) return Optional.empty();
        int rung = goal.ladder().rungOf(pose.id());
        Optional<Pose> best = Optional.empty();
        for (int i = rung + 1; i <= goal.ladder().rungs().size(); i++) {
            Optional<Pose> next = rung(goal.ladder(), i).filter(p -> suits(p, level));
            boolean alone = goal.ladder().rungs().get(i - 1).with() == Ladder.With.ALONE;
            if (next.isPresent()
                    && alone
                    && next.get().sides().hasSides() == pose.sides().hasSides()) best = next;
        }
        return best;
    }

    private Optional<Pose> rung(Ladder ladder, int rung) {
        return Optional.ofNullable(ladder.rungs().get(rung - 1).pose()).map(catalogue::pose);
    }

    private boolean suits(Pose pose, Level level) {
        boolean stands =
                pool.against(pose).filter(out -> out.why() != LeftOut.Why.LEVEL).isPresent();
        return pose.level().ordinal() <= level.ordinal() && pose.risk() != Risk.HIGH && !stands;
    }

    /** Takes breaths from every line that is longer than the clock; where there are none to take, the line does as the class does. */
    private ClassPlan inTime(ClassPlan plan) {
        ClassPlan now = plan;
        for (int i = 0; i < MOST_ROUNDS; i++) {
            List<MixedRoom.Line> over = MixedRoom.lines(now, unfolder).stream()
                    .filter(MixedRoom.Line::isOver)
                    .toList();
            if (over.isEmpty()) break;
            for (MixedRoom.Line line : over) now = shorter(now, line);
        }
        return now;
    }

    /** The last step of a flow that a level does otherwise is done as the class does it, unless it is above the level: then it is left out. */
    private ClassPlan asTheOthers(ClassPlan plan, Flow flow, Level level) {
        for (int i = flow.steps().size() - 1; i >= 0; i--) {
            Step step = flow.steps().get(i);
            if (Objects.equals(step.poseFor(level), step.pose())) continue;
            Dose dose = step.doseFor(level).at(Dose.Reading.CHOSEN);
            Step after = dose instanceof Dose.Breaths hold && hold.breaths() > 1
                    ? step.withDoseFor(level, new Dose.Breaths(hold.breaths() - 1))
                    : step.withPoseFor(level, null).withDoseFor(level, null);
            return with(plan, step, after);
        }
        return plan;
    }

    private ClassPlan shorter(ClassPlan plan, MixedRoom.Line line) {
        NodeId id = line.node();
        if (plan.find(id).orElse(null) instanceof Flow flow) return asTheOthers(plan, flow, line.level());
        if (!(plan.find(id).orElse(null) instanceof Step step)) return plan;
        Dose dose = step.doseFor(line.level()).at(Dose.Reading.CHOSEN);
        Step after = dose instanceof Dose.Breaths hold && hold.breaths() > 1
                ? step.withDoseFor(line.level(), new Dose.Breaths(hold.breaths() - 1))
                : step.withPoseFor(line.level(), null).withDoseFor(line.level(), null);
        return with(plan, step, after);
    }
}
