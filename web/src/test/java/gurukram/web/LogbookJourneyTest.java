package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.SelectOption;
import gurukram.core.pose.Level;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A term written down by hand, put right, looked at by weeks, and what that does to the next brief. */
class LogbookJourneyTest extends BrowserTests {
    LogbookJourneyTest(TestApp app) {
        super(app);
    }

    private void line(String words) {
        page.locator("#line").fill(words);
        enter();
    }

    private static String daysAgo(int days) {
        return LocalDate.now().minusDays(days).toString();
    }

    @Test
    void aTermWrittenDownByHandSaysWhatToTeachNext() {
        Teacher teacher = app.newTeacher();
        UUID group = app.bean(GroupStore.class)
                .create(teacher, Group.of("Thursday", DayOfWeek.THURSDAY, LocalTime.of(18, 30), 60, Level.BEGINNER));
        ClassId id = app.newClass(
                teacher, "section standing", "tree, both, 8 breaths", "triangle, both, 8 breaths", "chair, 8 breaths");
        app.bean(JdbcClient.class)
                .sql("update yoga_class set group_id = :group where id = :id")
                .param("group", group)
                .param("id", id.value())
                .update();
        signIn(teacher.email());
        page.navigate(app.url("/logbook"));
        line(daysAgo(1) + ", 20 min, left out dragonfly, 9 people");
        assertThat(page.locator("#line-problems")).containsText("There is no “dragonfly” in this class");
        assertThat(page.locator("#line")).hasValue(daysAgo(1) + ", 20 min, left out dragonfly, 9 people");
        axeFindsNothing();
        line(daysAgo(1) + ", 20 min, left out triangle on the left, 9 people");
        assertThat(page.locator("main")).containsText("It is in the logbook as it stands here");
        assertThat(page.locator("main")).containsText("Triangle, left");
        page.locator("#node").selectOption(new SelectOption().setLabel("Standing: Tree"));
        page.locator("#words").fill("the wall from the start");
        page.keyboard().press("Enter");
        assertThat(page.locator("#rows")).containsText("Tree: the wall from the start");
        page.locator("summary").click();
        page.locator("#took").fill("21");
        page.keyboard().press("Enter");
        assertThat(page.locator(".taught-sum")).containsText("21:00");
        assertThat(page.locator("main")).containsText("20:00");
        axeFindsNothing();
        for (int weeks = 1; weeks <= 3; weeks++) {
            page.navigate(app.url("/logbook"));
            line(daysAgo(1 + 7 * weeks) + ", 20 min");
        }
        page.navigate(app.url("/logbook/weeks"));
        assertThat(page.locator(".missed")).containsText("No backbend in any of the last four classes.");
        axeFindsNothing();
        page.locator("text=Draft a class with a backbend").click();
        // the scripts of the page are there once it has loaded
        page.waitForURL(Pattern.compile(".*/drafts/.*"));
        page.locator("#group").selectOption(group.toString());
        assertThat(page.locator("#lately")).containsText("Triangle left was left out: begin left next time");
        assertThat(page.locator("[name='missed-BACKBEND']")).isChecked();
        axeFindsNothing();
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator("main[data-ready]")).isVisible();
        page.locator("[data-name=Tree] .pose-name").click();
        assertThat(page.locator(".panel-owed")).containsText("Tree: the wall from the start");
    }
}
