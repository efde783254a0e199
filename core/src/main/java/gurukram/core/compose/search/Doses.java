package gurukram.core.compose.search;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Steps with the usual dose of their pose at a level, left open within its range. */
public final class Doses {
    private Doses() {}

    /** Anywhere in the usual range. */
    public static Step wide(NodeId id, Pose pose, Level level, Side first) {
        return step(id, pose, pose.range(level), first);
    }

    /** The usual value or more: what has to prepare something is not shortened. */
    public static Step atLeastUsual(NodeId id, Pose pose, Level level, Side first) {
        Dose dose = pose.range(level);
        if (dose instanceof Range range) {
            dose = range.chosen().equals(range.high())
                    ? range.chosen()
                    : new Range(range.chosen(), range.chosen(), range.high());
        }
        return step(id, pose, dose, first);
    }

    public static Step step(NodeId id, Pose pose, Dose dose, Side first) {
        return Step.of(id, pose.id(), sides(pose, first), dose);
    }

    /** A range of breaths with its chosen value so many eighths up; any other dose as it is. */
    static Dose opened(Dose dose, int eighths) {
        if (!(dose instanceof Range range)
                || !(range.low() instanceof Dose.Breaths low)
                || !(range.high() instanceof Dose.Breaths high)) return dose;
        int breaths = low.breaths() + (high.breaths() - low.breaths()) * eighths / 8;
        return new Range(low, new Dose.Breaths(breaths), high);
    }

    /** The plan with every range of a step outside flows settled at its chosen value; parts that were kept stay as they are. */
    public static ClassPlan settled(ClassPlan plan, Set<NodeId> kept) {
        List<Section> sections = new ArrayList<>();
        for (Section section : plan.sections()) {
            List<Item> items = new ArrayList<>();
            for (Item item : section.items()) {
                boolean mine = item instanceof Step && !kept.contains(item.id());
                items.add(mine ? settled((Step) item) : item);
            }
            sections.add(section.withChildren(items));
        }
        return new ClassPlan(plan.settings(), sections);
    }

    private static Step settled(Step step) {
        return step.dose() instanceof Range range ? step.withDose(range.chosen()) : step;
    }

    /** Both sides where there are two; crossed seats are sat in as they come. */
    static SideRule sides(Pose pose, Side first) {
        boolean seat = pose.sides() == SideBehaviour.CROSSING && pose.family().equals("seats");
        boolean breath = pose.family().equals("breathing");
        if (pose.sides() == SideBehaviour.SYMMETRIC
                || seat
                || breath
                || pose.id().equals("seated-close")) return new SideRule.None();
        return new SideRule.Both(first);
    }
}
