package gurukram.core.compose.parts;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.check.Needs;
import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What prepares the peak, what has to be in, and warm wrists. */
public final class PreparationPart {
    /** What wants a preparation of its own costs so many times as much. */
    private static final double DEEP = 3;

    private static final double HARD = 2;
    /** For what the hands or the head carry, where the peak stands on the feet or lies: it would want a preparation of its own. */
    private static final double CARRIED = 6;
    /** For what is strong or deep and would stand in the warm-up of a standing peak. */
    private static final double COLD = 4;

    private static final double COLD_AND_DEEP = 20;
    /** For each need of the group that would have to do it otherwise. */
    private static final double CHANGED = 2;

    /** For what is done on hands and feet, where everybody stands before and after it. */
    private static final double DOWN_AND_UP = 2.5;

    private static final int WRIST_SECONDS = 30;

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final @Nullable Goal goal;
    /** What was put in for the peak alone. */
    private Set<NodeId> held = Set.of();

    private boolean isPrepared = true;
    private @Nullable Cover cover;

    public PreparationPart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.goal = attempt.goal();
    }

    /** What of the peak no phrase prepares: poses that are held before it. False where there were enough of them the last time, and are not now. */
    public boolean put() {
        boolean wasPrepared = isPrepared;
        isPrepared = true;
        if (goal == null) return true;
        Map<Pose, Double> before = heldBefore();
        if (cover == null) cover = cover(goal);
        Set<NodeId> now = new LinkedHashSet<>();
        for (Pose pose : cover.find(before)) {
            SectionRole role = Places.forPreparation(pose, goal.pose(), attempt.peakIsLow());
            Step step = attempt.usual(role, pose);
            sketch.sort(role, step, false);
            now.add(step.id());
        }
        held = now;
        isPrepared = cover.isFound();
        return isPrepared || !wasPrepared;
    }

    private Cover cover(Goal goal) {
        Merit byMerit = attempt.merit().of("cover");
        return new Cover(
                goal.pose(),
                Preparation.lastButOne(attempt.catalogue(), goal.pose()),
                attempt.pool().poses().stream().filter(this::canPrepare).toList(),
                pose -> cost(pose, byMerit),
                attempt::sideSeconds);
    }

    /** Takes out what was put in for the peak alone; what a phrase prepares since then need not be held. */
    void without() {
        for (SectionRole role : sketch.order())
            sketch.entries(role).removeIf(entry -> held.contains(entry.item().id()));
    }

    /** What was put in for the peak alone, to come back to. */
    Set<NodeId> held() {
        return held;
    }

    void backTo(Set<NodeId> before, boolean prepared) {
        held = before;
        isPrepared = prepared;
    }

    boolean isPrepared() {
        return isPrepared;
    }

    /** How long each pose is done a side before the peak so far, s: phrases count with their rounds. */
    private Map<Pose, Double> heldBefore() {
        Map<Pose, double[]> sides = new LinkedHashMap<>();
        ClassPlan plan = sketch.plan();
        for (Moment moment : attempt.clock().score(plan).moments()) {
            if (moment.pose() == null) continue;
            Pose pose = attempt.catalogue().pose(moment.pose());
            if (pose.equals(goal().pose()) && moment.section().equals(Sketch.id(SectionRole.PEAK))) break;
            if (pose.equals(goal().pose())) continue;
            double[] side = sides.computeIfAbsent(pose, p -> new double[2]);
            double seconds = moment.workMs() / (double) Millis.SECOND;
            if (moment.side() != Side.LEFT) side[0] += seconds;
            if (moment.side() != Side.RIGHT) side[1] += seconds;
        }
        Map<Pose, Double> held = new LinkedHashMap<>();
        sides.forEach((pose, side) -> held.put(pose, Math.min(side[0], side[1])));
        return held;
    }

    private Goal goal() {
        return Objects.requireNonNull(goal, "there is something to prepare");
    }

    /** What carries weight on the hands wants warm wrists. */
    public void warmWrists() {
        boolean carried = sketch.poses().stream()
                .anyMatch(id -> attempt.catalogue().pose(id).wristLoad());
        for (String id : List.of("wrist-circles", "wrist-rocks")) {
            if (!carried || !attempt.pool().has(id)) continue;
            Pose pose = attempt.catalogue().pose(id);
            Dose dose = new Dose.Seconds(WRIST_SECONDS);
            // the idea may have put them in already, small
            sketch.entries(SectionRole.WARM_UP)
                    .removeIf(entry -> pose.equals(entry.pose()) && !attempt.isKept(entry.item()));
            if (sketch.entries(SectionRole.WARM_UP).stream().anyMatch(entry -> pose.equals(entry.pose()))) return;
            Step step = attempt.step(SectionRole.WARM_UP, pose, dose);
            // what leans on the hands by itself comes behind it
            boolean leans = sketch.entries(SectionRole.WARM_UP).stream()
                    .anyMatch(entry -> entry.pose() != null && entry.pose().wristLoad());
            if (leans) sketch.putInFront(SectionRole.WARM_UP, step);
            else sketch.sort(SectionRole.WARM_UP, step, false);
            return;
        }
    }

    private boolean canPrepare(Pose pose) {
        return !pose.family().equals("breathing")
                && !(pose.doseFor(brief.level()) instanceof Dose.Seconds)
                && (pose.risk() == Risk.LOW
                        || pose.level().ordinal() < brief.level().ordinal()
                        || brief.level() == Level.ADVANCED
                        || (goal != null && goal.pose().level() == brief.level()))
                && attempt.isHandy(pose);
    }

    private double cost(Pose pose, Merit byMerit) {
        double seconds = (Cover.isSided(pose) ? 2 : 1) * (15 + attempt.sideSeconds(pose));
        boolean cold = Places.isLow(pose)
                && !attempt.peakIsLow()
                && (pose.effort() >= 4 || pose.effort() == 3 && pose.depth() >= 2);
        boolean downAndUp = pose.base() == Base.PLANK && !attempt.peakIsLow() && !Attempt.leadsOffTheFloor(goal);
        double tired = (pose.effort() >= 5 ? 1.5 : cold ? (pose.depth() >= 3 ? COLD_AND_DEEP : COLD) : 1)
                * (downAndUp ? DOWN_AND_UP : 1);
        boolean hard = pose.actions().stream().anyMatch(use -> use.demands() >= 3);
        double deep = (pose.depth() >= 3 ? DEEP : 1) * (hard ? HARD : 1);
        long changed = Needs.cautions(pose, brief.group()).stream()
                .filter(caution -> caution.severity() == Caution.Severity.CHANGE)
                .count();
        return seconds
                * (1 + CHANGED * changed)
                * deep
                * (Attempt.isCarried(pose) && !Attempt.leadsOffTheFloor(goal) ? CARRIED : 1)
                * tired
                * (1.6 - Math.min(1.2, byMerit.of(pose) / 20))
                * (1 + Math.min(3, attempt.shown().pose(pose.id())))
                * (0.3 + 1.4 * attempt.dice().of("cover").turning(pose.id()));
    }

    /** What the teacher wants in, where nothing stands against it. */
    public void wanted() {
        Set<String> there = sketch.poses();
        for (String id : brief.wanted().stream().sorted().toList()) {
            Pose pose = attempt.catalogue().pose(id);
            if (there.contains(id) || attempt.pool().against(pose).isPresent() || pose.risk() == Risk.HIGH) continue;
            SectionRole role = Places.isFloor(pose.base()) && pose.effort() <= 2
                    ? SectionRole.COOL_DOWN
                    : Places.forPreparation(pose, goal == null ? pose : goal.pose(), attempt.peakIsLow());
            sketch.sort(role, attempt.wide(role, pose), false);
        }
    }
}
