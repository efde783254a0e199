package gurukram.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Severity;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Need;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Feet;
import gurukram.core.score.Pace;
import gurukram.core.score.Parity;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DemoClassesTest {
    private static final PoseCatalogue CATALOGUE = CatalogueReader.shipped();

    @ParameterizedTest
    @ValueSource(strings = {"steady-on-one-leg", "half-moon-over-the-harbour", "dancer-on-the-quay"})
    void aDemoClassIsCanonicalFitsItsSlotAndIsEven(String file) {
        ClassPlan plan = plan(file);
        assertThat(new NotationWriter(CATALOGUE).write(plan)).isEqualTo(DemoData.text(file));
        Score score = new Unfolder(CATALOGUE, Pace.defaults())
                .unfold(plan, plan.settings().level());
        int slot = plan.settings().slotMinutes();
        assertThat(score.totalMs() / 60_000.0).isBetween(slot * 0.97, slot * 1.03);
        assertThat(score.isEven()).isTrue();
        assertThat(Parity.clashes(score)).isEmpty();
        assertThat(Feet.tally(score, CATALOGUE).impossible()).isEmpty();
    }

    private static ClassPlan plan(String file) {
        return new NotationReader(CATALOGUE, NodeNames.numbers())
                .read(DemoData.text(file))
                .planOrRefused();
    }

    private static List<Finding> findings(String file, People group) {
        Unfolder unfolder = new Unfolder(CATALOGUE, Pace.defaults());
        return new Checks(CATALOGUE, unfolder, School.USUAL, group)
                .report(plan(file)).findings().stream()
                        .filter(finding -> finding.severity() != Severity.INFO)
                        .toList();
    }

    @Test
    void theyTeachByExample() {
        Room loft =
                new Room("Loft", Map.of("block", 20, "strap", 10, "blanket", 16, "bolster", 4, "chair", 6), true, 16);
        People tuesday = new People(10, Map.of(Need.WRIST, 2, Need.KNEE, 1, Need.LOW_BLOOD_PRESSURE, 1), loft);
        People thursday = new People(14, Map.of(Need.PREGNANCY_EARLY, 1, Need.SHOULDER, 2), loft);
        assertThat(findings("steady-on-one-leg", tuesday)).isEmpty();
        assertThat(findings("half-moon-over-the-harbour", thursday)).isEmpty();
        assertThat(findings("dancer-on-the-quay", null)).isEmpty();
    }

    @Test
    void theOneInAHurryShowsADozenSlips() {
        assertThat(findings("late-for-the-tide", null).stream()
                        .map(Finding::rule)
                        .distinct())
                .hasSizeGreaterThanOrEqualTo(12);
        assertThat(new NotationWriter(CATALOGUE).write(plan("late-for-the-tide")))
                .isEqualTo(DemoData.text("late-for-the-tide"));
    }
}
