package gurukram.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TurnedWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "press the left heel down|press the right heel down",
                "Left hand on the block, right arm up|Right hand on the block, left arm up",
                "look to the LEFT|look to the RIGHT",
                "right-hand side, then the left|left-hand side, then the right"
            })
    void sidesAreExchanged(String text, String turned) {
        assertThat(TurnedWords.of(text)).isEqualTo(turned);
        assertThat(TurnedWords.of(turned)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "come down right away",
        "what is left of the breath",
        "the knee at a right angle",
        "is that all right",
        "nothing left over",
        "a quiet note",
        "''"
    })
    void whatOnlyLooksLikeASideStays(String text) {
        assertThat(TurnedWords.of(text)).isEqualTo(text);
    }
}
