package gurukram.core.compose.search;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.compose.brief.Brief;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How well a pose suits a brief. Ours: what it prepares of the peak counts twice its strength, what it shares with the theme
 * up to 6, the flavour up to 3, a pose that was taught lately 3 less, in each idea shown before 4 less, or more where the class builds on it; the dice add up to {@value #CHANCE}.
 */
public final class Merit {
    static final double CHANCE = 11;
    private static final double MOST_FOCUS = 6;
    private static final double LATELY = 3;
    private static final double SHOWN = 4;
    private static final int MOST_SHOWN = 4;

    private final Brief brief;
    private final Map<Action, Integer> wanted = new EnumMap<>(Action.class);
    private final Set<String> lately = new LinkedHashSet<>();
    private final Shown shown;
    private final Dice dice;

    /** @param peak null when the class leads to none */
    public Merit(Brief brief, @Nullable Pose peak, Shown shown, Dice dice) {
        this.brief = brief;
        this.shown = shown;
        this.dice = dice;
        if (peak != null)
            for (ActionUse use : peak.actions()) if (use.demands() > 0) wanted.put(use.action(), use.demands());
        brief.taught().stream().limit(2).forEach(taught -> lately.addAll(taught.poses()));
    }

    public Merit of(String stage) {
        return new Merit(brief, wanted, lately, shown, dice.of(stage));
    }

    private Merit(Brief brief, Map<Action, Integer> wanted, Set<String> lately, Shown shown, Dice dice) {
        this.brief = brief;
        this.shown = shown;
        this.wanted.putAll(wanted);
        this.lately.addAll(lately);
        this.dice = dice;
    }

    public double of(Pose pose) {
        double points = towardsPeak(pose) + Math.min(MOST_FOCUS, brief.focus().in(pose)) + flavour(pose);
        if (lately.contains(pose.id())) points += brief.build() ? LATELY : -LATELY;
        points -= SHOWN * Math.min(MOST_SHOWN, shown.pose(pose.id()));
        return points + CHANCE * dice.turning(pose.id());
    }

    /** How much of the peak it prepares. */
    public double towardsPeak(Pose pose) {
        double points = 0;
        for (ActionUse use : pose.actions()) {
            int demand = wanted.getOrDefault(use.action(), 0);
            if (demand > 0) points += 2.0 * Math.min(use.prepares(), demand) * demand / 3;
        }
        return points;
    }

    private double flavour(Pose pose) {
        return switch (brief.flavour()) {
            case STEADY -> pose.complexity() == Complexity.SIMPLE ? 1 : 0;
            case STRONG -> pose.effort() >= 4 ? 3 : pose.effort() == 3 ? 1.5 : 0;
            case RESTFUL -> pose.hold() == Hold.PASSIVE ? 3 : 3 - pose.effort();
            case PLAYFUL ->
                (pose.demands(Action.ONE_LEG_BALANCE) > 1 ? 2 : 0) + (pose.complexity() == Complexity.SIMPLE ? 0 : 1);
        };
    }
}
