package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class RetentionTest {
    private static Checked breathing(String level, String pattern, String needs) {
        return Checked.of(
                "class: T\n- 60 min, hatha, " + level + "\nbreathe:\nbox breath, " + pattern + "\n",
                Checked.group("10 mats" + needs));
    }

    @Test
    void aGroupThatMustNotHoldDoesNot() {
        Checked held = breathing("advanced", "4-4-4-4 x 3", ", 1 asthma, 2 high blood pressure");
        assertEquals(
                "The breath is held for 36 s in all, and somebody in this group must not: high blood pressure (2) and asthma (1).",
                held.says(Retention.class));
        assertEquals(Severity.MUST, held.only(Retention.class).severity());
        assertEquals(
                List.of("Breathe the pattern without holds", "Switch holds off for this class"),
                held.offers(Retention.class));
        for (Mend mend : held.mends(held.only(Retention.class)))
            assertEquals("", held.mended(mend).says(Retention.class));
        assertEquals("", breathing("advanced", "4-0-4-0 x 3", ", 1 asthma").says(Retention.class));
        assertEquals("", breathing("advanced", "4-4-4-4 x 3", ", 1 knee").says(Retention.class));
    }

    @Test
    void twoMinutesOfHeldBreathAreTheMostForIntermediates() {
        assertEquals("", breathing("intermediate", "4-4-4-4 x 10", "").says(Retention.class));
        assertTrue(breathing("intermediate", "4-4-4-4 x 11", "")
                .says(Retention.class)
                .startsWith("The breath is held for 2 minutes 12 in all; 2 minutes are the most"));
        assertTrue(
                breathing("beginner", "4-4-4-4 x 1", "").says(Retention.class).contains("0 s are the most"));
    }
}
