package gurukram.core.pace;

import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Learns a teacher's pace from what was observed. How, and how well, stands in docs/pace.md.
 *
 * <p>Getting into a pose and staying in it were logged as one time, so both are found together: the factors with which the planned parts
 * come nearest to the real times, what is far off counting less (Huber), each factor held towards what is believed without it (first all
 * of getting into poses together, then each kind of pose towards that). Flows and their sides and times are ratios of their own.
 */
public final class Learner {
    static final int FEWEST_LESSONS = 3;
    static final int FEWEST_TIMES = 6;
    private static final double LEAST = 0.5;
    private static final double MOST = 2.5;
    /** As many sightings as the belief before the first of them is worth. */
    private static final double BELIEF = 12;
    /** Beyond this part of its planned time a moment was something else, and counts less the farther it is. */
    private static final double USUAL_NOISE = 0.3;

    /** So far off a moment was no moment of the class. */
    private static final double SOMETHING_ELSE = 3;

    private static final double MOST_BEYOND = 0.25;
    private static final double BELIEF_OF_CLASSES = 1;
    /** Of a moment that is mostly something else, getting in cannot be told. */
    private static final double LEAST_SHARE = 0.25;

    private static final double LEAST_NOISE_MS = 3_000;
    private static final int ROUNDS = 20;
    private static final int TURNS = 3;
    private static final int NARROWEST = 4;
    private static final double WITHIN = 2;

    private static final List<Figure> HELD = List.of(
            Figure.SETTING_UP_SIMPLE,
            Figure.SETTING_UP_MEDIUM,
            Figure.SETTING_UP_COMPLEX,
            Figure.SETTING_UP_EXPLAINED,
            Figure.ACTIVE_BREATH,
            Figure.PASSIVE_BREATH,
            Figure.REPETITION,
            Figure.CHANGING_BASE);

    /** What getting into a pose depends on beside the pose: each against those to whom it does not apply. */
    private static final Map<Figure, Predicate<Observed>> BESIDE = beside();

    private final List<Observed> seen;
    private final Map<Figure, Double> factors = new EnumMap<>(Figure.class);

    private static Map<Figure, Predicate<Observed>> beside() {
        Map<Figure, Predicate<Observed>> beside = new EnumMap<>(Figure.class);
        beside.put(Figure.SETTING_UP_AGAIN, o -> o.entering().again());
        beside.put(Figure.SETTING_UP_BY_BREATH, o -> o.entering().byBreath());
        beside.put(Figure.SETTING_UP_BEGINNERS, o -> o.entering().level() == Level.BEGINNER);
        beside.put(Figure.SETTING_UP_ADVANCED, o -> o.entering().level() == Level.ADVANCED);
        return beside;
    }

    private Learner(List<Observed> seen) {
        this.seen = seen;
        for (Figure figure : Figure.values()) factors.put(figure, 1.0);
    }

    public static Learnt learn(List<Observed> observed) {
        List<Observed> seen = observed.stream()
                .filter(Observed::isPlausible)
                // sums of doubles depend on their order; what is learnt must not
                .sorted(Comparator.comparing(Observed::what)
                        .thenComparing(o -> String.valueOf(o.complexity()))
                        .thenComparing(o -> String.valueOf(o.entering()))
                        .thenComparing(Observed::secondSide)
                        .thenComparing(Observed::time)
                        .thenComparing(Observed::surelyMs)
                        .thenComparing(Observed::transitionMs)
                        .thenComparing(Observed::settingUpMs)
                        .thenComparing(Observed::workMs)
                        .thenComparing(Observed::realMs))
                .toList();
        if (lessons(seen, o -> true) < FEWEST_LESSONS) return Learnt.NOTHING;
        Learner learner = new Learner(seen);
        // what depends on the pose and what does not are found in turn, each with what is known of the other
        for (int turn = 0; turn < TURNS; turn++) {
            learner.holds();
            learner.beside(seen);
        }
        learner.flows();
        learner.betweenPoses();
        return learner.learnt();
    }

    private static int lessons(List<Observed> seen, Predicate<Observed> which) {
        Set<String> lessons = new HashSet<>();
        for (Observed o : seen) if (which.test(o)) lessons.add(o.lesson());
        return lessons.size();
    }

    // --- holds and repetitions

    private void holds() {
        List<Observed> held = seen.stream()
                .filter(o -> o.what() != Observed.Work.MOVEMENT && (o.settingUpMs() > 0 || o.workMs() > 0))
                .toList();
        // all of getting into poses as one
        List<Figure> pooled = List.of(
                Figure.SETTING_UP_SIMPLE,
                Figure.ACTIVE_BREATH,
                Figure.PASSIVE_BREATH,
                Figure.REPETITION,
                Figure.CHANGING_BASE);
        double[] ones = {1, 1, 1, 1, 1};
        double[] first = nearest(held, pooled, ones, true);
        double[] belief = new double[HELD.size()];
        for (int j = 0; j < HELD.size(); j++) belief[j] = isSettingUp(HELD.get(j)) ? first[0] : 1;
        double[] each = nearest(held, HELD, belief, false);
        for (int j = 0; j < HELD.size(); j++) factors.put(HELD.get(j), each[j]);
    }

    private static boolean isSettingUp(Figure figure) {
        return figure.ordinal() <= Figure.SETTING_UP_EXPLAINED.ordinal();
    }

    /** The planned part of a moment that goes with a figure, ms. */
    private double part(Observed o, Figure figure, boolean pooled) {
        if (isSettingUp(figure)) {
            Complexity complexity = o.complexity();
            boolean its = complexity != null && (pooled || Figure.settingUp(complexity) == figure);
            return its ? o.settingUpMs() * besides(o, this::factor) : 0;
        }
        if (figure == Figure.CHANGING_BASE) return o.transitionMs();
        return figure == figureOf(o) ? o.workMs() : 0;
    }

    /**
     * How much longer it takes where something applies than where it does not. Only where both were seen often enough: else it cannot be
     * told from the pace of everything.
     */
    private void beside(List<Observed> all) {
        List<Observed> entered = all.stream()
                .filter(o -> o.complexity() != null && o.settingUpMs() >= o.plannedMs() * LEAST_SHARE)
                .toList();
        BESIDE.forEach((figure, applies) -> {
            List<Observed> with = entered.stream().filter(applies).toList();
            List<Observed> without = entered.stream().filter(applies.negate()).toList();
            if (!isEnough(with) || !isEnough(without)) return;
            ToDoubleFunction<Observed> against = this::settingUpAgainstFactors;
            double here = ratio(with, against);
            double elsewhere = ratio(without, against);
            factors.put(figure, within(factor(figure) * here / elsewhere));
            for (Figure held : HELD) if (isSettingUp(held)) factors.put(held, within(factor(held) * elsewhere));
        });
    }

    private static boolean isEnough(List<Observed> seen) {
        return seen.size() >= FEWEST_TIMES && lessons(seen, o -> true) >= FEWEST_LESSONS;
    }

    /** What is left of a moment for getting into its pose, against what the factors say. */
    private double settingUpAgainstFactors(Observed o) {
        Figure work = figureOf(o);
        double rest = o.surelyMs()
                + o.transitionMs() * factor(Figure.CHANGING_BASE)
                + (o.what() == Observed.Work.MOVEMENT ? o.workMs() : o.workMs() * (work == null ? 1 : factor(work)));
        return (o.realMs() - rest) / (o.settingUpMs() * entering(o, this::factor));
    }

    private static double entering(Observed o, ToDoubleFunction<Figure> factor) {
        Complexity complexity = o.complexity();
        if (complexity == null) return 1;
        return factor.applyAsDouble(Figure.settingUp(complexity)) * besides(o, factor);
    }

    private static double besides(Observed o, ToDoubleFunction<Figure> factor) {
        double all = 1;
        for (var one : BESIDE.entrySet()) if (one.getValue().test(o)) all *= factor.applyAsDouble(one.getKey());
        return all;
    }

    private static @Nullable Figure figureOf(Observed o) {
        return switch (o.what()) {
            case ACTIVE -> Figure.ACTIVE_BREATH;
            case PASSIVE -> Figure.PASSIVE_BREATH;
            case REPETITIONS -> Figure.REPETITION;
            default -> null;
        };
    }

    /** The factors with which the parts come nearest to what was seen: weighted least squares, weights by what is left. */
    private double[] nearest(List<Observed> held, List<Figure> figures, double[] belief, boolean pooled) {
        int n = figures.size();
        double[][] rows = new double[held.size()][n];
        double[] wanted = new double[held.size()];
        double[] typical = new double[n];
        int[] times = new int[n];
        for (int i = 0; i < held.size(); i++) {
            Observed o = held.get(i);
            double noise = noise(o);
            for (int j = 0; j < n; j++) {
                rows[i][j] = part(o, figures.get(j), pooled) / noise;
                typical[j] += rows[i][j] * rows[i][j];
                if (rows[i][j] > 0) times[j]++;
            }
            wanted[i] = (o.realMs() - o.surelyMs()) / noise;
        }
        double[] found = belief.clone();
        for (int round = 0; round < ROUNDS; round++) {
            double[][] a = new double[n][n];
            double[] b = new double[n];
            for (int j = 0; j < n; j++) {
                double held2 = times[j] == 0 ? 1 : BELIEF * typical[j] / times[j];
                a[j][j] += held2;
                b[j] += held2 * belief[j];
            }
            for (int i = 0; i < rows.length; i++) {
                double off = wanted[i];
                for (int j = 0; j < n; j++) off -= rows[i][j] * found[j];
                double weight = weight(off);
                for (int j = 0; j < n; j++) {
                    if (rows[i][j] == 0) continue;
                    b[j] += weight * rows[i][j] * wanted[i];
                    for (int k = 0; k < n; k++) a[j][k] += weight * rows[i][j] * rows[i][k];
                }
            }
            found = solved(a, b);
        }
        for (int j = 0; j < n; j++) found[j] = within(found[j]);
        return found;
    }

    private static double noise(Observed o) {
        return Math.max(LEAST_NOISE_MS, USUAL_NOISE * o.plannedMs());
    }

    private static double weight(double off) {
        return Math.abs(off) <= 1 ? 1 : 1 / Math.abs(off);
    }

    private static double within(double factor) {
        return Math.max(LEAST, Math.min(MOST, factor));
    }

    /** Elimination; the matrix is positive definite by the beliefs on its diagonal. */
    private static double[] solved(double[][] a, double[] b) {
        int n = b.length;
        for (int j = 0; j < n; j++) {
            for (int i = j + 1; i < n; i++) {
                double by = a[i][j] / a[j][j];
                for (int k = j; k < n; k++) a[i][k] -= by * a[j][k];
                b[i] -= by * b[j];
            }
        }
        double[] x = new double[n];
        for (int j = n - 1; j >= 0; j--) {
            double sum = b[j];
            for (int k = j + 1; k < n; k++) sum -= a[j][k] * x[k];
            x[j] = sum / a[j][j];
        }
        return x;
    }

    // --- flows

    private void flows() {
        double first = ratio(flow(false, 1), o -> (double) o.realMs() / o.plannedMs());
        double second = ratio(flow(true, 1), o -> (double) o.realMs() / o.plannedMs());
        factors.put(Figure.FIRST_SIDE, first);
        factors.put(Figure.SECOND_SIDE, second);
        ToDoubleFunction<Observed> against = o -> o.realMs() / (o.plannedMs() * (o.secondSide() ? second : first));
        factors.put(Figure.SECOND_TIME, ratio(movements(o -> o.time() == 2), against));
        factors.put(Figure.LATER_TIMES, ratio(movements(o -> o.time() > 2), against));
    }

    private List<Observed> movements(Predicate<Observed> which) {
        return seen.stream()
                .filter(o -> o.what() == Observed.Work.MOVEMENT && o.settingUpMs() == 0 && which.test(o))
                .toList();
    }

    private List<Observed> flow(boolean secondSide, int time) {
        return movements(o -> o.secondSide() == secondSide && o.time() == time);
    }

    private static double ratio(List<Observed> of, ToDoubleFunction<Observed> ratio) {
        double found = 1;
        for (int round = 0; round < ROUNDS; round++) {
            double sum = BELIEF;
            double weights = BELIEF;
            for (Observed o : of) {
                double one = ratio.applyAsDouble(o);
                double weight = weight((one - found) / USUAL_NOISE);
                sum += weight * one;
                weights += weight;
            }
            found = sum / weights;
        }
        return within(found);
    }

    /**
     * What classes take beyond all that goes to getting into poses: words and waiting that no single moment shows, since what is far off
     * counts less there.
     */
    private void betweenPoses() {
        Map<String, double[]> sums = new HashMap<>();
        for (Observed o : seen) {
            double off = o.realMs() - predicted(o, this::factor);
            if (Math.abs(off) > SOMETHING_ELSE * noise(o)) continue;
            double[] sum = sums.computeIfAbsent(o.lesson(), key -> new double[2]);
            sum[0] += off;
            if (o.complexity() != null) sum[1] += o.settingUpMs() * entering(o, this::factor);
        }
        List<Double> beyond = new ArrayList<>();
        for (double[] sum : sums.values()) if (sum[1] > 0) beyond.add(sum[0] / sum[1]);
        beyond.sort(null);
        int n = beyond.size();
        if (n == 0) return;
        double middle = (beyond.get((n - 1) / 2) + beyond.get(n / 2)) / 2;
        double more = 1 + Math.max(-MOST_BEYOND, Math.min(MOST_BEYOND, middle * n / (n + BELIEF_OF_CLASSES)));
        for (Figure figure : HELD) if (isSettingUp(figure)) factors.put(figure, within(factor(figure) * more));
    }

    // --- what comes of it

    private Learnt learnt() {
        Map<Figure, Learnt.Estimate> figures = new EnumMap<>(Figure.class);
        for (Figure figure : Figure.values()) {
            Predicate<Observed> shows = o -> shows(o, figure);
            int times = (int) seen.stream().filter(shows).count();
            int lessons = lessons(seen, shows);
            // what was never seen without it says nothing by itself
            boolean apart = !BESIDE.containsKey(figure) || factor(figure) != 1;
            if (lessons >= FEWEST_LESSONS && times >= FEWEST_TIMES && apart)
                figures.put(figure, new Learnt.Estimate(factor(figure), times, lessons));
        }
        List<Observed> talks = seen.stream()
                .filter(o -> o.what() == Observed.Work.TALK && o.plannedMs() > 0)
                .toList();
        Learnt.Estimate talk = isEnough(talks)
                ? new Learnt.Estimate(
                        ratio(talks, o -> (double) o.realMs() / o.plannedMs()), talks.size(), lessons(talks, o -> true))
                : null;
        return new Learnt(figures, likely(figures), lessons(seen, o -> true), talk);
    }

    private double factor(Figure figure) {
        return Objects.requireNonNull(factors.get(figure));
    }

    private boolean shows(Observed o, Figure figure) {
        return switch (figure) {
            case FIRST_SIDE -> o.what() == Observed.Work.MOVEMENT && !o.secondSide() && o.time() == 1;
            case SECOND_SIDE -> o.what() == Observed.Work.MOVEMENT && o.secondSide() && o.time() == 1;
            case SECOND_TIME -> o.what() == Observed.Work.MOVEMENT && o.time() == 2;
            case LATER_TIMES -> o.what() == Observed.Work.MOVEMENT && o.time() > 2;
            case SETTING_UP_AGAIN, SETTING_UP_BY_BREATH, SETTING_UP_BEGINNERS, SETTING_UP_ADVANCED ->
                o.complexity() != null
                        && Objects.requireNonNull(BESIDE.get(figure)).test(o);
            default -> part(o, figure, false) > 0;
        };
    }

    /** How far whole classes are off once the figures are taken. */
    private int likely(Map<Figure, Learnt.Estimate> figures) {
        Map<String, double[]> sums = new HashMap<>();
        for (Observed o : seen) {
            double[] sum = sums.computeIfAbsent(o.lesson(), key -> new double[2]);
            sum[0] += o.realMs() - predicted(o, figure -> taken(figures, figure));
            sum[1] += o.transitionMs() + o.settingUpMs() + o.workMs();
        }
        List<Double> squares = new ArrayList<>();
        for (double[] sum : sums.values()) if (sum[1] > 0) squares.add(sum[0] / sum[1] * (sum[0] / sum[1]));
        squares.sort(null);
        int n = squares.size();
        if (n < FEWEST_LESSONS) return OwnPace.USUAL_PERCENT;
        double mean = squares.stream().mapToDouble(square -> square).sum() / n;
        double own = WITHIN * Math.sqrt(mean) * 100;
        long shrunk = Math.round((n * own + FEWEST_LESSONS * OwnPace.USUAL_PERCENT) / (n + FEWEST_LESSONS));
        return (int) Math.max(NARROWEST, Math.min(OwnPace.USUAL_PERCENT, shrunk));
    }

    private static double predicted(Observed o, ToDoubleFunction<Figure> factor) {
        double ms = o.surelyMs() + o.transitionMs() * factor.applyAsDouble(Figure.CHANGING_BASE);
        if (o.complexity() != null) ms += o.settingUpMs() * entering(o, factor);
        if (o.what() != Observed.Work.MOVEMENT) {
            Figure figure = figureOf(o);
            return ms + o.workMs() * (figure == null ? 1 : factor.applyAsDouble(figure));
        }
        double side = factor.applyAsDouble(o.secondSide() ? Figure.SECOND_SIDE : Figure.FIRST_SIDE);
        double time = o.time() == 1 ? 1 : factor.applyAsDouble(o.time() == 2 ? Figure.SECOND_TIME : Figure.LATER_TIMES);
        return ms + o.workMs() * side * time;
    }

    private static double taken(Map<Figure, Learnt.Estimate> figures, Figure figure) {
        Learnt.Estimate estimate = figures.get(figure);
        return estimate == null ? 1 : estimate.factor();
    }
}
