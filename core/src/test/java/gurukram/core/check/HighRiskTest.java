package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class HighRiskTest {
    private static final String HEAD =
            "class: T\n- 60 min, hatha, advanced\ninversions:\n%sheadstand, 5 breaths\n%schild's pose, 5 breaths\n";

    @Test
    void itNeedsALadderAWayOutAndSomebodyWhoWatches() {
        Checked bare = Checked.of(HEAD.formatted("", ""));
        assertEquals(
                "Headstand is a high-risk pose; there is no earlier rung before it, no way out on offer, no word about 1 blanket and 1 wall, no word about who watches.",
                bare.says(HighRisk.class));
        assertEquals(Severity.MUST, bare.only(HighRisk.class).severity());
        assertEquals(
                "Headstand is a high-risk pose; there is no way out on offer.",
                Checked.of(HEAD.formatted(
                                "dolphin, 5 breaths\n",
                                "- note: Blanket, at the wall. Watched by Ilse, 4 mats at a time.\n"))
                        .says(HighRisk.class));
        assertEquals(
                "",
                Checked.of(HEAD.formatted(
                                "dolphin, 5 breaths\n",
                                "- note: Way out: dolphin. Watched by Ilse, blanket at the wall.\n"))
                        .says(HighRisk.class));
    }

    @Test
    void everyOfferTakesItAway() {
        Checked bare = Checked.of(HEAD.formatted("", ""));
        List<Mend> mends = bare.mends(bare.only(HighRisk.class));
        assertTrue(
                mends.get(0)
                        .label()
                        .startsWith("Note the way out and who watches, have 1 blanket and 1 wall ready and put "),
                mends.toString());
        for (Mend mend : mends) assertEquals("", bare.mended(mend).says(HighRisk.class));
    }
}
