package gurukram.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WordsTest {
    @ParameterizedTest
    @CsvSource({
        "Vīrabhadrāsana II, virabhadrasana 2",
        "'  Child’s   Pose ', childs pose",
        "ā ī ū ṛ ṣ ṇ ṭ ḍ ñ ś ḥ ṃ, a 1 u r s n t d n s h m",
        "Wide-legged fold, wide legged fold"
    })
    void foldingForgetsCaseMarksAndPunctuation(String typed, String folded) {
        assertThat(Words.fold(typed)).isEqualTo(folded);
        assertThat(Words.fold(folded)).isEqualTo(folded);
    }

    @ParameterizedTest
    @CsvSource({"warrior, warrior, 0", "warior, warrior, 1", "tree, tere, 1", "cat, '', 3", "half moon, half moan, 1"})
    void distanceCountsSlips(String a, String b, int slips) {
        assertThat(Words.distance(a, b)).isEqualTo(slips);
        assertThat(Words.distance(b, a)).isEqualTo(slips);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-1", "109", "three", "", "2.5", "99999999999999"})
    void aLimitRefusesWithTheRangeInWords(String typed) {
        assertThatThrownBy(() -> new Limit("Rounds", 1, 108).parse(typed))
                .isInstanceOf(Refused.class)
                .hasMessageStartingWith("Rounds: a whole number from 1 to 108");
    }

    @Test
    void aLimitTakesItsEnds() {
        Limit rounds = new Limit("Rounds", 1, 108);
        assertThat(rounds.parse(" 1 ")).isEqualTo(1);
        assertThat(rounds.parse("108")).isEqualTo(108);
    }
}
