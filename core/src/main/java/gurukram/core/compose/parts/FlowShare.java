package gurukram.core.compose.parts;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.search.Clock;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.Style;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;

/**
 * How much of a class in the making flows, and whether that is usual for its style and level (craft.md, rules 28 and 29). Only
 * flows of two rounds and more count.
 */
final class FlowShare {
    /** Per cent of the practice at the least and at the most, by level. */
    private static final int[] LEAST_IN_VINYASA = {32, 48, 53};

    private static final int[] MOST_IN_VINYASA = {42, 57, 62};
    private static final int[] LEAST_IN_HATHA = {11, 16, 16};
    private static final int[] MOST_IN_HATHA = {19, 28, 28};
    private static final Set<SectionRole> NO_PRACTICE =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.REST, SectionRole.CLOSE);

    private final Brief brief;
    private final Clock clock;

    FlowShare(Brief brief, Clock clock) {
        this.brief = brief;
        this.clock = clock;
    }

    boolean tooMuch(ClassPlan plan, Score score) {
        int[] most = isVinyasa() ? MOST_IN_VINYASA : MOST_IN_HATHA;
        return percent(plan, score) > most[brief.level().ordinal()]
                || flows(plan).size() > mostFlows();
    }

    boolean enough(ClassPlan plan) {
        int[] least = isVinyasa() ? LEAST_IN_VINYASA : LEAST_IN_HATHA;
        return percent(plan, clock.score(plan)) >= least[brief.level().ordinal()];
    }

    private boolean isVinyasa() {
        return brief.style() == Style.VINYASA;
    }

    private static Set<NodeId> flows(ClassPlan plan) {
        Set<NodeId> flows = new HashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow flow && flow.settings().rounds() > 1) flows.add(flow.id());
        });
        return flows;
    }

    /** How many flows a room remembers. */
    private int mostFlows() {
        if (!isVinyasa()) return 6;
        return brief.minutes() >= 90 ? 12 : brief.minutes() >= 60 ? 9 : 7;
    }

    /** Of the slot without arriving and rest, since what is not there yet will be held. */
    private double percent(ClassPlan plan, Score score) {
        Set<NodeId> flows = flows(plan);
        long practice = clock.slotMs();
        for (var span : score.sections()) if (NO_PRACTICE.contains(span.role())) practice -= span.lengthMs();
        long flowing = 0;
        for (Moment moment : score.moments())
            if (moment.flow() != null && flows.contains(moment.flow())) flowing += moment.lengthMs();
        return 100.0 * flowing / practice;
    }
}
