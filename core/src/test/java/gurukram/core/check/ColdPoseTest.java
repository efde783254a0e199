package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class ColdPoseTest {
    private static Checked after(int seconds) {
        return Checked.of("warm-up:\nchair, " + seconds
                + " s\nreclined figure four, both, 1 breath\nhalf pigeon, both, 5 breaths\n");
    }

    @Test
    void twoMinutesOfMovementComeFirst() {
        // the figure four is 8 s a side
        assertEquals("", after(104).says(ColdPose.class));
        assertEquals(
                "Half pigeon is deep, and there is 1 minute 59 of movement before it; wanted: 2 minutes.",
                after(103).says(ColdPose.class));
    }

    @Test
    void whatIsSatBeforeDoesNotWarm() {
        assertTrue(Checked.of("arrive:\neasy seat, 5 min open\nwarm-up:\nsplits, both, 3 breaths\n")
                .says(ColdPose.class)
                .startsWith("Splits is deep, and there is 0 s"));
    }

    @Test
    void anActiveOneNeedsItsStrongDemandPrepared() {
        String warm = "warm-up:\nchair, 130 s\n";
        assertEquals(
                "Bow asks for spine extension (3 of 3), and nothing before it prepares that.",
                Checked.of(warm + "floor:\nbow, 3 breaths\n").says(ColdPose.class));
        assertEquals(
                "",
                Checked.of(warm + "floor:\ncobra, 2 breaths\nbow, 3 breaths\n").says(ColdPose.class));
    }

    @Test
    void thePeakIsJudgedElsewhere() {
        assertEquals(
                "",
                Checked.of("class: T\n- 30 min, hatha, advanced\n- peak pose: splits\npeak:\nsplits, both, 3 breaths\n")
                        .says(ColdPose.class));
    }
}
