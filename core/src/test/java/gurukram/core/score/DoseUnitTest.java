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
}
