package gurukram.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.text.Refused;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DaysTest {
    private static final LocalDate THURSDAY = LocalDate.of(2026, 9, 3);
    private static final Days WEEKS = Days.from(THURSDAY, Rhythm.WEEKLY);

    private static List<Integer> september(Days days, int lessons) {
        return days.of(lessons).stream()
                .map(day -> day.getDayOfYear() - THURSDAY.getDayOfYear())
                .toList();
    }

    @Test
    void dayThreeOfTwentyOneFromTheFirstOfMarchIsTheThird() {
        List<LocalDate> days = Days.from(LocalDate.of(2027, 3, 1), Rhythm.DAILY).of(21);
        assertThat(days.get(2)).isEqualTo(LocalDate.of(2027, 3, 3));
        assertThat(days.get(20)).isEqualTo(LocalDate.of(2027, 3, 21));
        assertThat(Told.progress(Rhythm.DAILY, 3, 21)).isEqualTo("Day 3 of 21, 14.3 %");
        assertThat(Told.progress(Rhythm.DAILY, 21, 21)).isEqualTo("Day 21 of 21, 100.0 %");
        assertThat(Told.progress(Rhythm.OPEN, 7, 20)).isEqualTo("Class 7");
    }

    @Test
    void aWeekMissedMovesItAndAllThatFollow() {
        assertThat(september(WEEKS.without(3), 6)).containsExactly(0, 7, 21, 28, 35, 42);
        assertThat(september(WEEKS.without(3).without(3), 6)).containsExactly(0, 7, 28, 35, 42, 49);
    }

    @Test
    void oneDayMovesAloneAndStaysBetweenItsNeighbours() {
        Days moved = WEEKS.with(2, THURSDAY.plusDays(8), 6);
        assertThat(september(moved, 6)).containsExactly(0, 8, 14, 21, 28, 35);
        assertThat(moved.with(2, THURSDAY.plusDays(7), 6)).as("and back").isEqualTo(WEEKS);
        assertThatThrownBy(() -> WEEKS.with(2, THURSDAY.plusDays(14), 6))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("week that follows");
        assertThatThrownBy(() -> WEEKS.with(2, THURSDAY, 6)).isInstanceOf(Refused.class);
    }

    @Test
    void aMovedWeekThatIsMissedIsOneTurnLater() {
        Days moved = WEEKS.with(2, THURSDAY.plusDays(8), 6).without(2);
        assertThat(september(moved, 6)).containsExactly(0, 14, 21, 28, 35, 42);
    }

    @Test
    void aHolidayTakesOutTheDaysOfTheRhythmInIt() {
        Days days = WEEKS.withHoliday(THURSDAY.plusDays(6), THURSDAY.plusDays(15));
        assertThat(september(days, 4)).containsExactly(0, 21, 28, 35);
        assertThat(WEEKS.withHoliday(THURSDAY.plusDays(8), THURSDAY.plusDays(13)))
                .isEqualTo(WEEKS);
        assertThatThrownBy(() -> WEEKS.withHoliday(THURSDAY.plusDays(2), THURSDAY))
                .isInstanceOf(Refused.class);
    }

    @Test
    void overTheEndOfTheYearAndTheLeapDayTheRhythmGoesOn() {
        Days leap = Days.from(LocalDate.of(2028, 2, 24), Rhythm.WEEKLY);
        assertThat(leap.of(2).get(1)).isEqualTo(LocalDate.of(2028, 3, 2));
        assertThat(new Days(LocalDate.of(2026, 12, 31), Rhythm.DAILY, java.util.Set.of(), Map.of())
                        .of(2)
                        .get(1))
                .isEqualTo(LocalDate.of(2027, 1, 1));
    }
}
