package gurukram.web.groups;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import java.io.StringReader;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

class WeeklyCalendarTest {
    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
    private static final UUID LOFT = UUID.randomUUID();

    private static Group group(String name) {
        return new Group(
                UUID.randomUUID(),
                name,
                DayOfWeek.THURSDAY,
                LocalTime.of(18, 30),
                60,
                Level.BEGINNER,
                12,
                Map.of(Need.WRIST, 2),
                null,
                "",
                Group.Touch.UNKNOWN,
                LOFT);
    }

    /** Read back by the library: half past six stays half past six when the clocks change. */
    @Test
    void itIsReadBackWithEveryWeekAtItsHour() throws Exception {
        Clock clock = Clock.fixed(Instant.parse("2026-03-18T12:00:00Z"), LISBON);
        String text = WeeklyCalendar.of(
                List.of(group("Thursday; lamplight, \"late\"")), Map.of(LOFT, "The loft"), LISBON, clock);
        assertThat(text).doesNotContain("wrist").contains("RRULE:FREQ=WEEKLY");
        Calendar read = new CalendarBuilder().build(new StringReader(text));
        assertThat(read.validate().hasErrors()).isFalse();
        VEvent event = read.<VEvent>getComponents("VEVENT").get(0);
        assertThat(event.getSummary().getValue()).isEqualTo("Thursday; lamplight, \"late\"");
        assertThat(event.getLocation().getValue()).isEqualTo("The loft");
        List<Period<ZonedDateTime>> weeks = event
                .<ZonedDateTime>calculateRecurrenceSet(new Period<>(
                        ZonedDateTime.of(2026, 3, 1, 0, 0, 0, 0, LISBON),
                        ZonedDateTime.of(2026, 4, 12, 0, 0, 0, 0, LISBON)))
                .stream()
                .sorted()
                .toList();
        assertThat(weeks).hasSize(4);
        assertThat(weeks).allSatisfy(week -> {
            assertThat(week.getStart().toLocalTime()).isEqualTo(LocalTime.of(18, 30));
            assertThat(week.getStart().getDayOfWeek()).isEqualTo(DayOfWeek.THURSDAY);
        });
        assertThat(weeks.get(0).getStart().toInstant()).isEqualTo("2026-03-19T18:30:00Z");
        assertThat(weeks.get(3).getStart().toInstant()).isEqualTo("2026-04-09T17:30:00Z");
    }

    @Test
    void withoutGroupsItIsStillACalendar() throws Exception {
        String text = WeeklyCalendar.of(List.of(), Map.of(), ZoneId.of("UTC"), Clock.systemUTC());
        assertThat(new CalendarBuilder().build(new StringReader(text)).getComponents("VEVENT"))
                .isEmpty();
    }
}
