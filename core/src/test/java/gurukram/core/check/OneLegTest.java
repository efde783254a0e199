package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class OneLegTest {
    private static Checked standing(String level, String steps) {
        return Checked.of("class: T\n- 60 min, hatha, " + level + "\nbalance:\n" + steps);
    }

    @Test
    void aMinuteOnOneLegIsTheMostForBeginners() {
        assertEquals("", standing("beginner", "tree, both, 60 s\n").says(OneLeg.class));
        assertEquals(
                "The right leg stands alone for 1 minute 1 (tree); 60 s are the most for this level. | The left leg stands alone for 1 minute 1 (tree); 60 s are the most for this level.",
                standing("beginner", "tree, both, 61 s\n").says(OneLeg.class));
        assertEquals("", standing("intermediate", "tree, both, 90 s\n").says(OneLeg.class));
        assertEquals("", standing("advanced", "tree, both, 120 s\n").says(OneLeg.class));
    }

    @Test
    void posesOnTheSameLegAddUpAndBothFeetBetweenDoNot() {
        assertTrue(
                standing("beginner", "tree, right, 40 s\neagle, right, 40 s\n")
                        .says(OneLeg.class)
                        .contains("(tree and eagle)"),
                standing("beginner", "tree, right, 40 s\neagle, right, 40 s\n").says(OneLeg.class));
        assertEquals(
                List.of(),
                standing("beginner", "tree, right, 40 s\nmountain, 2 breaths\neagle, right, 40 s\n")
                        .of(OneLeg.class));
    }
}
