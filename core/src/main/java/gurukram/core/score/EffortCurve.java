package gurukram.core.score;

import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/**
 * How hard a class is, minute by minute: the mean effort (1-5) of the poses of each minute, weighed by time, with half a
 * point more in rounds under 3.5 s a half-breath, at most 5.
 *
 * <p>Ours: getting into a pose counts as the pose; open time without a pose and rests between sets count 1; a last minute
 * that is not whole is the mean of what there is of it.
 */
public final class EffortCurve {
    private static final double LEAST = 1;
    private static final double MOST = 5;
    private static final double QUICK = 0.5;
    private static final long QUICK_HALF_BREATH_MS = 3_500;

    private EffortCurve() {}

    /** One value a minute, from the first; empty for an empty class. */
    public static List<Double> of(Score score, PoseCatalogue catalogue) {
        return of(score, catalogue, Millis.MINUTE);
    }

    /** One value for every so many ms, from the first; empty for an empty class. */
    public static List<Double> of(Score score, PoseCatalogue catalogue, long everyMs) {
        int parts = (int) ((score.totalMs() + everyMs - 1) / everyMs);
        double[] weighed = new double[parts];
        for (Moment moment : score.moments()) {
            double effort = effort(moment, catalogue);
            long at = moment.startMs();
            while (at < moment.endMs()) {
                int part = (int) (at / everyMs);
                long until = Math.min(moment.endMs(), (part + 1) * everyMs);
                weighed[part] += effort * (until - at);
                at = until;
            }
        }
        List<Double> curve = new ArrayList<>(parts);
        for (int i = 0; i < parts; i++) {
            long there = Math.min(everyMs, score.totalMs() - i * everyMs);
            curve.add(weighed[i] / there);
        }
        return curve;
    }

    private static double effort(Moment moment, PoseCatalogue catalogue) {
        if (moment.pose() == null || moment.kind() == Moment.Kind.PAUSE) return LEAST;
        int effort = catalogue.pose(moment.pose()).effort();
        boolean quick = moment.kind() == Moment.Kind.MOVEMENT
                && moment.flow() != null
                && moment.mode() != Mode.LEARN
                && moment.workMs() < QUICK_HALF_BREATH_MS;
        return Math.min(MOST, effort + (quick ? QUICK : 0));
    }
}
