package gurukram.core.check;

import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * All that a need asks for in one class, done at once: as lines for those who have it, or in the main line for everybody. What is only
 * changed or told stays where it is; where nothing fits beside the clock the pose stays too, and is counted.
 *
 * @param swaps what takes the place of what, in the order of the class
 * @param left poses for which nothing was found
 * @param edit all of it in one; null when there is nothing to swap
 */
public record SwapEverywhere(
        List<Swapped> swaps, List<Pose> left, @Nullable PlanEdit edit) {
    /** As lines of their own, or for everybody. */
    public enum How {
        LINES,
        EVERYBODY
    }

    public record Swapped(NodeId node, Pose from, Pose to) {}

    public static SwapEverywhere of(Subject subject, Need need, How how) {
        Map<NodeId, Step> steps = new LinkedHashMap<>();
        List<Swapped> swaps = new ArrayList<>();
        List<Pose> left = new ArrayList<>();
        subject.plan().walk(node -> {
            if (!(node instanceof Step step)
                    || step.pose() == null
                    || subject.momentsOf(step.id()).isEmpty()) return;
            Pose pose = subject.catalogue().pose(step.pose());
            Optional<Caution> caution = caution(subject, step, need);
            if (caution.isEmpty() || NeedLine.answers(step, need)) return;
            Optional<Pose> other = other(subject, caution.get(), need);
            Optional<Step> swapped = other.flatMap(to -> how == How.LINES
                    ? NeedLine.fitting(subject, step, need, to)
                    : Optional.of(Swap.step(subject, step, pose, to)));
            if (swapped.isEmpty()) {
                left.add(pose);
                return;
            }
            steps.put(step.id(), swapped.get());
            swaps.add(new Swapped(step.id(), pose, other.get()));
        });
        if (steps.isEmpty()) return new SwapEverywhere(List.of(), left, null);
        List<PlanEdit> edits = new ArrayList<>();
        steps.values().forEach(step -> edits.add(PlanEdit.instead(subject.plan(), step)));
        return new SwapEverywhere(swaps, left, PlanEdit.all(edits));
    }

    /** What the need forbids of a step, with what is different about its pose. */
    private static Optional<Caution> caution(Subject subject, Step step, Need need) {
        return Subject.cautionsOf(step, subject.catalogue(), subject.group()).stream()
                .filter(caution -> caution.need() == need && caution.severity() == Caution.Severity.BLOCKED)
                .findFirst();
    }

    /** The caution's own replacement, where nobody else in the group has to leave it out. */
    private static Optional<Pose> other(Subject subject, Caution caution, Need need) {
        if (caution.instead() == null) return Optional.empty();
        Pose other = subject.catalogue().pose(caution.instead());
        boolean blocked = Needs.cautions(other, subject.group()).stream()
                .anyMatch(c -> c.severity() == Caution.Severity.BLOCKED && c.need() == need);
        return blocked ? Optional.empty() : Optional.of(other);
    }

    /** {@code 3 poses for 2 people (wrist), beside the others}. */
    public static String label(Subject subject, Need need, How how, int n) {
        return "swap %d %s for %s%s"
                .formatted(
                        n,
                        n == 1 ? "pose" : "poses",
                        Needs.people(subject.group(), need),
                        how == How.LINES ? ", beside the others" : ", for everybody");
    }
}
