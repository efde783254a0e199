package gurukram.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.LineReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.ClassSettings;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.PlanRules;
import gurukram.core.plan.Style;
import gurukram.core.pose.CatalogueReader;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Pace;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import gurukram.web.plans.TypedPlan;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DemoClassesTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();

    @ParameterizedTest
    @CsvSource({
        "steady-on-one-leg, HATHA, BEGINNER, 45",
        "half-moon-over-the-harbour, VINYASA, INTERMEDIATE, 60",
        "dancer-on-the-quay, VINYASA, ADVANCED, 75"
    })
    void aDemoClassFitsItsSlotAndIsEven(String file, Style style, Level level, int slot) {
        Random random = new Random(1);
        ClassSettings settings = ClassSettings.of(file, slot, style, level);
        ClassPlan plan = TypedPlan.of(
                settings,
                DemoData.lines(file),
                new LineReader(CATALOGUE, gurukram.core.plan.Names.numbers()),
                CATALOGUE,
                () -> NodeId.random(random));
        Score score = new Unfolder(CATALOGUE, Pace.defaults()).unfold(PlanRules.check(plan, CATALOGUE), level);

        assertThat(score.totalMs() / 60_000.0).isBetween(slot * 0.97, slot * 1.03);
        assertThat(score.isEven()).isTrue();
    }
}
