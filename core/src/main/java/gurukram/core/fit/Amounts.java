package gurukram.core.fit;

import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import java.util.ArrayList;
import java.util.List;

/**
 * The doses between two, and what it costs to go from one to another. Costs: open time 1 for 15 s, a repetition 3, a breath 4,
 * a breath of the peak 30; ours, where the rules are silent: 5 s of a hold, 4 counts, an attempt or a cycle cost as a breath.
 */
final class Amounts {
    private static final int OPEN_STEP = 15;
    private static final int SECONDS_STEP = 5;
    private static final int COUNTS_STEP = 4;
    private static final int MOST = 120;
    static final int BREATH = 4;
    static final int PEAK_BREATH = 30;
    private static final int REP = 3;

    private Amounts() {}

    /** Every dose of the kind from low to high, the written one among them; only the written one where they are not alike. */
    static List<Dose> between(Dose low, Dose written, Dose high) {
        List<Dose> all = new ArrayList<>();
        if (low instanceof Reps a && high instanceof Reps b && written instanceof Reps now) {
            for (int sets = a.sets(); sets <= b.sets(); sets++) {
                for (int reps = a.reps(); reps <= b.reps(); reps++) {
                    if (sets == now.sets() || a.sets() < b.sets()) all.add(withSets(b.withReps(reps), sets));
                }
            }
        } else if (low.getClass() == high.getClass() && amount(low) >= 0) {
            int step = step(low);
            int now = amount(written);
            for (int n = now - (now - amount(low)) / step * step; n <= amount(high); n += step) all.add(of(written, n));
            if (!all.contains(low)) all.add(low);
            if (!all.contains(high)) all.add(high);
        }
        if (!all.contains(written)) all.add(written);
        return all.size() > MOST ? List.of(written) : all;
    }

    private static Reps withSets(Reps reps, int sets) {
        return new Reps(reps.reps(), sets, reps.restSeconds(), reps.repMillis(), reps.repBreaths(), reps.shown());
    }

    private static int step(Dose dose) {
        if (dose instanceof Dose.Seconds) return SECONDS_STEP;
        if (dose instanceof Dose.Counts) return COUNTS_STEP;
        return dose instanceof Dose.Open || dose instanceof Dose.OwnPace ? OPEN_STEP : 1;
    }

    /** The number that changes; -1 for what has none. */
    static int amount(Dose dose) {
        if (dose instanceof Dose.Breaths hold) return hold.breaths();
        if (dose instanceof Dose.Seconds hold) return hold.seconds();
        if (dose instanceof Dose.Counts hold) return hold.counts();
        if (dose instanceof Dose.Open open) return open.seconds();
        if (dose instanceof Dose.OwnPace own) return own.seconds();
        if (dose instanceof Attempts tries) return tries.attempts();
        boolean oneStage =
                dose instanceof Dose.Pattern pattern && pattern.stages().size() == 1;
        return oneStage ? ((Dose.Pattern) dose).stages().get(0).cycles() : -1;
    }

    private static Dose of(Dose kind, int n) {
        if (kind instanceof Dose.Breaths) return new Dose.Breaths(n);
        if (kind instanceof Dose.Seconds) return new Dose.Seconds(n);
        if (kind instanceof Dose.Counts) return new Dose.Counts(n);
        if (kind instanceof Dose.Open open) return open.withSeconds(n);
        if (kind instanceof Dose.OwnPace) return new Dose.OwnPace(n);
        if (kind instanceof Attempts tries) return tries.withAttempts(n);
        Dose.Pattern pattern = (Dose.Pattern) kind;
        Dose.Pattern.Stage s = pattern.stages().get(0);
        return new Dose.Pattern(
                List.of(new Dose.Pattern.Stage(s.in(), s.holdIn(), s.out(), s.holdOut(), n)), pattern.holds());
    }

    /** @param breath what a breath costs here */
    static long cost(Dose from, Dose to, int breath) {
        if (from instanceof Reps a && to instanceof Reps b) {
            return (long) REP * Math.abs(a.reps() * a.sets() - b.reps() * b.sets());
        }
        int steps = (Math.abs(amount(from) - amount(to)) + step(from) - 1) / step(from);
        boolean open = from instanceof Dose.Open || from instanceof Dose.OwnPace;
        return (long) steps * (open ? 1 : breath);
    }
}
