package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class SpeakingPaceTest {
    @Test
    void aLongSayAtEveryShortHoldIsTooMuch() {
        String say = "- say: " + "word ".repeat(30).strip() + "\n";
        String talk = "standing:\n" + ("chair, 1 s\n" + say + "mountain, 1 s\n" + say).repeat(10);
        assertTrue(
                Checked.of(talk).says(SpeakingPace.class).contains("160 are the most"),
                Checked.of(talk).says(SpeakingPace.class));
        assertEquals(
                "",
                Checked.of("standing:\n" + ("chair, 60 s\n" + say).repeat(10)).says(SpeakingPace.class));
        assertEquals(
                List.of(),
                Checked.of(talk.replace("standing:", "class: T\n- school: threshold speech 1000\nstanding:"))
                        .of(SpeakingPace.class));
    }
}
