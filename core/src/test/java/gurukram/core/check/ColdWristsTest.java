package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class ColdWristsTest {
    private static Checked plank(String before) {
        return Checked.of("warm-up:\n" + before + "plank, 2 breaths\nplank, 2 breaths\n");
    }

    @Test
    void halfAMinuteOnHandsAndKneesIsEnough() {
        assertEquals("", plank("cow, 30 s\n").says(ColdWrists.class));
        assertEquals(
                "Plank is the first weight on the wrists, and only 29 s warmed them; 30 s are wanted.",
                plank("cow, 29 s\n").says(ColdWrists.class));
        assertEquals(
                "Plank is the first weight on the wrists, and nothing has warmed them; 30 s are wanted.",
                plank("chair, 60 s\n").says(ColdWrists.class));
    }

    @Test
    void onlyTheFirstWeightIsTold() {
        assertEquals(1, plank("").only(ColdWrists.class).moments().size());
        assertEquals(List.of(), Checked.of("standing:\nchair, 60 s\n").of(ColdWrists.class));
        assertTrue(plank("").only(ColdWrists.class).severity() == Severity.LOOK);
    }
}
