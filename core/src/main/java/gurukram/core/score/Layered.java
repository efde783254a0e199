package gurukram.core.score;

import gurukram.core.body.SideBehaviour;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A written step with its layers laid over it: what is really done at a level, in a round, on a pass.
 *
 * <p>Level edits come first, then round edits, each as written; the last wins per attribute. An edit on an omitted step does
 * nothing. A replacement keeps the step's side rule unless it states one; a symmetric pose takes none (ours). What a level puts
 * in is a step of its own beside it; what a round puts in belongs to the step, and so stands nearer (ours).
 */
final class Layered {
    private final PoseCatalogue catalogue;
    private final List<Step> before = new ArrayList<>();
    private final List<Step> after = new ArrayList<>();
    private @Nullable Step step;

    private Layered(Step step, PoseCatalogue catalogue) {
        this.step = step;
        this.catalogue = catalogue;
    }

    /** What a level does instead of the step; {@code level} null is the base line. Edits that need a round are not looked at. */
    static List<Step> atLevel(Step step, @Nullable Level level, PoseCatalogue catalogue) {
        if (step.layers().isEmpty()) return List.of(step);
        Layered layered = new Layered(step, catalogue);
        layered.lay(step.layers(), when -> !when.needsFlow() && when.holdsAt(level));
        return layered.steps();
    }

    /** What is done instead of the step when these layers hold, whenever they hold. */
    static List<Step> always(Step step, List<Layer> layers, PoseCatalogue catalogue) {
        Layered layered = new Layered(step, catalogue);
        layered.lay(layers, when -> true);
        return layered.steps();
    }

    /** What is done on one pass instead of a step of a {@link LevelLine}. */
    static List<Step> inPass(Step step, Pass pass, int rounds, PoseCatalogue catalogue) {
        if (step.layers().isEmpty()) return List.of(step);
        Layered layered = new Layered(step, catalogue);
        layered.lay(step.layers(), when -> when.holds(null, pass.round(), rounds, pass.ofRound()));
        return layered.steps();
    }

    private void lay(List<Layer> layers, Predicate<When> holds) {
        for (Layer layer : layers) {
            if (step == null || !holds.test(layer.when())) continue;
            Layer.Edit edit = layer.edit();
            if (edit instanceof Layer.Omit) step = null;
            else if (edit instanceof Layer.Become become) step = become(step, become);
            else if (edit instanceof Layer.Before put) put(put.step(), holds, before);
            else if (edit instanceof Layer.After put) put(put.step(), holds, after);
        }
    }

    private void put(Step inserted, Predicate<When> holds, List<Step> into) {
        Layered layered = new Layered(inserted, catalogue);
        layered.lay(inserted.layers(), holds);
        if (layered.step != null) into.add(layered.step);
    }

    private Step become(Step from, Layer.Become become) {
        Step now = from;
        if (become.dose() != null) now = now.withDose(become.dose());
        if (become.sides() != null) now = now.withSides(become.sides());
        if (become.with() != null) now = now.with(now.manner().with(become.with()));
        if (become.pose() == null || become.pose().equals(now.pose())) return now;
        now = now.withPose(become.pose());
        if (!now.manner().sideNames().isEmpty()) now = now.with(now.manner().withSideNames(""));
        boolean symmetric = catalogue.pose(become.pose()).sides() == SideBehaviour.SYMMETRIC;
        return symmetric && now.sides().isSided() ? now.withSides(new SideRule.None()) : now;
    }

    private List<Step> steps() {
        List<Step> steps = new ArrayList<>(before);
        if (step != null) steps.add(step);
        steps.addAll(after);
        return steps;
    }
}
