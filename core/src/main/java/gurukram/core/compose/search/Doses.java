package gurukram.core.compose.search;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.ToIntFunction;

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
            dose = range.chosen();
            if (!range.chosen().equals(range.high())) {
                Dose least = countable(new Range(dose, dose, range.high())).get(0);
                dose = least.equals(range.high()) ? least : new Range(least, least, range.high());
            }
        }
        return step(id, pose, dose instanceof Range ? dose : notLong(counted(dose), pose), first);
    }

    public static Step step(NodeId id, Pose pose, Dose dose, Side first) {
        return Step.of(id, pose.id(), sides(pose, first), dose).withProps(Pool.laidOut(pose));
    }

    /** What a mouth counts (craft.md, rule 20). */
    private static final List<Integer> BREATHS = List.of(1, 2, 3, 5, 8, 10);

    /** What is never held shorter than a mouth counts. */
    private static final List<Integer> MANY_BREATHS = List.of(15, 20, 30, 40);

    private static final int MOST_COUNTED = 10;
    /** Longer work wants words on the way. */
    private static final int MOST_ACTIVE = 8;

    private static final List<Integer> REPS = List.of(3, 5, 8, 10, 15, 20);
    private static final List<Integer> SECONDS = List.of(10, 15, 20, 30, 45, 60, 90, 120, 180, 300, 480, 600);

    /** The nearest dose a mouth counts; a range at its chosen value. */
    public static Dose counted(Dose dose) {
        Dose at = dose.at(Dose.Reading.CHOSEN);
        List<Dose> steps = countable(at, at, at);
        return steps.isEmpty() ? at : steps.get(0);
    }

    /** A working hold no longer than can be done without words on the way. */
    public static Dose notLong(Dose dose, Pose pose) {
        return pose.hold() == Hold.ACTIVE && isLong(dose) ? new Dose.Breaths(MOST_ACTIVE) : dose;
    }

    /** Whether a working hold is so long that people want to hear how far they are. */
    public static boolean isLong(Dose dose) {
        return dose instanceof Dose.Breaths breaths && breaths.breaths() > MOST_ACTIVE;
    }

    /** What a mouth counts within a range, the shortest first; for one without any the countable dose nearest to its chosen value. */
    public static List<Dose> countable(Dose dose) {
        if (!(dose instanceof Range range)) return List.of(dose);
        List<Dose> steps = countable(range.low(), range.chosen(), range.high());
        return steps.isEmpty() ? List.of(range.chosen()) : steps;
    }

    private static List<Dose> countable(Dose low, Dose chosen, Dose high) {
        if (chosen instanceof Dose.Breaths)
            return within(
                    ((Dose.Breaths) low).breaths() > MOST_COUNTED ? MANY_BREATHS : BREATHS,
                    low,
                    chosen,
                    high,
                    dose -> ((Dose.Breaths) dose).breaths(),
                    Dose.Breaths::new);
        if (chosen instanceof Dose.Seconds)
            return within(SECONDS, low, chosen, high, dose -> ((Dose.Seconds) dose).seconds(), Dose.Seconds::new);
        if (chosen instanceof Reps reps)
            return within(REPS, low, chosen, high, dose -> ((Reps) dose).reps(), reps::withReps);
        return List.of();
    }

    private static List<Dose> within(
            List<Integer> numbers,
            Dose low,
            Dose chosen,
            Dose high,
            ToIntFunction<Dose> number,
            IntFunction<Dose> dose) {
        int from = number.applyAsInt(low);
        int to = number.applyAsInt(high);
        List<Integer> in = numbers.stream().filter(n -> n >= from && n <= to).toList();
        if (in.isEmpty()) {
            int at = number.applyAsInt(chosen);
            in =
                    numbers.stream()
                            .min(Comparator.comparingInt((Integer n) -> Math.abs(n - at))
                                    .thenComparing(n -> n))
                            .stream()
                            .toList();
        }
        return in.stream().map(n -> dose.apply(n)).toList();
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
