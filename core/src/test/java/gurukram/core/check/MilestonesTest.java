package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class MilestonesTest {
    @Test
    void fromThirtySecondsOnAHoldHasACall() {
        assertEquals("", Checked.of("standing:\nchair, 29 s\n").says(Milestones.class));
        assertEquals(
                "Chair (30 s): held for 30 s or more without a call on the way.",
                Checked.of("standing:\nchair, 30 s\n").says(Milestones.class));
        assertEquals(
                "",
                Checked.of("standing:\nchair, 31 s\n- note: Two more, then up.\n")
                        .says(Milestones.class));
    }

    @Test
    void fromFourMinutesOnTheRestHasAWordAtHalfway() {
        assertEquals("", Checked.of("rest:\nfinal rest, 239 s\n").says(Milestones.class));
        assertEquals(
                "The rest of 4 minutes has no word at halfway.",
                Checked.of("rest:\nfinal rest, 240 s\n").says(Milestones.class));
        assertEquals(
                "",
                Checked.of("rest:\nfinal rest, 240 s\n- say: Halfway: stay\n").says(Milestones.class));
    }

    @Test
    void theCallsAreNoted() {
        Checked holds = Checked.of("standing:\nchair, 30 s\nmountain, 30 s\nrest:\nfinal rest, 300 s\n");
        for (Finding finding : holds.of(Milestones.class)) {
            Mend mend = holds.mends(finding).get(0);
            assertTrue(holds.mended(mend).of(Milestones.class).size() == 1, mend.label());
        }
        assertEquals(
                List.of("Note a word at halfway", "Note the calls at 2 poses"),
                holds.of(Milestones.class).stream()
                        .map(f -> holds.mends(f).get(0).label())
                        .toList());
    }
}
