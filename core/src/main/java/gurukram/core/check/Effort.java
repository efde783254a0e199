package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.Base;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * The effort of a class rises to its peak and falls from it: the peak does not come too early, nothing is hard any more once
 * the cool-down has begun (inversions in their usual place do not count), and after long hard work comes something quiet.
 */
@AutoService(Check.class)
public final class Effort implements Check {
    /** Ours: before a third of the class the body is not ready for what the class is about. */
    static final Threshold EARLIEST =
            Threshold.of("peak-earliest", "percent of the class before the peak at least", 30);
    /** Ours: eight minutes at 4 of 5 and more without a quiet minute are long for anybody. */
    static final Threshold LONGEST =
            new Threshold("hard-minutes", "minutes of hard work without a quiet one", 6, 9, 12);

    private static final double HARD = 4;
    private static final int HARD_POSE = 4;
    private static final long PASSING_MS = 20_000;
    private static final Set<SectionRole> AFTERWARDS =
            EnumSet.of(SectionRole.COOL_DOWN, SectionRole.REST, SectionRole.CLOSE, SectionRole.SIT);
    private static final Card CARD = Card.of(
            "effort",
            "The effort rises to the peak and falls from it",
            "A hard pose after the cool-down wakes everything up again, and a peak in the first minutes meets cold bodies.",
            EARLIEST,
            LONGEST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        early(subject, found);
        late(subject, found);
        longHard(subject, found);
    }

    private static void early(Subject subject, Findings found) {
        int at = Preparation.peakMoment(subject);
        if (at < 0) return;
        long percent = 100 * subject.moment(at).startMs() / subject.score().totalMs();
        int least = subject.value(EARLIEST);
        if (percent >= least) return;
        String what = "%s, the peak, comes after %s, %d %% of the class; %d %% is the least you want before it."
                .formatted(
                        subject.pose(at).name(), Wording.time(subject.moment(at).startMs()), percent, least);
        found.look(subject.moment(at).node(), "early", List.of(at), what, "Put more before it, or move it back.");
    }

    private static void late(Subject subject, Findings found) {
        boolean cooling = false;
        List<Integer> hard = new ArrayList<>();
        long ms = 0;
        for (int i = 0; i < subject.moments().size(); i++) {
            cooling |= AFTERWARDS.contains(subject.role(i));
            if (!cooling || !subject.isWork(i) || subject.role(i) == SectionRole.INVERSIONS) continue;
            if (subject.pose(i).base() == Base.INVERTED || subject.pose(i).effort() < HARD_POSE) continue;
            hard.add(i);
            ms += subject.moment(i).workMs();
        }
        if (hard.isEmpty() || ms < PASSING_MS) return;
        List<String> poses = hard.stream()
                .map(i -> subject.name(subject.pose(i).id()))
                .distinct()
                .toList();
        String what = "After the cool-down has begun comes hard work again: %s, %s."
                .formatted(Wording.and(poses), Wording.time(ms));
        found.look(subject.moment(hard.get(0)).node(), "late", hard, what, "Move it before the cool-down.");
    }

    private static void longHard(Subject subject, Findings found) {
        List<Double> effort = subject.effort();
        int most = subject.value(LONGEST);
        int from = -1;
        for (int minute = 0; minute <= effort.size(); minute++) {
            boolean hard = minute < effort.size() && effort.get(minute) >= HARD;
            if (hard && from < 0) from = minute;
            if (hard || from < 0) continue;
            if (minute - from > most) {
                int first = subject.momentAt((long) from * Millis.MINUTE);
                String what =
                        "From minute %d on comes hard work for %d minutes without a quiet one; %d are the most you want."
                                .formatted(from + 1, minute - from, most);
                NodeId node = subject.moment(first).node();
                found.look(node, "long", List.of(first), what, "Put a quiet pose in, or a pause.");
            }
            from = -1;
        }
    }
}
