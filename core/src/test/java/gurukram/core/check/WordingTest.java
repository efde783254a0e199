package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class WordingTest {
    @Test
    void timesAreShownWithWhatTheyHave() {
        assertEquals("45 s", Wording.time(45_000));
        assertEquals("1 minute", Wording.time(59_500));
        assertEquals("59 s", Wording.time(59_499));
        assertEquals("23 minutes", Wording.time(1_380_000));
        assertEquals("2 minutes 10", Wording.time(130_000));
    }

    @Test
    void whatIsAboveALimitNeverReadsAsTheLimit() {
        assertEquals("9.5", Wording.tenths(9.44));
        assertEquals("9.1", Wording.tenths(9.001));
        assertEquals("9", Wording.tenths(9));
        assertEquals("10", Wording.tenths(10.0));
    }
}
