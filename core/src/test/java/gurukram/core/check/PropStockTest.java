package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class PropStockTest {
    private static final String BLOCKS = "balance:\nhalf moon, both, 3 breaths\n- props: 2 blocks\n";

    private static Checked with(int blocks, String text) {
        return Checked.of(text, Checked.group("6 mats", Checked.room("8 mats, " + blocks + " block")));
    }

    @Test
    void twoForEachOfSixAreTwelve() {
        assertEquals("", with(12, BLOCKS).says(PropStock.class));
        assertEquals("", with(13, BLOCKS).says(PropStock.class));
        assertEquals(
                "Half moon asks for 2 blocks each, 12 for 6 people; the loft has 11.",
                with(11, BLOCKS).says(PropStock.class));
    }

    @Test
    void aWallIsOneForEverybodyAndMatsHaveToFit() {
        assertEquals(
                "Tree asks for a wall, and the loft has none that is free.",
                with(0, "balance:\ntree, both, 3 breaths\n- props: 1 wall\n").says(PropStock.class));
        assertEquals(
                "",
                Checked.of(
                                "balance:\ntree, both, 3 breaths\n- props: 1 wall\n",
                                Checked.group("6 mats", Checked.room("8 mats, 1 wall")))
                        .says(PropStock.class));
        Checked full = Checked.of(
                "balance:\ntree, both, 3 breaths\n", Checked.group("9 mats", Checked.room("8 mats, 1 wall")));
        assertEquals("9 people come, and the loft holds 8 mats.", full.says(PropStock.class));
        assertTrue(full.only(PropStock.class).moments().isEmpty());
        assertEquals(List.of(), Checked.of(BLOCKS).of(PropStock.class));
    }
}
