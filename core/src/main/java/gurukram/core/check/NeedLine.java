package gurukram.core.check;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.MixedRoom;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A line beside the clock for people with a need: what they do while the others do the step. */
final class NeedLine {
    private static final int LEAST_SECONDS = 10;
    private static final int PASSIVE_MS = 8_000;

    private NeedLine() {}

    /** Whether people with the need have a line at the step that takes the pose away from them, or does it otherwise. */
    static boolean answers(Step step, Need need) {
        return step.layers().stream()
                .filter(layer -> layer.when().needs().contains(need))
                .anyMatch(layer -> layer.edit() instanceof Layer.Omit
                        || layer.edit() instanceof Layer.Become become
                                && (become.pose() != null || become.with() != null));
    }

    /**
     * The step with such a line, no longer than the clock has for it; empty where it cannot be as short or the other pose does not
     * fit.
     */
    static Optional<Step> fitting(Subject subject, Step step, Need need, Pose to) {
        // what a layer puts in has no lines for needs that mends could write
        if (subject.parentOf(step.id()) instanceof Layer) return Optional.empty();
        Optional<Step> plain = at(step, need, to);
        long over = plain.map(with -> over(subject, with, need)).orElse(0L);
        if (over <= 0) return plain;
        Dose shorter = step.dose().at(Dose.Reading.CHOSEN) instanceof Reps
                ? asLong(subject, step, over)
                : shorter(step.dose(), over);
        if (shorter == null) return Optional.empty();
        Step with = plain.orElseThrow();
        List<Layer> layers = new ArrayList<>(with.layers());
        Layer last = layers.remove(layers.size() - 1);
        Layer.Become become = (Layer.Become) last.edit();
        layers.add(new Layer(last.id(), last.when(), new Layer.Become(become.pose(), become.sides(), shorter)));
        Step cut = with.withLayers(layers);
        return over(subject, cut, need) <= 0 ? Optional.of(cut) : Optional.empty();
    }

    /** How much the line of a need takes too long at its worst with this step, and did not without it, ms. */
    private static long over(Subject subject, Step step, Need need) {
        ClassPlan plan = PlanEdit.instead(subject.plan(), step).applyTo(subject.plan());
        return over(subject, plan, need).values().stream()
                .mapToLong(ms -> ms)
                .max()
                .orElse(0);
    }

    /** The steps and flows of a plan, in which nothing is different but that need's line, whose line is too long by more ms than before. */
    static Map<NodeId, Long> over(Subject subject, ClassPlan plan, Need need) {
        Map<List<Object>, Long> before = new HashMap<>();
        for (MixedRoom.Beside line : subject.beside(need))
            before.put(place(line), Math.max(0, line.lineMs() - line.clockMs()));
        Map<NodeId, Long> over = new HashMap<>();
        for (MixedRoom.Beside line : MixedRoom.beside(plan, subject.unfolder(), subject.baseScore(), need)) {
            long more = line.lineMs() - line.clockMs() - before.getOrDefault(place(line), 0L);
            if (more > 0) over.merge(line.node(), more, Math::max);
        }
        return over;
    }

    private static List<Object> place(MixedRoom.Beside line) {
        return Arrays.asList(line.node(), line.pass());
    }

    /** What takes the place of repetitions is held for as long, less what is too much; null where nothing would be left of it. */
    private static @Nullable Dose asLong(Subject subject, Step step, long lessMs) {
        long workMs = subject.momentsOf(step.id()).stream()
                .mapToLong(i -> subject.moment(i).workMs())
                .sum();
        int fives = (int) ((workMs - lessMs) / 5_000) * 5;
        return fives < LEAST_SECONDS ? null : new Dose.Seconds(fives);
    }

    /** Null where nothing would be left of it, or it is no hold. */
    private static @Nullable Dose shorter(Dose dose, long byMs) {
        Dose single = dose.at(Dose.Reading.CHOSEN);
        int fives = (int) (5 * ((byMs + 4_999) / 5_000));
        int breaths = (int) ((byMs + PASSIVE_MS - 1) / PASSIVE_MS);
        if (single instanceof Dose.Seconds time && time.seconds() > fives)
            return new Dose.Seconds(time.seconds() - fives);
        if (single instanceof Dose.Breaths hold && hold.breaths() > breaths + 1)
            return new Dose.Breaths(hold.breaths() - breaths - 1);
        return null;
    }

    /** The step with such a line; empty where the other pose would need both sides and the step has none. */
    static Optional<Step> at(Step step, Need need, Pose to) {
        boolean lies = to.base() == Base.SIDE_LYING;
        if (to.sides().hasSides() && !step.sides().isSided() && !lies) return Optional.empty();
        boolean takesNone = !to.sides().hasSides() && step.sides().isSided();
        // one rests on one side; the left is the usual
        SideRule sides = lies ? new SideRule.Only(Side.LEFT) : takesNone ? new SideRule.None() : null;
        When when = new When(Set.of(), Set.of(need), false, null, null);
        List<Layer> layers = new ArrayList<>(step.layers());
        layers.add(new Layer(name(step, need), when, new Layer.Become(to.id(), sides, null)));
        return Optional.of(step.withLayers(layers));
    }

    /** The same in every window it is made in. */
    static NodeId name(Step step, Need need) {
        String own = step.id().value();
        return new NodeId(own.substring(0, Math.min(30, own.length())) + "-for-" + need.ordinal());
    }
}
