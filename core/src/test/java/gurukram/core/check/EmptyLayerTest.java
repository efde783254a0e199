package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class EmptyLayerTest {
    private static Checked flow(int rounds, String layer) {
        return Checked.of(
                "standing:\nflow, %d rounds, both sides\n  high lunge, lead, in\n  %s\n  warrior 2, lead, out\nend flow\n"
                        .formatted(rounds, layer));
    }

    @Test
    void aRoundThatDoesNotComeChangesNothing() {
        assertEquals("", flow(3, "- rounds 3+: low lunge").says(EmptyLayer.class));
        assertEquals(
                "The change at high lunge does nothing: it begins in round 3, and there are only 2.",
                flow(2, "- rounds 3+: low lunge").says(EmptyLayer.class));
        assertEquals("", flow(2, "- last round: low lunge").says(EmptyLayer.class));
    }

    @Test
    void theSamePoseAgainAndAChangeOfWhatIsLeftOutDoNothing() {
        assertEquals(
                "The change at high lunge does nothing: it is the same as without it.",
                flow(3, "- round 2: high lunge").says(EmptyLayer.class));
        assertEquals(
                "The change at high lunge does nothing: the pose is left out there.",
                flow(3, "- round 2: leave out\n  - round 2: low lunge").says(EmptyLayer.class));
        assertEquals(
                "The change at high lunge does nothing: a later change at the same place takes its place.",
                flow(3, "- round 2: low lunge\n  - round 2: warrior 1").says(EmptyLayer.class));
    }

    @Test
    void theSamePoseWithSomethingDifferentAboutItIsAChange() {
        assertEquals("", flow(3, "- round 3: with arms up").says(EmptyLayer.class));
        assertEquals("", flow(3, "- wrist: with hands on the hips").says(EmptyLayer.class));
        assertEquals(
                "The change at high lunge does nothing: a later change at the same place takes its place.",
                flow(3, "- round 3: with arms up\n  - round 3: with hands on the hips")
                        .says(EmptyLayer.class));
        assertEquals(
                "", flow(3, "- round 3: with arms up\n  - round 3: low lunge").says(EmptyLayer.class));
    }

    @Test
    void whoGoesBackOnWhatARoundChangesChangesSomething() {
        assertEquals(
                "",
                flow(3, "- round 3: warrior 3\n  - knee, round 3: high lunge").says(EmptyLayer.class));
        assertEquals(
                "The change at high lunge does nothing: it is the same as without it.",
                flow(3, "- knee, round 3: high lunge").says(EmptyLayer.class));
    }

    @Test
    void theSecondSideOfAOneSidedRoundDoesNotCome() {
        Checked oneSided = Checked.of(
                "standing:\nflow, 4 rounds, one side\n  high lunge, lead, in\n  - second pass: low lunge\n  standing fold, out\nend flow\n");
        assertTrue(oneSided.says(EmptyLayer.class).contains("a round here has one"), oneSided.says(EmptyLayer.class));
    }

    @Test
    void itIsTakenAway() {
        Checked beyond = flow(2, "- rounds 3+: low lunge");
        assertEquals(List.of("Take the change away"), beyond.offers(EmptyLayer.class));
        assertEquals("", beyond.mended(EmptyLayer.class).says(EmptyLayer.class));
        assertEquals(Severity.LOOK, beyond.only(EmptyLayer.class).severity());
    }

    @Test
    void aLinkForARoundThatDoesNotComeIsNeverDone() {
        Checked link = Checked.of(
                "standing:\nflow, 2 rounds, both sides\n  high lunge, lead, in\n  warrior 2, lead, out\n  link, rounds 3+\n    plank, in\n    downward dog, out\n  end link\nend flow\n");
        assertEquals(
                "The link is never done: it begins in round 3, and there are only 2.", link.says(EmptyLayer.class));
        assertEquals("", link.mended(EmptyLayer.class).says(EmptyLayer.class));
    }
}
