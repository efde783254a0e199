package gurukram.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.Pace;
import gurukram.core.score.Parity;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DemoClassesTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();

    @ParameterizedTest
    @ValueSource(strings = {"steady-on-one-leg", "half-moon-over-the-harbour", "dancer-on-the-quay"})
    void aDemoClassIsCanonicalFitsItsSlotAndIsEven(String file) {
        ClassPlan plan = new NotationReader(CATALOGUE, NodeNames.numbers())
                .read(DemoData.text(file))
                .planOrRefused();
        assertThat(new NotationWriter(CATALOGUE).write(plan)).isEqualTo(DemoData.text(file));
        Score score = new Unfolder(CATALOGUE, Pace.defaults())
                .unfold(plan, plan.settings().level());
        int slot = plan.settings().slotMinutes();
        assertThat(score.totalMs() / 60_000.0).isBetween(slot * 0.97, slot * 1.03);
        assertThat(score.isEven()).isTrue();
        assertThat(Parity.clashes(score)).isEmpty();
        assertThat(Feet.tally(score, CATALOGUE).impossible()).isEmpty();
    }
}
