package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class OppositesTest {
    @Test
    void fromWheelStraightIntoADeepFoldWantsAMiddle() {
        String text =
                "class: T\n- 60 min, hatha, advanced\nfloor:\nwheel, 3 breaths\n%sseated forward fold, 5 breaths\n";
        assertEquals(
                "Seated forward fold comes straight behind upward bow.",
                Checked.of(text.formatted("")).says(Opposites.class));
        assertEquals(
                "", Checked.of(text.formatted("constructive rest, 5 breaths\n")).says(Opposites.class));
        assertEquals("", Checked.of(text.formatted("")).mended(Opposites.class).says(Opposites.class));
    }

    @Test
    void milderOnesAndMovementsAreLeftAlone() {
        assertEquals(
                "",
                Checked.of("floor:\ncobra, 3 breaths\nchild's pose, 5 breaths\n")
                        .says(Opposites.class));
        assertEquals(
                List.of(),
                Checked.of("floor:\nflow, 2 rounds, no sides\n  upward dog, in\n  standing fold, out\nend flow\n")
                        .of(Opposites.class));
        assertTrue(Checks.card("opposites").title().startsWith("Between"));
    }
}
