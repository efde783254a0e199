package gurukram.web.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.text.Refused;
import java.io.StringReader;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Random;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/** Calendars as other programs write them, read by a teacher in Lisbon. */
class CalendarFileTest {
    private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
    private static final LocalDate FROM = LocalDate.of(2026, 10, 1);
    private static final LocalDate TO = LocalDate.of(2027, 9, 30);

    private static String calendar(String... lines) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Somebody//EN\r\n"
                + String.join("\r\n", lines)
                + "\r\nEND:VCALENDAR\r\n";
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nDTSTAMP:20260901T000000Z\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT";
    }

    private static CalendarFile.Read read(String text) {
        return CalendarFile.read(text, LISBON, FROM, TO);
    }

    private static List<String> told(String text) {
        return read(text).events().stream()
                .map(e -> e.day() + " " + (e.startsAt() == null ? "all day" : e.startsAt()) + " " + e.minutes() + " "
                        + e.title() + (e.cancelled() ? " cancelled" : ""))
                .toList();
    }

    @Test
    void aTimeInUtcIsReadByTheTeachersClock() {
        assertThat(told(calendar(
                        event("UID:a", "DTSTART:20261105T180000Z", "DTEND:20261105T190000Z", "SUMMARY:Rope work"))))
                .containsExactly("2026-11-05 18:00 60 Rope work");
        assertThat(told(calendar(event("UID:a", "DTSTART:20270705T180000Z", "DURATION:PT1H30M", "SUMMARY:Rope work"))))
                .as("in summer")
                .containsExactly("2027-07-05 19:00 90 Rope work");
    }

    @Test
    void aTimeInAnotherZoneToo() {
        assertThat(told(calendar(event(
                        "UID:a",
                        "DTSTART;TZID=Europe/Berlin:20261105T190000",
                        "DTEND;TZID=Europe/Berlin:20261105T200000",
                        "SUMMARY:Far away"))))
                .containsExactly("2026-11-05 18:00 60 Far away");
    }

    @Test
    void aZoneThatTheFileExplains() {
        String zone = String.join(
                "\r\n",
                "BEGIN:VTIMEZONE",
                "TZID:Harbour time",
                "BEGIN:STANDARD",
                "DTSTART:19700101T000000",
                "TZOFFSETFROM:+0200",
                "TZOFFSETTO:+0200",
                "END:STANDARD",
                "END:VTIMEZONE");
        assertThat(told(calendar(
                        zone,
                        event(
                                "UID:a",
                                "DTSTART;TZID=Harbour time:20261105T200000",
                                "DURATION:PT45M",
                                "SUMMARY:Tides"))))
                .containsExactly("2026-11-05 18:00 45 Tides");
    }

    @Test
    void aTimeWithoutAZoneIsMeantByTheWall() {
        assertThat(told(calendar(event("UID:a", "DTSTART:20261105T183000", "DURATION:PT1H", "SUMMARY:Here"))))
                .containsExactly("2026-11-05 18:30 60 Here");
    }

    @Test
    void weeklyOverAChangeOfClocksStaysAtItsHour() {
        assertThat(told(calendar(event(
                        "UID:a",
                        "DTSTART;TZID=Europe/Lisbon:20261022T183000",
                        "DURATION:PT1H",
                        "RRULE:FREQ=WEEKLY;COUNT=3",
                        "EXDATE;TZID=Europe/Lisbon:20261105T183000",
                        "SUMMARY:Thursdays"))))
                .containsExactly("2026-10-22 18:30 60 Thursdays", "2026-10-29 18:30 60 Thursdays");
    }

    @Test
    void oneOfManyThatWasMovedAndOneThatIsCancelled() {
        assertThat(told(calendar(
                        event(
                                "UID:a",
                                "DTSTART;TZID=Europe/Lisbon:20261105T183000",
                                "DURATION:PT1H",
                                "RRULE:FREQ=WEEKLY;COUNT=3",
                                "SUMMARY:Thursdays"),
                        event(
                                "UID:a",
                                "RECURRENCE-ID;TZID=Europe/Lisbon:20261112T183000",
                                "DTSTART;TZID=Europe/Lisbon:20261113T190000",
                                "DURATION:PT1H",
                                "SUMMARY:Thursdays"),
                        event(
                                "UID:a",
                                "RECURRENCE-ID;TZID=Europe/Lisbon:20261119T183000",
                                "DTSTART;TZID=Europe/Lisbon:20261119T183000",
                                "DURATION:PT1H",
                                "STATUS:CANCELLED",
                                "SUMMARY:Thursdays"))))
                .containsExactlyInAnyOrder(
                        "2026-11-05 18:30 60 Thursdays",
                        "2026-11-13 19:00 60 Thursdays",
                        "2026-11-19 18:30 60 Thursdays cancelled");
    }

    @Test
    void wholeDaysAndSeveralOfThem() {
        assertThat(told(calendar(event(
                        "UID:a",
                        "DTSTART;VALUE=DATE:20261224",
                        "DTEND;VALUE=DATE:20261227",
                        "SUMMARY:Harbour closed"))))
                .containsExactly("2026-12-24 all day 4320 Harbour closed");
        assertThat(told(calendar(
                        event("UID:a", "DTSTART;VALUE=DATE:20261208", "SUMMARY:Feast", "RRULE:FREQ=YEARLY;COUNT=1"))))
                .containsExactly("2026-12-08 all day 1440 Feast");
        assertThat(read(calendar(event(
                                "UID:a", "DTSTART;VALUE=DATE:20261224", "DTEND;VALUE=DATE:20261227", "SUMMARY:x")))
                        .events()
                        .get(0)
                        .lastDay())
                .isEqualTo("2026-12-26");
    }

    @Test
    void whatHasNoEndGoesOnNoLongerThanIsAskedFor() {
        List<Event> events = read(calendar(event(
                        "UID:a",
                        "DTSTART;TZID=Europe/Lisbon:20200102T070000",
                        "DURATION:PT1H",
                        "RRULE:FREQ=DAILY",
                        "SUMMARY:Every day")))
                .events();
        assertThat(events).hasSize(365);
        assertThat(events.get(0).day()).isEqualTo(FROM);
        CalendarFile.Read many = read(calendar(
                event("UID:a", "DTSTART:20261001T000000Z", "DURATION:PT1M", "RRULE:FREQ=HOURLY", "SUMMARY:Bell")));
        assertThat(many.events()).hasSize(2_000);
        assertThat(many.said()).singleElement().asString().contains("more than the 2000");
    }

    @Test
    void whatLiesOutsideIsCounted() {
        CalendarFile.Read read = read(calendar(
                event("UID:old", "DTSTART:20200101T100000Z", "DURATION:PT1H", "SUMMARY:Old"),
                event("UID:now", "DTSTART:20261101T100000Z", "DURATION:PT1H", "SUMMARY:Now")));
        assertThat(read.events()).hasSize(1);
        assertThat(read.said()).containsExactly("1 of its events have no date from 2026-10-01 to 2027-09-30.");
        assertThat(read.uids()).as("both are forgotten when they come again").containsExactly("old", "now");
    }

    @Test
    void namesThatAreLongOrNoneOrFolded() {
        assertThat(told(calendar(event("UID:a", "DTSTART:20261101T100000Z", "DURATION:PT1H"))))
                .containsExactly("2026-11-01 10:00 60 Something without a name");
        assertThat(told(calendar(event(
                        "UID:a", "DTSTART:20261101T100000Z", "DURATION:PT1H", "SUMMARY:Tide\\, slack\r\n  water"))))
                .containsExactly("2026-11-01 10:00 60 Tide, slack water");
        assertThat(told(calendar(event(
                                "UID:a", "DTSTART:20261101T100000Z", "DURATION:PT1H", "SUMMARY:" + "x".repeat(400))))
                        .get(0))
                .hasSizeLessThan(150)
                .endsWith("…");
    }

    @Test
    void whatIsNoCalendarIsAnswered() {
        assertThatThrownBy(() -> read("Dear Maren,"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("BEGIN:VCALENDAR");
        assertThatThrownBy(() -> read("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nnonsense\r\n"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot be read");
        assertThat(read(calendar(event("UID:a", "SUMMARY:never"))).said().get(0))
                .contains("no beginning");
    }

    @Test
    void whateverIsWrittenNothingBreaks() {
        Random random = new Random(22);
        String good = calendar(event(
                "UID:a",
                "DTSTART;TZID=Europe/Lisbon:20261105T183000",
                "DURATION:PT1H",
                "RRULE:FREQ=WEEKLY;COUNT=3",
                "SUMMARY:x"));
        for (int i = 0; i < 400; i++) {
            StringBuilder text = new StringBuilder(good);
            for (int k = 0; k < 3; k++) {
                int at = random.nextInt(text.length());
                if (random.nextBoolean()) text.deleteCharAt(at);
                else text.setCharAt(at, (char) (32 + random.nextInt(96)));
            }
            try {
                read(text.toString());
            } catch (Refused e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void whatGoesOutIsReadBackByTheLibrary() throws Exception {
        Entry entry = new Entry(
                "group-2026-11-05",
                LocalDate.of(2026, 11, 5),
                LocalDate.of(2026, 11, 5),
                LocalTime.of(18, 30),
                60,
                "Thursday evening",
                "",
                null,
                "The loft",
                "Half moon, week 3 of 6",
                "",
                "c",
                "Half moon, week 3 of 6",
                false,
                true,
                true,
                null,
                null,
                true,
                "",
                List.of());
        Entry day = new Entry(
                "course-3",
                LocalDate.of(2027, 3, 3),
                LocalDate.of(2027, 3, 3),
                null,
                1440,
                "Day 3 of 21, 14.3 %",
                "",
                null,
                "",
                "A little every day, day 3 of 21",
                "",
                "",
                "",
                true,
                true,
                true,
                null,
                null,
                true,
                "",
                List.of());
        Clock clock = Clock.fixed(Instant.parse("2026-11-01T10:00:00Z"), ZoneOffset.UTC);
        String text = CalendarFile.of(List.of(entry, day), LISBON, clock);
        Calendar back = new CalendarBuilder().build(new StringReader(text));
        List<VEvent> events = back.getComponents("VEVENT");
        assertThat(events).hasSize(2);
        back.validate();
        assertThat(told(text))
                .containsExactly(
                        "2026-11-05 18:30 60 Thursday evening: Half moon, week 3 of 6",
                        "2027-03-03 all day 1440 Day 3 of 21, 14.3 % cancelled");
        assertThat(text).contains("LOCATION:The loft").contains("Half moon\\, week 3 of 6");
    }
}
