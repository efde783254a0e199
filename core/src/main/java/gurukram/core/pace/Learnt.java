package gurukram.core.pace;

import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a teacher's logs say about her pace.
 *
 * @param figures what could be learnt; what was seen too seldom is not among them
 * @param likelyPercent how far her classes are off what is not typed once her figures are taken, %; shrunk towards the usual
 * @param lessons of how many classes
 * @param talk how long talking and showing takes against what is written; null when it was seen too seldom
 */
public record Learnt(
        Map<Figure, Estimate> figures,
        int likelyPercent,
        int lessons,
        @Nullable Estimate talk) {
    public static final Learnt NOTHING = new Learnt(Map.of(), OwnPace.USUAL_PERCENT, 0, null);

    public Learnt {
        figures = Map.copyOf(figures);
    }

    /**
     * @param factor against the defaults, shrunk towards 1 by how little was seen
     * @param times how often it was seen, {@code lessons} in how many classes
     */
    public record Estimate(double factor, int times, int lessons) {}
}
