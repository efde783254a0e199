package gurukram.core.progress;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.pose.Ladder;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class StandingTest {
    private static final Ladder CROW = CATALOGUE.ladder("crow").orElseThrow();
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static Tries good(int week, int rung) {
        return new Tries(MONDAY.plusWeeks(week), rung, 4, 3, true, 20, 17, false);
    }

    private static Standing of(Tries... sessions) {
        return Standing.of(CROW, List.of(sessions));
    }

    @Test
    void aGroupBeginsOnTheFirstRung() {
        assertThat(of().rung()).isEqualTo(1);
    }

    @Test
    void threeCleanTriesInTwoSessionsRunningOpenTheNextRung() {
        assertThat(of(good(0, 2)).rung()).isEqualTo(2);
        assertThat(of(good(0, 2), good(1, 2)).rung()).isEqualTo(3);
        assertThat(of(good(1, 2), good(0, 2)).words()).isEqualTo("Ready: rung 2 was good twice running.");
    }

    @Test
    void aSessionThatIsNotGoodBeginsTheCountAgain() {
        Tries twoClean = new Tries(MONDAY.plusWeeks(1), 2, 4, 2, true, null, null, false);
        Standing standing = of(good(0, 2), twoClean, good(2, 2));
        assertThat(standing.rung()).isEqualTo(2);
        assertThat(standing.good()).isEqualTo(1);
        assertThat(of(good(0, 2), twoClean).words())
                .isEqualTo("Last time on rung 2 2 of the tries were clean, and 3 are wanted.");
    }

    @Test
    void theBreathAndTheSidesCountToo() {
        Tries rough = new Tries(MONDAY, 2, 3, 3, false, null, null, false);
        Tries justEven = new Tries(MONDAY, 2, 3, 3, true, 20, 16, false);
        Tries uneven = new Tries(MONDAY, 2, 3, 3, true, 20, 15, false);
        assertThat(of(rough).words()).contains("the breath was not smooth");
        assertThat(of(justEven).good()).isEqualTo(1);
        assertThat(of(uneven).words()).contains("more than a fifth apart");
    }

    @Test
    void painStepsBackOneRungAndNotBelowTheFirst() {
        Tries pain = new Tries(MONDAY.plusWeeks(2), 3, 3, 3, true, null, null, true);
        assertThat(of(good(0, 3), pain).rung()).isEqualTo(2);
        assertThat(of(new Tries(MONDAY, 1, 3, 3, true, null, null, true)).rung())
                .isEqualTo(1);
    }

    @Test
    void theTopRungIsTheEnd() {
        int top = CROW.rungs().size();
        assertThat(of(good(0, top), good(1, top)).rung()).isEqualTo(top);
        assertThat(of(good(0, top + 5)).rung()).isEqualTo(top);
    }

    @Test
    void triesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new Tries(MONDAY, 1, 3, 4, true, null, null, false))
                .hasMessageContaining("4 clean");
        assertThatThrownBy(() -> new Tries(MONDAY, 1, 3, 3, true, 20, null, false))
                .hasMessageContaining("both sides");
        assertThatThrownBy(() -> new Tries(MONDAY, 1, 0, 0, true, null, null, false))
                .hasMessageContaining("Tries");
    }
}
