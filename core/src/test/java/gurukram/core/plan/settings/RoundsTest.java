package gurukram.core.plan.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.text.Refused;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RoundsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 | 2 | 2 | 2",
                "2-3 | 2 3 | 2 | 2-3",
                "2 to 4 | 2 3 4 | 2 | 2-4",
                "2–2 | 2 | 2 | 2",
                "3+ | 3 4 5 | 3 | 3+",
                "' 1 ' | 1 | 1 | 1",
                "last | 5 | 5 | last"
            })
    void ofFiveRoundsTheseAreMeant(String typed, String rounds, int first, String written) {
        Rounds read = Rounds.parse(typed);
        List<String> has = IntStream.rangeClosed(1, 5)
                .filter(round -> read.has(round, 5))
                .mapToObj(String::valueOf)
                .toList();
        assertThat(String.join(" ", has)).isEqualTo(rounds);
        assertThat(read.first(5)).isEqualTo(first);
        assertThat(read).hasToString(written);
        assertThat(Rounds.parse(written)).isEqualTo(read);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "first", "3-2", "0", "109", "2-109", "+3", "2-"})
    void theseAreNone(String typed) {
        assertThatThrownBy(() -> Rounds.parse(typed)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource({"1, 108", "108, 108"})
    void upToAsManyAsAFlowMayHave(int from, int to) {
        assertThat(Rounds.of(from, to).has(108, 108)).isTrue();
        assertThatThrownBy(() -> new Rounds(null, to)).hasMessageContaining("Rounds need a first one");
    }
}
