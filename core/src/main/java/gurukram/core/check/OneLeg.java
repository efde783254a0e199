package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Action;
import gurukram.core.body.Side;
import gurukram.core.body.SideOf;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Nobody stands on the same leg for too long. */
@AutoService(Check.class)
public final class OneLeg implements Check {
    static final Threshold MOST = new Threshold("one-leg", "seconds on one leg without a change", 60, 90, 120);
    private static final Card CARD = Card.of(
            "one-leg",
            "The standing leg is changed in time",
            "A tired standing leg locks its knee and sinks into its hip.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> run = new ArrayList<>();
        Side standing = null;
        for (int i = 0; i <= subject.moments().size(); i++) {
            Side now = i < subject.moments().size() ? standingLeg(subject, i) : null;
            boolean goesOn = now != null && now == standing;
            if (!goesOn) {
                if (standing != null) end(subject, standing, run, found);
                run.clear();
            }
            standing = now;
            if (now != null) run.add(i);
        }
    }

    private static void end(Subject subject, Side standing, List<Integer> run, Findings found) {
        Moment first = subject.moment(run.get(0));
        long ms = run.stream().mapToLong(i -> subject.moment(i).workMs()).sum();
        int most = subject.value(MOST);
        if (ms <= (long) most * Millis.SECOND) return;
        List<String> poses = run.stream()
                .map(i -> subject.name(subject.pose(i).id()))
                .distinct()
                .toList();
        String what = "The %s leg stands alone for %s (%s); %d s are the most for this level."
                .formatted(standing.word(), Wording.time(ms), Wording.and(poses), most);
        found.look(first.node(), standing.word(), run, what, "Shorter, or both feet down between.");
    }

    /** The leg that stands alone; null when none does. */
    private static @Nullable Side standingLeg(Subject subject, int i) {
        Side side = subject.moment(i).side();
        if (!subject.isWork(i) || side == null) return null;
        Pose pose = subject.pose(i);
        if (pose.demands(Action.ONE_LEG_BALANCE) == 0) return null;
        return pose.sideOf() == SideOf.LIFTED_LEG || pose.sideOf() == SideOf.RAISED_KNEE ? side.opposite() : side;
    }
}
