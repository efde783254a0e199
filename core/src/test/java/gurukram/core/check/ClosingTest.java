package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class ClosingTest {
    @Test
    void aClassThatEndsLyingHasNoCloseYet() {
        Checked lying = Checked.of("floor:\nbound angle, 5 breaths\nrest:\nfinal rest, 300 s\n");
        assertEquals("The class ends with the rest; it has no close.", lying.says(Closing.class));
        assertEquals(List.of("Add a close of one minute, sitting"), lying.offers(Closing.class));
        assertEquals("", lying.mended(Closing.class).says(Closing.class));
        assertTrue(
                Checked.of("floor:\nbound angle, 5 breaths\n").of(Closing.class).isEmpty(),
                "without a rest that is said first");
    }
}
