package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.plan.NodeId;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.List;

/** Outside flows the body's base does not change too often: sitting, standing, kneeling in turns. */
@AutoService(Check.class)
public final class BaseChanges implements Check {
    /** Ours: good classes stay under eight in ten minutes. */
    static final Threshold MOST = Threshold.of(
            "base-changes", "changes between standing, kneeling, sitting and lying in ten minutes outside flows", 9);

    private static final Card CARD = Card.of(
            "base-changes",
            "People do not change between standing, sitting and lying all the time",
            "Each change from sitting to kneeling to standing takes words and seconds that the poses then lack.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int changes = 0;
        long outside = 0;
        Base base = null;
        for (int i = 0; i < subject.moments().size(); i++) {
            Moment moment = subject.moment(i);
            boolean inFlow = moment.flow() != null;
            if (!inFlow) outside += moment.lengthMs();
            if (!subject.isWork(i)) continue;
            Base now = subject.pose(i).base();
            if (!inFlow && base != null && base != now) changes++;
            base = now;
        }
        long tenths = Math.max(10L * Millis.MINUTE, outside);
        double inTen = changes * 10.0 * Millis.MINUTE / tenths;
        int most = subject.value(MOST);
        if (inTen <= most) return;
        String what =
                "Outside flows people change between standing, kneeling, sitting and lying %d times in %s, about %s in ten minutes; %d is the most you want."
                        .formatted(changes, Wording.minutes(outside), Wording.tenths(inTen), most);
        found.info(NodeId.CLASS, "", List.of(), what, "Put poses that stand beside each other, and those that sit.");
    }
}
