package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Action;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.List;

/** The wrists are warmed before they carry the body: on hands and knees, or in anything else that prepares them (ours: half a minute). */
@AutoService(Check.class)
public final class ColdWrists implements Check {
    static final Threshold LEAST =
            Threshold.of("wrist-warm-up", "seconds that warm the wrists before they carry the body", 30);
    private static final int STRONG = 2;
    private static final Card CARD = Card.of(
            "cold-wrists",
            "The wrists are warm before they carry the body",
            "The first plank of the day is the one that hurts.",
            LEAST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        long warm = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            Pose pose = subject.pose(i);
            Moment moment = subject.moment(i);
            if (pose.wristLoad() && pose.demands(Action.WRIST_LOAD) >= STRONG) {
                first(subject, i, warm, found);
                return;
            }
            if (pose.prepares(Action.WRIST_LOAD) > 0 || pose.wristLoad()) warm += moment.workMs();
        }
    }

    private static void first(Subject subject, int i, long warm, Findings found) {
        long wanted = (long) subject.value(LEAST) * Millis.SECOND;
        if (warm >= wanted) return;
        String what = "%s is the first weight on the wrists, and %s warmed them; %s are wanted."
                .formatted(
                        subject.pose(i).name(),
                        warm == 0 ? "nothing has" : "only " + Wording.time(warm),
                        Wording.time(wanted));
        found.look(
                subject.moment(i).node(),
                "",
                List.of(i),
                what,
                "Circles of the wrists, or some rounds on hands and knees before it.");
    }
}
