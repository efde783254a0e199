package gurukram.core.cue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeechTest {
    /** Worked example 11: at 105 words a minute 3.5 s hold 6.125 words, 4 s just seven. */
    @ParameterizedTest
    @CsvSource({"6, 3500, true", "7, 3500, false", "7, 4000, true", "8, 4000, false", "0, 0, true"})
    void asManyWordsFitAsThereIsTimeFor(int words, long ms, boolean fits) {
        assertThat(Speech.fits("step ".repeat(words), ms, 105)).isEqualTo(fits);
    }

    @Test
    void wordsAreSplitAtSpacesAndCuesThinOut() {
        assertThat(Speech.words("  Inhale,  wide-legged   and long ")).isEqualTo(4);
        assertThat(Speech.words(" ")).isZero();
        assertThat(Speech.flowCuesInRound(1)).isEqualTo(105);
        assertThat(Speech.flowCuesInRound(2)).isEqualTo(90);
        assertThat(Speech.flowCuesInRound(9)).isEqualTo(75);
    }
}
