package gurukram.core.compose;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.parts.Attempt;
import gurukram.core.compose.parts.Ends;
import gurukram.core.compose.parts.Filling;
import gurukram.core.compose.parts.FlowPart;
import gurukram.core.compose.parts.PeakPart;
import gurukram.core.compose.parts.PreparationPart;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Sketch;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One try at a class: the peak with its rungs first, then the flows, what prepares the peak, what balances it and answers the
 * hardest work, and at last what fills each part up to its share.
 */
final class Build {
    private final Attempt attempt;

    /** @param tightness 0 for all that belongs to a class; each more leaves something out that could be missed */
    Build(Brief brief, Pool pool, @Nullable Goal goal, Clock clock, Dice dice, int tightness) {
        Pose peak = goal == null ? null : goal.pose();
        boolean low = peak != null && Places.isFloor(peak.base());
        Sketch sketch = new Sketch(settings(brief, goal), order(low), pool.catalogue(), dice);
        attempt = new Attempt(brief, pool, goal, clock, dice, new Merit(brief, peak, dice), sketch, tightness);
    }

    private static ClassSettings settings(Brief brief, @Nullable Goal goal) {
        String title = brief.theme().title();
        if (title.isEmpty())
            title = goal == null
                    ? "A class of its own"
                    : "Towards " + goal.pose().name().toLowerCase(Locale.ROOT);
        return ClassSettings.of(title, brief.minutes(), brief.style(), brief.level())
                .with(opened(brief.theme()))
                .withMixed(brief.mixed())
                .withPeak(goal == null ? null : goal.pose().id())
                .withBegins(brief.begins())
                .with(brief.school());
    }

    /** The teacher's own sentence opens the class where no opening words are written. */
    private static Theme opened(Theme theme) {
        return theme.open().isEmpty() ? theme.withOpen(theme.sentence()) : theme;
    }

    private static List<SectionRole> order(boolean peakIsLow) {
        List<SectionRole> order = new ArrayList<>(List.of(
                SectionRole.ARRIVE,
                SectionRole.BREATHE,
                SectionRole.WARM_UP,
                SectionRole.SALUTATIONS,
                SectionRole.STANDING,
                SectionRole.BALANCE,
                SectionRole.PEAK,
                SectionRole.COUNTERPOSES,
                SectionRole.COOL_DOWN,
                SectionRole.REST,
                SectionRole.CLOSE));
        order.add(order.indexOf(SectionRole.PEAK) + (peakIsLow ? 0 : 2), SectionRole.FLOOR);
        return order;
    }

    ClassPlan plan() {
        Sketch sketch = attempt.sketch();
        attempt.brief().kept().forEach(kept -> sketch.put(kept.role(), kept.item()));
        Ends ends = new Ends(attempt);
        PeakPart peak = new PeakPart(attempt);
        PreparationPart preparation = new PreparationPart(attempt);
        Filling filling = new Filling(attempt);
        ends.arrive(filling);
        peak.put();
        new FlowPart(attempt).put();
        preparation.put();
        preparation.wanted();
        preparation.warmWrists();
        peak.counterposes();
        filling.answers();
        ends.rest();
        filling.fill();
        return sketch.plan();
    }
}
