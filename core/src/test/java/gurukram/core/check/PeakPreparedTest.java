package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PeakPreparedTest {
    private static final String HEAD = "class: T\n- 60 min, hatha, intermediate\n- peak pose: half moon\n";

    private static String of(Checked checked, String action) {
        return String.join(
                " | ",
                checked.of(PeakPrepared.class).stream()
                        .filter(f -> f.about().equals(action))
                        .map(Finding::what)
                        .toList());
    }

    @Test
    void aPeakThatDoesNotComeIsTold() {
        assertEquals(
                "The class leads to half moon, and it does not come.",
                Checked.of(HEAD + "standing:\nchair, 5 breaths\n").says(PeakPrepared.class));
    }

    @Test
    void aRungTowardsThePeakIsThePeakOfThisClass() {
        assertTrue(!Checked.of(HEAD + "peak:\nhalf moon at the wall, both, 5 breaths\n")
                .says(PeakPrepared.class)
                .contains("does not come"));
    }

    @Test
    void aStrongDemandThatNothingPreparesMustBeMended() {
        Checked cold = Checked.of(HEAD + "peak:\nhalf moon, both, 5 breaths\n");
        assertEquals(
                "Half moon asks for one leg balance (3 of 3): nothing before it prepares that.",
                of(cold, "one-leg-balance"));
        assertTrue(cold.of(PeakPrepared.class).stream().anyMatch(f -> f.severity() == Severity.MUST));
    }

    @Test
    void ninetySecondsASideAreEnoughAndOneBreathLessIsNot() {
        String before = HEAD
                + "balance:\nhalf moon at the wall, both, %d breaths\ntree, both, %d breaths\npeak:\nhalf moon, both, 4 breaths\n";
        assertEquals("", of(Checked.of(before.formatted(7, 8)), "one-leg-balance"));
        assertEquals(
                "Half moon asks for one leg balance (3 of 3): there are 1 minute 24 a side of it, and 1 minute 30 would be good.",
                of(Checked.of(before.formatted(7, 7)), "one-leg-balance"));
    }

    @Test
    void onePoseIsTooFewAndOneSideIsNamed() {
        assertTrue(of(
                        Checked.of(
                                HEAD
                                        + "balance:\nhalf moon at the wall, both, 20 breaths\npeak:\nhalf moon, both, 4 breaths\n"),
                        "one-leg-balance")
                .contains("only half moon at the wall prepares it"));
        String oneSide = HEAD
                + "balance:\nhalf moon at the wall, both, 5 breaths\ntree, right, 20 breaths\ntree, left, 5 breaths\npeak:\nhalf moon, both, 4 breaths\n";
        assertTrue(
                of(Checked.of(oneSide), "one-leg-balance")
                        .contains("the left side has 1 minute of it, and 1 minute 30 would be good"),
                of(Checked.of(oneSide), "one-leg-balance"));
    }

    @Test
    void twentyMinutesBeforeAreTheMost() {
        String text = HEAD
                + "balance:\nhalf moon at the wall, both, 10 breaths\ntree, both, 10 breaths\nfloor:\nbound angle, %d s\npeak:\nhalf moon, both, 4 breaths\n";
        assertTrue(!of(Checked.of(text.formatted(1100)), "one-leg-balance").contains("the last of it"));
        assertTrue(
                of(Checked.of(text.formatted(1300)), "one-leg-balance")
                        .contains("the last of it was 22 minutes before, where 20 minutes are the most"),
                of(Checked.of(text.formatted(1300)), "one-leg-balance"));
    }

    /** 1 199, 1 200 and 1 201 s between the end of the last preparing pose and the peak: at the limit it still counts. */
    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 1})
    void twentyMinutesToTheSecond(int off) {
        String text = HEAD
                + "balance:\nhalf moon at the wall, both, 10 breaths\ntree, both, 10 breaths\nfloor:\nbound angle, %d s\nbound angle, 1 count\npeak:\nhalf moon, both, 4 breaths\n";
        Checked probe = Checked.of(text.formatted(1000));
        int gap = 1000 + (int) (20 * 60 - gapMs(probe) / 1000);
        Checked checked = Checked.of(text.formatted(gap + off));
        assertEquals((20 * 60 + off) * 1000L, gapMs(checked));
        assertEquals(off > 0, of(checked, "one-leg-balance").contains("the last of it"));
    }

    /** From the last moment of the tree to the first of the peak, as the rule counts it, ms. */
    private static long gapMs(Checked checked) {
        var moments = checked.moments();
        long end = 0;
        for (var moment : moments) {
            if ("tree".equals(moment.pose())) end = moment.startMs() + moment.lengthMs();
            if ("half-moon".equals(moment.pose())) return moment.startMs() - end;
        }
        throw new AssertionError("no peak");
    }

    @Test
    void theOffersHoldLongerOrPutSomethingIn() {
        Checked brief = Checked.of(
                HEAD
                        + "balance:\nhalf moon at the wall, both, 7 breaths\ntree, both, 7 breaths\npeak:\nhalf moon, both, 4 breaths\n");
        Finding finding = brief.of(PeakPrepared.class).stream()
                .filter(f -> f.about().equals("one-leg-balance"))
                .findFirst()
                .orElseThrow();
        List<Mend> mends = brief.mends(finding);
        assertEquals("Hold tree for 8 breaths instead of 7", mends.get(0).label());
        Checked six = Checked.of(
                HEAD
                        + "balance:\nhalf moon at the wall, both, 8 breaths\ntree, both, 6 breaths\npeak:\nhalf moon, both, 4 breaths\n");
        assertEquals(
                "Hold tree for 8 breaths instead of 6",
                six.mends(six.of(PeakPrepared.class).stream()
                                .filter(f -> f.about().equals("one-leg-balance"))
                                .findFirst()
                                .orElseThrow())
                        .get(0)
                        .label(),
                "seven would do; eight is what a mouth counts");
        for (Mend mend : mends) assertEquals("", of(brief.mended(mend), "one-leg-balance"));
    }
}
