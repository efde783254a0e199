package gurukram.bench;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.figure.Poser;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Tallies;
import gurukram.core.score.Unfolder;
import java.util.List;
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

/** Unfolding, adding up, reading and writing. Sample mode, so that the median can be read off. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class EngineBench {
    private final PoseCatalogue catalogue = CatalogueReader.shipped();
    private final Unfolder unfolder = new Unfolder(catalogue, Pace.defaults());
    private String text;
    private ClassPlan ninety;
    private ClassPlan huge;
    private Score score;

    @Setup
    public void classes() {
        text = Classes.ninetyMinutes();
        ninety = Classes.read(text, catalogue);
        huge = Classes.ofMoments(100_000, catalogue);
        score = unfolder.unfold(ninety, Level.INTERMEDIATE);
        int moments = unfolder.unfold(huge, Level.INTERMEDIATE).moments().size();
        System.out.printf(
                "ninety minutes: %d moments, %d min; huge: %d moments%n",
                score.moments().size(), score.totalMs() / 60_000, moments);
    }

    @Benchmark
    public Score unfoldNinetyMinutes() {
        return unfolder.unfold(ninety, Level.INTERMEDIATE);
    }

    @Benchmark
    public Score unfoldHundredThousandMoments() {
        return unfolder.unfold(huge, Level.INTERMEDIATE);
    }

    @Benchmark
    public Tallies tallyNinetyMinutes() {
        return Tallies.of(score, catalogue);
    }

    @Benchmark
    public Reading readNinetyMinutes() {
        return new NotationReader(catalogue, NodeNames.numbers()).read(text);
    }

    @Benchmark
    public String writeNinetyMinutes() {
        return new NotationWriter(catalogue).write(ninety);
    }

    @Benchmark
    public List<Pose> searchAMisspelledName() {
        return catalogue.find("warior two");
    }

    @Benchmark
    public int poseAllFigures() {
        int bones = 0;
        for (var pose : catalogue.poses())
            bones += Poser.pose(pose.figure()).limbs().size();
        return bones;
    }
}
