package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class TurnedOverTest {
    private static String says(String... poses) {
        return Checked.of("floor:\n" + String.join(", 3 breaths\n", poses) + ", 3 breaths\n")
                .says(TurnedOver.class);
    }

    @Test
    void twiceIsTheMost() {
        assertEquals("", says("bridge", "sphinx", "bridge"));
        assertEquals(
                "People are turned over 3 times between belly and back; 2 is the most you want.",
                says("bridge", "sphinx", "bridge", "cobra"));
    }

    @Test
    void whoSitsUpBetweenIsNotTurned() {
        assertEquals("", says("bridge", "sphinx", "bridge", "staff seat", "cobra"));
    }
}
