package gurukram.core.compose;

import static gurukram.core.compose.Compositions.UNFOLDER;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.compose.search.Clock;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Style;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LastMinuteTest {
    private static final int MINUTES = 30;

    private static ClassPlan brought(String cool, String rest) {
        return brought("triangle, both, 5 breaths", cool, rest);
    }

    private static ClassPlan brought(String standing, String cool, String rest) {
        ClassPlan plan = Notation.plan("class: T\n- 30 min, hatha, beginner\narrive:\neasy seat, 60 s open\nstanding:\n"
                + standing + "\nmountain, 600 s\ncool-down:\n" + cool + "\nrest:\nfinal rest, " + rest
                + "\nclose:\nclosing seat, 3 breaths\n");
        Clock clock = new Clock(UNFOLDER, School.USUAL, Style.HATHA, MINUTES);
        return new LastMinute(clock, Set.of()).brought(plan);
    }

    private static long offMs(ClassPlan plan) {
        return Math.abs(UNFOLDER.unfold(plan, null).totalMs() - MINUTES * 60_000L);
    }

    @Test
    void openTimeTakesWhatIsLeft() {
        ClassPlan plan = brought("lying twist, both, 300 s", "240 s");
        assertThat(offMs(plan)).isLessThan(1_000);
        assertThat(Notation.write(plan)).contains("lying twist, both, 300 s", "final rest, 240 s");
    }

    @Test
    void whereThatIsNotEnoughTheRestHasMinutesMore() {
        ClassPlan plan = brought("triangle, both, 5 breaths\n- locked", "lying twist, both, 280 s", "180 s");
        assertThat(Notation.write(plan)).contains("final rest, 240 s");
        assertThat(offMs(plan)).isLessThan(1_000);
    }

    @Test
    void whatIsTooLongIsHeldLessBeforeAnythingIsLeftOut() {
        String held = "lying twist, both, 270 s\nchild's pose, 10 breaths\nreclined bound angle, 10 breaths";
        ClassPlan plan = brought(held, "180 s");
        assertThat(offMs(plan)).isLessThan(1_000);
        assertThat(Notation.write(plan)).contains("child’s pose", "reclined bound angle");
    }

    @Test
    void whatIsLockedStaysAsItIs() {
        String locked = "lying twist, both, 300 s\nchild's pose, 10 breaths\n- locked";
        assertThat(Notation.write(brought(locked, "300 s"))).contains("child’s pose, 10 breaths");
    }
}
