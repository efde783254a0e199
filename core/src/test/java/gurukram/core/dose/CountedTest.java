package gurukram.core.dose;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a mouth counts without losing its place. */
class CountedTest {
    @ParameterizedTest
    @CsvSource({
        "1, 1", "2, 2", "3, 3", "4, 5", "5, 5", "6, 8", "7, 8", "8, 8", "9, 10", "11, 15", "14, 15", "16, 20", "21, 21"
    })
    void atLeastSoManyAndNotMuchMore(int least, int counted) {
        assertThat(Dose.Breaths.counted(least)).isEqualTo(new Dose.Breaths(counted));
    }
}
