package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class StretchOnlyTest {
    private static Checked folding(int seconds, String more) {
        return Checked.of("floor:\nbound angle, %d s\n%s".formatted(seconds, more));
    }

    @Test
    void threeMinutesOfStretchWantSomeWork() {
        assertEquals("", folding(179, "").says(StretchOnly.class));
        assertEquals(
                "Lengthened and never at work: inner thighs (3 minutes).",
                folding(180, "").says(StretchOnly.class));
        assertEquals(
                List.of(Severity.INFO),
                folding(181, "").of(StretchOnly.class).stream()
                        .map(Finding::severity)
                        .toList());
        assertTrue(!folding(300, "goddess, 30 s\n").says(StretchOnly.class).contains("hamstrings"));
    }
}
