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
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
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
    /** What is no practice, and how much of a class it usually is, per cent. */
    private static final Map<SectionRole, Integer> NO_PRACTICE =
            new EnumMap<>(Map.of(SectionRole.ARRIVE, 4, SectionRole.REST, 9, SectionRole.CLOSE, 3));

    private final Brief brief;
    private final Clock clock;

    FlowShare(Brief brief, Clock clock) {
        this.brief = brief;
        this.clock = clock;
    }

    boolean tooMuch(ClassPlan plan, Score score) {
        int[] most = isVinyasa() ? MOST_IN_VINYASA : MOST_IN_HATHA;
        return percent(plan, score) > most[brief.level().ordinal()] || ids(plan).size() > mostFlows();
    }

    /** How many flows there are, chains of one round too. */
    int flows(ClassPlan plan) {
        int[] flows = {0};
        plan.walk(node -> {
            if (node instanceof Flow) flows[0]++;
        });
        return flows[0];
    }

    /** How long each of the flows that may still come has to be, ms, for the class to flow as much as is usual. */
    long eachMs(ClassPlan plan) {
        int left = Math.max(1, usualFlows() - ids(plan).size());
        double missing = least() - percent(plan, clock.score(plan));
        return Math.round(Math.max(0, missing) / 100 * practiceMs(clock.score(plan)) / left);
    }

    boolean enough(ClassPlan plan) {
        return percent(plan, clock.score(plan)) >= least();
    }

    private int least() {
        return (isVinyasa() ? LEAST_IN_VINYASA : LEAST_IN_HATHA)[brief.level().ordinal()];
    }

    private boolean isVinyasa() {
        return brief.style() == Style.VINYASA;
    }

    private static Set<NodeId> ids(ClassPlan plan) {
        Set<NodeId> flows = new HashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow flow && flow.settings().rounds() > 1) flows.add(flow.id());
        });
        return flows;
    }

    private int usualFlows() {
        return brief.minutes() < Attempt.ROOMY ? 4 : mostFlows();
    }

    /** How many flows a room remembers. */
    private int mostFlows() {
        if (!isVinyasa()) return 6;
        return brief.minutes() >= 90 ? 12 : brief.minutes() >= 60 ? 9 : 7;
    }

    /** The slot without arriving and rest, since what is not there yet will be held; these are as long as usual where they are missing. */
    private long practiceMs(Score score) {
        Map<SectionRole, Long> lengths = Clock.lengths(score);
        long slot = clock.slotMs();
        long practice = slot;
        for (SectionRole role : NO_PRACTICE.keySet())
            practice -= lengths.getOrDefault(role, slot * Objects.requireNonNull(NO_PRACTICE.get(role)) / 100);
        return practice;
    }

    private double percent(ClassPlan plan, Score score) {
        Set<NodeId> flows = ids(plan);
        long flowing = 0;
        for (Moment moment : score.moments())
            if (moment.flow() != null && flows.contains(moment.flow())) flowing += moment.lengthMs();
        return 100.0 * flowing / practiceMs(score);
    }
}
