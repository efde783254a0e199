package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class CounterposeTest {
    @Test
    void aDeepPoseIsBalancedWithinTheNextFourPoses() {
        String deep = "class: T\n- 60 min, hatha, advanced\nfloor:\nwheel, 3 breaths\n%s";
        assertEquals(
                "", Checked.of(deep.formatted("knees to chest, 5 breaths\n")).says(Counterpose.class));
        String four =
                "bound angle, 5 breaths\nboat, 3 breaths\nseated forward fold, 5 breaths\nhappy baby, 5 breaths\nknees to chest, 5 breaths\n";
        Checked late = Checked.of(deep.formatted(four));
        assertEquals(
                "Upward bow is deep, and none of the next 4 poses behind it balances it.",
                late.says(Counterpose.class));
        assertEquals("", late.mended(Counterpose.class).says(Counterpose.class));
    }

    @Test
    void aPoseDoneAgainIsBalancedAfterTheLastTime() {
        assertEquals(
                "",
                Checked.of("floor:\nwheel, 3 breaths\nwheel, 3 breaths\nwheel, 3 breaths\nknees to chest, 5 breaths\n")
                        .says(Counterpose.class));
    }

    @Test
    void afterAHeadstandComesChildsPoseForFiveBreaths() {
        String head = "class: T\n- 60 min, hatha, advanced\ninversions:\nheadstand, 5 breaths\n%s";
        assertEquals("", Checked.of(head.formatted("child's pose, 5 breaths\n")).says(Counterpose.class));
        Checked brief = Checked.of(head.formatted("child's pose, 4 breaths\n"));
        assertEquals("After headstand child’s pose lasts 4 breaths; five are wanted.", brief.says(Counterpose.class));
        assertEquals(List.of("Stay in child’s pose for five breaths"), brief.offers(Counterpose.class));
        Checked none = Checked.of(head.formatted("mountain, 5 breaths\n"));
        assertEquals(
                "After headstand people come up at once; child’s pose of five breaths is wanted.",
                none.says(Counterpose.class));
        assertEquals("", none.mended(Counterpose.class).says(Counterpose.class));
    }
}
