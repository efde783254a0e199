package gurukram.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MillisTest {
    @ParameterizedTest
    @CsvSource({
        "0, 0:00",
        "504000, 8:24",
        "500400, 8:20.4",
        "59949, 0:59.9",
        "59950, 1:00",
        "4500000, 75:00",
        "-57500, -0:57.5"
    })
    void shownAsMinutesAndSecondsWithOneDecimalIfNotWhole(long ms, String shown) {
        assertThat(Millis.show(ms)).isEqualTo(shown);
    }

    @Test
    void roundedHalfUpOnceAtTheEnd() {
        assertThat(Millis.times(5, new BigDecimal("0.5"))).isEqualTo(3);
        assertThat(Millis.times(1, new BigDecimal("0.7"), new BigDecimal("0.7")))
                .isZero();
        assertThat(Millis.half(8_501)).isEqualTo(4_251);
        assertThat(Millis.showWhole(500_400)).isEqualTo("8:20");
    }
}
