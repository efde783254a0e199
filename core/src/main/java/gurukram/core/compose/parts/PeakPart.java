package gurukram.core.compose.parts;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.check.HighRisk;
import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Texts;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The peak with the rungs before it, and what balances it. */
public final class PeakPart {
    private static final int NEAR_LEGS = 2;
    private static final int TWICE_FROM_MINUTES = 60;

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

    public void put() {
        if (goal == null || attempt.has(SectionRole.PEAK)) return;
        List<Pose> rungs = rungsBefore();
        for (Pose rung : rungs) {
            boolean near = Way.legs(rung.base(), goal.pose().base()) <= NEAR_LEGS;
            SectionRole role = near ? SectionRole.PEAK : Places.forPreparation(rung, goal.pose(), attempt.peakIsLow());
            for (int times = isNeeded(rung) ? timesNeeded(rung, rungs) : 1; times > 0; times--) {
                Step usual = attempt.usual(role, rung);
                Step step = guarded(isNeeded(rung) ? usual.withDose(usual.dose().at(Dose.Reading.HIGH)) : usual, rung);
                if (near) sketch.put(role, step);
                else sketch.sort(role, step, false);
            }
        }
        Step peak = attempt.wide(SectionRole.PEAK, goal.pose());
        if (goal.pose().risk() == Risk.HIGH) peak = peak.withDose(goal.pose().doseFor(brief.level()));
        sketch.put(SectionRole.PEAK, threaded(guarded(peak, goal.pose())));
        if (brief.minutes() >= TWICE_FROM_MINUTES
                && attempt.tightness() == 0
                && goal.pose().risk() != Risk.HIGH) {
            Step again = attempt.wide(SectionRole.PEAK, goal.pose());
            sketch.put(SectionRole.PEAK, again.withNote("The second time: stay, or stay on the rung before."));
        }
    }

    private Goal goal() {
        return Objects.requireNonNull(goal, "a peak part is put only where there is a goal");
    }

    /** The rungs right below, the nearest last, those without which a demand is not prepared, and one before a rung of high risk; what cannot be held is left to the flows. */
    private List<Pose> rungsBefore() {
        List<Pose> rungs = new ArrayList<>();
        Ladder ladder = goal().ladder();
        if (ladder == null) return rungs;
        int most = attempt.tightness() > 1
                ? 1
                : (brief.minutes() >= 60 && attempt.tightness() == 0 ? 2 : 1)
                        + attempt.dice().pick("rungs", 2);
        for (int rung = goal().rung() - 1; rung >= 1; rung--) {
            String id = ladder.rungs().get(rung - 1).pose();
            if (id == null || id.equals(goal().pose().id())) continue;
            Pose pose = attempt.catalogue().pose(id);
            boolean allowed =
                    attempt.pool().against(pose).isEmpty() && (pose.risk() != Risk.HIGH || brief.supervised());
            boolean held = attempt.sideSeconds(pose) > 0;
            boolean leads = !rungs.isEmpty() && rungs.get(0).risk() == Risk.HIGH;
            if (allowed && held && (rungs.size() < most || leads || isNeeded(pose))) rungs.add(0, pose);
        }
        return rungs;
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

    /** What a pose of high risk must have with it, and a way out of every peak. */
    private Step guarded(Step step, Pose pose) {
        List<String> lines = new ArrayList<>();
        String easier = pose.ties().easier().stream()
                .filter(id ->
                        attempt.pool().against(attempt.catalogue().pose(id)).isEmpty())
                .findFirst()
                .map(id -> attempt.catalogue().pose(id).name().toLowerCase(Locale.ROOT))
                .orElse("stay on the rung before");
        if (pose.equals(goal().pose()) || pose.risk() == Risk.HIGH) lines.add("Way out: " + easier + ".");
        Step guarded = step;
        if (pose.risk() == Risk.HIGH) {
            lines.add(HighRisk.WATCHED);
            guarded = guarded.withProps(HighRisk.propsOf(attempt.catalogue(), pose));
        }
        return lines.isEmpty() ? guarded : guarded.withNote(String.join("\n", lines));
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
                            new Range(new Dose.Breaths(5), new Dose.Breaths(6), new Dose.Breaths(9))));
            return;
        }
        List<Pose> counters = peak.ties().counter().stream()
                .filter(attempt.catalogue()::has)
                .map(attempt.catalogue()::pose)
                .filter(pose -> attempt.pool().has(pose.id()) && Way.legs(peak.base(), pose.base()) <= 3)
                .filter(pose -> attempt.sideSeconds(pose) > 0)
                .sorted(Comparator.comparingDouble(
                        pose -> attempt.dice().of("counter").at(pose.id())))
                .limit(brief.minutes() >= 45 && attempt.tightness() == 0 ? 2 : 1)
                .sorted(Comparator.comparingLong(pose -> Way.ms(peak.base(), pose.base())))
                .toList();
        for (Pose pose : counters) {
            sketch.put(SectionRole.COUNTERPOSES, attempt.wide(SectionRole.COUNTERPOSES, pose));
        }
    }
}
