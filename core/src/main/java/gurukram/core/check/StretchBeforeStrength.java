package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Action;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Long passive stretching does not come right before strength or balance of the same part of the body. */
@AutoService(Check.class)
public final class StretchBeforeStrength implements Check {
    /** Ours: shorter stretches leave the strength as it is. */
    static final Threshold LONG =
            Threshold.of("passive-stretch-seconds", "seconds of deep passive stretch that are long", 45);

    private static final int DEEP = 2;
    private static final int MAIN = 3;
    private static final int HARD = 4;
    private static final long LONG_FOR_BALANCE_MS = 60_000;
    private static final Card CARD = Card.of(
            "stretch-before-strength",
            "Long passive stretching does not come right before strength",
            "A muscle that has just let go for a minute does not hold the next pose.",
            LONG);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int before = -1;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            if (before >= 0 && !subject.pose(before).id().equals(subject.pose(i).id())) pair(subject, before, i, found);
            before = i;
        }
    }

    private static void pair(Subject subject, int a, int b, Findings found) {
        Pose stretch = subject.pose(a);
        Pose strong = subject.pose(b);
        Moment held = subject.moment(a);
        boolean passive = stretch.hold() == Hold.PASSIVE && stretch.depth() >= DEEP && held.kind() == Moment.Kind.HOLD;
        if (!passive || held.workMs() < (long) subject.value(LONG) * Millis.SECOND) return;
        if (isOnOneLeg(strong) && held.workMs() >= LONG_FOR_BALANCE_MS) {
            String what = "%s asks for balance right after %s, held for %s."
                    .formatted(strong.name(), subject.name(stretch.id()), Wording.time(held.workMs()));
            found.look(
                    subject.moment(b).node(),
                    held.node().value(),
                    List.of(a, b),
                    what,
                    "Put something active between.");
            return;
        }
        if (strong.effort() < HARD) return;
        Set<BodyArea> both = EnumSet.noneOf(BodyArea.class);
        for (Felt felt : stretch.stretches()) if (felt.strength() >= MAIN) both.add(felt.area());
        both.retainAll(worked(strong));
        if (both.isEmpty()) return;
        List<String> areas = new ArrayList<>();
        both.forEach(area -> areas.add(Wording.area(area.word())));
        String what = "%s works the %s right after %s has stretched them for %s."
                .formatted(strong.name(), Wording.and(areas), subject.name(stretch.id()), Wording.time(held.workMs()));
        found.look(
                subject.moment(b).node(),
                held.node().value(),
                List.of(a, b),
                what,
                "Swap them, or put something active between.");
    }

    private static boolean isOnOneLeg(Pose pose) {
        return pose.demands(Action.ONE_LEG_BALANCE) >= 2;
    }

    private static Set<BodyArea> worked(Pose pose) {
        Set<BodyArea> areas = EnumSet.noneOf(BodyArea.class);
        for (Felt felt : pose.works()) if (felt.strength() >= DEEP) areas.add(felt.area());
        return areas;
    }
}
