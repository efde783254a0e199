package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.check.HighRisk;
import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Lesson;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Sketch;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCues;
import gurukram.core.pose.Risk;
import gurukram.core.pose.UsualDoses;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The peak as a lesson, the rungs before it, and what balances it. */
public final class PeakPart {
    /** What stands further away than one change of base is taught before, with its kind. */
    private static final int NEAR_LEGS = 1;

    private static final int FEW_RUNGS = 2;

    private static final int COUNTER_BREATHS = 5;
    private static final int TRIES = 3;
    private static final int STAGE_BREATHS = 2;
    private static final int MOST_SOFT = 5;
    private static final int BETWEEN_BREATHS = 2;
    private static final int REST_SECONDS = 20;

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final @Nullable Goal goal;

    public PeakPart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.goal = attempt.goal();
    }

    /** The lesson: what is shown, the stages on one side and then the other, and a second go. */
    public void put() {
        if (goal == null || attempt.has(SectionRole.PEAK)) return;
        Pose peak = goal.pose();
        List<Pose> rungs = rungsBefore();
        List<Step> stages = new ArrayList<>();
        for (Pose rung : rungs) {
            boolean near = isNear(rung);
            SectionRole role = near ? SectionRole.PEAK : Places.forPreparation(rung, peak, attempt.peakIsLow());
            // what is deep or strong is no warm-up
            if (role == SectionRole.WARM_UP && !isGentle(rung) && !isNeeded(rung)) continue;
            for (int times = isNeeded(rung) ? timesNeeded(rung, rungs) : 1; times > 0; times--) {
                Dose dose = rung.range(brief.level());
                dose = isNeeded(rung) ? dose.at(Dose.Reading.HIGH) : dose.at(Dose.Reading.CHOSEN);
                Dose counted = Doses.notLong(Doses.counted(dose), rung);
                // a long stretch right before the same part works is left short
                boolean softens = rung.hold() == Hold.PASSIVE
                        && !isNeeded(rung)
                        && counted instanceof Dose.Breaths b
                        && b.breaths() > MOST_SOFT;
                Step held = attempt.step(role, rung, softens ? new Dose.Breaths(MOST_SOFT) : counted);
                Step step = guarded(laidOut(held, rung), rung);
                if (near) stages.add(step);
                else sketch.sort(role, step, false);
            }
        }
        show();
        Step top = attempt.step(SectionRole.PEAK, peak, topDose(peak));
        top = inStages(threaded(guarded(laidOut(top, peak), peak)));
        // how long it is held is asked for, and is not the fitter's to change
        if (isDosed(peak)) top = top.with(top.marks().lock(true));
        stages.add(top);
        staged(stages);
        secondGo(top);
    }

    /** What is done on one breath is tried three times. */
    private Dose topDose(Pose peak) {
        Dose dose = Doses.counted(peak.doseFor(brief.level(), UsualDoses.Part.PEAK));
        if (isDosed(peak)) return new Dose.Breaths(Objects.requireNonNull(brief.peakBreaths()));
        if (dose instanceof Dose.Movement) return new Attempts(TRIES, new Dose.Breaths(1), REST_SECONDS);
        boolean again = goesTwice() && !peak.sides().hasSides() && dose instanceof Dose.Breaths;
        return again ? new Attempts(2, dose, REST_SECONDS) : dose;
    }

    /** Where its rung is taught in stages, the peak is. */
    private Step inStages(Step top) {
        Ladder ladder = goal().ladder();
        if (ladder == null || goal().rung() < 1) return top;
        List<Stage> stages = ladder.rungs().get(goal().rung() - 1).stages().stream()
                .map(words -> new Stage(words, new Dose.Breaths(STAGE_BREATHS), true, "", ""))
                .toList();
        return stages.isEmpty() ? top : top.with(top.manner().withStages(stages));
    }

    /** Whether the brief says how long the peak is held, and it is held at all. */
    private boolean isDosed(Pose peak) {
        Dose usual = Doses.counted(peak.doseFor(brief.level(), UsualDoses.Part.PEAK));
        return brief.peakBreaths() != null && usual instanceof Dose.Breaths;
    }

    /** Whether there is time for a second go, and it is wanted. */
    private boolean goesTwice() {
        int tries = lesson().map(Lesson::tries).orElse(2);
        return tries >= 2
                && brief.minutes() >= Attempt.ROOMY
                && attempt.tightness() == 0
                && goal().pose().risk() != Risk.HIGH;
    }

    /** Once in silence, once with three words, the way out first. */
    private void show() {
        Optional<Lesson> lesson = lesson();
        if (brief.minutes() < Attempt.ROOMY || lesson.isEmpty() || attempt.tightness() > 1) return;
        Lesson how = lesson.get();
        List<String> lines = new ArrayList<>();
        lines.add("Show it once in silence and once with three words: " + how.show() + ".");
        lines.add("The way out first: " + how.out() + ".");
        lines.add(Words.capital(how.turns())
                + (how.others().isEmpty() ? "." : "; the others meanwhile: " + how.others() + "."));
        int seconds = brief.minutes() >= 60 || attempt.isVinyasa() ? 60 : 30;
        Step show = Step.of(
                sketch.name(SectionRole.PEAK), attempt.watchedFrom(), new SideRule.None(), new Dose.Open(seconds));
        sketch.put(SectionRole.PEAK, show.withNote(String.join("\n", lines)));
    }

    private Optional<Lesson> lesson() {
        return Lesson.of(goal().pose(), goal().asked());
    }

    /**
     * Stages with sides are one chain, a whole side and then the other; what has none stands for itself, and where they would be
     * longer on one leg than it carries the legs take turns.
     */
    private void staged(List<Step> stages) {
        boolean sided = stages.get(stages.size() - 1).sides().isSided() && stages.size() > 1;
        if (!sided || goal().pose().risk() == Risk.HIGH || isLongOnOneLeg(stages)) {
            stages.forEach(stage -> sketch.put(SectionRole.PEAK, stage));
            return;
        }
        // what has no side is done once, before the sides
        int from = stages.size();
        while (from > 0 && stages.get(from - 1).sides().isSided()) from--;
        stages.subList(0, from).forEach(stage -> sketch.put(SectionRole.PEAK, stage));
        List<Step> chain = stages.subList(from, stages.size());
        if (chain.size() == 1) {
            sketch.put(SectionRole.PEAK, chain.get(0));
            return;
        }
        List<Step> steps = new ArrayList<>();
        for (Step stage : chain) steps.add(stage.withSides(new SideRule.Lead()));
        // from a lunge to a lunge with the other leg in front one goes by standing
        Pose first =
                attempt.catalogue().pose(Objects.requireNonNull(chain.get(0).pose()));
        if (first.base() == Base.LUNGE && goal().pose().base() == Base.LUNGE) {
            Pose between = attempt.firstAllowed("mountain", "downward-dog");
            steps.add(attempt.step(SectionRole.PEAK, between, new Dose.Breaths(1)));
        }
        String name = goal().pose().name().toLowerCase(Locale.ROOT) + " in stages";
        FlowSettings settings = FlowSettings.of(1).withName(name).with(FlowSides.BOTH.with(brief.begins()));
        sketch.put(SectionRole.PEAK, new Flow(sketch.name(SectionRole.PEAK), settings, steps));
    }

    private boolean isLongOnOneLeg(List<Step> stages) {
        List<Step> balances = stages.stream()
                .filter(stage -> attempt.catalogue()
                                .pose(Objects.requireNonNull(stage.pose()))
                                .demands(Action.ONE_LEG_BALANCE)
                        >= 1)
                .toList();
        return balances.size() > 1 && !OneSide.carries(attempt, balances);
    }

    /** Once more, the other side first, the same or less. */
    private void secondGo(Step top) {
        if (!goesTwice() || top.dose() instanceof Attempts || top.dose() instanceof Reps) return;
        if (attempt.pool().has("mountain") && goal().pose().base() == Base.STANDING)
            sketch.put(
                    SectionRole.PEAK,
                    attempt.step(
                            SectionRole.PEAK, attempt.catalogue().pose("mountain"), new Dose.Breaths(BETWEEN_BREATHS)));
        Step again = attempt.step(SectionRole.PEAK, goal().pose(), top.dose());
        if (again.sides() instanceof SideRule.Both)
            again = again.withSides(new SideRule.Both(brief.begins().opposite()));
        sketch.put(SectionRole.PEAK, again.withNote("Once more, everybody at the stage that was theirs."));
    }

    private Goal goal() {
        return Objects.requireNonNull(goal, "a peak part is put only where there is a goal");
    }

    private static boolean isGentle(Pose pose) {
        return pose.effort() <= 3 && pose.depth() <= 2;
    }

    /** Whether a rung stands on the ground of the peak, or one change of base away, and is a stage of its lesson. */
    private boolean isNear(Pose rung) {
        Pose peak = goal().pose();
        // nobody kneels down between what is shown standing and standing in it
        if (peak.base() == Base.STANDING && Places.isFloor(rung.base())) return false;
        return Way.legs(Places.begins(rung), Places.begins(peak)) <= NEAR_LEGS && Places.staysUpOrDown(rung, peak);
    }

    /**
     * The rungs right below, those on the ground of the peak before others, and the nearest last; those without which a demand is
     * not prepared, and one before a rung of high risk. What cannot be held is left to the flows.
     */
    private List<Pose> rungsBefore() {
        List<Pose> ladder = heldRungs();
        Set<Pose> taken = new LinkedHashSet<>();
        int most = mostRungs();
        boolean far = ladder.stream().noneMatch(this::isNear);
        if (far || ladder.size() < Math.min(most, FEW_RUNGS)) ladder.addAll(rungsOfOthers(ladder));
        if (ladder.stream().noneMatch(this::isNear)) ladder.addAll(0, ledBy());
        // a chair for everybody, where nobody knows of any, only where there is too little else
        long others = ladder.stream().filter(pose -> !isOnChair(pose)).count();
        if (others >= FEW_RUNGS) ladder.removeIf(this::isOnChair);
        ladder.stream()
                .sorted(Comparator.comparing((Pose pose) -> !isNear(pose)))
                .limit(most)
                .forEach(taken::add);
        for (int i = 0; i < ladder.size(); i++) {
            boolean leads = i > 0
                    && taken.contains(ladder.get(i - 1))
                    && ladder.get(i - 1).risk() == Risk.HIGH;
            if (leads || isNeeded(ladder.get(i))) taken.add(ladder.get(i));
        }
        List<Pose> rungs =
                new ArrayList<>(ladder.stream().filter(taken::contains).toList());
        Collections.reverse(rungs);
        return rungs;
    }

    private boolean isOnChair(Pose pose) {
        return !attempt.isHandy(pose)
                && pose.props().stream().anyMatch(use -> use.prop().equals("chair") && Pool.isNeeded(pose, use));
    }

    /** The rungs below that may be held, the highest first. */
    private List<Pose> heldRungs() {
        return goal().ladder() == null ? new ArrayList<>() : heldRungs(goal().ladder(), goal().rung());
    }

    private List<Pose> heldRungs(Ladder ladder, int below) {
        List<Pose> rungs = new ArrayList<>();
        for (int rung = below - 1; rung >= 1; rung--) {
            String id = ladder.rungs().get(rung - 1).pose();
            if (id == null || id.equals(goal().pose().id())) continue;
            Pose pose = attempt.catalogue().pose(id);
            boolean allowed =
                    attempt.pool().against(pose).isEmpty() && (pose.risk() != Risk.HIGH || brief.supervised());
            if (allowed && attempt.sideSeconds(pose) > 0 && !rungs.contains(pose)) rungs.add(pose);
        }
        return rungs;
    }

    /** What comes right before this pose on other ladders, on its ground: where its own has nothing. */
    private List<Pose> rungsOfOthers(List<Pose> own) {
        String peak = goal().pose().id();
        return attempt.catalogue().laddersWith(peak).stream()
                .flatMap(ladder ->
                        heldRungs(ladder, ladder.rungOf(peak)).stream().limit(1))
                .filter(pose -> isNear(pose) && pose.risk() == Risk.LOW && !own.contains(pose))
                .distinct()
                .limit(1)
                .toList();
    }

    /** Where no ladder has a stage on its ground, the easiest pose there that this one comes after. */
    private List<Pose> ledBy() {
        String peak = goal().pose().id();
        return attempt.pool().poses().stream()
                .filter(pose -> pose.ties().next().contains(peak) && isNear(pose) && attempt.sideSeconds(pose) > 0)
                .min(Comparator.comparingInt(Pose::effort).thenComparing(Pose::id))
                .stream()
                .toList();
    }

    /** How many rungs there is time for: two or three, in a short flowing class one or two. */
    private int mostRungs() {
        if (attempt.tightness() > 1) return 1;
        if (brief.minutes() < Attempt.ROOMY && !attempt.isVinyasa()) return 2;
        if (brief.minutes() >= Attempt.ROOMY && attempt.tightness() == 1) return 2;
        return (brief.minutes() >= Attempt.ROOMY ? 2 : 1) + attempt.dice().pick("rungs", 2);
    }

    /** What of the theme is the teacher's to say at the peak: the affirmation, else the sentence. */
    private Step threaded(Step peak) {
        Theme theme = brief.theme();
        String words = theme.affirmation().isEmpty() ? theme.sentence() : theme.affirmation();
        boolean fits = words.length() <= Texts.MOST_LINE_LETTERS;
        return fits ? peak.with(peak.texts().withThread(words)) : peak;
    }

    /** Twice where the rungs alone, held as long as is usual, do not prepare what only they prepare. */
    private int timesNeeded(Pose rung, List<Pose> rungs) {
        for (ActionUse use : goal().pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal().pose(), use)) continue;
            double seconds = rungs.stream()
                    .filter(pose -> Cover.prepares(pose, goal().pose(), use))
                    .mapToDouble(pose ->
                            Cover.sideSeconds(pose, pose.range(brief.level()).at(Dose.Reading.HIGH)))
                    .sum();
            if (seconds < Preparation.usualSeconds(use.demands()) && isNeeded(rung)) return 2;
        }
        return 1;
    }

    /** Whether something the peak asks for is prepared by fewer than two poses besides the ladder, and by this one. */
    private boolean isNeeded(Pose rung) {
        Ladder ladder = goal().ladder();
        for (ActionUse use : goal().pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal().pose(), use)) continue;
            long others = attempt.pool().poses().stream()
                    .filter(pose -> (ladder == null || ladder.rungOf(pose.id()) == 0)
                            && Cover.prepares(pose, goal().pose(), use))
                    .count();
            if (others < 2) return true;
        }
        return false;
    }

    /** With what its rung asks for, as far as the room has it for everybody. */
    private Step laidOut(Step step, Pose pose) {
        Ladder ladder = goal().ladder();
        if (ladder == null || ladder.rungOf(pose.id()) == 0) return step;
        List<Prop> props = ladder.rungs().get(ladder.rungOf(pose.id()) - 1).props().stream()
                .filter(use ->
                        !use.prop().equals(PropsTold.WALL) && attempt.pool().isThere(use))
                .map(use -> new Prop(use.number(), use.prop()))
                .toList();
        return withMore(step, props);
    }

    private static Step withMore(Step step, List<Prop> more) {
        List<Prop> props = new ArrayList<>(step.props());
        for (Prop prop : more) if (props.stream().noneMatch(own -> own.name().equals(prop.name()))) props.add(prop);
        return step.withProps(props);
    }

    /** A way out of every peak, when to stop, and what a pose of high risk must have with it. */
    private Step guarded(Step step, Pose pose) {
        List<String> lines = new ArrayList<>();
        boolean top = pose.equals(goal().pose());
        if (top || pose.risk() == Risk.HIGH) lines.add("Way out: " + wayOut(pose) + ".");
        if (top) lesson().ifPresent(how -> lines.add("Back a stage when: " + how.stop() + "."));
        Step guarded = step;
        if (pose.risk() == Risk.HIGH) {
            lines.add(HighRisk.WATCHED);
            guarded = withMore(guarded, HighRisk.propsOf(attempt.catalogue(), pose));
        }
        return lines.isEmpty() ? guarded : guarded.withNote(String.join("\n", lines));
    }

    private String wayOut(Pose pose) {
        if (pose.equals(goal().pose()) && lesson().isPresent())
            return lesson().get().out();
        return pose.ties().easier().stream()
                .filter(id ->
                        attempt.pool().against(attempt.catalogue().pose(id)).isEmpty())
                .findFirst()
                .map(id -> attempt.catalogue().pose(id).name().toLowerCase(Locale.ROOT))
                .orElseGet(() -> leaving(pose));
    }

    /** How it is left, in few words; where these go by the side, the stage before. */
    private static String leaving(Pose pose) {
        PoseCues.Wording leave = pose.cues().leave();
        return Stream.of(leave.full(), leave.brief())
                .filter(words -> !words.isEmpty() && !words.contains("{"))
                .findFirst()
                .map(words -> words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1))
                .orElse("stay on the rung before");
    }

    /** What balances the peak afterwards. */
    public void counterposes() {
        if (goal == null || attempt.has(SectionRole.COUNTERPOSES)) return;
        Pose peak = goal.pose();
        boolean headDown = peak.base() == Base.INVERTED;
        if (headDown && attempt.pool().has("childs-pose")) {
            sketch.put(
                    SectionRole.COUNTERPOSES,
                    attempt.step(
                            SectionRole.COUNTERPOSES,
                            attempt.catalogue().pose("childs-pose"),
                            new Dose.Breaths(COUNTER_BREATHS)));
            return;
        }
        List<Pose> counters = peak.ties().counter().stream()
                .filter(attempt.catalogue()::has)
                .map(attempt.catalogue()::pose)
                .filter(pose ->
                        attempt.pool().has(pose.id()) && Way.legs(Places.begins(peak), Places.begins(pose)) <= 3)
                .filter(pose -> attempt.sideSeconds(pose) > 0)
                .sorted(Comparator.comparingDouble(pose -> attempt.shown().pose(pose.id())
                        + attempt.dice().of("counter").turning(pose.id())))
                .limit(brief.minutes() >= Attempt.ROOMY && attempt.tightness() == 0 ? 2 : 1)
                .sorted(Comparator.comparing((Pose pose) -> Places.isLow(pose) != attempt.peakIsLow())
                        .thenComparingLong(pose -> Way.ms(peak.base(), pose.base())))
                .toList();
        if (counters.isEmpty()) {
            Pose neutral = attempt.firstAllowed("childs-pose", "constructive-rest", "mountain");
            sketch.put(
                    SectionRole.COUNTERPOSES,
                    attempt.step(SectionRole.COUNTERPOSES, neutral, new Dose.Breaths(COUNTER_BREATHS)));
        }
        for (Pose pose : counters) {
            Dose usual = Doses.counted(pose.doseFor(brief.level()));
            boolean longer = usual instanceof Dose.Breaths breaths && breaths.breaths() > COUNTER_BREATHS;
            Dose dose = longer ? new Dose.Breaths(COUNTER_BREATHS) : usual;
            sketch.put(SectionRole.COUNTERPOSES, attempt.step(SectionRole.COUNTERPOSES, pose, dose));
        }
    }
}
