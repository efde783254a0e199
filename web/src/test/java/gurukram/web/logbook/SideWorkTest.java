package gurukram.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.teach.Script;
import java.util.List;
import org.junit.jupiter.api.Test;

class SideWorkTest {
    private static Script.Line line(String kind, String side, long leadIn, long work) {
        return new Script.Line(
                "n", kind, 0, leadIn, work, "Pigeon", "", side, "", "", 0, "", null, 8, null, "", "", List.of(), "",
                null, null, "", null, null, null, List.of(), "", "");
    }

    /** What the logbook says of a class of two moments that took so long. */
    private static String words(Script.Line right, long rightMs, Script.Line left, long leftMs) {
        Script script = new Script(
                "Tide",
                "beginner",
                0,
                List.of(),
                List.of(right, left),
                List.of(),
                List.of(),
                0L,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        SideWork sides = new SideWork(script);
        sides.add(right, rightMs);
        sides.add(left, leftMs);
        return sides.words();
    }

    @Test
    void gettingIntoTheSecondSideQuickerIsNotUneven() {
        Script.Line right = line("hold", "right", 48_000, 64_000);
        Script.Line left = line("hold", "left", 12_000, 64_000);
        assertThat(words(right, 112_000, left, 76_000)).isEqualTo("right 1:04, left 1:04: close enough to even");
    }

    @Test
    void aQuickerSecondSideOfAFlowAsPlannedIsNotUneven() {
        Script.Line right = line("movement", "right", 0, 4_000);
        Script.Line left = line("movement", "left", 0, 3_600);
        assertThat(words(right, 40_000, left, 36_000)).endsWith("close enough to even");
        assertThat(words(right, 40_000, left, 45_000)).endsWith("longer on the left");
    }

    @Test
    void sidesAreUnevenOnlyBeyondTheLargerOfTwoSecondsAndAFewPercent() {
        Script.Line right = line("hold", "right", 0, 30_000);
        Script.Line left = line("hold", "left", 0, 30_000);
        assertThat(words(right, 30_000, left, 28_000)).endsWith("close enough to even");
        assertThat(words(right, 30_000, left, 27_999)).endsWith("0:02 longer on the right");
        assertThat(words(right, 95_000, left, 100_000)).endsWith("close enough to even");
        assertThat(words(right, 94_999, left, 100_000)).endsWith("0:05 longer on the left");
    }

    @Test
    void pausesOpenTimeAndBothSidesAtOnceAreNoWorkOfASide() {
        assertThat(words(line("pause", "right", 0, 60_000), 60_000, line("open", "left", 0, 9_000), 9_000))
                .isEmpty();
        assertThat(words(line("hold", null, 0, 60_000), 60_000, line("hold", null, 0, 9_000), 9_000))
                .isEmpty();
    }
}
