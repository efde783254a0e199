package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class BreathClashTest {
    @Test
    void inAndOutInTurnIsSilentAndTwoInARowAreNot() {
        assertEquals(
                "",
                Checked.of("standing:\nflow, 2 rounds, no sides\n  raised arms, in\n  standing fold, out\nend flow\n")
                        .says(BreathClash.class));
        Checked clash = Checked.of(
                "standing:\nflow, 1 round, no sides\n  raised arms, in\n  half lift, in\n  standing fold, out\nend flow\n");
        assertEquals("Two inhales in a row: raised arms, then half lift.", clash.says(BreathClash.class));
        assertEquals("", clash.mended(BreathClash.class).says(BreathClash.class));
    }

    /** Worked example 3, with the last move taken out. */
    @Test
    void aChainThatStartsAndEndsInwardsClashesAtEveryJoin() {
        Checked chain = Checked.of("standing:\nflow, 4 rounds, both sides, pace 3.5 s\n"
                + "  warrior 2, lead, in\n  side angle, lead, out\n".repeat(8) + "  warrior 2, lead, in\nend flow\n");
        assertEquals(
                "Two inhales in a row where two rounds or sides meet: warrior 2, then warrior 2; 7 times.",
                chain.says(BreathClash.class));
        assertEquals(7, chain.only(BreathClash.class).moments().size());
        assertEquals(
                "Stay in warrior 2 for one half-breath more",
                chain.offers(BreathClash.class).get(0));
        assertEquals("", chain.mended(BreathClash.class).says(BreathClash.class));
    }

    @Test
    void aBreathThatGoesOnIsNoSecondOne() {
        assertEquals(
                "",
                Checked.of(
                                "standing:\nflow, 1 round, no sides\n  raised arms, in\n  half lift, in continued\n  standing fold, out\nend flow\n")
                        .says(BreathClash.class));
    }
}
