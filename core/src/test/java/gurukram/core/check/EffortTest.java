package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class EffortTest {
    @Test
    void aPeakInTheFirstThirdIsTooEarly() {
        String text =
                "class: T\n- 60 min, hatha, intermediate\n- peak pose: half moon\nwarm-up:\nmountain, %d s\npeak:\nhalf moon, both, 4 breaths\ncool-down:\nbound angle, 600 s\n";
        assertEquals("", Checked.of(text.formatted(400)).says(Effort.class));
        assertTrue(
                Checked.of(text.formatted(120)).says(Effort.class).startsWith("Half moon, the peak, comes after "),
                Checked.of(text.formatted(120)).says(Effort.class));
    }

    @Test
    void hardWorkAfterTheCoolDownHasBegunIsToldFromTwentySecondsOn() {
        String text = "cool-down:\nbound angle, 60 s\nboat, %d s\n";
        assertEquals("", Checked.of(text.formatted(19)).says(Effort.class));
        assertTrue(
                Checked.of(text.formatted(20)).says(Effort.class).contains("comes hard work again: boat"),
                Checked.of(text.formatted(20)).says(Effort.class));
    }

    @Test
    void inversionsInTheirUsualPlaceDoNotCount() {
        assertEquals(
                List.of(),
                Checked.of("cool-down:\nbound angle, 60 s\ninversions:\nshoulder stand, 60 s\n")
                        .of(Effort.class));
    }

    @Test
    void sixHardMinutesInARowAreTheMostForBeginners() {
        String text = "class: T\n- 60 min, hatha, beginner\nstanding:\nboat, %d s\nfloor:\nbound angle, 300 s\n";
        assertEquals("", Checked.of(text.formatted(5 * 60 + 40)).says(Effort.class));
        assertTrue(
                Checked.of(text.formatted(7 * 60 + 20))
                        .says(Effort.class)
                        .contains("hard work for 7 minutes without a quiet one; 6 are the most"),
                Checked.of(text.formatted(440)).says(Effort.class));
    }
}
