package gurukram.core.compose;

import gurukram.core.compose.search.Clock;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A class brought to its slot to the second by what has no count in it: open time at the beginning; where that is not enough
 * by holds of the quiet parts, and by the minutes of the rest.
 */
final class LastMinute {
    private static final int LEAST_OPEN = 20;
    private static final List<SectionRole> SPARED = List.of(
            SectionRole.COUNTERPOSES,
            SectionRole.FLOOR,
            SectionRole.BALANCE,
            SectionRole.WARM_UP,
            SectionRole.SALUTATIONS);
    private static final List<Integer> COUNTS = List.of(3, 5, 8, 10);
    private static final List<SectionRole> QUIET = List.of(
            SectionRole.COOL_DOWN,
            SectionRole.ARRIVE,
            SectionRole.FLOOR,
            SectionRole.WARM_UP,
            SectionRole.BREATHE,
            SectionRole.STANDING);
    private static final List<SectionRole> LATE =
            List.of(SectionRole.COOL_DOWN, SectionRole.ARRIVE, SectionRole.BREATHE);
    /** Seconds by which a rest is changed when nothing else is left. */
    private static final int FINE = 10;

    private static final int MOST_REST_PERCENT = 14;
    private static final int REST_IN = 12;

    private final Clock clock;

    private final Set<String> wanted;

    /** @param wanted poses that are asked for, and stay as long as they are */
    LastMinute(Clock clock, Set<String> wanted) {
        this.clock = clock;
        this.wanted = wanted;
    }

    /** As near to the slot as these go; what is still left then is open time at the beginning, however much it is. */
    ClassPlan brought(ClassPlan plan) {
        ClassPlan near = asNear(plan);
        return left(near) < Millis.SECOND ? near : opened(near, Integer.MAX_VALUE);
    }

    /** As near to the slot as open time at the beginning brings it; nothing that is counted is changed. */
    ClassPlan opened(ClassPlan plan) {
        return opened(plan, clock.mostOpenSeconds());
    }

    private ClassPlan asNear(ClassPlan plan) {
        ClassPlan now = opened(plan);
        if (isThere(now)) return now;
        // what comes before the peak prepares it, and is shortened at last
        now = held(now, left(now) > 0 ? QUIET : LATE);
        if (!isThere(now) && left(now) < 0) now = held(now, LATE);
        if (isThere(now)) return now;
        now = opened(rested(now, left(now), 60));
        if (isThere(now)) return now;
        now = opened(without(now, LATE));
        if (isThere(now) || left(now) > 0) return isThere(now) ? now : opened(rested(now, left(now), FINE));
        now = opened(withoutFlows(held(now, QUIET)));
        if (left(now) < -Millis.SECOND) now = opened(without(now, QUIET));
        return isThere(now) ? now : opened(rested(now, left(now), FINE));
    }

    private boolean isThere(ClassPlan plan) {
        return Math.abs(left(plan)) < Millis.SECOND;
    }

    /** Holds of the quiet parts a countable step longer or shorter, one after another, as long as it helps. */
    private ClassPlan held(ClassPlan plan, List<SectionRole> roles) {
        ClassPlan now = plan;
        boolean longer = left(now) > 0;
        for (SectionRole role : roles) {
            for (Step step : holds(now, role)) {
                if (!longer && wanted.contains(step.pose())) continue;
                Dose next = next(step.dose(), longer);
                if (next == null) continue;
                now = opened(PlanEdit.instead(now, step.withDose(next)).applyTo(now));
                if (isThere(now) || left(now) > 0 != longer) return now;
            }
        }
        return now;
    }

    /** Where a class is too long with all that, a hold of the quiet parts less, and another. */
    private ClassPlan without(ClassPlan plan, List<SectionRole> roles) {
        ClassPlan now = plan;
        for (SectionRole role : roles) {
            List<Step> steps = steps(plan, role);
            for (int i = steps.size() - 1; i > 0; i--) {
                if (left(now) > -Millis.SECOND) return now;
                if (wanted.contains(steps.get(i).pose())) continue;
                now = new PlanEdit.Remove(steps.get(i).id()).applyTo(now);
            }
        }
        return now;
    }

    /** At last a flow less of those that do not lead to the peak. */
    private ClassPlan withoutFlows(ClassPlan plan) {
        ClassPlan now = plan;
        for (SectionRole role : SPARED) {
            for (Section section : plan.sections()) {
                if (section.role() != role) continue;
                int items = section.items().size();
                for (Item item : section.items()) {
                    if (left(now) > -Millis.SECOND) return now;
                    if (!(item instanceof Flow flow) || flow.marks().locked() || items < 2) continue;
                    now = new PlanEdit.Remove(flow.id()).applyTo(now);
                    items--;
                }
            }
        }
        return now;
    }

    /** The holds of a part that may be changed. */
    private static List<Step> steps(ClassPlan plan, SectionRole role) {
        List<Step> steps = new ArrayList<>();
        for (Section section : plan.sections()) {
            if (section.role() != role) continue;
            for (Item item : section.items())
                if (item instanceof Step step
                        && step.pose() != null
                        && !step.marks().locked()
                        && !(step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Open)) steps.add(step);
        }
        return steps;
    }

    /** Those, and the holds of chains of which each side is done once. */
    private static List<Step> holds(ClassPlan plan, SectionRole role) {
        List<Step> holds = new ArrayList<>(steps(plan, role));
        for (Section section : plan.sections()) {
            if (section.role() != role || role != SectionRole.COOL_DOWN) continue;
            for (Item item : section.items())
                if (item instanceof Flow flow
                        && flow.settings().rounds() == 1
                        && !flow.marks().locked()) holds.addAll(flow.steps());
        }
        return holds;
    }

    private static @Nullable Dose next(Dose dose, boolean longer) {
        if (!(dose instanceof Dose.Breaths breaths)) return null;
        int at = COUNTS.indexOf(breaths.breaths()) + (longer ? 1 : -1);
        boolean counted = COUNTS.contains(breaths.breaths()) && at >= 0 && at < COUNTS.size();
        return counted ? new Dose.Breaths(COUNTS.get(at)) : null;
    }

    private long left(ClassPlan plan) {
        return clock.slotMs() - clock.score(plan).totalMs();
    }

    private ClassPlan opened(ClassPlan plan, int most) {
        Step open = find(plan, SectionRole.ARRIVE, true);
        if (open == null || open.marks().locked()) return plan;
        int least = LEAST_OPEN;
        if (open.dose() instanceof Range range && range.low() instanceof Dose.Open low) least = low.seconds();
        int now = ((Dose.Open) open.dose().at(Dose.Reading.CHOSEN)).seconds();
        long wanted = now + Math.round(left(plan) / (double) Millis.SECOND);
        int seconds = (int) Math.max(Math.min(least, now), Math.min(Math.max(most, now), wanted));
        return PlanEdit.instead(plan, open.withDose(new Dose.Open(seconds))).applyTo(plan);
    }

    /** So many seconds more or less of rest, as often as it helps, and never less than it has to be. */
    private ClassPlan rested(ClassPlan plan, long left, int by) {
        Step rest = find(plan, SectionRole.REST, false);
        if (rest == null || rest.marks().locked() || !(rest.dose() instanceof Dose.Seconds dose)) return plan;
        int sides = rest.sides().isSided() ? 2 : 1;
        long slot = clock.slotMs() / Millis.SECOND;
        long least = (slot + REST_IN - 1) / REST_IN / sides;
        long most = slot * MOST_REST_PERCENT / 100 / sides;
        long step = by / sides;
        long seconds = dose.seconds();
        long open = left / Millis.SECOND;
        while (open > 0 && seconds + step <= most) {
            seconds += step;
            open -= step * sides;
        }
        while (left < 0 && open < 0 && seconds - step >= least) {
            seconds -= step;
            open += step * sides;
        }
        if (seconds == dose.seconds()) return plan;
        return PlanEdit.instead(plan, rest.withDose(new Dose.Seconds((int) seconds)))
                .applyTo(plan);
    }

    private static @Nullable Step find(ClassPlan plan, SectionRole role, boolean open) {
        for (Section section : plan.sections()) {
            if (section.role() != role) continue;
            for (Item item : section.items())
                if (item instanceof Step step && (!open || step.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Open))
                    return step;
        }
        return null;
    }
}
