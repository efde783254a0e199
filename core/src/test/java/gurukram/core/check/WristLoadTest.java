package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.plan.NodeId;
import java.util.List;
import org.junit.jupiter.api.Test;

class WristLoadTest {
    private static Checked planks(String level, int n) {
        return planks("hatha", "plank", level, n);
    }

    private static Checked planks(String style, String pose, String level, int n) {
        return Checked.of(
                "class: T\n- 60 min, " + style + ", " + level + "\nstanding:\n" + (pose + ", 2 breaths\n").repeat(n));
    }

    @Test
    void thirtyFiftyAndSeventyAreTheMost() {
        assertEquals("", planks("beginner", 29).says(WristLoad.class));
        assertEquals("", planks("beginner", 30).says(WristLoad.class));
        assertEquals(
                "The wrists carry weight 31 times; 30 is the most for this level.",
                planks("beginner", 31).says(WristLoad.class));
        assertEquals("", planks("intermediate", 50).says(WristLoad.class));
        assertTrue(planks("intermediate", 51).of(WristLoad.class).size() == 1);
        assertEquals("", planks("advanced", 70).says(WristLoad.class));
        assertEquals(
                List.of(NodeId.CLASS),
                planks("advanced", 71).of(WristLoad.class).stream()
                        .map(Finding::node)
                        .toList());
    }

    @Test
    void vinyasaPeopleAreUsedToMoreAndHandsAndKneesAreNoLoadToSpeakOf() {
        assertEquals("", planks("vinyasa", "plank", "beginner", 90).says(WristLoad.class));
        assertEquals(
                "The wrists carry weight 91 times; 90 is the most for this level.",
                planks("vinyasa", "plank", "beginner", 91).says(WristLoad.class));
        assertEquals("", planks("hatha", "hands and knees", "beginner", 60).says(WristLoad.class));
    }
}
