package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class AboveLevelTest {
    private static String of(String level, String more) {
        return "class: T\n- 60 min, vinyasa, " + level + "\nbalance:\nhalf moon, both, 3 breaths\n" + more;
    }

    @Test
    void anIntermediatePoseNeedsAnOptionForBeginnersOnly() {
        assertEquals(
                "Half moon is for intermediate; there is no option for beginner.",
                Checked.of(of("beginner", "")).says(AboveLevel.class));
        assertEquals("", Checked.of(of("intermediate", "")).says(AboveLevel.class));
        assertEquals("", Checked.of(of("advanced", "")).says(AboveLevel.class));
    }

    @Test
    void anOptionInTheNoteOrALineOfItsOwnIsEnough() {
        assertEquals(
                "",
                Checked.of(of("beginner", "- note: Option: stay at the wall.\n"))
                        .says(AboveLevel.class));
        assertEquals(
                "",
                Checked.of(of("beginner", "- beginner: half moon at the wall\n"))
                        .says(AboveLevel.class));
    }

    @Test
    void inAMixedRoomEveryLevelBelowNeedsOne() {
        assertEquals(
                "Half moon is for intermediate; there is no option for beginner.",
                Checked.of(of("advanced, mixed room", "")).says(AboveLevel.class));
        assertEquals(
                "",
                Checked.of(of("advanced, mixed room", "- beginner: half moon at the wall\n"))
                        .says(AboveLevel.class));
        Checked mended = Checked.of(of("advanced, mixed room", "")).mended(AboveLevel.class);
        assertEquals("", mended.says(AboveLevel.class));
    }

    @Test
    void theOffersAreEasierFormsInItsPlaceOrAsAnOption() {
        Checked above = Checked.of(of("beginner", ""));
        assertEquals(
                List.of("Do half moon at the wall instead", "Name half moon at the wall as the option"),
                above.offers(AboveLevel.class).subList(0, 2));
        for (Mend mend : above.mends(above.only(AboveLevel.class)))
            assertEquals("", above.mended(mend).says(AboveLevel.class));
        assertTrue(Checked.of(of("beginner", "")).only(AboveLevel.class).severity() == Severity.LOOK);
    }
}
