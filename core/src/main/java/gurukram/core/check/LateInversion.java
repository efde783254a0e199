package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.plan.SectionRole;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Nobody is put on the head or the shoulders when the class is winding down. */
@AutoService(Check.class)
public final class LateInversion implements Check {
    private static final Set<SectionRole> DOWN =
            EnumSet.of(SectionRole.COOL_DOWN, SectionRole.REST, SectionRole.SIT, SectionRole.CLOSE);
    private static final long LEAST_COOLED_MS = 60_000;
    private static final Card CARD = Card.of(
            "late-inversion",
            "Inversions come before the cool-down",
            "After lying twists a neck is soft and attention is gone; that is no moment to stand on either.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        long cooled = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            boolean inverted = subject.pose(i).base() == Base.INVERTED;
            if (!inverted && DOWN.contains(subject.role(i)))
                cooled += subject.moment(i).workMs();
            if (!inverted || cooled < LEAST_COOLED_MS) continue;
            String what = "%s comes after %s of winding down."
                    .formatted(subject.pose(i).name(), Wording.time(cooled));
            found.look(subject.moment(i).node(), "", List.of(i), what, "Put it before the cool-down.");
            return;
        }
    }
}
