package gurukram.web.plans.spine;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlowWordsTest {
    @ParameterizedTest
    @CsvSource({"1, ½ breath", "2, 1 breath", "3, 1½ breaths", "4, 2 breaths", "15, 7½ breaths"})
    void movementsAreHalfBreaths(int movements, String words) {
        assertThat(FlowWords.breaths(movements)).isEqualTo(words);
    }
}
