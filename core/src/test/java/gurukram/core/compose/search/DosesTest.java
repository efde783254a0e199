package gurukram.core.compose.search;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import java.util.List;
import org.junit.jupiter.api.Test;

class DosesTest {
    private static Dose breaths(int n) {
        return new Dose.Breaths(n);
    }

    @Test
    void aRangeHasTheStepsAMouthCounts() {
        assertThat(Doses.countable(new Range(breaths(3), breaths(5), breaths(9))))
                .containsExactly(breaths(3), breaths(5), breaths(8));
        assertThat(Doses.countable(new Range(breaths(6), breaths(7), breaths(7))))
                .as("none inside: the nearest to the chosen one")
                .containsExactly(breaths(8));
        assertThat(Doses.countable(
                        new Range(new Reps(6, 1, 0, null), new Reps(8, 1, 0, null), new Reps(11, 1, 0, null))))
                .extracting(dose -> ((Reps) dose).reps())
                .containsExactly(8, 10);
        assertThat(Doses.countable(new Range(new Dose.Seconds(50), new Dose.Seconds(70), new Dose.Seconds(130))))
                .containsExactly(new Dose.Seconds(60), new Dose.Seconds(90), new Dose.Seconds(120));
        assertThat(Doses.countable(breaths(7))).containsExactly(breaths(7));
    }

    @Test
    void theNearestCountableDoseIsTheLowerOfTwo() {
        assertThat(Doses.counted(breaths(4))).isEqualTo(breaths(3));
        assertThat(Doses.counted(breaths(7))).isEqualTo(breaths(8));
        assertThat(Doses.counted(new Dose.Open(47))).isEqualTo(new Dose.Open(47));
    }

    @Test
    void onlyWorkEndsBeforeItWantsWords() {
        List<String> working = List.of("chair", "plank", "warrior-2");
        for (String pose : working)
            assertThat(Doses.notLong(breaths(10), CATALOGUE.pose(pose)))
                    .as(pose)
                    .isEqualTo(breaths(8));
        assertThat(Doses.notLong(breaths(10), CATALOGUE.pose("childs-pose"))).isEqualTo(breaths(10));
        assertThat(Doses.notLong(breaths(5), CATALOGUE.pose("chair"))).isEqualTo(breaths(5));
    }
}
