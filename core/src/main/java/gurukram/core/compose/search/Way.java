package gurukram.core.compose.search;

import gurukram.core.body.Base;
import gurukram.core.body.MatDirection;
import gurukram.core.pose.Pose;
import gurukram.core.score.Transitions;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The order of the poses of a part: what stands on the same base stays together, gentle before strong, and the bases follow
 * each other on the way that costs least to get through; a way of three legs counts as half a minute more, of four as two; not to end where the next part begins as a third of one.
 */
public final class Way {
    private static final long THREE_LEGS_MS = 30L * Millis.SECOND;
    private static final long FOUR_LEGS_MS = 120L * Millis.SECOND;
    private static final long TURN_MS = 4L * Millis.SECOND;
    private static final long ELSEWHERE_MS = 20L * Millis.SECOND;
    private static final double CHANCE_MS = 9_000;

    private final Dice dice;

    Way(Dice dice) {
        this.dice = dice;
    }

    private record Stand(Base base, boolean across) {}

    /**
     * @param from where people are before; null when that is open
     * @param to where they have to be afterwards; null when that is open
     */
    List<Pose> through(List<Pose> poses, @Nullable Base from, @Nullable Base to) {
        Map<Stand, List<Pose>> stands = new LinkedHashMap<>();
        poses.stream()
                .sorted(Comparator.comparingDouble(this::intensity).thenComparing(Pose::id))
                .forEach(pose -> stands.computeIfAbsent(stand(pose), s -> new ArrayList<>())
                        .add(pose));
        List<Pose> ordered = new ArrayList<>();
        for (Stand stand : shortest(List.copyOf(stands.keySet()), from, to)) ordered.addAll(stands.get(stand));
        return ordered;
    }

    private double intensity(Pose pose) {
        return pose.effort() + pose.depth() + 1.5 * dice.at(pose.id());
    }

    private static Stand stand(Pose pose) {
        return new Stand(pose.base(), pose.base() == Base.STANDING && pose.mat() == MatDirection.ACROSS);
    }

    /** The cheapest way through all of them, by subsets: there are never more than a dozen. */
    private List<Stand> shortest(List<Stand> stands, @Nullable Base from, @Nullable Base to) {
        int n = stands.size();
        double[][] way = new double[n][n];
        for (int a = 0; a < n; a++)
            for (int b = 0; b < n; b++) if (a != b) way[a][b] = between(stands.get(a), stands.get(b));
        double[][] cost = new double[1 << n][n];
        int[][] before = new int[1 << n][n];
        for (double[] row : cost) Arrays.fill(row, Double.MAX_VALUE);
        for (int i = 0; i < n; i++) cost[1 << i][i] = from == null ? 0 : between(new Stand(from, false), stands.get(i));
        for (int set = 1; set < 1 << n; set++) {
            for (int last = 0; last < n; last++) {
                if (cost[set][last] == Double.MAX_VALUE) continue;
                for (int next = 0; next < n; next++) {
                    if ((set & 1 << next) != 0) continue;
                    int more = set | 1 << next;
                    double so = cost[set][last] + way[last][next];
                    if (so >= cost[more][next]) continue;
                    cost[more][next] = so;
                    before[more][next] = last;
                }
            }
        }
        int set = (1 << n) - 1;
        int at = 0;
        for (int last = 1; last < n; last++)
            if (end(cost, set, last, stands, to) < end(cost, set, at, stands, to)) at = last;
        List<Stand> found = new ArrayList<>();
        while (set != 0) {
            found.add(0, stands.get(at));
            int earlier = before[set][at];
            set &= ~(1 << at);
            at = earlier;
        }
        return found;
    }

    private double end(double[][] cost, int set, int last, List<Stand> stands, @Nullable Base to) {
        if (to == null) return cost[set][last];
        double there = stands.get(last).base() == to ? 0 : ELSEWHERE_MS;
        return cost[set][last] + there + between(stands.get(last), new Stand(to, false));
    }

    private double between(Stand a, Stand b) {
        double chance = CHANCE_MS * dice.at(a + " to " + b);
        return ms(a.base(), b.base()) + (a.across() == b.across() ? 0 : TURN_MS) + chance;
    }

    public static int legs(Base from, Base to) {
        return Transitions.shipped().route(from, to).size();
    }

    public static long ms(Base from, Base to) {
        List<Transitions.Leg> legs = Transitions.shipped().route(from, to);
        long ms = legs.stream().mapToLong(Transitions.Leg::first).sum();
        return ms + (legs.size() == 3 ? THREE_LEGS_MS : legs.size() > 3 ? FOUR_LEGS_MS : 0);
    }
}
