package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class SlotLengthTest {
    private static Checked lasting(int seconds) {
        return Checked.of("class: T\n- 20 min, hatha, beginner\nfloor:\neasy seat, %d s open\n".formatted(seconds));
    }

    @Test
    void threePercentEitherWayAreInTheSlot() {
        assertEquals("", lasting(1_200 + 36 - 16).says(SlotLength.class));
        assertTrue(
                lasting(1_260).says(SlotLength.class).contains("too long"),
                lasting(1_260).says(SlotLength.class));
        assertTrue(
                lasting(1_100).says(SlotLength.class).contains("too short"),
                lasting(1_100).says(SlotLength.class));
        assertEquals(Severity.LOOK, lasting(1_260).only(SlotLength.class).severity());
        assertEquals(Severity.MUST, lasting(1_500).only(SlotLength.class).severity());
        assertEquals(Severity.LOOK, lasting(300).only(SlotLength.class).severity());
    }

    @Test
    void itIsFittedOrGivenAnotherSlot() {
        Checked over = lasting(1_260);
        assertEquals(
                List.of("Fit it to 20 min: easy seat 1185 s open instead of 21 min open"),
                over.offers(SlotLength.class).subList(0, 1));
        assertEquals("", over.mended(SlotLength.class).says(SlotLength.class));
        assertTrue(
                lasting(1_500).offers(SlotLength.class).contains("Take a slot of 25 min"),
                lasting(1_500).offers(SlotLength.class).toString());
    }

    @Test
    void aTitleThatSaysAnotherLengthIsTold() {
        Checked titled =
                Checked.of("class: Hips in 30 minutes\n- 20 min, hatha, beginner\nfloor:\neasy seat, 1200 s open\n");
        assertTrue(
                titled.says(SlotLength.class).startsWith("The title says 30 minutes, and the class lasts 20 minutes"),
                titled.says(SlotLength.class));
        assertEquals(List.of("Call it “Hips in 20 min”"), titled.offers(SlotLength.class));
    }
}
