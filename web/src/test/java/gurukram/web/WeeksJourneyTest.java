package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.group.Room;
import gurukram.core.pose.Level;
import gurukram.web.account.Zones;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** From a group to a course, its dates, and what another calendar and the studio say; by keyboard where people use one. */
class WeeksJourneyTest extends BrowserTests {
    WeeksJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void fourWeeksForThursday() {
        Teacher teacher = app.newTeacher();
        GroupStore groups = app.bean(GroupStore.class);
        UUID loft = groups.create(teacher, new Room("The loft", Map.of(), true, 16));
        groups.create(teacher, new Room("Net hall", Map.of(), true, 16));
        UUID group = groups.create(
                teacher,
                new Group(
                        null,
                        "Thursday lamplight",
                        DayOfWeek.THURSDAY,
                        LocalTime.of(18, 30),
                        60,
                        Level.INTERMEDIATE,
                        12,
                        Map.of(),
                        null,
                        "",
                        Group.Touch.UNKNOWN,
                        loft));
        LocalDate thursday = app.bean(Zones.class).today(teacher).with(TemporalAdjusters.next(DayOfWeek.THURSDAY));
        signIn(teacher.email());
        page.navigate(app.url("/groups/" + group));
        page.locator("text=A course for this group").click();
        assertThat(page.locator("#first")).hasValue(thursday.toString());
        axeFindsNothing();
        phone();
        page.locator("#peak").selectOption("half-moon");
        page.locator("#start").fill("3");
        page.locator("#lessons").fill("4");
        enter();
        assertThat(page.locator("h1")).hasText("Half moon");
        page.locator("text=Draft all classes").focus();
        enter();
        assertThat(page.locator(".told")).containsText("Drafted: 4.");
        assertThat(page.locator(".lessons > li")).hasCount(4);
        axeFindsNothing();
        phone();

        page.locator("[aria-label='Change week 2']").focus();
        enter();
        axeFindsNothing();
        page.locator("#theme").fill("slack water");
        enter();
        assertThat(page.locator(".told")).containsText("Week 2 has “slack water” instead of no theme");
        page.locator("#n1 button:has-text('put it off')").focus();
        enter();
        assertThat(page.locator(".told")).containsText("and what follows moves with it");
        page.locator("text=Take the last change back").focus();
        enter();
        assertThat(page.locator("#n1")).containsText("next");

        page.navigate(app.url("/"));
        assertThat(page.locator(".coming")).containsText("Half moon, week 1 of 4");
        page.navigate(app.url("/calendar?month=" + YearMonth.from(thursday)));
        assertThat(page.locator(".is-roped").first()).containsText("Half moon, week 1 of 4");
        axeFindsNothing();
        phone();
        page.locator("text=Ask for bookings").focus();
        enter();
        assertThat(page.locator(".told")).containsText("Bookings of 2 dates are known.");
        page.navigate(app.url("/calendar/week?day=" + thursday));
        assertThat(page.locator(".month")).containsText("booked");
        axeFindsNothing();
        page.locator(".meet-what").first().focus();
        enter();
        assertThat(page.locator("main")).containsText("of 12 mats are booked");
        axeFindsNothing();
        page.locator("#substitute").fill("Jon");
        enter();
        assertThat(page.locator(".month")).containsText("Jon teaches it");
        page.locator("text=Add a class once").click();
        axeFindsNothing();

        page.navigate(app.url("/calendar/files"));
        axeFindsNothing();
        page.locator("#text")
                .fill(
                        "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//x//EN\nBEGIN:VEVENT\nUID:1\nDTSTAMP:20260101T000000Z\nDTSTART;VALUE=DATE:%s\nSUMMARY:Harbour feast\nEND:VEVENT\nEND:VCALENDAR\n"
                                .formatted(thursday.toString().replace("-", "")));
        page.locator("text=Take it over").click();
        assertThat(page.locator(".told")).containsText("1 date is taken over.");
        page.navigate(app.url("/calendar/files"));
        page.locator("text=Make a secret link").click();
        String link = page.locator("#feed-link").inputValue();
        assertThat(link).contains("/calendar/feed/");
        axeFindsNothing();
    }

    @Test
    void aLadderOfOnesOwnRungByRung() {
        Teacher teacher = app.newTeacher();
        app.bean(GroupStore.class)
                .create(teacher, Group.of("Tide", DayOfWeek.TUESDAY, LocalTime.of(7, 15), 45, Level.BEGINNER));
        signIn(teacher.email());
        page.navigate(app.url("/ladders/tree"));
        page.locator("text=Copy it and make it yours").click();
        axeFindsNothing();
        phone();
        page.locator("#name").fill("Tree at the rail");
        page.locator("[aria-label='Take rung 1 out']").focus();
        enter();
        assertThat(page.locator("#name")).hasValue("Tree at the rail");
        assertThat(page.locator(".rung-field")).hasCount(4);
        page.locator("#r1-stages").fill("heels up; hold");
        page.locator("#r1-prop-wall").fill("1");
        page.locator("#name").focus();
        // the form's own way to be sent, not the first rung's button
        enter();
        assertThat(page.locator("h1")).hasText("Tree at the rail, rung by rung");
        assertThat(page.locator("main")).containsText("heels up");
        page.locator("text=Where your groups stand").click();
        page.locator("#on-1").fill("4");
        page.locator("#on-3").fill("7");
        enter();
        assertThat(page.locator(".mats-counted")).containsText("11 mats: the middle one on rung 3, from 1 to 3");
        axeFindsNothing();
        List<String> problems = page.locator(".fault:visible").allInnerTexts();
        assertThat(problems).isEmpty();
    }
}
