package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.dose.DoseText;
import gurukram.core.pose.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChosenDoseTest {
    private static Step step(String... lines) {
        return (Step) Notation.plan("standing:\n" + String.join("\n", lines) + "\n")
                .sections()
                .get(0)
                .items()
                .get(0);
    }

    @ParameterizedTest
    @CsvSource({
        "5 breaths, 9 breaths, 9 breaths",
        "'5-8 breaths, at 6', 7 breaths, '5-8 breaths, at 7'",
        "5-8 breaths, 5 breaths, 5-8 breaths",
        "5-8 breaths, 8 breaths, '5-8 breaths, at 8'",
        "5-8 breaths, 9 breaths, '5-9 breaths, at 9'",
        "5-8 breaths, 4 breaths, 4-8 breaths",
        "5-8 breaths, 30 s, 30 s"
    })
    void aRangeKeepsItsEndsAsFarAsTheyHoldTheNewValue(String before, String chosen, String after) {
        Step other = ChosenDose.in(step("chair, " + before), null, DoseText.parse(chosen));
        assertThat(other.dose()).hasToString(after);
    }

    @Test
    void aLevelWithADoseOfItsOwnChangesThatAndOthersTheBaseLine() {
        Step step = step("chair, 5 breaths", "- beginner: 3 breaths", "- advanced: chair");
        Step beginner = ChosenDose.in(step, Level.BEGINNER, DoseText.parse("4 breaths"));
        assertThat(beginner.dose()).hasToString("5 breaths");
        assertThat(ChosenDose.of(beginner, Level.BEGINNER)).hasToString("4 breaths");
        assertThat(ChosenDose.of(beginner, Level.ADVANCED)).hasToString("5 breaths");
        Step advanced = ChosenDose.in(step, Level.ADVANCED, DoseText.parse("9 breaths"));
        assertThat(advanced.dose()).hasToString("9 breaths");
        assertThat(ChosenDose.of(advanced, Level.BEGINNER)).hasToString("3 breaths");
        assertThat(ChosenDose.in(step, null, DoseText.parse("6 breaths")).dose())
                .hasToString("6 breaths");
    }

    @Test
    void ofTheLastLayerOfALevelIsTakenAndChangedAndTheOthersStay() {
        Step step = step("chair, 5 breaths", "- beginner: 3 breaths", "- beginner: 4 breaths");
        Step other = ChosenDose.in(step, Level.BEGINNER, DoseText.parse("6 breaths"));
        assertThat(other.layers().get(0)).isEqualTo(step.layers().get(0));
        assertThat(ChosenDose.of(other, Level.BEGINNER)).hasToString("6 breaths");
    }

    @Test
    void whatIsChosenOfARangeIsWhatIsAskedFor() {
        assertThat(ChosenDose.of(step("chair, 5-8 breaths, at 7"), null)).hasToString("7 breaths");
    }
}
