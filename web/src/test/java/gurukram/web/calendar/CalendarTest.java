package gurukram.web.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.group.Room;
import gurukram.core.pose.Level;
import gurukram.web.account.Zones;
import gurukram.web.calendar.BookingStandIn.Mood;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.io.StringReader;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A teacher's calendar, over the wire. */
@ExtendWith(TestApp.Extension.class)
class CalendarTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;
    private LocalDate today;
    private LocalDate thursday;
    private UUID group;
    private UUID loft;
    private UUID hall;

    CalendarTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void furnish() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        today = app.bean(Zones.class).today(teacher);
        thursday = today.with(TemporalAdjusters.next(DayOfWeek.THURSDAY));
        GroupStore groups = app.bean(GroupStore.class);
        loft = groups.create(teacher, new Room("The loft", Map.of(), true, 16));
        hall = groups.create(teacher, new Room("Net hall", Map.of(), true, 20));
        group = groups.create(teacher, group("Thursday evening", DayOfWeek.THURSDAY, loft));
    }

    @AfterEach
    void well() {
        standIn().be(Mood.WELL);
    }

    private BookingStandIn standIn() {
        return app.bean(Booked.class).standIn().orElseThrow();
    }

    private static Group group(String name, DayOfWeek day, UUID room) {
        return new Group(
                null,
                name,
                day,
                LocalTime.of(18, 30),
                60,
                Level.INTERMEDIATE,
                12,
                Map.of(),
                null,
                "",
                Group.Touch.UNKNOWN,
                room);
    }

    private String month(LocalDate day) {
        return http.get("/calendar?month=" + YearMonth.from(day)).body();
    }

    private String week(LocalDate day) {
        return http.get("/calendar/week?day=" + day).body();
    }

    private void keep(LocalDate day, String... fields) {
        HttpResponse<String> answer = http.post("/calendar/groups/" + group + "/" + day, fields);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
    }

    private String[] usual(LocalDate day, String... more) {
        String[] fields = new String[8 + more.length];
        System.arraycopy(
                new String[] {"class", "", "day", day.toString(), "starts", "18:30", "substitute", ""},
                0,
                fields,
                0,
                8);
        System.arraycopy(more, 0, fields, 8, more.length);
        return fields;
    }

    private static int count(String text, String what) {
        return text.split(Pattern.quote(what), -1).length - 1;
    }

    @Test
    void aMonthHasEveryDateOfTheGroupAndSaysWhatLacksAClass() {
        LocalDate next = today.plusMonths(1).withDayOfMonth(15);
        String shown = month(next);
        LocalDate first = MonthPage.first(YearMonth.from(next));
        LocalDate last = MonthPage.last(YearMonth.from(next));
        long thursdays = first.datesUntil(last.plusDays(1))
                .filter(day -> day.getDayOfWeek() == DayOfWeek.THURSDAY)
                .count();
        assertThat(count(shown, ">Thursday evening</a>")).isEqualTo((int) thursdays);
        assertThat(shown).contains("dates to come have no class yet.", "no class yet");
    }

    @Test
    void aClassIsChosenForADateAndOneIsMovedCancelledOrTaughtByAnother() {
        ClassId tides = app.newClass(teacher, "mountain, 3 breaths");
        String title = app.bean(ClassStore.class)
                .find(teacher, tides)
                .orElseThrow()
                .plan()
                .settings()
                .title();
        keep(thursday, "class", tides.toString(), "day", thursday.toString(), "starts", "18:30", "substitute", "");
        assertThat(week(thursday)).contains(title).doesNotContain("no class yet");
        keep(thursday, usual(thursday.plusDays(1)));
        assertThat(week(thursday)).contains("moved from").contains("no class yet");
        keep(thursday, usual(thursday, "cancelled", "on"));
        assertThat(week(thursday)).contains("cancelled").doesNotContain("no class yet");
        keep(thursday, "class", "", "day", thursday.toString(), "starts", "7.15", "substitute", "Jon <b>");
        assertThat(week(thursday)).contains("Jon &lt;b&gt; teaches it", "07:15").doesNotContain("no class yet");
        HttpResponse<String> wrong = http.post(
                "/calendar/groups/" + group + "/" + thursday,
                "class",
                "x",
                "day",
                "soon",
                "starts",
                "late",
                "substitute",
                "a".repeat(90));
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body())
                .contains(
                        "“soon” is no day.", "“late” is none", "Please choose one of the list.", "at most 80 letters");
        assertThat(http.get("/calendar/groups/" + group + "/" + thursday.plusDays(1))
                        .statusCode())
                .as("the group does not meet then")
                .isEqualTo(404);
    }

    @Test
    void aMovedDateIsSeenInTheWeekItMovedTo() {
        keep(thursday, usual(thursday.plusWeeks(3).plusDays(1)));
        assertThat(week(thursday)).doesNotContain(">Thursday evening</a>");
        assertThat(count(week(thursday.plusWeeks(3)), ">Thursday evening</a>")).isEqualTo(2);
    }

    @Test
    void whatCannotBeIsSaidWithTheWayBetweenRooms() {
        assertThat(http.post("/calendar/ways", field(), "25").statusCode()).isEqualTo(302);
        assertThat(http.get("/calendar/files").body()).contains("value=\"25\"");
        event("Slow boats", "19:40", "60", hall);
        assertThat(week(thursday))
                .contains("From Thursday evening to Slow boats there are 10 minutes, and the way takes 25.");
        event("Workshop", "19:00", "30", null);
        assertThat(week(thursday)).contains("Thursday evening and Workshop are at the same time for 30 minutes.");
        assertThat(month(thursday)).contains("clashes");
        assertThat(http.post("/calendar/ways", field(), "far").body()).contains("a whole number from 0 to 240");
    }

    /** As the page names it. */
    private String field() {
        Matcher m = Pattern.compile("name=\"(way-[^\"]+)\"")
                .matcher(http.get("/calendar/files").body());
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    private void event(String title, String starts, String minutes, UUID room) {
        HttpResponse<String> answer = http.post(
                "/calendar/events/new",
                "title",
                title,
                "kind",
                "SUBSTITUTION",
                "day",
                thursday.toString(),
                "starts",
                starts,
                "minutes",
                minutes,
                "class",
                "",
                "room",
                room == null ? "" : room.toString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
    }

    @Test
    void anEventIsChangedAndTakenOutAgain() {
        event("Slow boats", "10:00", "60", hall);
        String shown = week(thursday);
        assertThat(shown).contains("Slow boats", "for another teacher", "Net hall");
        Matcher m = Pattern.compile("/calendar/events/([0-9a-f-]{36})\"").matcher(shown);
        assertThat(m.find()).isTrue();
        String id = m.group(1);
        assertThat(http.get("/calendar/events/" + id).body()).contains("value=\"Slow boats\"", "value=\"10:00\"");
        HttpResponse<String> wrong = http.post(
                "/calendar/events/" + id,
                "title",
                " ",
                "kind",
                "IMPORTED",
                "day",
                "",
                "starts",
                "25:00",
                "minutes",
                "0");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("Give it a name.", "Choose a day.", "“25:00” is none", "from 5 to 720");
        http.post("/calendar/events/" + id + "/remove");
        assertThat(week(thursday)).doesNotContain("Slow boats");
    }

    @Test
    void aCourseStandsOnItsDatesAndItsClassesWithIt() {
        HttpResponse<String> made = http.post(
                "/courses/new",
                "title",
                "Half moon",
                "group",
                group.toString(),
                "rhythm",
                "WEEKLY",
                "lessons",
                "4",
                "minutes",
                "",
                "first",
                thursday.toString(),
                "aim",
                "PEAK",
                "peak",
                "half-moon",
                "start",
                "3",
                "breaths",
                "5",
                "more",
                "1",
                "most",
                "10",
                "rounds",
                "2",
                "to-rounds",
                "3",
                "lighter",
                "",
                "themes",
                "");
        String course = Http.location(made).replaceFirst(".*/courses/", "");
        assertThat(week(thursday)).contains("Half moon, week 1 of 4", "no class yet", "is-roped");
        assertThat(http.post("/courses/" + course + "/lessons/1/draft").statusCode())
                .isEqualTo(302);
        assertThat(week(thursday)).contains(">Half moon, week 1 of 4</a>").doesNotContain("no class yet");
        http.post(
                "/courses/" + course + "/lessons/2", "day", thursday.plusDays(8).toString());
        String moved = week(thursday.plusWeeks(1));
        assertThat(moved).as("the group meets on Friday then").contains("Half moon, week 2 of 4", "moved from");
        assertThat(count(moved, "<b>no class yet</b>")).isEqualTo(1);
        http.post(
                "/courses/" + course + "/lessons/2",
                "day",
                thursday.plusDays(11).toString());
        assertThat(week(thursday.plusWeeks(1))).doesNotContain("week 2 of 4");
        assertThat(week(thursday.plusDays(11))).contains("Half moon, week 2 of 4", "moved from");
    }

    @Test
    void aDailyCourseStandsOnEveryDay() {
        http.post(
                "/courses/new",
                "title",
                "Ten minutes",
                "group",
                group.toString(),
                "rhythm",
                "DAILY",
                "lessons",
                "21",
                "minutes",
                "10",
                "first",
                thursday.toString(),
                "aim",
                "THEME",
                "theme",
                "hips",
                "start",
                "1",
                "breaths",
                "5",
                "more",
                "1",
                "most",
                "10",
                "rounds",
                "2",
                "to-rounds",
                "3",
                "lighter",
                "",
                "themes",
                "hips, twists");
        assertThat(week(thursday.plusWeeks(1))).contains("Day 5 of 21, 23.8 %", "Day 11 of 21, 52.4 %", ">twists</p>");
    }

    @Test
    void theFeedIsReadWithoutAPasswordUntilItsLinkEnds() throws Exception {
        ClassId tides = app.newClass(teacher, "mountain, 3 breaths");
        keep(thursday, "class", tides.toString(), "day", thursday.toString(), "starts", "18:30", "substitute", "");
        keep(thursday.plusWeeks(1), usual(thursday.plusWeeks(1), "cancelled", "on"));
        String first = link();
        Http anybody = Http.on(app);
        HttpResponse<String> feed = anybody.get(first);
        assertThat(feed.statusCode()).isEqualTo(200);
        assertThat(feed.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/calendar");
        List<VEvent> events =
                new CalendarBuilder().build(new StringReader(feed.body())).getComponents("VEVENT");
        assertThat(events).hasSizeBetween(58, 62);
        assertThat(events.stream()
                        .map(event -> event.getUid().orElseThrow().getValue())
                        .distinct())
                .hasSize(events.size());
        assertThat(events.stream()
                        .filter(event -> event.getStatus() != null)
                        .map(event -> event.getStatus().getValue()))
                .containsExactly("CANCELLED");
        assertThat(feed.body()).contains("LOCATION:The loft").doesNotContain("wrist");
        assertThat(http.get("/calendar.ics").body()).contains("BEGIN:VCALENDAR");

        String second = link();
        assertThat(anybody.get(first).statusCode()).as("another was made").isEqualTo(404);
        assertThat(anybody.get(second).statusCode()).isEqualTo(200);
        http.post("/calendar/feed/end");
        assertThat(anybody.get(second).statusCode()).isEqualTo(404);
        assertThat(anybody.get("/calendar/feed/guess.ics").statusCode()).isEqualTo(404);
        assertThat(anybody.get("/calendar").statusCode()).isEqualTo(302);
    }

    private String link() {
        Matcher m = Pattern.compile("(/calendar/feed/[^\"/]+\\.ics)\"")
                .matcher(http.post("/calendar/feed").body());
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    @Test
    void anotherCalendarIsTakenOverAndReplacedWhenItComesAgain() {
        String text = ics("Harbour closed", thursday);
        HttpResponse<String> answer = http.post("/calendar/import", "text", text);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        String shown = week(thursday);
        assertThat(shown).contains("Harbour closed", "from another calendar", "“Harbour closed” is all that day.");
        http.post("/calendar/import", "text", ics("Harbour open after all", thursday));
        assertThat(week(thursday)).contains("Harbour open after all").doesNotContain("Harbour closed");
        assertThat(http.get("/calendar.ics").body()).as("it is theirs already").doesNotContain("Harbour");
        HttpResponse<String> wrong = http.post("/calendar/import", "text", "Dear Maren");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("That is no calendar", ">Dear Maren</textarea>");
        assertThat(http.post("/calendar/import", "text", "").body()).contains("Choose a file, or paste what is in it.");
        http.post("/calendar/import/remove");
        assertThat(week(thursday)).doesNotContain("Harbour");
    }

    private static String ics(String name, LocalDate day) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:%s\r\nSUMMARY:%s\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"
                .formatted(day.toString().replace("-", ""), name);
    }

    @Test
    void bookingsStandAtTheirDatesAndTonightGoesByThem() {
        GroupStore groups = app.bean(GroupStore.class);
        UUID tonight = groups.create(teacher, group("Tonight", today.getDayOfWeek(), loft));
        HttpResponse<String> answer = http.post("/calendar/bookings");
        assertThat(http.get(Http.location(answer)).body())
                .contains("Bookings of", "from a stand-in: its numbers are made up");
        GroupStore.Booked booked = groups.booked(teacher, tonight, today).orElseThrow();
        assertThat(booked.mats()).isBetween(6, 12);
        assertThat(week(today)).contains(booked.mats() + " booked");
        ClassId planned = app.newClass(teacher, "mountain, 3 breaths");
        app.bean(ClassStore.class).setGroup(teacher, planned, tonight);
        assertThat(http.get("/classes/" + planned + "/tonight").body())
                .contains("Booked tonight: " + booked.mats(), booked.mats() + " mats.");
        assertThat(groups.people(teacher, tonight, today).mats()).isEqualTo(booked.mats());
        assertThat(groups.people(teacher, tonight, today.plusDays(1)).mats()).isEqualTo(12);
    }

    @Test
    void aBookingCalendarThatIsSlowDownOrWrongChangesNothing() {
        http.get(Http.location(http.post("/calendar/bookings")));
        GroupStore groups = app.bean(GroupStore.class);
        GroupStore.Booked before = groups.booked(teacher, group, thursday).orElseThrow();
        for (Map.Entry<Mood, String> one : Map.of(
                        Mood.SLOW, "The booking calendar does not answer. What was known before stands.",
                        Mood.DOWN, "The booking calendar is out of order (503).",
                        Mood.WRONG, "says something that cannot be; nothing of it is taken.")
                .entrySet()) {
            standIn().be(one.getKey());
            long at = System.nanoTime();
            String told =
                    http.get(Http.location(http.post("/calendar/bookings"))).body();
            assertThat(told).contains(one.getValue());
            assertThat((System.nanoTime() - at) / 1_000_000)
                    .as("nobody waits long")
                    .isLessThan(4_000);
            assertThat(groups.booked(teacher, group, thursday)).contains(before);
        }
    }

    @Test
    void whatCannotBeReadIsTodays() {
        for (String query :
                List.of("?month=never", "?month=9999-12", "?month=-1", "/week?day=2026-99-01", "/week?day="))
            assertThat(http.get("/calendar" + query).statusCode()).as(query).isEqualTo(200);
    }
}
