package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class TiredPeakTest {
    private static Checked hard(int seconds) {
        return Checked.of(
                "class: T\n- 60 min, hatha, intermediate\n- peak pose: half moon\nstanding:\nwarrior 3, both, %d s\npeak:\nhalf moon, both, 4 breaths\n"
                        .formatted(seconds));
    }

    @Test
    void sixMinutesOfHardWorkAreTheMost() {
        assertEquals(List.of(), hard(130).of(TiredPeak.class));
        assertTrue(
                hard(200)
                        .says(TiredPeak.class)
                        .startsWith("In the ten minutes before half moon its muscles work hard for"),
                hard(200).says(TiredPeak.class));
    }

    @Test
    void whatIsLongAgoAndWhatIsEasyDoesNotCount() {
        assertEquals(
                List.of(),
                Checked.of(
                                "class: T\n- 60 min, hatha, intermediate\n- peak pose: half moon\nstanding:\nwarrior 3, both, 200 s\nbound angle, 600 s\npeak:\nhalf moon, both, 4 breaths\n")
                        .of(TiredPeak.class));
        assertEquals(
                List.of(),
                Checked.of(
                                "class: T\n- 60 min, hatha, intermediate\n- peak pose: half moon\nstanding:\nmountain, 500 s\npeak:\nhalf moon, both, 4 breaths\n")
                        .of(TiredPeak.class));
    }
}
