package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class LateSideTest {
    private static Checked between(String... steps) {
        return Checked.of(
                "standing:\ntriangle, right, 3 breaths\n" + String.join("\n", steps) + "\ntriangle, left, 3 breaths\n");
    }

    @Test
    void twoPosesMayStandBetween() {
        assertEquals("", between("mountain, 2 breaths", "chair, 3 breaths").says(LateSide.class));
        assertEquals(
                "Triangle on the left comes 4 poses after the right.",
                between("mountain, 2 breaths", "chair, 3 breaths", "tree, both, 3 breaths")
                        .says(LateSide.class));
    }

    @Test
    void aChainOnOneSideIsTheWayThere() {
        assertEquals(
                "",
                between(
                                "warrior 2, right, 3 breaths",
                                "side angle, right, 3 breaths",
                                "half moon, right, 3 breaths",
                                "pyramid, right, 3 breaths",
                                "mountain, 2 breaths",
                                "warrior 2, left, 3 breaths")
                        .says(LateSide.class));
    }

    @Test
    void itIsMovedBehindTheFirst() {
        Checked late = between("mountain, 2 breaths", "chair, 3 breaths", "tree, both, 3 breaths");
        assertEquals(List.of("Move it behind the other side"), late.offers(LateSide.class));
        assertEquals("", late.mended(LateSide.class).says(LateSide.class));
    }
}
