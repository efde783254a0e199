package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class HalfBreathTest {
    private static String says(String pace) {
        return Checked.of(
                        "warm-up:\nflow \"waves\", 2 rounds, no sides, " + pace + "\n  cow, in\n  cat, out\nend flow\n")
                .says(HalfBreath.class);
    }

    @Test
    void fromOneAndAHalfToNineSeconds() {
        assertEquals("", says("1.5 s a half-breath"));
        assertEquals(
                "A half-breath of this flow has 1.4 s: too short to be one (4 times).", says("1.4 s a half-breath"));
        assertEquals("", says("9 s a half-breath"));
        assertEquals(
                "A half-breath of this flow has 9.1 s: too long to be one (4 times).", says("9.1 s a half-breath"));
    }

    @Test
    void aRoundThatIsTaughtTakesAsLongAsTheWords() {
        assertEquals(
                "",
                Checked.of(
                                "warm-up:\nflow \"waves\", 2 learn, no sides, 15 s a half-breath\n  cow, in\n  cat, out\nend flow\n")
                        .says(HalfBreath.class));
    }
}
