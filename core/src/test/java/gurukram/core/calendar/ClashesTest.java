package gurukram.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An evening between two rooms ten minutes apart. */
class ClashesTest {
    private static Planned at(String what, String from, String to, String room) {
        return planned(what, from, to, room, true);
    }

    private static Planned planned(String what, String from, String to, String room, boolean mine) {
        return new Planned(
                what,
                what,
                LocalDateTime.parse("2026-11-05T" + from),
                LocalDateTime.parse("2026-11-05T" + to),
                room,
                mine);
    }

    private static List<String> told(Planned... all) {
        return Clashes.of(List.of(all), (from, to) -> 10).stream()
                .map(Clash::words)
                .toList();
    }

    @Test
    void twoClassesAtOnce() {
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Slow boats", "18:45", "19:45", "hall")))
                .containsExactly("Tides and Slow boats are at the same time for 15 minutes.");
        assertThat(told(at("B", "18:00", "19:00", "loft"), at("A", "18:00", "18:01", null)))
                .containsExactly("A and B are at the same time for 1 minute.");
    }

    @Test
    void oneWithinTheOther() {
        assertThat(told(at("Day", "09:00", "17:00", null), at("Noon", "12:00", "13:00", null)))
                .containsExactly("Day and Noon are at the same time for 60 minutes.");
    }

    @Test
    void whatFollowsRightAwayInTheSameRoomIsFine() {
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Slow boats", "19:00", "20:00", "loft")))
                .isEmpty();
        assertThat(told(at("Tides", "18:00", "19:00", null), at("Slow boats", "19:00", "20:00", "hall")))
                .as("where is not known")
                .isEmpty();
    }

    @Test
    void theWayTakesItsTime() {
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Slow boats", "19:05", "20:00", "hall")))
                .containsExactly("From Tides to Slow boats there are 5 minutes, and the way takes 10.");
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Slow boats", "19:10", "20:00", "hall")))
                .isEmpty();
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Slow boats", "19:01", "20:00", "hall")))
                .containsExactly("From Tides to Slow boats there is 1 minute, and the way takes 10.");
    }

    @Test
    void nobodyGoesStraightToWhatIsAfterTheNext() {
        assertThat(told(
                        at("Tides", "18:00", "18:58", "loft"),
                        at("Tea", "19:00", "19:04", "loft"),
                        at("Slow boats", "19:05", "20:00", "hall")))
                .containsExactly("From Tea to Slow boats there is 1 minute, and the way takes 10.");
    }

    @Test
    void anotherTeachersClassClashesOnlyOverTheRoom() {
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), planned("Choir", "18:30", "19:30", "loft", false)))
                .containsExactly("Tides and Choir are at the same time for 30 minutes, in the same room.");
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), planned("Choir", "18:30", "19:30", "hall", false)))
                .isEmpty();
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), planned("Choir", "19:05", "19:30", "hall", false)))
                .as("nobody goes there")
                .isEmpty();
    }

    @Test
    void whatTakesNoTimeIsInNobodysWay() {
        assertThat(told(at("Tides", "18:00", "19:00", "loft"), at("Ring the bell", "18:30", "18:30", null)))
                .isEmpty();
    }

    @Test
    void nothingEndsBeforeItBegins() {
        assertThatThrownBy(() -> at("Tides", "19:00", "18:00", null)).isInstanceOf(IllegalArgumentException.class);
    }
}
