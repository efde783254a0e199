package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class OddSidesTest {
    private static Checked rounds(int n) {
        return Checked.of(
                "standing:\nflow, %d rounds, one side\n  high lunge, lead, in\n  standing fold, out\nend flow\n"
                        .formatted(n));
    }

    @Test
    void sixRoundsAreEvenAndSevenAreNot() {
        assertEquals("", rounds(6).says(OddSides.class));
        assertEquals(
                "7 one-sided rounds that take turns: 4 lead with the right, 3 with the left.",
                rounds(7).says(OddSides.class));
        assertEquals(
                "1 one-sided round that takes turns: it leads with the right, none with the left.",
                rounds(1).says(OddSides.class));
        assertEquals(
                "8 rounds are 4 a side, 6 are 3.",
                rounds(7).only(OddSides.class).advice());
        assertEquals("", rounds(8).says(OddSides.class));
    }

    @Test
    void bothEvenNeighboursAreOffered() {
        assertEquals(
                List.of("Do 8 rounds, 4 a side", "Do 6 rounds, 3 a side"),
                rounds(7).offers(OddSides.class));
        assertEquals(List.of("Do 2 rounds, 1 a side"), rounds(1).offers(OddSides.class));
        assertEquals("", rounds(7).mended(OddSides.class).says(OddSides.class));
    }

    /** Worked example 4. */
    @Test
    void elevenSwaysBecomeTwelveOrTen() {
        Checked sways = Checked.of("cool-down:\nknees side to side, alternating, 11 reps, 5 s each\n");
        assertEquals(
                "Knees side to side sways 11 times from the right: 6 to the right, 5 to the left.",
                sways.says(OddSides.class));
        assertEquals(
                "12 are 6 a side and end on the left; 10 are 5 a side and end there too.",
                sways.only(OddSides.class).advice());
        assertEquals(
                List.of("Sway 12 times, 6 a side, ending left", "Sway 10 times, 5 a side, ending left"),
                sways.offers(OddSides.class));
        assertEquals("", sways.mended(OddSides.class).says(OddSides.class));
    }

    @Test
    void twoSetsOfElevenAreTwiceUneven() {
        Checked sets = Checked.of("cool-down:\nknees side to side, alternating, 11 reps x 2, rest 10 s, 5 s each\n");
        assertTrue(
                sets.says(OddSides.class).contains("22 times from the right: 12 to the right, 10 to the left"),
                sets.says(OddSides.class));
        assertEquals(
                "",
                Checked.of("cool-down:\nknees side to side, alternating a side, 11 reps\n")
                        .says(OddSides.class));
    }
}
