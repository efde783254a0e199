package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class WordsTooLongTest {
    private static Checked saying(String words, String pace) {
        return Checked.of(
                "standing:\nflow, 1 round, no sides, pace %s s\n  raised arms, in\n  - say: %s\n  standing fold, out\nend flow\n"
                        .formatted(pace, words));
    }

    /** Worked example 11. */
    @Test
    void sevenWordsNeedFourSeconds() {
        assertEquals("", saying("one two three four five six", "3.5").says(WordsTooLong.class));
        assertEquals(
                "“one two three four five six seven” has 7 words; 3.5 s allow 6.",
                saying("one two three four five six seven", "3.5").says(WordsTooLong.class));
        assertEquals("", saying("one two three four five six seven", "4").says(WordsTooLong.class));
    }

    @Test
    void laterRoundsLeaveRoomForLess() {
        Checked rounds = Checked.of(
                "standing:\nflow, 3 rounds, no sides, pace 4 s, cues long\n  raised arms, in\n  - say: one two three four five six\n  standing fold, out\nend flow\n");
        assertTrue(rounds.of(WordsTooLong.class).size() <= 1);
        assertEquals(
                List.of(),
                Checked.of(
                                "standing:\nchair, 5 breaths\n- say: a very long sentence that is said while people settle in\n")
                        .of(WordsTooLong.class));
    }
}
