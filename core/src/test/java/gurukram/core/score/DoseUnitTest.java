package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.dose.DoseText;
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
        "tree, in, BREATHS, 5 breaths",
        "bridge, 5 breaths, REPS, 8 reps",
        "bridge, '10 reps x 2, rest 40 s', REPS, '10 reps x 2, rest 40 s'",
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
        "5 breaths, 8, 8 breaths", "5 breaths, 5-8, 5-8 breaths", "30 s, 45, 45 s", "8 reps, 12, 12 reps",
        "3 min open, 90, 90 s open", "in, 4, 4 breaths", "5 breaths, 30 s, 30 s", "5 breaths, out, out"
    })
    void aBareNumberIsInTheUnitOfTheDoseBefore(String before, String typed, String complete) {
        assertThat(DoseText.parse(DoseUnit.of(DoseText.parse(before)).complete(typed)))
                .isEqualTo(DoseText.parse(complete));
    }
}
