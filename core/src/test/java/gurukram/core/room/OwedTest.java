package gurukram.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.room.Owed.Done;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a class owes the next one. */
class OwedTest {
    private static Done hold(String name, Side side, boolean done, int breaths) {
        return new Done(name, name, side, false, done, "breath", breaths, 5);
    }

    private static List<String> words(Done... log) {
        return Owed.of(List.of(log)).stream().map(Owed::words).toList();
    }

    @Test
    void aSecondSideThatWasLeftOutBeginsNextTime() {
        assertThat(words(hold("Tree", Side.RIGHT, true, 5), hold("Tree", Side.LEFT, false, 0)))
                .containsExactly("Tree left was left out: begin left next time");
    }

    @Test
    void aBreathLessIsStillOwed() {
        assertThat(words(hold("Half pigeon", Side.RIGHT, true, 8), hold("Half pigeon", Side.LEFT, true, 5)))
                .containsExactly("Half pigeon left still owes 3 breaths");
        assertThat(words(hold("Tree", Side.RIGHT, true, 5), hold("Tree", Side.LEFT, true, 5)))
                .isEmpty();
        assertThat(words(hold("Tree", Side.RIGHT, true, 5), hold("Tree", Side.LEFT, true, 4)))
                .as("a moment early")
                .isEmpty();
        Done eight = new Done("n", "Bird dog", Side.RIGHT, false, true, "repetition", 8, 8);
        Done seven = new Done("n", "Bird dog", Side.LEFT, false, true, "repetition", 7, 8);
        assertThat(words(eight, seven)).containsExactly("Bird dog left still owes 1 repetition");
    }

    @Test
    void whatWasLeftOutOnBothSidesOwesNothing() {
        assertThat(words(hold("Tree", Side.RIGHT, false, 0), hold("Tree", Side.LEFT, false, 0)))
                .isEmpty();
    }

    @Test
    void whatIsMeantForOneSideOrNoneOwesNothing() {
        assertThat(words(hold("Final rest", Side.RIGHT, true, 5))).isEmpty();
        assertThat(words(new Done("n", "Chair", null, false, true, "breath", 3, 5)))
                .isEmpty();
    }

    @Test
    void aRoundOfAFlowIsOwedByTimesNotByBreaths() {
        Done right = new Done("n", "Triangle", Side.RIGHT, true, true, "breath", 3, 3);
        Done left = new Done("n", "Triangle", Side.LEFT, true, true, "breath", 1, 3);
        Done out = new Done("n", "Triangle", Side.LEFT, true, false, "breath", 0, 3);
        assertThat(words(right, left)).isEmpty();
        assertThat(words(right, left, right, out)).containsExactly("Triangle left was done 1 time less");
    }
}
