package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class RepeatedPoseTest {
    @Test
    void threeTimesIsTheMostOutsideFlows() {
        String chairs = "standing:\n" + "chair, 3 breaths\nmountain, 3 breaths\n".repeat(3);
        assertEquals("", Checked.of(chairs).says(RepeatedPose.class));
        String four = chairs + "chair, 3 breaths\n";
        assertEquals(
                "Chair comes 4 times outside flows; 3 is the most you want.",
                Checked.of(four).says(RepeatedPose.class));
        assertEquals(
                List.of(),
                Checked.of("arrive:\n" + "easy seat, 3 breaths\n".repeat(5)).of(RepeatedPose.class));
    }

    @Test
    void oneFamilyMayHaveNearlyHalfOfTheTime() {
        String many = "standing:\n" + "bridge, 60 s\ncobra, 60 s\nlocust, 60 s\nsphinx, 60 s\n"
                + "tree, both, 30 s\nchair, 60 s\nboat, 30 s\nbound angle, 60 s\n";
        assertTrue(
                Checked.of(many).says(RepeatedPose.class).contains("% of the time outside flows"),
                Checked.of(many).says(RepeatedPose.class) + "!");
    }
}
