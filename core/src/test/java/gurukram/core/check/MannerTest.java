package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MannerTest {
    private static Checked saying(String words) {
        return Checked.of("standing:\nwide-legged fold, 5 breaths\n- say: " + words + "\n");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "push yourself deeper",
                "lock your knees",
                "No pain, no gain",
                "force the head down",
                "pull your head to the floor",
                "stay until it hurts",
                "ignore the burning",
                "bounce a little",
                "don’t be lazy",
                "who can get lower",
                "everybody can do this",
                "this side or that side",
                "go to your limit"
            })
    void wordsThatDriveAreTold(String words) {
        assertEquals(1, saying(words).of(Manner.class).size(), words);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "push the floor away",
                "knees soft, never locked tight",
                "press the feet down",
                "if it hurts, come out",
                "the head hangs, nothing is pulled",
                "hold the block with both hands",
                "reach as far as is easy",
                "this side once more"
            })
    void wordsThatInviteAreNot(String words) {
        assertEquals("", saying(words).says(Manner.class), words);
    }

    @Test
    void theUsualWordsAreOffered() {
        assertEquals(
                List.of("Say the usual words of the pose"),
                saying("push yourself deeper").offers(Manner.class));
        assertEquals("", saying("push yourself deeper").mended(Manner.class).says(Manner.class));
    }
}
