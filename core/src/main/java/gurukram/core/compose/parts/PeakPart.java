package gurukram.core.compose.parts;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.check.HighRisk;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.idea.Lesson;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Places;
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
import gurukram.core.pose.PropUse;
import gurukram.core.pose.Risk;
import gurukram.core.pose.UsualDoses;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The peak as a lesson, with the {@link Rungs} before it, and what balances it. */
public final class PeakPart {
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
        Rungs which = new Rungs(attempt, goal);
        List<Pose> rungs = which.before();
        List<Step> stages = new ArrayList<>();
        for (Pose rung : rungs) {
            boolean near = which.isNear(rung);
            SectionRole role = near ? SectionRole.PEAK : Places.forPreparation(rung, peak, attempt.peakIsLow());
            // what is deep or strong is no warm-up
            if (role == SectionRole.WARM_UP && !isGentle(rung) && !which.isNeeded(rung)) continue;
            for (int times = which.times(rung); times > 0; times--) {
                Dose dose = rung.range(brief.level());
                dose = which.isNeeded(rung) ? dose.at(Dose.Reading.HIGH) : dose.at(Dose.Reading.CHOSEN);
                Dose counted = Doses.notLong(Doses.counted(dose), rung);
                // a long stretch right before the same part works is left short
                boolean softens = rung.hold() == Hold.PASSIVE
                        && !which.isNeeded(rung)
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
        top = inStages(threaded(guarded(laidOut(top, peak), peak)), which.inWords());
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

    /** Where its rung is taught in stages, the peak is, behind the rungs below it that are told in words. */
    private Step inStages(Step top, List<Ladder.Rung> inWords) {
        Ladder ladder = goal().ladder();
        if (ladder == null || goal().rung() < 1) return top;
        List<Stage> stages = new ArrayList<>();
        Step laidOut = top;
        for (Ladder.Rung rung : inWords) {
            stages.add(stage(rung.does(), rung.props()));
            laidOut = withMore(laidOut, toFetch(rung));
        }
        ladder.rungs().get(goal().rung() - 1).stages().forEach(words -> stages.add(stage(words, List.of())));
        return stages.isEmpty() ? top : laidOut.with(laidOut.manner().withStages(stages));
    }

    /** What it needs is said with it where its words do not. */
    private static Stage stage(String words, List<PropUse> props) {
        String needs = props.stream()
                .map(PropUse::prop)
                .filter(prop -> !words.contains(prop))
                .collect(Collectors.joining(" and "));
        return new Stage(words, new Dose.Breaths(STAGE_BREATHS), true, needs, "");
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

    /** What of the theme is the teacher's to say at the peak: the affirmation, else the sentence. */
    private Step threaded(Step peak) {
        Theme theme = brief.theme();
        String words = theme.affirmation().isEmpty() ? theme.sentence() : theme.affirmation();
        boolean fits = words.length() <= Texts.MOST_LINE_LETTERS;
        return fits ? peak.with(peak.texts().withThread(words)) : peak;
    }

    /** With what its rung asks for, as far as the room has it for everybody. */
    private Step laidOut(Step step, Pose pose) {
        Ladder ladder = goal().ladder();
        if (ladder == null || ladder.rungOf(pose.id()) == 0) return step;
        return withMore(step, toFetch(ladder.rungs().get(ladder.rungOf(pose.id()) - 1)));
    }

    private List<Prop> toFetch(Ladder.Rung rung) {
        return rung.props().stream()
                .filter(use ->
                        !use.prop().equals(PropsTold.WALL) && attempt.pool().isThere(use))
                .map(use -> new Prop(use.number(), use.prop()))
                .toList();
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
