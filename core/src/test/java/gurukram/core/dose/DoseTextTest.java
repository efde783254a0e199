package gurukram.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.text.Refused;
import gurukram.core.time.Breath;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DoseTextTest {
    @ParameterizedTest
    @CsvSource({
        "5b, 5 breaths",
        "1 breath, 1 breath",
        "30s, 30 s",
        "1:30, 90 s",
        "2.5 min, 150 s",
        "Inhale, in",
        "on an exhale, out",
        "10 REPS, 10 reps",
        "'10 reps, x 2, 40 s between', '10 reps x 2, rest 40 s'",
        "'8 reps × 3 sets, rest 30, 2.5 s each', '8 reps x 3, rest 30 s, 2.5 s each'",
        "20 counts, 20 counts",
        "5-8 breaths, 5-8 breaths",
        "'5 to 8 breaths, at 6', '5-8 breaths, at 6'",
        "30–45 s, 30-45 s",
        "'8-10 reps x 2-3, rest 40 s, say 9 x 2', '8-10 reps x 2-3, rest 40 s, at 9 x 2'",
        "'4-4-4-4 x 3 then 5-5-5-5 x2, no holds', '4-4-4-4 x 3 + 5-5-5-5 x 2, no holds'",
        "4 - 6 x 10, 4-0-6-0 x 10",
        "open 3 min, 3 min open",
        "90 s free, 90 s open"
    })
    void readsWhatTeachersWrite(String typed, String canonical) {
        assertThat(DoseText.parse(typed)).hasToString(canonical);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "lots",
                "5",
                "0 breaths",
                "-3 breaths",
                "201 breaths",
                "99999999999 s",
                "3601 s",
                "5 breaths 30 s",
                "x 2",
                "rest 40 s",
                "open",
                "0 reps",
                "10 reps x 21",
                "10 reps x 2, rest 601 s",
                "5 reps, 0.1 s each",
                "3 min open time 9",
                "no holds",
                "8-5 breaths",
                "5-5 breaths, at 5",
                "5-8 breaths, at 9",
                "5-8 min open",
                "5 breaths, at 5",
                "0-4-4-4 x 3",
                "4-4-4-4 x 0",
                "1001 counts",
                "999999999999999999999 min"
            })
    void refusesWhatItDoesNotUnderstandOrHold(String typed) {
        assertThatThrownBy(() -> DoseText.parse(typed))
                .isInstanceOf(Refused.class)
                .message()
                .isNotBlank();
    }

    @Property
    void readingWhatWasWrittenGivesTheSameDose(@ForAll("doses") Dose dose) {
        assertThat(DoseText.parse(dose.toString())).isEqualTo(dose);
    }

    @Provide
    Arbitrary<Dose> doses() {
        Arbitrary<Integer> repMillis =
                Arbitraries.integers().between(500, 60_000).injectNull(0.3);
        return Arbitraries.oneOf(
                Arbitraries.integers().between(1, 200).map(Dose.Breaths::new),
                Arbitraries.integers().between(1, 3_600).map(Dose.Seconds::new),
                Arbitraries.integers().between(1, 7_200).map(Dose.Open::new),
                Arbitraries.integers().between(1, 1_000).map(Dose.Counts::new),
                Combinators.combine(
                                Arbitraries.integers().between(1, 60),
                                Arbitraries.integers().between(0, 60),
                                Arbitraries.integers().between(1, 60))
                        .as((low, to, more) -> new Range(
                                new Dose.Breaths(low),
                                new Dose.Breaths(low + Math.min(to, more)),
                                new Dose.Breaths(low + more))),
                Combinators.combine(
                                Arbitraries.integers().between(1, 60),
                                Arbitraries.integers().between(1, 10),
                                Arbitraries.integers().between(0, 3),
                                Arbitraries.integers().between(1, 5))
                        .as((reps, sets, moreReps, moreSets) -> new Range(
                                new Reps(reps, sets, 40, 2_500),
                                new Reps(reps, sets + 1, 40, 2_500),
                                new Reps(reps + moreReps, sets + moreSets, 40, 2_500))),
                Combinators.combine(
                                Combinators.combine(
                                                Arbitraries.integers().between(1, 60),
                                                Arbitraries.integers().between(0, 60),
                                                Arbitraries.integers().between(1, 60),
                                                Arbitraries.integers().between(0, 60),
                                                Arbitraries.integers().between(1, 200))
                                        .as(Dose.Pattern.Stage::new)
                                        .list()
                                        .ofMinSize(1)
                                        .ofMaxSize(5),
                                Arbitraries.of(Dose.Pattern.Holds.class))
                        .as(Dose.Pattern::new),
                Arbitraries.of(Breath.INHALE, Breath.EXHALE).map(Dose.Movement::new),
                Combinators.combine(
                                Arbitraries.integers().between(1, 200),
                                Arbitraries.integers().between(2, 20),
                                Arbitraries.integers().between(0, 600),
                                repMillis)
                        .as(Reps::new),
                Arbitraries.integers().between(1, 200).map(n -> new Reps(n, 1, 0, null)));
    }
}
