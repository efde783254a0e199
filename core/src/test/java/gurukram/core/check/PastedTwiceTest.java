package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class PastedTwiceTest {
    private static String says(String steps) {
        return Checked.of("standing:\n" + steps).says(PastedTwice.class);
    }

    @Test
    void theSameStepTwiceIsTold() {
        assertEquals(
                "Warrior 2 stands twice in a row, with the same dose.",
                says("warrior 2, both, 3 breaths\nwarrior 2, both, 3 breaths\n"));
        assertEquals("", says("warrior 2, both, 3 breaths\nwarrior 2, both, 5 breaths\n"));
        assertEquals("", says("warrior 2, right, 3 breaths\nwarrior 2, left, 3 breaths\n"));
        assertEquals("", says("mountain, 2 breaths\nmountain, 2 breaths\n"));
    }

    @Test
    void aSecondSetOfBridgeIsOnlyMentioned() {
        Checked twice = Checked.of("floor:\nbridge, 5 breaths\nbridge, 5 breaths\n");
        assertEquals(Severity.INFO, twice.only(PastedTwice.class).severity());
    }

    @Test
    void aRunOfThreeIsToldOnce() {
        String run = "chair, 3 breaths\nwarrior 2, both, 3 breaths\ntriangle, both, 3 breaths\n";
        Checked twice = Checked.of("standing:\n" + run + run);
        assertEquals("The last 3 stand there a second time.", twice.says(PastedTwice.class));
        assertEquals(List.of("Take the second 3 away"), twice.offers(PastedTwice.class));
        assertEquals("", twice.mended(PastedTwice.class).says(PastedTwice.class));
        assertEquals("", says(run + "tree, both, 3 breaths\n" + run));
    }
}
