package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class StretchBeforeStrengthTest {
    private static Checked before(int seconds, String strong) {
        return Checked.of("standing:\nreclined figure four, both, " + seconds + " s\n" + strong);
    }

    @Test
    void threeQuartersOfAMinuteRightBeforeIsLong() {
        assertEquals("", before(44, "goddess, 5 breaths\n").says(StretchBeforeStrength.class));
        assertEquals(
                "Goddess works the outer hips right after reclined figure four has stretched them for 45 s.",
                before(45, "goddess, 5 breaths\n").says(StretchBeforeStrength.class));
        assertTrue(before(60, "goddess, 5 breaths\n")
                        .only(StretchBeforeStrength.class)
                        .severity()
                == Severity.LOOK);
    }

    @Test
    void somethingBetweenAndOtherPartsOfTheBodyAreFine() {
        assertEquals("", before(60, "mountain, 3 breaths\ngoddess, 5 breaths\n").says(StretchBeforeStrength.class));
        assertEquals(List.of(), before(60, "boat, 5 breaths\n").of(StretchBeforeStrength.class));
        assertEquals(List.of(), before(60, "bound angle, 5 breaths\n").of(StretchBeforeStrength.class));
    }
}
