package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class BaseChangesTest {
    private static Checked changes(int n) {
        StringBuilder steps = new StringBuilder("floor:\n");
        for (int i = 0; i <= n; i++) steps.append(i % 2 == 0 ? "bound angle, 60 s\n" : "kneeling prayer, 60 s\n");
        return Checked.of(steps.toString());
    }

    @Test
    void aChangeAMinuteIsTooMany() {
        assertEquals("", changes(5).says(BaseChanges.class));
        assertEquals(
                "", Checked.of("floor:\n" + "bound angle, 60 s\n".repeat(12)).says(BaseChanges.class));
        String fast = "floor:\n" + "bound angle, 20 s\nkneeling prayer, 20 s\n".repeat(10);
        assertTrue(
                Checked.of(fast).says(BaseChanges.class).contains("sitting and lying 19 times"),
                Checked.of(fast).says(BaseChanges.class));
        assertEquals(
                List.of(),
                Checked.of("floor:\nflow, 9 rounds, no sides\n  cow, in\n  child's pose, out\nend flow\n")
                        .of(BaseChanges.class));
    }
}
