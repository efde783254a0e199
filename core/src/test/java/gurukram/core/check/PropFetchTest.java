package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.plan.Prop;
import java.util.List;
import org.junit.jupiter.api.Test;

class PropFetchTest {
    private static String block(String before, String settingUp) {
        return "class: T\n- 60 min, vinyasa, intermediate\nstanding:\n" + before
                + "tree, both, 5 breaths\n- props: 1 block\n" + settingUp;
    }

    @Test
    void thirtySecondsAreEnoughToFetchIt() {
        assertEquals(
                "The block is first asked for at tree, and there are 14 s to fetch it; wanted: 30 s.",
                Checked.of(block("", "")).says(PropFetch.class));
        assertTrue(Checked.of(block("", "- setting up 29.9 s\n"))
                .says(PropFetch.class)
                .contains("30 s to fetch it; wanted: 30 s"));
        assertEquals("", Checked.of(block("", "- setting up 30.1 s\n")).says(PropFetch.class));
    }

    @Test
    void namedEarlyOrInTheClassNoteItIsThere() {
        assertEquals(
                "",
                Checked.of(block("mountain, 5 breaths\n- note: Blocks by the mat, please.\n", ""))
                        .says(PropFetch.class));
        assertTrue(Checked.of(block("mountain, 5 breaths\n", ""))
                .mended(PropFetch.class)
                .of(PropFetch.class)
                .isEmpty());
        assertEquals(
                List.of("Name it at the beginning: “Have ready by the mat: 1 block.”"),
                Checked.of(block("mountain, 5 breaths\n", "")).offers(PropFetch.class));
    }

    @Test
    void soManyAreToLieReadyAsAnyPoseOfTheClassAsksFor() {
        String more = block("mountain, 5 breaths\n", "") + "pyramid, both, 3 breaths\n- props: 3 blocks\n";
        assertEquals(
                List.of("Name it at the beginning: “Have ready by the mat: 3 blocks.”"),
                Checked.of(more).offers(PropFetch.class));
    }

    @Test
    void whatIsToLieReadyStandsFirstAndInOneLine() {
        List<Prop> two = List.of(new Prop(2, "block"), new Prop(1, "strap"));
        assertEquals("Have ready by the mat: 2 blocks and 1 strap.", PropFetch.ready("", two));
        assertEquals(
                "Have ready by the mat: 2 blocks and 1 strap.\nHands on the ribs.",
                PropFetch.ready("Hands on the ribs.\nHave ready by the mat: 1 block.", two));
        assertEquals("Hands on the ribs.", PropFetch.ready("Hands on the ribs.", List.of()));
    }
}
