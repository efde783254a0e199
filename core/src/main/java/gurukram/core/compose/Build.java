package gurukram.core.compose;

import gurukram.core.check.Preparation;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides;
import gurukram.core.plan.Mode;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.SideRule;
import gurukram.core.plan.Step;
import gurukram.core.plan.Style;
import gurukram.core.pose.ActionUse;
import gurukram.core.pose.Base;
import gurukram.core.pose.BodyArea;
import gurukram.core.pose.Felt;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.Risk;
import gurukram.core.pose.Side;
import gurukram.core.score.Moment;
import gurukram.core.time.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One try at a class: the peak with its rungs first, then what prepares it, the flows, what balances it and answers the
 * hardest work, and at last what fills each part up to its share.
 */
final class Build {
    /** The name of the main flow of a vinyasa class. */
    static final NodeId MAIN_FLOW = new NodeId("flow");

    private static final int LEAST_REST_SECONDS = 60;
    private static final int REST_STEP = 15;
    private static final int MOST_TURNS = 80;
    private static final long NEAR_MS = 40_000;
    private static final int NEAR_LEGS = 2;
    private static final int TWICE_FROM_MINUTES = 60;
    /** Movements on the hands in flows at a level: three quarters of what a class may have. */
    private static final int[] MOST_LOADS = {18, 32, 46};

    private static final int[] LEAST_POSES = {14, 20, 24, 28, 32};
    private static final Set<SectionRole> FILLED = Set.of(
            SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR, SectionRole.COOL_DOWN);

    private final Brief brief;
    private final Pool pool;
    private final Goal goal;
    private final Clock clock;
    private final Dice dice;
    private final Merit merit;
    private final int tightness;
    private final PoseCatalogue catalogue;
    private final Sketch sketch;
    private final Set<String> refused = new HashSet<>();

    /** @param tightness 0 for all that belongs to a class; each more leaves something out that could be missed */
    Build(Brief brief, Pool pool, Goal goal, Clock clock, Dice dice, int tightness) {
        this.brief = brief;
        this.pool = pool;
        this.goal = goal;
        this.clock = clock;
        this.dice = dice;
        this.tightness = tightness;
        this.catalogue = pool.catalogue();
        this.merit = new Merit(brief, peak(), dice);
        this.sketch = new Sketch(settings(), order(), catalogue, dice);
    }

    private Pose peak() {
        return goal == null ? null : goal.pose();
    }

    private ClassSettings settings() {
        String title = brief.theme().title();
        if (title.isEmpty())
            title = goal == null
                    ? "A class of its own"
                    : "Towards " + goal.pose().name().toLowerCase(Locale.ROOT);
        return ClassSettings.of(title, brief.minutes(), brief.style(), brief.level())
                .with(brief.theme())
                .withMixed(brief.mixed())
                .withPeak(goal == null ? null : goal.pose().id())
                .withBegins(brief.begins())
                .with(brief.school());
    }

    private boolean peakIsLow() {
        return goal != null && Places.isFloor(goal.pose().base());
    }

    private List<SectionRole> order() {
        List<SectionRole> order = new ArrayList<>(List.of(
                SectionRole.ARRIVE,
                SectionRole.BREATHE,
                SectionRole.WARM_UP,
                SectionRole.SALUTATIONS,
                SectionRole.STANDING,
                SectionRole.BALANCE,
                SectionRole.PEAK,
                SectionRole.COUNTERPOSES,
                SectionRole.COOL_DOWN,
                SectionRole.REST,
                SectionRole.CLOSE));
        order.add(order.indexOf(SectionRole.PEAK) + (peakIsLow() ? 0 : 2), SectionRole.FLOOR);
        return order;
    }

    ClassPlan plan() {
        brief.kept().forEach(kept -> sketch.put(kept.role(), kept.item()));
        arrive();
        peakPart();
        flows();
        cover();
        wanted();
        warmWrists();
        afterwards();
        rest();
        fill();
        return sketch.plan();
    }

    private boolean has(SectionRole role) {
        return !sketch.entries(role).isEmpty();
    }

    // --- the frame of the class

    private void arrive() {
        if (!has(SectionRole.ARRIVE)) {
            int most = Math.min(60, brief.minutes() * 60 * 28 / 1000);
            int least = Math.min(20, most / 2);
            Dose open = new Range(new Dose.Open(least), new Dose.Open((least + most) / 2), new Dose.Open(most));
            Pose seat = firstAllowed("easy-seat", "thunderbolt", "chair-seat", "constructive-rest", "mountain");
            sketch.put(SectionRole.ARRIVE, Doses.step(sketch.name(SectionRole.ARRIVE), seat, open, brief.begins()));
        }
        if (pool.has("breath-watching") && sketch.entries(SectionRole.ARRIVE).size() == 1 && brief.minutes() >= 45) {
            Pose watching = catalogue.pose("breath-watching");
            sketch.put(
                    SectionRole.ARRIVE,
                    Doses.wide(sketch.name(SectionRole.ARRIVE), watching, brief.level(), brief.begins()));
        }
        boolean breathe = brief.style() == Style.HATHA || brief.minutes() >= 75 || brief.flavour() == Flavour.RESTFUL;
        if (breathe && !has(SectionRole.BREATHE) && tightness < 2) {
            best(SectionRole.BREATHE)
                    .ifPresent(pose -> sketch.put(
                            SectionRole.BREATHE,
                            Doses.wide(sketch.name(SectionRole.BREATHE), pose, brief.level(), brief.begins())));
        }
    }

    private Pose firstAllowed(String... ids) {
        for (String id : ids) if (pool.has(id)) return catalogue.pose(id);
        return catalogue.pose(ids[0]);
    }

    private void rest() {
        if (!has(SectionRole.REST)) {
            int percent = brief.flavour() == Flavour.RESTFUL ? 11 : 9;
            int seconds = Math.max(LEAST_REST_SECONDS, brief.minutes() * 60 * percent / 100 / REST_STEP * REST_STEP);
            Pose pose = firstAllowed(
                    "corpse",
                    "side-lying-rest",
                    "bolster-under-knees",
                    "legs-on-chair",
                    "supported-bound-angle",
                    "easy-seat");
            SideRule sides = new SideRule.None();
            if (pose.sides().hasSides()) {
                seconds = seconds / 2;
                sides = new SideRule.Both(Side.LEFT);
            }
            sketch.put(
                    SectionRole.REST,
                    Step.of(sketch.name(SectionRole.REST), pose.id(), sides, new Dose.Seconds(seconds)));
        }
        if (!has(SectionRole.CLOSE)) {
            Pose seat = firstAllowed("seated-close", "easy-seat", "thunderbolt", "chair-seat", "mountain");
            sketch.put(
                    SectionRole.CLOSE, Doses.wide(sketch.name(SectionRole.CLOSE), seat, brief.level(), brief.begins()));
        }
    }

    // --- the peak

    private void peakPart() {
        if (goal == null || has(SectionRole.PEAK)) return;
        List<Pose> rungs = rungsBefore();
        for (Pose rung : rungs) {
            boolean near = Way.legs(rung.base(), goal.pose().base()) <= NEAR_LEGS;
            SectionRole role = near ? SectionRole.PEAK : Places.forPreparation(rung, goal.pose(), peakIsLow());
            for (int times = isNeeded(rung) ? timesNeeded(rung, rungs) : 1; times > 0; times--) {
                Step usual = Doses.atLeastUsual(sketch.name(role), rung, brief.level(), brief.begins());
                Step step = guarded(isNeeded(rung) ? usual.withDose(usual.dose().at(Dose.Reading.HIGH)) : usual, rung);
                if (near) sketch.put(role, step);
                else sketch.sort(role, step, false);
            }
        }
        Step peak = Doses.wide(sketch.name(SectionRole.PEAK), goal.pose(), brief.level(), brief.begins());
        sketch.put(SectionRole.PEAK, guarded(peak, goal.pose()));
        if (brief.minutes() >= TWICE_FROM_MINUTES
                && tightness == 0
                && goal.pose().risk() != Risk.HIGH) {
            Step again = Doses.wide(sketch.name(SectionRole.PEAK), goal.pose(), brief.level(), brief.begins());
            sketch.put(SectionRole.PEAK, again.withNote("The second time: stay, or stay on the rung before."));
        }
    }

    /** The rungs right below, the nearest last, those without which a demand is not prepared, and one before a rung of high risk; what cannot be held is left to the flows. */
    private List<Pose> rungsBefore() {
        List<Pose> rungs = new ArrayList<>();
        if (goal.ladder() == null) return rungs;
        int most = tightness > 1 ? 1 : (brief.minutes() >= 60 && tightness == 0 ? 2 : 1) + dice.pick("rungs", 2);
        for (int rung = goal.rung() - 1; rung >= 1; rung--) {
            String id = goal.ladder().rungs().get(rung - 1).pose();
            if (id == null || id.equals(goal.pose().id())) continue;
            Pose pose = catalogue.pose(id);
            boolean allowed = pool.against(pose).isEmpty() && (pose.risk() != Risk.HIGH || brief.supervised());
            boolean held = Cover.sideSeconds(pose, pose.doseFor(brief.level())) > 0;
            boolean leads = !rungs.isEmpty() && rungs.get(0).risk() == Risk.HIGH;
            if (allowed && held && (rungs.size() < most || leads || isNeeded(pose))) rungs.add(0, pose);
        }
        return rungs;
    }

    /** Twice where the rungs alone, held as long as is usual, do not prepare what only they prepare. */
    private int timesNeeded(Pose rung, List<Pose> rungs) {
        for (ActionUse use : goal.pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal.pose(), use)) continue;
            double seconds = rungs.stream()
                    .filter(pose -> Cover.prepares(pose, goal.pose(), use))
                    .mapToDouble(pose -> Cover.sideSeconds(
                            pose, pose.doses().get(brief.level()).at(Dose.Reading.HIGH)))
                    .sum();
            if (seconds < Preparation.usualSeconds(use.demands()) && isNeeded(rung)) return 2;
        }
        return 1;
    }

    /** Whether something the peak asks for is prepared by fewer than two poses besides the ladder, and by this one. */
    private boolean isNeeded(Pose rung) {
        for (ActionUse use : goal.pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal.pose(), use)) continue;
            long others = pool.poses().stream()
                    .filter(pose -> goal.ladder().rungOf(pose.id()) == 0 && Cover.prepares(pose, goal.pose(), use))
                    .count();
            if (others < 2) return true;
        }
        return false;
    }

    /** What a pose of high risk must have with it, and a way out of every peak. */
    private Step guarded(Step step, Pose pose) {
        List<String> lines = new ArrayList<>();
        String easier = pose.ties().easier().stream()
                .filter(id -> pool.against(catalogue.pose(id)).isEmpty())
                .findFirst()
                .map(id -> catalogue.pose(id).name().toLowerCase(Locale.ROOT))
                .orElse("stay on the rung before");
        if (pose.equals(goal.pose()) || pose.risk() == Risk.HIGH) lines.add("Way out: " + easier + ".");
        Step guarded = step;
        if (pose.risk() == Risk.HIGH) {
            lines.add("Watched by the teacher, at most 4 mats at a time.");
            guarded = guarded.withProps(propsOf(pose));
        }
        return lines.isEmpty() ? guarded : guarded.withNote(String.join("\n", lines));
    }

    private List<Prop> propsOf(Pose pose) {
        for (Ladder ladder : catalogue.laddersWith(pose.id())) {
            List<Prop> props = ladder.rungs().get(ladder.rungOf(pose.id()) - 1).props().stream()
                    .map(use -> new Prop(use.number(), use.prop()))
                    .toList();
            if (!props.isEmpty()) return props;
        }
        return List.of();
    }

    // --- flows

    private void flows() {
        long loads = 0;
        if (brief.style() == Style.VINYASA) {
            mainFlow();
            for (Sketch.Entry entry : sketch.entries(SectionRole.STANDING))
                if (entry.item() instanceof Flow flow) loads += loads(flow);
            if (pool.has("cat") && pool.has("cow") && tightness < 2 && !has(SectionRole.WARM_UP))
                sketch.put(SectionRole.WARM_UP, catAndCow());
        }
        if (has(SectionRole.SALUTATIONS) || tightness > 2 || brief.flavour() == Flavour.RESTFUL) return;
        boolean isLong = brief.minutes() >= 45 && tightness == 0;
        long left = MOST_LOADS[brief.level().ordinal()] - loads;
        for (Flow flow :
                new Salutes(pool, clock.legRule(brief.school()), dice.of("salutes")).choices("salute", isLong)) {
            if (loads(flow) > left) continue;
            sketch.put(SectionRole.SALUTATIONS, flow.with(flow.settings().withRounds(rounds(flow, left))));
            return;
        }
    }

    private void mainFlow() {
        boolean kept = sketch.entries(SectionRole.STANDING).stream().anyMatch(e -> e.item() instanceof Flow);
        if (kept) return;
        FlowMaker maker = new FlowMaker(pool, peak(), merit.of("flow"), dice.of("flow"));
        last().flatMap(poses -> maker.again(MAIN_FLOW.value(), flowName(), poses))
                .or(() -> maker.layered(MAIN_FLOW.value(), flowName(), avoided()))
                .ifPresent(flow -> sketch.put(SectionRole.STANDING, taught(flow)));
    }

    /** The main flow of the class before, where the class builds on it. */
    private Optional<List<String>> last() {
        if (!brief.build()) return Optional.empty();
        return brief.taught().stream()
                .map(Taught::mainFlow)
                .filter(flow -> !flow.isEmpty())
                .findFirst();
    }

    /** Movements on the hands in a flow. */
    private long loads(Flow flow) {
        return flow.settings().passes()
                * flow.steps().stream()
                        .filter(step -> catalogue.pose(step.pose()).wristLoad())
                        .count();
    }

    /** As many rounds as its share of the class and the hands have time for, at most six. */
    private int rounds(Flow flow, long left) {
        Map<SectionRole, Long> budgets = clock.budgets(sketch.order());
        int rounds = 1;
        while (rounds < 6
                && (rounds + 1) * loads(flow) <= left
                && clock.flowMs(flow.with(flow.settings().withRounds(rounds + 1)))
                        <= budgets.get(SectionRole.SALUTATIONS)) rounds++;
        return rounds;
    }

    private Flow catAndCow() {
        FlowSettings settings = FlowSettings.of(brief.minutes() >= 60 ? 6 : 4)
                .withName("cow and cat")
                .with(FlowSides.Counting.NO_SIDES);
        return Flow.of(
                new NodeId("cats"),
                settings,
                Step.of(new NodeId("cats-1"), "cow", new SideRule.None(), new Dose.Movement(Breath.INHALE)),
                Step.of(new NodeId("cats-2"), "cat", new SideRule.None(), new Dose.Movement(Breath.EXHALE)));
    }

    /** Beginners are taught the first round position by position. */
    private Flow taught(Flow flow) {
        if (brief.level() != Level.BEGINNER || brief.minutes() < 45) return flow;
        return flow.with(flow.settings().withModes(new Mode.Run(1, Mode.LEARN), new Mode.Run(2, Mode.BREATH)));
    }

    private String flowName() {
        return goal == null ? "main flow" : "towards " + goal.pose().name().toLowerCase(Locale.ROOT);
    }

    private List<List<String>> avoided() {
        if (brief.build()) return List.of();
        return brief.taught().stream()
                .filter(taught -> taught.daysAgo() <= Taught.DAYS_APART
                        && !taught.mainFlow().isEmpty())
                .map(Taught::mainFlow)
                .toList();
    }

    // --- preparation

    private void cover() {
        if (goal == null) return;
        List<Pose> there = new ArrayList<>();
        for (SectionRole role : sketch.order()) {
            for (Sketch.Entry entry : sketch.entries(role)) {
                if (entry.pose() != null && !entry.pose().equals(goal.pose())) there.add(entry.pose());
            }
        }
        Merit byMerit = merit.of("cover");
        Cover cover = new Cover(
                goal.pose(),
                Preparation.lastButOne(catalogue, goal.pose()),
                pool.poses().stream()
                        .filter(pose -> !there.contains(pose) && canPrepare(pose))
                        .toList(),
                pose -> cost(pose, byMerit),
                pose -> Cover.sideSeconds(pose, pose.doseFor(brief.level())));
        for (Pose pose : cover.find(there)) {
            SectionRole role = Places.forPreparation(pose, goal.pose(), peakIsLow());
            sketch.sort(role, Doses.atLeastUsual(sketch.name(role), pose, brief.level(), brief.begins()), false);
        }
    }

    /** What carries weight on the hands wants warm wrists. */
    private void warmWrists() {
        boolean carried =
                sketch.poses().stream().anyMatch(id -> catalogue.pose(id).wristLoad());
        for (String id : List.of("wrist-circles", "wrist-rocks")) {
            if (!carried || !pool.has(id)) continue;
            Pose pose = catalogue.pose(id);
            Dose dose = pose.doses().get(brief.level()).at(Dose.Reading.HIGH);
            sketch.sort(
                    SectionRole.WARM_UP,
                    Doses.step(sketch.name(SectionRole.WARM_UP), pose, dose, brief.begins()),
                    false);
            return;
        }
    }

    private boolean canPrepare(Pose pose) {
        return !pose.family().equals("breathing")
                && !(pose.doseFor(brief.level()) instanceof Dose.Seconds)
                && (pose.risk() == Risk.LOW
                        || pose.level().ordinal() < brief.level().ordinal()
                        || brief.level() == Level.ADVANCED
                        || goal.pose().level() == brief.level())
                && isHandy(pose);
    }

    /** Whether it can be done without things nobody knows to be there. */
    private boolean isHandy(Pose pose) {
        boolean known = brief.group() != null && brief.group().room() != null;
        return known
                || pose.props().stream()
                        .noneMatch(
                                use -> Pool.isNeeded(pose, use) && !use.prop().equals("block"));
    }

    private double cost(Pose pose, Merit byMerit) {
        double seconds = (Cover.isSided(pose) ? 2 : 1) * (15 + Cover.sideSeconds(pose, pose.doseFor(brief.level())));
        boolean cold = Places.isFloor(pose.base())
                && !peakIsLow()
                && (pose.effort() >= 4 || pose.effort() == 3 && pose.depth() >= 2);
        double tired = pose.effort() >= 5 ? 1.5 : cold ? 4 : 1;
        return seconds
                * tired
                * (1.6 - Math.min(1.2, byMerit.of(pose) / 20))
                * (0.3 + 1.4 * dice.of("cover").at(pose.id()));
    }

    private void wanted() {
        Set<String> there = sketch.poses();
        for (String id : brief.wanted().stream().sorted().toList()) {
            Pose pose = catalogue.pose(id);
            if (there.contains(id) || pool.against(pose).isPresent() || pose.risk() == Risk.HIGH) continue;
            SectionRole role = Places.isFloor(pose.base()) && pose.effort() <= 2
                    ? SectionRole.COOL_DOWN
                    : Places.forPreparation(pose, goal == null ? pose : goal.pose(), peakIsLow());
            sketch.sort(role, Doses.wide(sketch.name(role), pose, brief.level(), brief.begins()), false);
        }
    }

    // --- what comes after the peak

    private void afterwards() {
        if (goal != null && !has(SectionRole.COUNTERPOSES)) counterposes();
        Map<BodyArea, Double> worked = worked();
        int answers = brief.minutes() >= 60 ? 3 : brief.minutes() >= 45 ? 2 : 1;
        for (int i = 0; i < answers && tightness < 3; i++) {
            Pose answer = choice(SectionRole.COOL_DOWN, pose -> answers(pose, worked));
            if (answer == null) return;
            sketch.sort(
                    SectionRole.COOL_DOWN,
                    Doses.wide(sketch.name(SectionRole.COOL_DOWN), answer, brief.level(), brief.begins()),
                    false);
            for (Felt felt : answer.stretches()) worked.merge(felt.area(), 0.0, (a, b) -> a / 2);
        }
    }

    private void counterposes() {
        Pose peak = goal.pose();
        boolean headDown = peak.base() == Base.INVERTED;
        if (headDown && pool.has("childs-pose")) {
            sketch.put(
                    SectionRole.COUNTERPOSES,
                    Doses.step(
                            sketch.name(SectionRole.COUNTERPOSES),
                            catalogue.pose("childs-pose"),
                            new Range(new Dose.Breaths(5), new Dose.Breaths(6), new Dose.Breaths(9)),
                            brief.begins()));
            return;
        }
        List<Pose> counters = peak.ties().counter().stream()
                .filter(catalogue::has)
                .map(catalogue::pose)
                .filter(pose -> pool.has(pose.id()) && Way.legs(peak.base(), pose.base()) <= 3)
                .filter(pose -> Cover.sideSeconds(pose, pose.doseFor(brief.level())) > 0)
                .sorted(Comparator.comparingDouble(pose -> dice.of("counter").at(pose.id())))
                .limit(brief.minutes() >= 45 && tightness == 0 ? 2 : 1)
                .sorted(Comparator.comparingLong(pose -> Way.ms(peak.base(), pose.base())))
                .toList();
        for (Pose pose : counters) {
            sketch.put(
                    SectionRole.COUNTERPOSES,
                    Doses.wide(sketch.name(SectionRole.COUNTERPOSES), pose, brief.level(), brief.begins()));
        }
    }

    /** What has worked how much so far: strength times seconds. */
    private Map<BodyArea, Double> worked() {
        Map<BodyArea, Double> worked = new EnumMap<>(BodyArea.class);
        for (Moment moment : clock.score(sketch.plan()).moments()) {
            if (moment.pose() == null) continue;
            for (Felt felt : catalogue.pose(moment.pose()).works())
                worked.merge(felt.area(), felt.strength() * moment.workMs() / 1000.0, Double::sum);
        }
        return worked;
    }

    private static double answers(Pose pose, Map<BodyArea, Double> worked) {
        double most = worked.values().stream().mapToDouble(d -> d).max().orElse(1);
        double points = 0;
        for (Felt felt : pose.stretches()) points += 4 * felt.strength() * worked.getOrDefault(felt.area(), 0.0) / most;
        return points;
    }

    // --- filling up

    private Optional<Pose> best(SectionRole role) {
        return Optional.ofNullable(choice(role, pose -> 0));
    }

    private Pose choice(SectionRole role, java.util.function.ToDoubleFunction<Pose> more) {
        Set<String> there = sketch.poses();
        Map<String, Integer> families = new java.util.HashMap<>();
        there.forEach(id -> families.merge(catalogue.pose(id).family(), 1, Integer::sum));
        Merit here = merit.of("fill " + role.word());
        Pose found = null;
        double best = Double.NEGATIVE_INFINITY;
        for (Pose pose : pool.poses()) {
            if (there.contains(pose.id()) || refused.contains(pose.id()) || pose.equals(peak())) continue;
            if (!isHandy(pose) || !Places.fills(role, pose, pose.doseFor(brief.level()), peakIsLow())) continue;
            double points = here.of(pose)
                    + more.applyAsDouble(pose)
                    + stays(pose)
                    - families.getOrDefault(pose.family(), 0)
                    - (pose.wristLoad() ? 3 : 0);
            if (points > best) {
                best = points;
                found = pose;
            }
        }
        return found;
    }

    /** A long class stays in its poses: what is held longer counts more, the longer the slot. */
    private double stays(Pose pose) {
        double seconds = (Cover.isSided(pose) ? 2 : 1)
                * Cover.sideSeconds(pose, pose.doses().get(brief.level()).at(Dose.Reading.HIGH));
        return 5 * Math.min(1, seconds / 120) * brief.minutes() / 60;
    }

    /** How many different poses a class has: enough, and not so many that none is stayed in (ours: a fifth more than the least). */
    private int poses(int percent) {
        int step = Math.max(0, Math.min(LEAST_POSES.length - 1, brief.minutes() / 15 - 2));
        return LEAST_POSES[step] * percent / 100;
    }

    /** Puts poses into the part that lacks most, or takes one out again, until the slot can be met; then opens all doses alike. */
    private void fill() {
        List<SectionRole> present = new ArrayList<>();
        for (SectionRole role : sketch.order()) {
            boolean room = brief.minutes() >= 60 || brief.wishes().contains(Wish.MORE_FLOOR);
            boolean filled = FILLED.contains(role)
                    && (role != SectionRole.FLOOR || room)
                    && (role != SectionRole.BALANCE || brief.minutes() >= 45);
            if (filled || has(role)) present.add(role);
        }
        Map<SectionRole, Long> budgets = clock.budgets(present);
        if (brief.wishes().contains(Wish.MORE_FLOOR)) {
            budgets.computeIfPresent(SectionRole.STANDING, (r, ms) -> ms / 2);
            budgets.computeIfPresent(SectionRole.FLOOR, (r, ms) -> ms * 3);
        }
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            ClassPlan plan = sketch.plan();
            long low = clock.lengthMs(plan, Dose.Reading.LOW);
            long high = clock.lengthMs(plan, Dose.Reading.HIGH);
            Map<SectionRole, Long> lengths = Clock.lengths(clock.score(plan));
            int poses = sketch.poses().size();
            boolean room = low < clock.slotMs() - 2 * NEAR_MS;
            boolean more = high < clock.slotMs() + NEAR_MS
                    || poses < poses(100)
                    || poses < poses(120) && middle(low, high) < clock.slotMs();
            if (low > clock.slotMs() - NEAR_MS) {
                if (!takeOut(budgets, lengths)) break;
            } else if (!room || !more || !addTo(widest(budgets, lengths))) {
                break;
            }
        }
        open();
    }

    private static long middle(long low, long high) {
        return (low + high) / 2;
    }

    /** All wide doses as far up their ranges as the slot allows, in eighths. */
    private void open() {
        for (int eighths = 8; eighths >= 0; eighths--) {
            sketch.open(eighths);
            if (eighths == 0 || clock.score(sketch.plan()).totalMs() <= clock.slotMs()) return;
        }
    }

    /** The parts that can be filled, the one that lacks most first. */
    private static List<SectionRole> widest(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        return budgets.keySet().stream()
                .filter(FILLED::contains)
                .sorted(Comparator.comparingDouble(
                        role -> lengths.getOrDefault(role, 0L) / (double) (1 + budgets.get(role))))
                .toList();
    }

    private boolean addTo(List<SectionRole> roles) {
        for (SectionRole role : roles) {
            Pose pose = choice(role, p -> 0);
            if (pose == null) continue;
            sketch.sort(role, Doses.wide(sketch.name(role), pose, brief.level(), brief.begins()), true);
            return true;
        }
        return false;
    }

    private boolean takeOut(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        List<SectionRole> roles = new ArrayList<>(widest(budgets, lengths));
        java.util.Collections.reverse(roles);
        for (SectionRole role : roles) {
            List<Sketch.Entry> entries = sketch.entries(role);
            for (int i = entries.size() - 1; i >= 0; i--) {
                Sketch.Entry entry = entries.get(i);
                if (!entry.filler()) continue;
                refused.add(entry.pose().id());
                sketch.remove(role, entry);
                return true;
            }
        }
        return false;
    }
}
