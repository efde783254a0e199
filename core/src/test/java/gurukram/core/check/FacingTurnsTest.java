package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class FacingTurnsTest {
    private static Checked turns(int n) {
        StringBuilder text = new StringBuilder("standing:\n");
        for (int i = 0; i <= n; i++) text.append(i % 2 == 0 ? "chair, 3 breaths\n" : "goddess, 3 breaths\n");
        return Checked.of(text.toString());
    }

    @Test
    void eightTurnsOfTheRoomAreTheMost() {
        assertEquals("", turns(8).says(FacingTurns.class));
        assertEquals(
                "The room turns between along and across the mat 9 times; 8 is the most you want.",
                turns(9).says(FacingTurns.class));
        assertEquals(9, turns(9).only(FacingTurns.class).moments().size());
    }

    @Test
    void insideFlowsTheTurnsBelongToTheFlow() {
        assertEquals(
                List.of(),
                Checked.of("standing:\nflow, 9 rounds, no sides\n  chair, out\n  goddess, in\nend flow\n")
                        .of(FacingTurns.class));
        assertTrue(Checks.card("facing").thresholds().size() == 1);
    }
}
