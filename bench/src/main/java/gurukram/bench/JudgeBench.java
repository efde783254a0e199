package gurukram.bench;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.check.Checks;
import gurukram.core.check.Report;
import gurukram.core.check.Subject;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** All checks over a class, and fitting one with many doses to choose from. Sample mode, so that median and worst can be read off. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class JudgeBench {
    private static final long[] ASKED_MS = {-600_000, -240_000, -61_000, 0, 47_000, 180_000, 420_000};

    private final PoseCatalogue catalogue = CatalogueReader.shipped();
    private final Unfolder unfolder = new Unfolder(catalogue, Pace.defaults());
    private final Checks checks = new Checks(catalogue, unfolder, School.UNSET, null);
    private final Fit fit = new Fit(catalogue, unfolder);
    private ClassPlan ninety;
    private ClassPlan spoken;
    private ClassPlan doses;
    private Subject huge;
    private long now;
    private int asked;

    @Setup
    public void classes() {
        ninety = Classes.read(Classes.ninetyMinutes(), catalogue);
        spoken = Classes.spoken(catalogue);
        huge = checks.subject(Classes.ofMoments(40_000, catalogue), Level.INTERMEDIATE);
        doses = Classes.read(Classes.sixtyDoses(), catalogue);
        now = unfolder.unfold(doses, Level.INTERMEDIATE).totalMs();
        System.out.printf(
                "ninety minutes: %d moments; huge: %d moments; sixty doses: %d min%n",
                unfolder.unfold(ninety, Level.INTERMEDIATE).moments().size(),
                huge.moments().size(),
                now / 60_000);
    }

    /** Unfolding and everything the rules want to know are in it. */
    /** The same with a sentence at every step, 150 of them. */
    @Benchmark
    public Report ninetyMinutesSpoken() {
        return checks.report(checks.subject(spoken, Level.INTERMEDIATE));
    }

    @Benchmark
    public Report checkNinetyMinutes() {
        return checks.report(checks.subject(ninety, Level.INTERMEDIATE));
    }

    /** Without unfolding. */
    @Benchmark
    public Report checkFortyThousandMoments() {
        return checks.report(huge);
    }

    /** Another length each time. */
    @Benchmark
    public FitAnswer fitSixtyDoses() {
        long target = now + ASKED_MS[asked++ % ASKED_MS.length];
        return fit.fit(
                doses,
                new FitRequest(target, FitRequest.TOLERANCE_MS, Level.INTERMEDIATE, FitRequest.Freedom.ALL_BUT_REST));
    }
}
