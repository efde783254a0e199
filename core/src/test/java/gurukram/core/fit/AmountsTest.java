package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.time.Breath;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which doses lie between two, and what a change costs (arithmetic.md, section 8). */
class AmountsTest {
    private static Reps reps(int reps, int sets) {
        return new Reps(reps, sets, 10, null);
    }

    private static Dose.Pattern pattern(int cycles) {
        return new Dose.Pattern(List.of(new Dose.Pattern.Stage(4, 2, 6, 1, cycles)), Dose.Pattern.Holds.ALL);
    }

    private static List<Integer> amounts(List<Dose> doses) {
        return doses.stream().map(Amounts::amount).toList();
    }

    @Test
    void breathsGoOneByOneAndSecondsByFive() {
        assertThat(Amounts.between(new Dose.Breaths(3), new Dose.Breaths(5), new Dose.Breaths(6)))
                .containsExactly(new Dose.Breaths(3), new Dose.Breaths(4), new Dose.Breaths(5), new Dose.Breaths(6));
        assertThat(amounts(Amounts.between(new Dose.Seconds(10), new Dose.Seconds(20), new Dose.Seconds(30))))
                .containsExactly(10, 15, 20, 25, 30);
    }

    @Test
    void theEndsOfARangeAreThereThoughTheStepMissesThem() {
        assertThat(amounts(Amounts.between(new Dose.Seconds(8), new Dose.Seconds(20), new Dose.Seconds(31))))
                .containsExactlyInAnyOrder(8, 10, 15, 20, 25, 30, 31);
    }

    @Test
    void countsGoByFourAndOpenTimeByFifteenSeconds() {
        assertThat(amounts(Amounts.between(new Dose.Counts(8), new Dose.Counts(16), new Dose.Counts(20))))
                .containsExactly(8, 12, 16, 20);
        assertThat(Amounts.between(new Dose.Open(30), new Dose.Open(60), new Dose.Open(75)))
                .containsExactly(new Dose.Open(30), new Dose.Open(45), new Dose.Open(60), new Dose.Open(75));
        assertThat(Amounts.between(new Dose.OwnPace(30), new Dose.OwnPace(45), new Dose.OwnPace(60)))
                .containsExactly(new Dose.OwnPace(30), new Dose.OwnPace(45), new Dose.OwnPace(60));
    }

    @Test
    void attemptsAndCyclesGoOneByOneAndKeepWhatElseTheyAre() {
        Attempts two = new Attempts(2, new Dose.Breaths(3), 20);
        assertThat(Amounts.between(two.withAttempts(1), two, two.withAttempts(3)))
                .containsExactly(two.withAttempts(1), two, two.withAttempts(3));
        assertThat(Amounts.between(pattern(5), pattern(6), pattern(7)))
                .containsExactly(pattern(5), pattern(6), pattern(7));
    }

    @Test
    void repetitionsMoveAndSetsOnlyWhereTheRangeSaysSo() {
        assertThat(Amounts.between(reps(6, 2), reps(7, 2), reps(8, 2)))
                .containsExactly(reps(6, 2), reps(7, 2), reps(8, 2));
        assertThat(Amounts.between(reps(6, 1), reps(6, 2), reps(7, 2)))
                .containsExactlyInAnyOrder(reps(6, 1), reps(7, 1), reps(6, 2), reps(7, 2));
    }

    @Test
    void whatIsNotAlikeOrTooManyStaysAsItIs() {
        assertThat(Amounts.between(new Dose.Breaths(3), new Dose.Breaths(4), new Dose.Seconds(30)))
                .containsExactly(new Dose.Breaths(4));
        assertThat(Amounts.between(new Dose.Breaths(1), new Dose.Breaths(5), new Dose.Breaths(120)))
                .hasSize(120);
        assertThat(Amounts.between(new Dose.Breaths(1), new Dose.Breaths(5), new Dose.Breaths(121)))
                .containsExactly(new Dose.Breaths(5));
        Dose movement = new Dose.Movement(Breath.INHALE);
        assertThat(Amounts.between(movement, movement, movement)).containsExactly(movement);
        Dose.Pattern two = new Dose.Pattern(
                List.of(new Dose.Pattern.Stage(4, 0, 4, 0, 3), new Dose.Pattern.Stage(4, 0, 6, 0, 3)),
                Dose.Pattern.Holds.ALL);
        assertThat(Amounts.between(two, two, two)).containsExactly(two);
        assertThat(Amounts.amount(two)).isEqualTo(-1);
    }

    @Test
    void costsAreThoseOfTheRules() {
        assertThat(Amounts.cost(new Dose.Breaths(5), new Dose.Breaths(8), Amounts.BREATH))
                .isEqualTo(12);
        assertThat(Amounts.cost(new Dose.Breaths(5), new Dose.Breaths(4), Amounts.PEAK_BREATH))
                .isEqualTo(30);
        assertThat(Amounts.cost(new Dose.Open(60), new Dose.Open(90), Amounts.BREATH))
                .isEqualTo(2);
        assertThat(Amounts.cost(new Dose.Open(60), new Dose.Open(61), Amounts.BREATH))
                .isEqualTo(1);
        assertThat(Amounts.cost(new Dose.OwnPace(60), new Dose.OwnPace(15), Amounts.BREATH))
                .isEqualTo(3);
        assertThat(Amounts.cost(new Dose.Seconds(20), new Dose.Seconds(31), Amounts.BREATH))
                .isEqualTo(12);
        assertThat(Amounts.cost(new Dose.Counts(16), new Dose.Counts(8), Amounts.BREATH))
                .isEqualTo(8);
        assertThat(Amounts.cost(reps(8, 2), reps(10, 1), Amounts.BREATH)).isEqualTo(18);
        assertThat(Amounts.cost(new Dose.Breaths(5), new Dose.Breaths(5), Amounts.BREATH))
                .isZero();
    }
}
