package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import java.util.List;
import org.junit.jupiter.api.Test;

class DoseRangeTest {
    private static Checked tree(String level, String dose) {
        return Checked.of("class: T\n- 60 min, hatha, " + level + "\nbalance:\ntree, both, " + dose + "\n");
    }

    @Test
    void aBeginnersTreeHasTwoToFiveBreaths() {
        assertEquals(
                "Tree for 1 breath; usual for beginners: 2-5 breaths.",
                tree("beginner", "1 breath").says(DoseRange.class));
        assertEquals("", tree("beginner", "2 breaths").says(DoseRange.class));
        assertEquals("", tree("beginner", "5 breaths").says(DoseRange.class));
        assertEquals(
                "Tree for 6 breaths; usual for beginners: 2-5 breaths.",
                tree("beginner", "6 breaths").says(DoseRange.class));
        assertEquals("", tree("intermediate", "7 breaths").says(DoseRange.class));
    }

    @Test
    void secondsAreComparedByTheBreathOfThePose() {
        assertEquals("", tree("beginner", "30 s").says(DoseRange.class));
        assertEquals(
                "Tree for 31 s; usual for beginners: 2-5 breaths.",
                tree("beginner", "31 s").says(DoseRange.class));
        assertEquals(
                List.of("Make it 30 s", "Make it 18 s"),
                tree("beginner", "31 s").offers(DoseRange.class));
    }

    @Test
    void theNearestEndAndTheUsualDoseAreOffered() {
        assertEquals(
                List.of("Make it 5 breaths", "Make it 3 breaths"),
                tree("beginner", "9 breaths").offers(DoseRange.class));
        assertEquals(
                List.of("Make it 2 breaths", "Make it 3 breaths"),
                tree("beginner", "1 breath").offers(DoseRange.class));
        for (Mend mend : tree("beginner", "9 breaths")
                .mends(tree("beginner", "9 breaths").only(DoseRange.class))) {
            assertEquals("", tree("beginner", "9 breaths").mended(mend).says(DoseRange.class));
        }
    }

    @Test
    void aLevelsOwnLineIsMendedWhereItStands() {
        Checked advanced = Checked.of(
                "class: T\n- 60 min, hatha, advanced\nbalance:\ntree, both, 6 breaths\n- advanced: 20 breaths\n");
        assertTrue(advanced.says(DoseRange.class).startsWith("Tree for 20 breaths"), advanced.says(DoseRange.class));
        Step mended = (Step) advanced.mended(DoseRange.class)
                .plan()
                .sections()
                .get(0)
                .items()
                .get(0);
        assertEquals("6 breaths", mended.dose().toString());
        assertEquals("12 breaths", mended.doseFor(Level.ADVANCED).toString());
    }

    @Test
    void aPartOfTheClassHasDosesOfItsOwn() {
        assertEquals(
                "", Checked.of("cool-down:\nhalf pigeon, both, 15 breaths\n").says(DoseRange.class));
        assertTrue(Checked.of("standing:\nhalf pigeon, both, 15 breaths\n")
                .says(DoseRange.class)
                .startsWith("Half pigeon for 15 breaths"));
        assertEquals(
                "", Checked.of("cool-down:\nhalf pigeon, both, 5 breaths\n").says(DoseRange.class));
    }

    @Test
    void flowsAndTheFinalRestAreJudgedElsewhere() {
        assertEquals("", Checked.of("rest:\nfinal rest, 1500 s\n").says(DoseRange.class));
        assertEquals(
                "",
                Checked.of("standing:\nflow, 2 rounds, both sides\n  tree, lead, in\n  mountain, out\nend flow\n")
                        .says(DoseRange.class));
    }
}
