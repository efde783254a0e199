package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class AccidentalHoldTest {
    private static Checked flow(String first, String held) {
        return Checked.of(
                "standing:\nflow, 1 round, no sides\n  raised arms, %s\n  plank, %s\n  downward dog, out\nend flow\n"
                        .formatted(first, held));
    }

    @Test
    void fullLungsAreHeldAfterAnInhaleAndEmptyOnesAfterAnExhale() {
        assertEquals("", flow("in", "held in").says(AccidentalHold.class));
        assertEquals("", flow("in then out", "held out").says(AccidentalHold.class));
        assertEquals(
                "Plank holds the breath in, behind an exhale.",
                flow("in then out", "held in").says(AccidentalHold.class));
        assertEquals(
                "Plank holds the breath out, behind an inhale.",
                flow("in", "held out").says(AccidentalHold.class));
    }

    @Test
    void onePositionAtATime() {
        assertEquals(
                "In plank the breath is held already, since raised arms.",
                flow("in then held in", "held in").says(AccidentalHold.class).replace("; ", ""));
    }

    @Test
    void theOffersHoldTheOtherHalfOrGiveABreath() {
        assertEquals(
                List.of("Hold after the inhale", "Take it on the exhale"),
                flow("in", "held out").offers(AccidentalHold.class));
        assertTrue(flow("in", "held out")
                .mended(AccidentalHold.class)
                .of(AccidentalHold.class)
                .isEmpty());
    }
}
