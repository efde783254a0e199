package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class StepBetweenTest {
    @Test
    void oneChangeABreathIsSilentAndTwoAreNot() {
        assertEquals(
                "",
                Checked.of(
                                "standing:\nflow, 1 round, no sides\n  raised arms, in\n  chair, out\n  garland squat, in\nend flow\n")
                        .says(StepBetween.class));
        Checked scramble =
                Checked.of("floor:\nflow, 1 round, no sides\n  half lift, in\n  constructive rest, out\nend flow\n");
        assertTrue(
                scramble.says(StepBetween.class).startsWith("From half lift to constructive rest"),
                scramble.says(StepBetween.class) + "!");
    }

    @Test
    void dogAndPlankAreOneBase() {
        assertEquals(
                "",
                Checked.of(
                                "standing:\nflow, 2 rounds, both sides\n  high lunge, lead, in\n  plank, out\n  downward dog, in\nend flow\n")
                        .says(StepBetween.class));
    }

    @Test
    void outsideFlowsThreeChangesAreLedThroughAndTheOfferGoesByRealPoses() {
        assertEquals(
                "",
                Checked.of("standing:\nwide-legged fold, 5 breaths\nchild's pose, 5 breaths\n")
                        .says(StepBetween.class));
        Checked scramble = Checked.of(
                "floor:\nflow, 1 round, no sides\n  cow, in\n  cat, out\n  half lift, in\n  standing fold, out\nend flow\n");
        Finding finding = scramble.only(StepBetween.class);
        assertEquals("Maybe by thunderbolt seat.", finding.advice());
        Mend mend = scramble.mends(finding).get(0);
        assertEquals("Go by thunderbolt seat", mend.label());
        Checked mended = scramble.mended(mend);
        assertEquals("", mended.says(StepBetween.class) + mended.says(BreathClash.class));
    }
}
