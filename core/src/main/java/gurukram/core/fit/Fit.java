package gurukram.core.fit;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Fits a class to a length: the least change of what is written, exactly, and always the same for the same class.
 *
 * <p>{@link FitSearch} finds it; {@link FitHelps} says what stands in the way when there is none.
 */
public final class Fit {
    /** As near to the minute as a breath allows. */
    private static final long NEAR_MS = 5_000;
    /** The shortest breath of a hold: what a breath more brings at least. */
    private static final long BREATH_MS = 6_000;
    /** Costs count in fifths. */
    private static final int FIFTHS = 5;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final FitSearch.Known known = new FitSearch.Known();

    public Fit(PoseCatalogue catalogue, Unfolder unfolder) {
        this.catalogue = catalogue;
        this.unfolder = unfolder;
    }

    /**
     * The least change that ends within the tolerance. Where ending within {@value #NEAR_MS} ms costs no more than breaths
     * do for the time by which that is nearer, the change that does so: on the minute, and not as far off it as is allowed
     * (ours). What fits as it is stays as it is.
     */
    public FitAnswer fit(ClassPlan plan, FitRequest request) {
        FitAnswer least = least(plan, request);
        if (!(least instanceof FitAnswer.Fits fits) || fits.changes().isEmpty()) return least;
        long off = Math.abs(fits.afterMs() - request.targetMs());
        if (off <= NEAR_MS || request.toleranceMs() <= NEAR_MS) return least;
        FitSearch search = FitSearch.of(catalogue, unfolder, plan, request.within(NEAR_MS), Set.of());
        if (!search.hasFound()) return least;
        FitAnswer.Fits near = search.fits();
        long nearer = off - Math.abs(near.afterMs() - request.targetMs());
        long breaths = (nearer + BREATH_MS - 1) / BREATH_MS;
        return near.cost() <= fits.cost() + breaths * Amounts.BREATH * FIFTHS ? near : least;
    }

    /**
     * The least change that ends within the tolerance, soon: without looking for what would help where there is none, and with
     * what is known of the parts. For one class in one thread: its settings and the level must be the same every time.
     */
    public FitAnswer soon(ClassPlan plan, FitRequest request) {
        FitSearch search = FitSearch.of(catalogue, unfolder, plan, request, Set.of(), known);
        return search.hasFound() ? search.fits() : search.cannot(List.of());
    }

    /** What leaving a step out is, as a change. */
    public FitAnswer.Change leftOut(Step step, Score score, @Nullable Level level) {
        return new FitWords(catalogue, level).leftOut(List.of(step), score);
    }

    /** The least change that ends within the tolerance, however far off in it; of equally cheap ones the nearest. */
    FitAnswer least(ClassPlan plan, FitRequest request) {
        FitSearch search = FitSearch.of(catalogue, unfolder, plan, request, Set.of());
        if (search.hasFound()) return search.fits();
        return search.cannot(new FitHelps(catalogue, unfolder).of(plan, request, search));
    }
}
