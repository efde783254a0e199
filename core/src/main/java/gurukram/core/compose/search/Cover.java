package gurukram.core.compose.search;

import gurukram.core.body.ActionUse;
import gurukram.core.body.SideBehaviour;
import gurukram.core.check.Preparation;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * The cheapest poses that together prepare every demand of a peak: two poses for each, one of them strong enough, and long
 * enough a side. Searched demand by demand, the one with the fewest poses first; what is cheaper is tried first, what cannot be
 * cheaper any more is left, and after {@value #MOST_NODES} nodes the best so far is taken. It may be asked again as the class grows.
 */
public final class Cover {
    static final int MOST_NODES = 800;
    private static final int CHOICES = 8;
    private static final int POSES = 2;

    private final Pose peak;
    private final Set<String> almost;
    private final List<ActionUse> demands;
    /** How long each demand wants to be prepared a side, s. */
    private final double[] wanted;
    /** What can prepare something, without what is there. */
    private final List<Offer> all = new ArrayList<>();

    private List<Offer> offers = List.of();
    private Demand[] choice = {};
    private int nodes;
    private double best;
    private List<Pose> found = List.of();
    private double least;
    private List<Pose> nearest = List.of();

    /** How many offers there are for a demand, and what so many of the cheapest cost at least. */
    private record Demand(int counting, int strong, double[] cheapest) {
        static Demand of(List<Offer> offers, int i) {
            double[] costs = offers.stream()
                    .filter(offer -> offer.counts()[i])
                    .mapToDouble(Offer::cost)
                    .sorted()
                    .toArray();
            double[] cheapest = new double[POSES + 1];
            for (int n = 1; n <= POSES; n++)
                cheapest[n] = n > costs.length ? Double.MAX_VALUE : cheapest[n - 1] + costs[n - 1];
            int strong =
                    (int) offers.stream().filter(offer -> offer.strong()[i]).count();
            return new Demand(costs.length, strong, cheapest);
        }
    }

    /** What a pose does for each demand. */
    private record Offer(Pose pose, double cost, boolean[] counts, boolean[] strong, double seconds) {}

    /** What is there of each demand so far. */
    private record State(int[] poses, boolean[] strong, double[] seconds) {
        State plus(Offer offer) {
            State after = new State(poses.clone(), strong.clone(), seconds.clone());
            for (int i = 0; i < poses.length; i++) {
                if (!offer.counts()[i]) continue;
                after.poses[i]++;
                after.strong[i] |= offer.strong()[i];
                after.seconds[i] += offer.seconds();
            }
            return after;
        }
    }

    /**
     * @param poses what there is to choose from
     * @param cost what a pose costs, above 0
     * @param sideSeconds how long it is held a side
     */
    public Cover(
            Pose peak,
            Set<String> almost,
            List<Pose> poses,
            ToDoubleFunction<Pose> cost,
            ToDoubleFunction<Pose> sideSeconds) {
        this.peak = peak;
        this.almost = almost;
        this.demands = peak.actions().stream().filter(use -> use.demands() >= 2).toList();
        this.wanted = demands.stream()
                .mapToDouble(use -> Preparation.usualSeconds(use.demands()))
                .toArray();
        for (Pose pose : poses) {
            double seconds = sideSeconds.applyAsDouble(pose);
            if (seconds <= 0) continue;
            boolean[] counts = counts(pose);
            boolean helps = false;
            for (boolean one : counts) helps |= one;
            if (helps) all.add(new Offer(pose, cost.applyAsDouble(pose), counts, strong(pose, counts), seconds));
        }
    }

    private boolean[] counts(Pose pose) {
        boolean[] counts = new boolean[demands.size()];
        for (int i = 0; i < counts.length; i++) counts[i] = prepares(pose, peak, demands.get(i));
        return counts;
    }

    private boolean[] strong(Pose pose, boolean[] counts) {
        boolean[] strong = new boolean[counts.length];
        for (int i = 0; i < counts.length; i++) {
            ActionUse use = demands.get(i);
            strong[i] = counts[i] && (pose.prepares(use.action()) >= use.demands() || almost.contains(pose.id()));
        }
        return strong;
    }

    /** Whether a pose counts towards a demand of the peak. */
    public static boolean prepares(Pose pose, Pose peak, ActionUse demand) {
        return !pose.id().equals(peak.id()) && pose.prepares(demand.action()) >= demand.demands() - 1;
    }

    /**
     * @param there poses that are in anyway, before the peak, and how long a side, s; they cost nothing
     * @return what is to be put in besides; where nothing meets every demand, what leaves least to be desired
     */
    public List<Pose> find(Map<Pose, Double> there) {
        int n = demands.size();
        State state = new State(new int[n], new boolean[n], new double[n]);
        for (Map.Entry<Pose, Double> one : there.entrySet()) {
            boolean[] counts = counts(one.getKey());
            state = state.plus(new Offer(one.getKey(), 0, counts, strong(one.getKey(), counts), one.getValue()));
        }
        offers = all.stream().filter(offer -> !there.containsKey(offer.pose())).toList();
        choice = new Demand[n];
        for (int i = 0; i < n; i++) choice[i] = Demand.of(offers, i);
        nodes = 0;
        best = Double.MAX_VALUE;
        least = Double.MAX_VALUE;
        found = List.of();
        nearest = List.of();
        search(new ArrayList<>(), state, 0);
        return isFound() ? found : nearest;
    }

    /** Whether there was enough to meet every demand. */
    public boolean isFound() {
        return best < Double.MAX_VALUE;
    }

    private void search(List<Offer> chosen, State state, double spent) {
        if (spent + atLeast(state) >= best || nodes++ > MOST_NODES) return;
        int open = mostUrgent(state);
        if (open < 0) {
            best = spent;
            found = chosen.stream().map(Offer::pose).toList();
            return;
        }
        double lacked = lacking(state);
        if (lacked < least) {
            least = lacked;
            nearest = chosen.stream().map(Offer::pose).toList();
        }
        record Choice(Offer offer, State after, double price) {}
        List<Choice> next = new ArrayList<>();
        for (Offer offer : offers) {
            if (!offer.counts()[open] || chosen.contains(offer)) continue;
            State after = state.plus(offer);
            double gain = lacked - lacking(after);
            if (gain > 0) next.add(new Choice(offer, after, offer.cost() / gain));
        }
        next.sort(Comparator.comparingDouble(Choice::price));
        for (Choice choice : next.subList(0, Math.min(CHOICES, next.size()))) {
            chosen.add(choice.offer());
            search(chosen, choice.after(), spent + choice.offer().cost());
            chosen.remove(chosen.size() - 1);
        }
    }

    /** The open demand with the fewest poses to choose from; -1 when all are met. */
    private int mostUrgent(State state) {
        int urgent = -1;
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i < wanted.length; i++) {
            int there = state.strong()[i] ? choice[i].counting() : choice[i].strong();
            if (there >= fewest || lacking(state, i) <= 0) continue;
            fewest = there;
            urgent = i;
        }
        return urgent;
    }

    /** What the demand that is dearest to meet costs with the cheapest poses there are for it. */
    private double atLeast(State state) {
        if (!isFound()) return 0;
        double most = 0;
        for (int i = 0; i < wanted.length; i++) {
            int poses = Math.max(POSES - state.poses()[i], lacking(state, i) > 0 ? 1 : 0);
            most = Math.max(most, choice[i].cheapest()[poses]);
        }
        return most;
    }

    private double lacking(State state) {
        double all = 0;
        for (int i = 0; i < wanted.length; i++) all += lacking(state, i);
        return all;
    }

    /** How much is missing of a demand: poses, strength and seconds, each from 0 to 1. */
    private double lacking(State state, int i) {
        double lacks = Math.max(0, POSES - state.poses()[i]) / (double) POSES;
        return lacks + (state.strong()[i] ? 0 : 1) + Math.max(0, wanted[i] - state.seconds()[i]) / wanted[i];
    }

    /** How long a dose is held a side, s; 0 for single movements. */
    public static double sideSeconds(Pose pose, Dose dose) {
        int breath = pose.hold() == Hold.PASSIVE ? 8 : 6;
        if (dose instanceof Dose.Breaths hold) return hold.breaths() * breath;
        if (dose instanceof Dose.Seconds hold) return hold.seconds();
        if (dose instanceof Reps reps)
            return reps.reps() * reps.sets() * pose.repMillisOrDefault() / (double) Millis.SECOND;
        return 0;
    }

    public static boolean isSided(Pose pose) {
        return pose.sides() != SideBehaviour.SYMMETRIC;
    }
}
