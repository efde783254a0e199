package gurukram.core.plan.settings;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import gurukram.core.Notation;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ThresholdsTest {
    @Test
    void oneValueHoldsForEveryLevelAndThreeForTheirs() {
        Thresholds set = new Thresholds(Map.of("wrist-load", List.of(20, 40, 60), "floor-trips", List.of(5)));
        assertEquals(40, set.at("wrist-load", Level.INTERMEDIATE).orElseThrow());
        assertEquals(5, set.at("floor-trips", Level.ADVANCED).orElseThrow());
        assertTrue(set.at("one-leg", Level.ADVANCED).isEmpty());
    }

    @Test
    void twoValuesAStrangeNameAndANegativeOneAreRefused() {
        assertThrows(Refused.class, () -> new Thresholds(Map.of("wrist-load", List.of(1, 2))));
        assertThrows(Refused.class, () -> new Thresholds(Map.of("Wrist load!", List.of(1))));
        assertThrows(Refused.class, () -> new Thresholds(Map.of("wrist-load", List.of(-1))));
    }

    @Test
    void theClassGoesBeforeTheTeacher() {
        School teacher = SchoolWords.read("threshold wrist-load 20/40/60, threshold floor-trips 5");
        School ofClass = SchoolWords.read("threshold wrist-load 99");
        Thresholds both = ofClass.over(teacher).thresholds();
        assertEquals(99, both.at("wrist-load", Level.BEGINNER).orElseThrow());
        assertEquals(5, both.at("floor-trips", Level.BEGINNER).orElseThrow());
        assertEquals("threshold floor-trips 5, threshold wrist-load 99", SchoolWords.write(ofClass.over(teacher)));
    }

    @Test
    void aCheckIsMutedForAClassUnderItsTitle() {
        ClassPlan plan = Notation.plan(
                "class: Quay\n- 45 min\n- muted facing: we stand in a circle\nstanding:\nchair, 5 breaths\n");
        assertEquals(
                List.of(new Marks.Mute("facing", "we stand in a circle")),
                plan.settings().mutes());
        assertEquals(plan.settings(), Notation.plan(Notation.write(plan)).settings());
    }
}
