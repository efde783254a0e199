package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class ClaimWordsTest {
    @Test
    void aPromiseIsPointedOutWhereverItStands() {
        assertEquals(
                "“cures” says more than a class can promise.",
                Checked.of("floor:\nbound angle, 5 breaths\n- note: This cures everything.\n")
                        .says(ClaimWords.class));
        assertEquals(
                "“heals” and “detox” say more than a class can promise.",
                Checked.of(
                                "class: T\n- theme: Yoga heals\n- closing words: A detox for the evening.\nfloor:\nbound angle, 5 breaths\n")
                        .says(ClaimWords.class));
        assertTrue(Checked.of("floor: Detox flow\nbound angle, 5 breaths\n")
                        .of(ClaimWords.class)
                        .size()
                == 1);
        assertEquals(
                List.of(),
                Checked.of("floor:\nbound angle, 5 breaths\n- note: Feel the weight of the thighs.\n")
                        .of(ClaimWords.class));
    }
}
