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
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * The cheapest poses that together prepare every demand of a peak: two poses for each, one of them strong enough, and long
 * enough a side. Searched demand by demand, the one with the fewest poses first; what is cheaper is tried first, and after
 * {@value #MOST_NODES} nodes the best so far is taken.
 */
public final class Cover {
    static final int MOST_NODES = 800;
    private static final int CHOICES = 8;
    private static final int POSES = 2;

    private final Pose peak;
    private final Set<String> almost;
    private final List<ActionUse> demands;
    private final ToDoubleFunction<Pose> sideSeconds;
    private final List<Offer> offers = new ArrayList<>();
    private int nodes;
    private double best = Double.MAX_VALUE;
    private List<Pose> found = List.of();
    private double least = Double.MAX_VALUE;
    private List<Pose> nearest = List.of();

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
        this.sideSeconds = sideSeconds;
        this.demands = peak.actions().stream().filter(use -> use.demands() >= 2).toList();
        for (Pose pose : poses) {
            Offer offer = offer(pose, cost.applyAsDouble(pose));
            boolean helps = false;
            for (boolean counts : offer.counts()) helps |= counts;
            if (helps && offer.seconds() > 0) offers.add(offer);
        }
    }

    private Offer offer(Pose pose, double cost) {
        boolean[] counts = new boolean[demands.size()];
        boolean[] strong = new boolean[demands.size()];
        for (int i = 0; i < counts.length; i++) {
            ActionUse use = demands.get(i);
            counts[i] = prepares(pose, peak, use);
            strong[i] = counts[i] && (pose.prepares(use.action()) >= use.demands() || almost.contains(pose.id()));
        }
        return new Offer(pose, cost, counts, strong, sideSeconds.applyAsDouble(pose));
    }

    /** Whether a pose counts towards a demand of the peak. */
    public static boolean prepares(Pose pose, Pose peak, ActionUse demand) {
        return !pose.id().equals(peak.id()) && pose.prepares(demand.action()) >= demand.demands() - 1;
    }

    /**
     * @param there poses that are in anyway, before the peak; they cost nothing
     * @return what is to be put in besides; where nothing meets every demand, what leaves least to be desired
     */
    public List<Pose> find(List<Pose> there) {
        int n = demands.size();
        State state = new State(new int[n], new boolean[n], new double[n]);
        for (Pose pose : there) state = state.plus(offer(pose, 0));
        search(new ArrayList<>(), state, 0);
        return isFound() ? found : nearest;
    }

    /** Whether there was enough to meet every demand. */
    public boolean isFound() {
        return best < Double.MAX_VALUE;
    }

    private void search(List<Offer> chosen, State state, double spent) {
        if (spent >= best || nodes++ > MOST_NODES) return;
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
        long fewest = Long.MAX_VALUE;
        for (int i = 0; i < demands.size(); i++) {
            if (lacking(state, i) <= 0) continue;
            int demand = i;
            long there = offers.stream()
                    .filter(offer -> offer.counts()[demand] && (state.strong()[demand] || offer.strong()[demand]))
                    .count();
            if (there >= fewest) continue;
            fewest = there;
            urgent = i;
        }
        return urgent;
    }

    private double lacking(State state) {
        double all = 0;
        for (int i = 0; i < demands.size(); i++) all += lacking(state, i);
        return all;
    }

    /** How much is missing of a demand: poses, strength and seconds, each from 0 to 1. */
    private double lacking(State state, int i) {
        double wanted = Preparation.usualSeconds(demands.get(i).demands());
        double lacks = Math.max(0, POSES - state.poses()[i]) / (double) POSES;
        return lacks + (state.strong()[i] ? 0 : 1) + Math.max(0, wanted - state.seconds()[i]) / wanted;
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
