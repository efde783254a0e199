package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.BodyArea;
import gurukram.core.plan.NodeId;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/** A part of the body that is lengthened for minutes also works somewhere in the class. */
@AutoService(Check.class)
public final class StretchOnly implements Check {
    /** Ours: shorter stretches are by the way. */
    static final Threshold LEAST =
            Threshold.of("stretch-seconds", "seconds of clear stretch that want some work too", 180);

    private static final Card CARD = Card.of(
            "stretch-only",
            "What is lengthened also works",
            "A pose is felt in two ways; length that no muscle can hold is lost on the way home.",
            LEAST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        AreaWork work = AreaWork.of(subject);
        List<String> only = new ArrayList<>();
        for (BodyArea area : BodyArea.values()) {
            long stretch = work.stretch(area);
            if (stretch < (long) subject.value(LEAST) * Millis.SECOND || work.work(area) > 0) continue;
            only.add("%s (%s)".formatted(Wording.area(area.word()), Wording.time(stretch)));
        }
        if (only.isEmpty()) return;
        String what = "Lengthened and never at work: %s.".formatted(Wording.and(only));
        found.info(NodeId.CLASS, "", List.of(), what, "Add a pose in which that part holds or lifts.");
    }
}
