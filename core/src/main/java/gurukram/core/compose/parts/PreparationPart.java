package gurukram.core.compose.parts;

import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What prepares the peak, what has to be in, and warm wrists. */
public final class PreparationPart {
    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final @Nullable Goal goal;

    public PreparationPart(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
        this.goal = attempt.goal();
    }

    public void put() {
        if (goal == null) return;
        List<Pose> there = new ArrayList<>();
        for (SectionRole role : sketch.order()) {
            for (Sketch.Entry entry : sketch.entries(role)) {
                if (entry.pose() != null && !entry.pose().equals(goal.pose())) there.add(entry.pose());
            }
        }
        Merit byMerit = attempt.merit().of("cover");
        Cover cover = new Cover(
                goal.pose(),
                Preparation.lastButOne(attempt.catalogue(), goal.pose()),
                attempt.pool().poses().stream()
                        .filter(pose -> !there.contains(pose) && canPrepare(pose))
                        .toList(),
                pose -> cost(pose, byMerit),
                pose -> attempt.sideSeconds(pose));
        for (Pose pose : cover.find(there)) {
            SectionRole role = Places.forPreparation(pose, goal.pose(), attempt.peakIsLow());
            sketch.sort(role, attempt.usual(role, pose), false);
        }
    }

    /** What carries weight on the hands wants warm wrists. */
    public void warmWrists() {
        boolean carried = sketch.poses().stream()
                .anyMatch(id -> attempt.catalogue().pose(id).wristLoad());
        for (String id : List.of("wrist-circles", "wrist-rocks")) {
            if (!carried || !attempt.pool().has(id)) continue;
            Pose pose = attempt.catalogue().pose(id);
            Dose dose = pose.range(brief.level()).at(Dose.Reading.HIGH);
            sketch.sort(SectionRole.WARM_UP, attempt.step(SectionRole.WARM_UP, pose, dose), false);
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
        boolean cold = Places.isFloor(pose.base())
                && !attempt.peakIsLow()
                && (pose.effort() >= 4 || pose.effort() == 3 && pose.depth() >= 2);
        double tired = pose.effort() >= 5 ? 1.5 : cold ? 4 : 1;
        return seconds
                * tired
                * (1.6 - Math.min(1.2, byMerit.of(pose) / 20))
                * (0.3 + 1.4 * attempt.dice().of("cover").at(pose.id()));
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
