package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.dose.DoseText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseUnitTest {
    @ParameterizedTest
    @CsvSource({
        "tree, 5 breaths, SECONDS, 30 s", // active: 6 s a breath
        "half-pigeon, 5 breaths, SECONDS, 40 s", // passive: 8 s a breath
        "tree, 32 s, BREATHS, 5 breaths",
        "tree, 1 s, BREATHS, 1 breath",
        "tree, 3600 s, BREATHS, 200 breaths",
        "tree, 3 min open, SECONDS, 180 s",
        "tree, 20 counts, BREATHS, 5 breaths", // 30 s
        "tree, 10 counts, BREATHS, 3 breaths", // 15 s: not five breaths of 30 s
        "tree, 10 counts, SECONDS, 15 s",
        "tree, in, BREATHS, 5 breaths",
        "bridge, 5 breaths, REPS, 8 reps",
        "bridge, '10 reps x 2, rest 40 s', REPS, '10 reps x 2, rest 40 s'",
        "bridge, 12 reps, REPS, 12 reps",
        "tree, in, SECONDS, 30 s",
        "tree, 8 reps, OPEN, 30 s open",
        "tree, 40 s, OPEN, 40 s open",
        "easy-seat, 4-4-4-4 x 5, SECONDS, 120 s", // 80 counts of 1.5 s
        "cow, 5 breaths, IN, in",
        "cat, 5 breaths, OUT, out"
    })
    void theAmountIsCarriedOverWhereItMeansSomething(String pose, String from, DoseUnit unit, String to) {
        var dose = unit.convert(DoseText.parse(from), Plans.CATALOGUE.pose(pose), Pace.defaults());
        assertThat(dose).hasToString(to);
        assertThat(DoseUnit.of(dose)).isEqualTo(unit);
    }

    @ParameterizedTest
    @CsvSource({
        "'5-8 breaths, at 6', SECONDS, '30-48 s, at 36'",
        "30-60 s, BREATHS, 5-10 breaths",
        "60-120 s open, SECONDS, 60-120 s",
        "6-8 s, BREATHS, 1 breath"
    })
    void aRangeKeepsItsEnds(String from, DoseUnit unit, String to) {
        var dose = unit.convert(DoseText.parse(from), Plans.CATALOGUE.pose("tree"), Pace.defaults());
        assertThat(dose).hasToString(to);
    }

    @Test
    void whatDidNotComeOutEvenIsSaid() {
        var tree = Plans.CATALOGUE.pose("tree");
        assertThat(DoseUnit.rounded(DoseText.parse("10 counts"), DoseText.parse("3 breaths"), tree, Pace.defaults()))
                .isEqualTo("Rounded: 10 counts lasted 15 s, 3 breaths last 18 s.");
        assertThat(DoseUnit.rounded(DoseText.parse("5 breaths"), DoseText.parse("30 s"), tree, Pace.defaults()))
                .isEmpty();
        assertThat(DoseUnit.rounded(DoseText.parse("in"), DoseText.parse("5 breaths"), tree, Pace.defaults()))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "5 breaths, 8, 8 breaths", "5 breaths, 5-8, 5-8 breaths", "30 s, 45, 45 s", "8 reps, 12, 12 reps",
        "3 min open, 90, 90 s open", "in, 4, 4 breaths", "5 breaths, 30 s, 30 s", "5 breaths, out, out"
    })
    void aBareNumberIsInTheUnitOfTheDoseBefore(String before, String typed, String complete) {
        assertThat(DoseText.parse(DoseUnit.of(DoseText.parse(before)).complete(typed)))
                .isEqualTo(DoseText.parse(complete));
    }

    @Test
    void whatNeedsMoreThanANumberStaysAsItIsWritten() {
        var dose = DoseText.parse("5-8 breaths, at 6");
        assertThat(DoseUnit.WRITTEN.convert(dose, Plans.CATALOGUE.pose("tree"), Pace.defaults()))
                .isSameAs(dose);
        assertThat(DoseUnit.BREATHS.word()).isEqualTo("breaths");
    }
}
