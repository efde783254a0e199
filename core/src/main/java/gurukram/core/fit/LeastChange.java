package gurukram.core.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One option of every choice, so that the lengths sum into a window at the least cost; of equal cost as near the target as
 * can be; of equal distance the one that leaves the earlier choices at their cheaper options.
 *
 * <p>Exact. Labels (a length so far, its least cost) are carried from choice to choice; a label is dropped when even the linear
 * relaxation of what remains (Minkowski sum of the convex hulls of the remaining choices) cannot end in the window within the
 * cost allowed. The cost allowed starts at the relaxation's own and is raised until a solution shows; the first one is the best.
 */
final class LeastChange {
    /** By how much the cost allowed is raised first; doubled from then on. */
    private static final long FIRST_STEP = 20;

    private final List<Choice> choices;
    private final long from;
    private final long to;
    private final long target;
    private final Hull[] rest;

    /** A best choice: the index of the option of every choice. */
    record Picks(int[] options, long lengthMs, long cost) {}

    private static final class Label {
        final long length;
        final long cost;
        final @Nullable Label before;
        final int option;
        /** Its place among the labels of its stage, the better prefix first. */
        int rank;

        Label(long length, long cost, @Nullable Label before, int option) {
            this.length = length;
            this.cost = cost;
            this.before = before;
            this.option = option;
        }

        int prefix() {
            return before == null ? 0 : before.rank;
        }
    }

    LeastChange(List<Choice> choices, long from, long to, long target) {
        this.choices = choices;
        this.from = from;
        this.to = to;
        this.target = target;
        this.rest = new Hull[choices.size() + 1];
        rest[choices.size()] = Hull.NOTHING;
        for (int i = choices.size() - 1; i >= 0; i--) rest[i] = rest[i + 1].plus(choices.get(i));
    }

    long shortest() {
        return rest[0].low();
    }

    long longest() {
        return rest[0].high();
    }

    /** The least the relaxation costs; {@link Long#MAX_VALUE} when no mixture of options ends in the window. */
    long bound() {
        double bound = rest[0].least(from, to);
        return bound == Double.POSITIVE_INFINITY ? Long.MAX_VALUE : (long) Math.ceil(bound - 1e-6);
    }

    /** The best picks that cost at most so much; null when there are none. */
    @Nullable
    Picks solve(long most) {
        long least = bound();
        if (least > most) return null;
        long worst = choices.stream()
                .mapToLong(c -> c.options().get(c.options().size() - 1).cost())
                .sum();
        long end = Math.min(most, worst);
        for (long allowed = least, step = FIRST_STEP; ; allowed += step, step *= 2) {
            Picks picks = within(Math.min(allowed, end));
            if (picks != null) return picks;
            if (allowed >= end) return null;
        }
    }

    private @Nullable Picks within(long allowed) {
        List<Label> order = List.of(new Label(0, 0, null, -1));
        for (int i = 0; i < choices.size(); i++) {
            List<Choice.Option> options = choices.get(i).options();
            Hull remaining = rest[i + 1];
            Map<Long, Label> next = new HashMap<>(order.size() * 2);
            List<Label> reached = new ArrayList<>();
            for (Label label : order) {
                for (int o = 0; o < options.size(); o++) {
                    long length = label.length + options.get(o).lengthMs();
                    long cost = label.cost + options.get(o).cost();
                    if (cost > allowed) break;
                    Label there = next.get(length);
                    if (there != null && there.cost <= cost) continue;
                    if (cost + remaining.least(from - length, to - length) > allowed + 1e-6) continue;
                    Label better = new Label(length, cost, label, o);
                    next.put(length, better);
                    reached.add(better);
                }
            }
            // one label a length is enough, and those of the better prefix come first
            reached.removeIf(label -> next.get(label.length) != label);
            reached.sort(PREFIX);
            for (int r = 0; r < reached.size(); r++) reached.get(r).rank = r;
            order = reached;
            if (order.isEmpty()) return null;
        }
        if (choices.isEmpty()) return from <= 0 && 0 <= to ? new Picks(new int[0], 0, 0) : null;
        return order.stream()
                .min(Comparator.comparing((Label label) -> label.cost)
                        .thenComparing(label -> Math.abs(label.length - target))
                        .thenComparing(PREFIX))
                .map(this::picks)
                .orElse(null);
    }

    /** The order of the earliest difference: the lower option first. */
    private static final Comparator<Label> PREFIX =
            Comparator.comparing(Label::prefix).thenComparing(label -> label.option);

    private Picks picks(Label last) {
        int[] options = new int[choices.size()];
        int i = options.length;
        for (Label label = last; label.before != null; label = label.before) options[--i] = label.option;
        return new Picks(options, last.length, last.cost);
    }

    /** The lower convex hull of what a sum of choices costs by its length: corners, left to right. */
    private static final class Hull {
        static final Hull NOTHING = new Hull(new double[] {0}, new double[] {0});
        private final double[] lengths;
        private final double[] costs;
        private final double lowest;

        Hull(double[] lengths, double[] costs) {
            this.lengths = lengths;
            this.costs = costs;
            int at = 0;
            for (int i = 1; i < costs.length; i++) if (costs[i] < costs[at]) at = i;
            lowest = lengths[at];
        }

        long low() {
            return (long) lengths[0];
        }

        long high() {
            return (long) lengths[lengths.length - 1];
        }

        /** The least cost of a length between two; infinite when there is none. */
        double least(double a, double b) {
            int n = lengths.length;
            double low = Math.max(a, lengths[0]);
            double high = Math.min(b, lengths[n - 1]);
            if (low > high) return Double.POSITIVE_INFINITY;
            // convex: the lowest corner, or the end of the window that is nearest to it
            return at(lowest < low ? low : Math.min(lowest, high));
        }

        private double at(double length) {
            int i = Arrays.binarySearch(lengths, length);
            if (i >= 0) return costs[i];
            int right = -i - 1;
            double share = (length - lengths[right - 1]) / (lengths[right] - lengths[right - 1]);
            return costs[right - 1] + share * (costs[right] - costs[right - 1]);
        }

        /** The sum with one more choice: the edges of both, by slope. */
        Hull plus(Choice choice) {
            Hull own = of(choice);
            int n = lengths.length + own.lengths.length - 1;
            double[] x = new double[n];
            double[] y = new double[n];
            x[0] = lengths[0] + own.lengths[0];
            y[0] = costs[0] + own.costs[0];
            int i = 0;
            int j = 0;
            for (int k = 1; k < n; k++) {
                boolean mine = j == own.lengths.length - 1 || (i < lengths.length - 1 && slope(i) <= own.slope(j));
                Hull from = mine ? this : own;
                int at = mine ? i++ : j++;
                x[k] = x[k - 1] + from.lengths[at + 1] - from.lengths[at];
                y[k] = y[k - 1] + from.costs[at + 1] - from.costs[at];
            }
            return new Hull(x, y);
        }

        private double slope(int i) {
            return (costs[i + 1] - costs[i]) / (lengths[i + 1] - lengths[i]);
        }

        private static Hull of(Choice choice) {
            List<Choice.Option> sorted = new ArrayList<>(choice.options());
            sorted.sort(Comparator.comparing(Choice.Option::lengthMs));
            List<Choice.Option> corners = new ArrayList<>();
            for (Choice.Option option : sorted) {
                while (corners.size() > 1 && isAbove(corners, option)) corners.remove(corners.size() - 1);
                corners.add(option);
            }
            return new Hull(
                    corners.stream().mapToDouble(Choice.Option::lengthMs).toArray(),
                    corners.stream().mapToDouble(Choice.Option::cost).toArray());
        }

        private static boolean isAbove(List<Choice.Option> corners, Choice.Option next) {
            Choice.Option a = corners.get(corners.size() - 2);
            Choice.Option b = corners.get(corners.size() - 1);
            double left = (double) (b.cost() - a.cost()) * (next.lengthMs() - a.lengthMs());
            double right = (double) (next.cost() - a.cost()) * (b.lengthMs() - a.lengthMs());
            return left >= right;
        }
    }
}
