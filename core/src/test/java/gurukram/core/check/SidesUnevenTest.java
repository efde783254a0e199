package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class SidesUnevenTest {
    @Test
    void equalWorkIsSilentAndOneBreathMoreIsNot() {
        assertEquals(
                "",
                Checked.of("standing:\ntree, right, 5 breaths\ntree, left, 5 breaths\n")
                        .says(SidesUneven.class));
        Checked uneven = Checked.of("standing:\ntree, right, 6 breaths\ntree, left, 5 breaths\n");
        assertTrue(
                uneven.says(SidesUneven.class).startsWith("Tree has 1 breath more on the right."),
                uneven.says(SidesUneven.class));
        assertEquals(Severity.LOOK, uneven.only(SidesUneven.class).severity());
        assertEquals(
                List.of("Give the left side 6 breaths as well", "Give the right side 5 breaths as well"),
                uneven.offers(SidesUneven.class).subList(0, 2));
        assertEquals("", uneven.mended(SidesUneven.class).says(SidesUneven.class));
    }

    @Test
    void aSideThatIsMissingMustBeMended() {
        Checked missing = Checked.of("standing:\ntree, left, 5 breaths\n");
        assertTrue(
                missing.says(SidesUneven.class).startsWith("Tree is done on the left only: 5 breaths."),
                missing.says(SidesUneven.class));
        assertEquals(Severity.MUST, missing.only(SidesUneven.class).severity());
        assertEquals(List.of("Do it on both sides, left first"), missing.offers(SidesUneven.class));
    }

    @Test
    void theQuickerSecondSideIsNotJudged() {
        assertEquals(
                "",
                Checked.of(
                                "standing:\nflow, 3 rounds, both sides\n  high lunge, lead, in\n  warrior 2, lead, out\nend flow\n")
                        .says(SidesUneven.class));
    }

    @Test
    void aFootThatAlwaysStepsBackFirstIsTold() {
        String flow = "salutations:\nflow \"salute\", 4 rounds, one side%s, right first, lead is the foot back first\n"
                + "  raised arms, in\n  standing fold, out\n  low lunge, other, in\n  downward dog, out\n  low lunge, lead, in\n  standing fold, out\nend flow\n";
        Checked always = Checked.of(flow.formatted(", always right"));
        assertTrue(
                always.says(SidesUneven.class).contains("The right foot steps back first every time, 4 times."),
                always.says(SidesUneven.class));
        assertEquals("", Checked.of(flow.formatted("")).says(SidesUneven.class));
    }

    @Test
    void anOddNumberOfTurnsIsToldElsewhere() {
        Checked odd = Checked.of(
                "standing:\nflow, 3 rounds, one side\n  high lunge, lead, in\n  warrior 2, lead, out\nend flow\n");
        assertEquals("", odd.says(SidesUneven.class));
        assertEquals(1, odd.of(OddSides.class).size());
    }
}
