package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class ShapeTest {
    private static final String SEAT = "arrive:\neasy seat, 15 min open\n";
    private static final String CALM = "cool-down:\nbound angle, 60 s\n";

    @Test
    void aMinuteOfEasyMovementComesFirst() {
        assertEquals(
                "",
                Checked.of(SEAT + "warm-up:\nmountain, 60 s\nchair, 3 breaths\n" + CALM)
                        .says(Shape.class));
        assertEquals(
                "Chair is strong, and there is 59 s of easy movement before it; wanted: 1 minute.",
                Checked.of(SEAT + "warm-up:\nmountain, 59 s\nchair, 3 breaths\n" + CALM)
                        .says(Shape.class));
    }

    @Test
    void aMinuteOfQuietComesAfter() {
        String strong = SEAT + "warm-up:\nmountain, 60 s\nchair, 3 breaths\ncool-down:\n";
        assertEquals("", Checked.of(strong + "bound angle, 60 s\n").says(Shape.class));
        assertEquals(
                "Behind chair, which is strong, there is 59 s of quiet before the rest; wanted: 1 minute.",
                Checked.of(strong + "bound angle, 59 s\nrest:\nfinal rest, 5 min\n")
                        .says(Shape.class));
    }

    @Test
    void anEmptyPartIsToldOnceTheClassIsWritten() {
        String whole = "class: T\n- 21 min, hatha, beginner\n" + SEAT + "warm-up:\nmountain, 60 s\n";
        assertEquals("", Checked.of(whole + "floor:\nstanding:\n").says(Shape.class));
        Checked written = Checked.of(whole.replace("21 min", "20 min") + "floor:\n");
        assertEquals("“Floor” is empty.", written.says(Shape.class));
        assertEquals(List.of("Take it out"), written.offers(Shape.class));
        assertEquals(
                "", Checked.of(whole.replace("21 min", "20 min") + "talk:\n").says(Shape.class));
    }

    @Test
    void tenMinutesHaveTheirOwnShape() {
        assertEquals("", Checked.of("standing:\nchair, 3 breaths\n").says(Shape.class));
    }
}
