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

    @Test
    void steppingAndStayingGoWithEitherBreath() {
        String flow = "standing:\nflow, 1 round, one side\n  %s\nend flow\n";
        for (String steps : List.of(
                "three-legged dog, lead, in\n  low lunge, lead, out",
                "half lift, in\n  plank, out",
                "downward dog, out\n  half lift, in\n  standing fold, out",
                "high lunge, lead, in\n  high lunge, lead, out",
                "downward dog, out\n  downward dog, in",
                "low lunge, lead, in\n  standing fold, in continued")) {
            assertEquals("", Checked.of(flow.formatted(steps)).says(AgainstBreath.class), steps);
        }
    }

    @Test
    void whatOpensOrFoldsInThePlaceWhereOneStandsStillHasItsBreath() {
        String flow = "standing:\nflow, 1 round, no sides\n  mountain, in\n  raised arms, out\n  %s\nend flow\n";
        assertEquals(
                "Raised arms comes on the exhale; it goes with the inhale.",
                Checked.of(flow.formatted("half lift, in")).says(AgainstBreath.class));
    }
}
