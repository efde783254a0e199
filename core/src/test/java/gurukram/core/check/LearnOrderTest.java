package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class LearnOrderTest {
    private static Checked flow(String modes) {
        return Checked.of("salutations:\nflow \"salute\", " + modes
                + ", no sides\n  raised arms, in\n  standing fold, out\nend flow\n");
    }

    @Test
    void whatIsTaughtIsTaughtFirst() {
        assertEquals("", flow("1 learn, 2 breath, 1 silent").says(LearnOrder.class));
        assertEquals("", flow("1 silent, 2 breath").says(LearnOrder.class));
        assertEquals(
                "The flow is taught after rounds in silence.",
                flow("1 silent, 2 learn").says(LearnOrder.class));
        assertEquals(
                "The flow is taught after rounds on the breath.",
                flow("2 breath, 1 learn").says(LearnOrder.class));
    }

    @Test
    void theLearnRoundsAreMovedToTheFront() {
        Checked late = flow("1 silent, 2 learn");
        assertEquals(List.of("Teach it first"), late.offers(LearnOrder.class));
        assertEquals("", late.mended(LearnOrder.class).says(LearnOrder.class));
    }
}
