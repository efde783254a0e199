package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.plan.SectionRole;
import java.util.List;
import org.junit.jupiter.api.Test;

class FinalRestTest {
    private static Checked resting(String rest) {
        return Checked.of("class: T\n- 20 min, hatha, beginner\nstanding:\nmountain, 800 s\n" + rest
                + "close:\neasy seat, 1 min open\n");
    }

    @Test
    void noRestMustBeMendedAndGetsEightPercentOfTheSlot() {
        Checked none = resting("");
        assertEquals("The class has no final rest.", none.says(FinalRest.class));
        assertEquals(Severity.MUST, none.only(FinalRest.class).severity());
        assertEquals(List.of("Add a final rest of 1 minute 45"), none.offers(FinalRest.class));
        assertEquals(
                SectionRole.REST,
                none.mended(FinalRest.class).plan().sections().get(1).role());
    }

    @Test
    void aMinuteIsTheLeastAndFiveMinutesAnHourAreGood() {
        assertEquals(
                Severity.MUST,
                resting("rest:\nfinal rest, 59 s\n").only(FinalRest.class).severity());
        assertEquals(
                Severity.LOOK,
                resting("rest:\nfinal rest, 60 s\n").only(FinalRest.class).severity());
        for (int seconds = 60; seconds < 100; seconds++) {
            Checked resting = resting("rest:\nfinal rest, %d s\n".formatted(seconds));
            assertEquals(
                    12_000L * seconds >= resting.totalMs(),
                    resting.of(FinalRest.class).isEmpty(),
                    seconds + " s");
        }
    }

    @Test
    void underFourPercentIsTooLittleHoweverLong() {
        Checked hour = Checked.of(
                "class: T\n- 60 min, hatha, beginner\nstanding:\nmountain, 3400 s\nrest:\nfinal rest, 120 s\nclose:\neasy seat, 1 min open\n");
        assertEquals(Severity.MUST, hour.only(FinalRest.class).severity());
        assertTrue(hour.offers(FinalRest.class).get(0).startsWith("Rest for "));
        assertEquals("", hour.mended(FinalRest.class).says(FinalRest.class));
    }

    @Test
    void onlyASitAndTheCloseFollowIt() {
        Checked behind = Checked.of(
                "class: T\n- 20 min, hatha, beginner\nrest:\nfinal rest, 300 s\nfloor:\nbound angle, 5 breaths\nclose:\neasy seat, 1 min open\n");
        assertEquals("“Floor” comes behind the final rest.", behind.says(FinalRest.class));
        assertEquals(List.of("Move the rest to the end"), behind.offers(FinalRest.class));
        assertEquals(
                SectionRole.REST,
                behind.mended(FinalRest.class).plan().sections().get(1).role());
    }
}
