package gurukram.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.notation.words.SchoolWords;
import java.util.List;
import org.junit.jupiter.api.Test;

class FloorTripsTest {
    private static Checked trips(int n) {
        return Checked.of("floor:\nbound angle, 5 breaths\n" + "chair, 5 breaths\nbound angle, 5 breaths\n".repeat(n));
    }

    @Test
    void threeTripsAreSilentAndFourAreNot() {
        assertEquals("", trips(2).says(FloorTrips.class));
        assertEquals("", trips(3).says(FloorTrips.class));
        assertEquals(
                "The class comes up from the floor and goes down again 4 times; 3 is the most you want.",
                trips(4).says(FloorTrips.class));
    }

    @Test
    void aSchoolMaySetItsOwn() {
        Checked five = Checked.of(
                "floor:\nbound angle, 5 breaths\n" + "chair, 5 breaths\nbound angle, 5 breaths\n".repeat(4),
                SchoolWords.read("threshold floor-trips 4"));
        assertEquals(List.of(), five.of(FloorTrips.class));
        assertTrue(trips(4).of(FloorTrips.class).size() == 1);
    }
}
