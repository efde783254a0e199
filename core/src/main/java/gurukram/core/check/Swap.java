package gurukram.core.check;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Texts;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.text.Remembered;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Another pose in the place of one, and words put down beside a step. */
final class Swap {
    private static final Remembered<String, String> FOLDED = new Remembered<>(Words::fold);

    private Swap() {}

    /** Does the other pose wherever the step has the first: on the base line and in its layers. */
    static PlanEdit edit(Subject subject, Step step, Pose from, Pose to) {
        return PlanEdit.instead(subject.plan(), step(subject, step, from, to));
    }

    static Step step(Subject subject, Step step, Pose from, Pose to) {
        Step other = step;
        if (from.id().equals(step.pose())) {
            SideRule sides = to.sides().hasSides() ? step.sides() : new SideRule.None();
            if (to.sides().hasSides() && !step.sides().isSided()) {
                var flow = subject.plan().flowAround(step.id());
                sides = flow == null
                        ? new SideRule.Both(Side.RIGHT)
                        : flow.settings().sides().usualFor(to);
            }
            // one rests on one side; the left is the usual
            if (to.base() == Base.SIDE_LYING && !from.sides().hasSides()) sides = new SideRule.Only(Side.LEFT);
            other = withoutHolds(step.withPose(to.id()).withSides(sides));
        }
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : step.layers()) {
            boolean becomes =
                    layer.edit() instanceof Layer.Become become && from.id().equals(become.pose());
            if (!becomes) {
                layers.add(layer);
                continue;
            }
            Layer.Become become = (Layer.Become) layer.edit();
            layers.add(new Layer(
                    layer.id(), layer.when(), new Layer.Become(to.id(), become.sides(), become.dose(), become.with())));
        }
        // what a round did instead is what everybody does now, and nobody has to go back on it
        for (boolean less = true; less; ) {
            Step swapped = other.withLayers(layers);
            less = layers.removeIf(layer -> EmptyLayer.changesNothing(swapped, layer));
        }
        return other.withLayers(layers);
    }

    /** Whoever is given another breathing is given one without holds. */
    private static Step withoutHolds(Step step) {
        if (!(step.dose() instanceof Dose.Pattern pattern)) return step;
        return step.withDose(new Dose.Pattern(pattern.stages(), Dose.Pattern.Holds.NONE));
    }

    /** Easier forms of a pose that suit the level and the group, nearest first. */
    static List<Pose> easier(Subject subject, Pose pose) {
        List<Pose> easier = new ArrayList<>();
        List<String> at = List.of(pose.id());
        for (int far = 0; far < 3; far++) {
            List<String> next = new ArrayList<>();
            for (String id : at) {
                for (String form : subject.catalogue().pose(id).ties().easier()) {
                    Pose other = subject.catalogue().pose(form);
                    next.add(form);
                    if (!easier.contains(other) && suits(subject, other) && !needsChair(subject, other))
                        easier.add(other);
                }
            }
            at = next;
        }
        return easier;
    }

    private static final Set<String> OWN_WORLDS = Set.of("breathing", "drills", "transitions", "warm-ups");

    /** What can be put in anywhere: held, no breath practice, and on a chair only where the class has chairs. */
    static boolean isPlain(Subject subject, Pose pose) {
        return !OWN_WORLDS.contains(pose.family()) && pose.repMillis() == null && !needsChair(subject, pose);
    }

    private static boolean needsChair(Subject subject, Pose pose) {
        return onChair(pose)
                && subject.moments().stream()
                        .noneMatch(moment -> moment.pose() != null
                                && onChair(subject.catalogue().pose(moment.pose())));
    }

    private static boolean onChair(Pose pose) {
        return pose.props().stream().anyMatch(use -> use.prop().equals("chair"))
                && Words.fold(pose.name()).contains("chair");
    }

    static boolean suits(Subject subject, Pose pose) {
        return pose.level().ordinal() <= subject.judgedLevel().ordinal()
                && pose.risk() != Risk.HIGH
                && !Needs.isBlocked(pose, subject.group());
    }

    /** A line more in the note of a step; empty when there is no room for it. */
    static Optional<Step> noted(Step step, String line) {
        String note = step.note();
        String longer = note.isEmpty() ? line : note + "\n" + line;
        if (longer.length() > Texts.MOST_NOTE_LETTERS) return Optional.empty();
        return Optional.of(step.withNote(longer));
    }

    /** Whether the words at a step tell of something, whatever their case. */
    static boolean tells(Step step, String words) {
        if (step.note().isEmpty() && step.texts().say().isEmpty()) return false;
        return FOLDED.of(step.note() + " " + step.texts().say()).contains(FOLDED.of(words));
    }
}
