package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.body.BodyArea;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FocusLeftOutTest {
    private static Checked about(String focus, String body) {
        return Checked.of("class: T\n- focus: " + focus + "\nfloor:\n" + body);
    }

    @Test
    void whatTheClassIsAboutIsFeltForTwoMinutes() {
        assertEquals(
                "The class is about “shoulders”, and the shoulders are left out.",
                about("shoulders", "bound angle, 200 s\n").says(FocusLeftOut.class));
        assertEquals("", about("inner thighs", "bound angle, 120 s\n").says(FocusLeftOut.class));
        assertEquals(
                "The class is about “inner thighs”, and the inner thighs get 1 minute 59.",
                about("inner thighs", "bound angle, 119 s\n").says(FocusLeftOut.class));
    }

    @Test
    void everydayWordsNamePartsOfTheBody() {
        assertEquals(Set.of(BodyArea.OUTER_HIPS, BodyArea.HIP_FRONT), FocusLeftOut.areas("Open hips"));
        assertEquals(Set.of(BodyArea.HAMSTRINGS), FocusLeftOut.areas("one hamstring at a time"));
        assertEquals(Set.of(), FocusLeftOut.areas("kindness"));
        assertEquals(List.of(), about("kindness", "bound angle, 60 s\n").of(FocusLeftOut.class));
        assertTrue(FocusLeftOut.areas("the feet").contains(BodyArea.ANKLES_FEET));
    }
}
