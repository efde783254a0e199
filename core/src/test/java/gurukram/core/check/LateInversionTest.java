package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class LateInversionTest {
    private static String says(int seconds) {
        return Checked.of("cool-down:\nbound angle, " + seconds + " s\nhalf shoulder stand, 5 breaths\n")
                .says(LateInversion.class);
    }

    @Test
    void aMinuteOfWindingDownIsTooLate() {
        assertEquals("", says(59));
        assertEquals("Half shoulder stand comes after 1 minute of winding down.", says(60));
    }

    @Test
    void beforeTheCoolDownItIsInItsPlace() {
        assertEquals(
                "",
                Checked.of(
                                "inversions:\nhalf shoulder stand, 5 breaths\ncool-down:\nbound angle, 90 s\nlegs up the wall, 3 min\n")
                        .says(LateInversion.class));
    }
}
