package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class MixedClockTest {
    private static Checked room(String mixed, String line) {
        return Checked.of("class: T\n- 60 min, hatha, beginner" + mixed
                + "\nbalance:\ntree, both, 6 breaths\n- advanced: " + line + "\n");
    }

    @Test
    void aLineAsLongAsTheClockFitsAndOneBreathMoreDoesNot() {
        assertEquals("", room(", mixed room", "6 breaths").says(MixedClock.class));
        assertEquals("", room(", mixed room", "5 breaths").says(MixedClock.class));
        assertTrue(
                room(", mixed room", "7 breaths").says(MixedClock.class).startsWith("Tree takes "),
                room(", mixed room", "7 breaths").says(MixedClock.class));
        assertTrue(room(", mixed room", "7 breaths").says(MixedClock.class).contains("at advanced, and the clock has"));
    }

    @Test
    void aClassForOneLevelHasNoOtherClock() {
        assertEquals(List.of(), room("", "7 breaths").of(MixedClock.class));
    }
}
