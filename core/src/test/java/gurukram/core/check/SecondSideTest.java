package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class SecondSideTest {
    private static final String FIRST =
            "standing:\nhigh lunge, right, 3 breaths\nwarrior 2, right, 3 breaths\ntriangle, right, 3 breaths\n";

    @Test
    void theSameStepsInTheSameOrderAreSilent() {
        assertEquals(
                "",
                Checked.of(
                                FIRST
                                        + "high lunge, left, 3 breaths\nwarrior 2, left, 3 breaths\ntriangle, left, 3 breaths\n")
                        .says(SecondSide.class));
    }

    @Test
    void aStepThatIsMissingIsPutInWhereItBelongs() {
        Checked missing = Checked.of(FIRST + "high lunge, left, 3 breaths\ntriangle, left, 3 breaths\n");
        assertEquals("The left side lacks warrior 2.", missing.says(SecondSide.class));
        assertEquals("", missing.says(SidesUneven.class));
        Checked mended = missing.mended(SecondSide.class);
        assertEquals("", mended.says(SecondSide.class) + mended.says(SidesUneven.class));
    }

    @Test
    void aStepTooManyIsMissingOnTheFirstSide() {
        Checked extra = Checked.of(
                FIRST
                        + "high lunge, left, 3 breaths\nwarrior 2, left, 3 breaths\ntriangle, left, 3 breaths\npyramid, left, 3 breaths\n");
        assertEquals("The right side lacks pyramid.", extra.says(SecondSide.class));
        assertEquals("", extra.mended(SecondSide.class).says(SecondSide.class));
    }

    @Test
    void anotherOrderIsToldAndTaken() {
        Checked other = Checked.of(
                FIRST + "warrior 2, left, 3 breaths\nhigh lunge, left, 3 breaths\ntriangle, left, 3 breaths\n");
        assertEquals(
                "The left side comes in another order: warrior 2, high lunge and triangle, after high lunge, warrior 2 and triangle on the right.",
                other.says(SecondSide.class));
        assertEquals("", other.mended(SecondSide.class).says(SecondSide.class));
    }

    @Test
    void aChangeForOnePassIsToldUnlessTheOtherHasTheSame() {
        String flow =
                "standing:\nflow \"wall\", 2 rounds, both sides\n  high lunge, lead, in\n  warrior 2, lead, out\n%s  triangle, lead, in\nend flow\n";
        Checked one = Checked.of(flow.formatted("  - second pass: leave out\n"));
        assertEquals("On the second side of “wall” warrior 2 is left out.", one.says(SecondSide.class));
        assertEquals("", one.mended(SecondSide.class).says(SecondSide.class));
        assertEquals("", Checked.of(flow.formatted("")).says(SecondSide.class));
    }

    @Test
    void twoPosesOnOneSideOnlyAreNoBlocks() {
        assertEquals(
                "",
                Checked.of("standing:\ntree, right, 3 breaths\neagle, left, 3 breaths\n")
                        .says(SecondSide.class));
    }
}
