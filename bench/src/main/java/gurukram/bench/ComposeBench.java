package gurukram.bench;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.compose.Composer;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One draft, fitted, checked and mended: every peak, level, slot and style in turn. Sample mode, for median and worst. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 10)
@Measurement(iterations = 3, time = 25)
@Fork(1)
public class ComposeBench {
    /** Shares no divisor with the number of briefs, so that all of them come before one comes again. */
    private static final int STRIDE = 367;

    private final PoseCatalogue catalogue = CatalogueReader.shipped();
    private final Composer composer =
            new Composer(catalogue, new Unfolder(catalogue, Pace.defaults()), School.UNSET, new PhraseBook(catalogue));
    private final List<Brief> briefs = briefs();
    private int at;

    private List<Brief> briefs() {
        List<Brief> all = new ArrayList<>();
        for (Ladder ladder : catalogue.ladders()) {
            if (ladder.peak() == null) continue;
            for (Level level : Level.values()) {
                for (int minutes : new int[] {30, 45, 60, 75, 90}) {
                    for (Style style : Style.values()) {
                        boolean supervised = level == Level.ADVANCED;
                        all.add(Brief.to(ladder.peak(), minutes, style, level).withSupervised(supervised));
                    }
                }
            }
        }
        return all;
    }

    @Benchmark
    public Draft draft() {
        at = (at + STRIDE) % briefs.size();
        return composer.compose(briefs.get(at), 1);
    }
}
