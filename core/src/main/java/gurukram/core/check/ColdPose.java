package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.ActionUse;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is deep comes warm, wherever it stands: after some minutes of movement, and with what it asks for prepared at
 * all. The peak has a rule of its own, {@link PeakPrepared}, which asks for more.
 */
@AutoService(Check.class)
public final class ColdPose implements Check {
    static final Threshold WARM = Threshold.of("warm-seconds", "seconds of movement before the first deep pose", 120);
    private static final int MUCH = 3;
    private static final Set<SectionRole> STILL =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.BREATHE, SectionRole.SIT, SectionRole.TALK, SectionRole.LESSON);
    private static final Card CARD = Card.of(
            "cold-pose",
            "Deep poses come warm",
            "The end of a range is no place to arrive cold; a body guards itself there, or tears.",
            WARM);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int peak = Preparation.peakMoment(subject);
        String theirs = peak < 0 ? "" : subject.pose(peak).id();
        long warm = 0;
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Pose pose = subject.pose(i);
            Moment moment = subject.moment(i);
            boolean still = STILL.contains(subject.role(i)) || subject.role(i) == SectionRole.REST;
            if (!still && !pose.id().equals(theirs) && asksMuch(pose) && seen.add(pose.id()))
                tell(subject, i, warm, found);
            if (!still && !asksMuch(pose)) warm += moment.workMs();
        }
    }

    private static boolean asksMuch(Pose pose) {
        return pose.depth() >= MUCH;
    }

    private static void tell(Subject subject, int i, long warm, Findings found) {
        Pose pose = subject.pose(i);
        long wanted = (long) subject.value(WARM) * Millis.SECOND;
        if (warm < wanted) {
            String what = "%s is deep, and there is %s of movement before it; wanted: %s."
                    .formatted(pose.name(), Wording.time(warm), Wording.time(wanted));
            found.look(subject.moment(i).node(), pose.id(), List.of(i), what, "Put it later, or warm up first.");
            return;
        }
        lacking(subject, i).ifPresent(use -> {
            String what = "%s asks for %s (3 of 3), and nothing before it prepares that."
                    .formatted(pose.name(), use.action().words());
            found.look(subject.moment(i).node(), pose.id(), List.of(i), what, "Put in a pose that prepares it.");
        });
    }

    /** A strong demand that nothing before it answers even a little. */
    private static Optional<ActionUse> lacking(Subject subject, int at) {
        Pose pose = subject.pose(at);
        if (pose.hold() == Hold.PASSIVE && pose.effort() < MUCH) return Optional.empty(); // it warms as it goes on
        return pose.actions().stream()
                .filter(use -> use.demands() >= MUCH)
                .filter(use -> {
                    for (int i = 0; i < at; i++) {
                        if (subject.isWork(i) && subject.pose(i).prepares(use.action()) > 0) return false;
                    }
                    return true;
                })
                .findFirst();
    }
}
