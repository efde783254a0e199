package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class AgainstBreathTest {
    @Test
    void aFoldOnTheInhaleIsToldAndOnTheExhaleNot() {
        assertEquals(
                "",
                Checked.of("standing:\nflow, 1 round, no sides\n  raised arms, in\n  standing fold, out\nend flow\n")
                        .says(AgainstBreath.class));
        Checked fold = Checked.of(
                "standing:\nflow, 1 round, no sides\n  prayer stand, out\n  standing fold, in\n  half lift, in\nend flow\n");
        assertEquals("Standing fold comes on the inhale; it goes with the exhale.", fold.says(AgainstBreath.class));
    }

    @Test
    void catBeforeCowIsHalfABreathLate() {
        Checked late =
                Checked.of("warm-up:\nflow \"cat and cow\", 6 rounds, no sides\n  cat, in\n  cow, out\nend flow\n");
        assertEquals(
                "“cat and cow” begins half a breath late: every movement goes against its breath.",
                late.says(AgainstBreath.class));
        assertEquals(
                List.of("Swap inhale and exhale in the whole flow", "Begin with cow"),
                late.offers(AgainstBreath.class));
        for (Mend mend : late.mends(late.only(AgainstBreath.class)))
            assertEquals("", late.mended(mend).says(AgainstBreath.class));
    }

    @Test
    void theSecondHalfOfAPositionGoesWhereItMust() {
        assertEquals(
                "",
                Checked.of(
                                "standing:\nflow, 1 round, no sides\n  raised arms, in then out\n  half lift, in\n  standing fold, out\nend flow\n")
                        .says(AgainstBreath.class));
    }
}
