package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import gurukram.core.plan.settings.OwnPace;
import gurukram.web.account.OwnPaceStore;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Three slow classes change what is planned next: when the teacher says so. */
class PaceJourneyTest extends BrowserTests {
    private static final double SLOW = 1.5;

    private long now = 1_900_000_000_000L;

    PaceJourneyTest(TestApp app) {
        super(app);
    }

    /** Teaches a class by hand: getting into every pose takes half as long again, staying in it as long as planned. */
    private void teachSlowly(ClassId id) {
        page.navigate(app.url("/classes/" + id));
        page.locator("#teach").click();
        page.waitForURL("**/room/*");
        now += 86_400_000L;
        moveClocks(now);
        page.locator(".ready .begin").click();
        page.keyboard().press("a");
        List<?> lines = (List<?>) page.evaluate(
                "JSON.parse(document.getElementById('script').textContent).moments.map(m => [m.leadInMs, m.workMs])");
        for (Object line : lines) {
            List<?> times = (List<?>) line;
            long leadIn = ((Number) times.get(0)).longValue();
            now += Math.round(leadIn * SLOW) + ((Number) times.get(1)).longValue();
            moveClocks(now);
            page.waitForTimeout(120);
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");
    }

    private static long seconds(String clock) {
        String[] parts = clock.split(":");
        return Long.parseLong(parts[0]) * 60 + Long.parseLong(parts[1]);
    }

    @Test
    void threeSlowClassesAreASuggestionThatIsTakenAndTakenBack() {
        Teacher teacher = app.newTeacher();
        String[] lines = {
            "section standing",
            "mountain, 5 breaths",
            "tree, both, 5 breaths",
            "triangle, both, 5 breaths",
            "warrior 2, both, 5 breaths",
            "chair, 5 breaths",
            "goddess, 5 breaths",
            "section floor",
            "bridge, 5 breaths",
            "seated forward bend, 5 breaths",
            "section rest",
            "final rest, 4 min"
        };
        ClassId id = app.newClass(teacher, lines);
        signIn(teacher.email());
        stopClocks(now);
        page.navigate(app.url("/pace"));
        assertThat(page.locator("main")).containsText("it takes three classes");
        teachSlowly(id);
        teachSlowly(id);
        page.navigate(app.url("/pace"));
        assertThat(page.locator("main")).containsText("it takes three classes");
        teachSlowly(id);

        page.navigate(app.url("/classes/" + id));
        String before = page.locator(".head-length > .num").innerText();
        String band = page.locator(".head-length").innerText();
        page.navigate(app.url("/pace"));
        assertThat(page.locator("#pace-says")).isVisible();
        assertThat(page.locator(".pace-figures")).containsText("times in 3 classes");
        axeFindsNothing();
        String told = page.locator(".pace-figures .num").first().innerText();
        Matcher lengths = Pattern.compile("([0-9:]+) → ([0-9:]+)").matcher(told);
        Assertions.assertThat(lengths.matches()).as(told).isTrue();
        Assertions.assertThat(lengths.group(1)).isEqualTo(before);
        page.locator(".pace-figures >> text=Take it").first().click();
        assertThat(page.locator("main")).containsText("Your classes are reckoned by it from now on.");
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator(".head-length > .num")).hasText(lengths.group(2));
        Assertions.assertThat(page.locator(".head-length").innerText()).isNotEqualTo(band);

        page.navigate(app.url("/pace"));
        page.locator("text=Take all of them").click();
        OwnPace own = app.bean(OwnPaceStore.class).own(teacher);
        Assertions.assertThat(own.likelyPercent()).as("the band narrows").isLessThan(OwnPace.USUAL_PERCENT);
        Assertions.assertThat(own.factor(OwnPace.Figure.SETTING_UP_SIMPLE).doubleValue())
                .isBetween(1.2, 1.6);
        page.navigate(app.url("/classes/" + id));
        long longer = seconds(page.locator(".head-length > .num").innerText()) - seconds(before);
        Assertions.assertThat(longer).as("seconds longer").isGreaterThan(60);

        page.navigate(app.url("/pace?taken"));
        page.locator("text=Take that back").click();
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator(".head-length > .num")).hasText(lengths.group(2));
        page.navigate(app.url("/pace"));
        page.locator("text=All as usual again").click();
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator(".head-length > .num")).hasText(before);
        page.navigate(app.url("/pace"));
        int suggested = page.locator("text=Not for me").count();
        page.locator("text=Not for me").first().click();
        assertThat(page.locator("text=Not for me")).hasCount(suggested - 1);
    }
}
