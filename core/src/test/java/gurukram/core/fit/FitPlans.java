package gurukram.core.fit;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Classes at random that fitting has something to choose in. */
final class FitPlans {
    private static final List<String> SIDED =
            List.of("tree", "warrior-2", "triangle", "low-lunge", "half-pigeon", "high-lunge");
    private static final List<String> PLAIN =
            List.of("chair", "standing-fold", "childs-pose", "bound-angle", "downward-dog", "boat");

    private final Random random;
    private int ids;

    FitPlans(long seed) {
        random = new Random(seed);
    }

    /** One to four parts that may change. */
    ClassPlan small() {
        List<Item> items = new ArrayList<>();
        int parts = 1 + random.nextInt(4);
        for (int i = 0; i < parts; i++) items.add(random.nextInt(3) == 0 ? flow(2 + random.nextInt(2)) : step());
        return plan(items, 10);
    }

    /** So many steps with ranges and some flows. */
    ClassPlan large(int steps) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < steps; i++) items.add(step());
        for (int i = 0; i < 3; i++) items.add(7 * (i + 1), movements(4 + random.nextInt(3)));
        return plan(items, 90);
    }

    private ClassPlan plan(List<Item> items, int minutes) {
        ClassSettings settings = ClassSettings.of(
                "Fit", minutes, random.nextBoolean() ? Style.HATHA : Style.VINYASA, Level.INTERMEDIATE);
        Section work = new Section(id(), SectionRole.STANDING, "", null, items, null, null, null, null, null);
        Step lying = Step.of(id(), "corpse", new SideRule.None(), new Dose.Seconds(60 + random.nextInt(60)));
        return ClassPlan.of(settings, work, Section.of(id(), SectionRole.REST, lying));
    }

    private NodeId id() {
        return new NodeId("f" + ids++);
    }

    private Step step() {
        boolean sided = random.nextBoolean();
        List<String> poses = sided ? SIDED : PLAIN;
        SideRule rule = sided ? new SideRule.Both(random.nextBoolean() ? Side.RIGHT : Side.LEFT) : new SideRule.None();
        Dose dose = dose();
        if (sided && dose instanceof Range range && range.high() instanceof Reps && random.nextBoolean()) {
            rule = new SideRule.Alternating(Side.RIGHT, false);
        }
        return Step.of(id(), poses.get(random.nextInt(poses.size())), rule, dose)
                .with(marks());
    }

    private Dose dose() {
        int low = 2 + random.nextInt(4);
        int high = low + 1 + random.nextInt(2);
        int chosen = low + random.nextInt(high - low + 1);
        return switch (random.nextInt(5)) {
            case 0 -> new Range(new Dose.Seconds(5 * low), new Dose.Seconds(5 * chosen), new Dose.Seconds(5 * high));
            case 1 -> new Range(reps(low), reps(chosen), reps(high));
            case 2 -> new Dose.Breaths(chosen);
            default -> new Range(new Dose.Breaths(low), new Dose.Breaths(chosen), new Dose.Breaths(high));
        };
    }

    private static Reps reps(int n) {
        return new Reps(n, 1, 0, null);
    }

    private Marks marks() {
        Marks marks = Marks.NONE;
        if (random.nextInt(6) == 0) marks = marks.lock(true);
        if (random.nextInt(6) == 0) marks = marks.makeOptional(true);
        return random.nextInt(4) == 0 ? marks.withPriority(1 + random.nextInt(9)) : marks;
    }

    private Flow movements(int rounds) {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < 6; i++) steps.add(movement("lead", i));
        return new Flow(id(), FlowSettings.of(rounds), steps);
    }

    private Step movement(String side, int i) {
        String pose = SIDED.get(random.nextInt(SIDED.size()));
        return Step.of(id(), pose, SideRule.parse(side), new Dose.Movement(i % 2 == 0 ? Breath.INHALE : Breath.EXHALE));
    }

    /** A flow in which rounds matter to what comes after it: layers from a round on, holds, joins, links, either counting. */
    private Flow flow(int rounds) {
        boolean oneSided = random.nextBoolean();
        FlowSettings settings = FlowSettings.of(rounds);
        if (oneSided) settings = settings.with(Counting.ONE_SIDE);
        if (random.nextInt(3) == 0) settings = settings.withJoins(new Join.Shared(0, 1), null);
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            Step step = random.nextInt(3) == 0
                    ? Step.of(id(), SIDED.get(random.nextInt(SIDED.size())), new SideRule.Lead(), dose())
                    : movement(random.nextBoolean() ? "lead" : "other", i);
            if (!oneSided && random.nextInt(3) == 0 && step.dose() instanceof Dose.Movement) {
                Layer.Become become = new Layer.Become(SIDED.get(random.nextInt(SIDED.size())), null, null);
                step = step.withLayers(List.of(new Layer(id(), When.in(Rounds.from(2)), become)));
            }
            steps.add(step);
        }
        Flow flow = new Flow(id(), settings, steps).with(marks());
        if (random.nextInt(3) > 0) return flow;
        Step back = Step.of(id(), "plank", new SideRule.None(), new Dose.Movement(Breath.EXHALE));
        return flow.with(Link.of(id(), When.ALWAYS, false, back).with(Marks.NONE.makeOptional(true)));
    }

    /** Keeps the test's own poses honest. */
    static boolean known() {
        return SIDED.stream().allMatch(Plans.CATALOGUE::has) && PLAIN.stream().allMatch(Plans.CATALOGUE::has);
    }
}
