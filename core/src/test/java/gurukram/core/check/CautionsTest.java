package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.body.Side;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Need;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CautionsTest {
    private static final String CLASS =
            "class: T\n- 60 min, vinyasa, intermediate\nstanding:\ndownward dog, 5 breaths\nplank, 3 breaths\n%s";

    @Test
    void withoutAGroupAndWithoutNeedsItIsSilent() {
        assertEquals("", Checked.of(CLASS.formatted("")).says(Cautions.class));
        assertEquals(
                "", Checked.of(CLASS.formatted(""), Checked.group("12 mats")).says(Cautions.class));
    }

    @Test
    void aChangeIsWantedUntilItIsWrittenDown() {
        Checked wrists = Checked.of(CLASS.formatted(""), Checked.group("12 mats, 2 wrist"));
        assertTrue(
                wrists.says(Cautions.class).equals("For wrist (2) a change is wanted at 2 poses."),
                wrists.says(Cautions.class));
        assertTrue(
                wrists.only(Cautions.class).advice().contains("Downward dog: You may take the hands to the wall"),
                wrists.only(Cautions.class).advice());
        assertEquals(Severity.LOOK, wrists.only(Cautions.class).severity());
        assertEquals(
                List.of("Give them another pose at 2 places", "Write it beside the 2 poses"),
                wrists.offers(Cautions.class));
        Checked mended = wrists.mended(Cautions.class);
        assertEquals("", mended.says(Cautions.class));
        Step first = (Step) mended.plan().sections().get(0).items().get(0);
        assertTrue(
                first.layers().stream().anyMatch(layer -> layer.when().needs().contains(Need.WRIST)));
    }

    @Test
    void aLineOfTheirOwnHoldsWhereItStandsAndAWordForAllPlaces() {
        String twice = "class: T\n- 60 min, vinyasa, intermediate\nstanding:\ndownward dog, 5 breaths\n%s"
                + "warrior 2, both, 5 breaths\ndownward dog, 3 breaths\n%s";
        assertEquals(
                "For wrist (1) a change is wanted at downward dog.",
                Checked.of(twice.formatted("- wrist: puppy\n", ""), Checked.group("9 mats, 1 wrist"))
                        .says(Cautions.class));
        assertEquals(
                "",
                Checked.of(twice.formatted("- wrist: puppy\n", "- wrist: puppy\n"), Checked.group("9 mats, 1 wrist"))
                        .says(Cautions.class));
        Checked bare = Checked.of(twice.formatted("", ""), Checked.group("9 mats, 1 wrist"));
        Mend word = bare.mends(bare.only(Cautions.class)).stream()
                .filter(mend -> mend.label().startsWith("Write it"))
                .findFirst()
                .orElseThrow();
        assertEquals("", bare.mended(word).says(Cautions.class));
    }

    @Test
    void aBlockedPoseMustGoAndAnotherIsOffered() {
        Checked eyes = Checked.of(
                CLASS.formatted("inversions:\nheadstand, 5 breaths\nchild's pose, 5 breaths\n"),
                Checked.group("8 mats, 1 eye pressure"));
        Finding blocked = eyes.of(Cautions.class).stream()
                .filter(f -> f.about().equals("headstand"))
                .findFirst()
                .orElseThrow();
        assertEquals(Severity.MUST, blocked.severity());
        assertEquals("Headstand is left out for somebody in this group: eye pressure (1).", blocked.what());
        List<Mend> mends = eyes.mends(blocked);
        assertTrue(mends.stream().anyMatch(m -> m.label().equals("Leave headstand out")), mends.toString());
        for (Mend mend : mends) {
            assertTrue(
                    eyes.mended(mend).of(Cautions.class).stream()
                            .noneMatch(f -> f.about().equals("headstand")),
                    mend.label());
        }
    }

    @Test
    void whoMustLeaveAPoseOutMayHaveALineOfTheirOwn() {
        Checked necks = Checked.of(
                CLASS.formatted("inversions:\nshoulder stand, 8 breaths\n"), Checked.group("8 mats, 2 neck"));
        Finding blocked = necks.of(Cautions.class).stream()
                .filter(f -> f.about().equals("shoulder-stand"))
                .findFirst()
                .orElseThrow();
        Mend own = necks.mends(blocked).get(0);
        assertTrue(own.label().startsWith("Give them "), own.label());
        Checked mended = necks.mended(own);
        assertTrue(mended.of(Cautions.class).stream().noneMatch(f -> f.about().equals("shoulder-stand")));
        Step step = (Step) mended.plan().sections().get(1).items().get(0);
        assertEquals("shoulder-stand", step.pose());
        assertEquals(Set.of(Need.NECK), step.layers().get(0).when().needs());
    }

    @Test
    void whoMustNotHoldTheBreathIsGivenABreathingWithoutHolds() {
        Checked held =
                Checked.of("breathe:\nbox breath, 4-4-4-4 x 5\n", Checked.group("8 mats, 1 high blood pressure"));
        Finding blocked = held.of(Cautions.class).get(0);
        Mend other = held.mends(blocked).stream()
                .filter(mend -> mend.label().startsWith("Do "))
                .findFirst()
                .orElseThrow();
        Step step = (Step) held.mended(other).plan().sections().get(0).items().get(0);
        assertEquals("4-4-4-4 x 5, no holds", step.dose().toString());
    }

    @Test
    void aRestOnTheSideIsALineOfTheirOwnOnOneSideAndAsLongAsTheRest() {
        Checked late = Checked.of("rest:\nfinal rest, 330 s\n", Checked.group("8 mats, 1 pregnancy later"));
        Finding change = late.of(Cautions.class).get(0);
        Mend side = late.mends(change).stream()
                .filter(mend -> mend.label().equals("Give them side-lying rest"))
                .findFirst()
                .orElseThrow();
        Checked mended = late.mended(side);
        Step step = (Step) mended.plan().sections().get(0).items().get(0);
        Layer line = step.layers().get(0);
        assertEquals(Set.of(Need.PREGNANCY_LATER), line.when().needs());
        assertEquals(new Layer.Become("side-lying-rest", new SideRule.Only(Side.LEFT), null), line.edit());
        assertEquals("", mended.says(Cautions.class));
        assertEquals("", mended.says(MixedClock.class));
        assertEquals("", mended.says(SidesUneven.class));
        assertEquals("", mended.says(SecondSide.class));
    }

    @Test
    void whatIsOnlyToBeToldIsForYourInformation() {
        Checked faint = Checked.of("standing:\nmountain, 5 breaths\n", Checked.group("8 mats, 1 low blood pressure"));
        assertEquals(Severity.INFO, faint.only(Cautions.class).severity());
        assertTrue(
                faint.says(Cautions.class).equals("For low blood pressure (1) there is something to say at mountain."),
                faint.says(Cautions.class));
        assertEquals("", faint.mended(Cautions.class).says(Cautions.class));
    }
}
