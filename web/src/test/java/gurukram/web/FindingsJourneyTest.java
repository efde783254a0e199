package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From finding to finding with the keyboard, mended, kept silent, and fitted to the minute. */
class FindingsJourneyTest extends BrowserTests {
    FindingsJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void findingsAreMendedFromTheKeyboardAndTheClassIsFitted() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "chair, 4 breaths",
                "tree, right, 4 breaths",
                "flow tide, 3 rounds, one side",
                "high lunge, in",
                "standing fold, out",
                "end flow",
                "section rest",
                "final rest, 4 min",
                "section close",
                "easy seat, 2 min open");
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator("main[data-ready]")).isVisible();
        assertThat(page.locator("#checked")).containsText("1 to mend");

        // to the next finding, its mends, and the first of them taken
        page.keyboard().press("i");
        assertThat(page.locator(".is-at")).hasAttribute("data-name", "Tree");
        assertThat(page.locator("#panel .finding-what")).hasText(Pattern.compile("Tree is done on the right only.*"));
        page.locator("#panel details[data-mends] summary").first().click();
        assertThat(page.locator("#panel [data-take-mend]").first()).hasText("Do it on both sides, right first");
        axeFindsNothing();
        page.keyboard().press("y");
        assertThat(page.locator("#checked")).not().containsText("to mend,");
        assertThat(page.locator("[data-name=Tree] .side select")).hasValue("both");

        // a mark in a row opens what there is about it
        page.keyboard().press("Control+z");
        page.locator("[data-name=Chair] .pose-name").click();
        assertThat(page.locator("#panel h2")).hasText("Chair");
        page.locator("[data-name=Tree] .row-mark").click();
        assertThat(page.locator(".is-at")).hasAttribute("data-name", "Tree");
        assertThat(page.locator("#panel h2")).hasText("Tree");
        page.locator("#panel details[data-mends] summary").first().click();
        page.locator("#panel [data-take-mend]").first().click();
        assertThat(page.locator("[data-name=Tree] .row-mark.w-must")).hasCount(0);

        // undone and done again
        page.keyboard().press("Control+z");
        assertThat(page.locator("#checked")).containsText("1 to mend");
        page.keyboard().press("Control+Shift+z");
        assertThat(page.locator("#checked")).not().containsText("1 to mend");

        // the odd rounds are kept silent, with a reason
        page.locator("#checked").click();
        assertThat(page.locator("#panel h2")).hasText("What there is to look at");
        page.locator("#panel .finding", new Page.LocatorOptions().setHasText("one-sided rounds"))
                .locator("summary")
                .click();
        page.locator("#panel details[open] [data-mute-why]").fill("the fourth comes next week");
        page.locator("#panel details[open] [data-mute][data-at=class]").click();
        assertThat(page.locator("#panel .finding-muted summary")).hasText("1 kept silent");

        // fitted
        page.locator("#panel h2").click();
        page.locator(".head-length .fit").click();
        assertThat(page.locator("#fit")).isVisible();
        page.locator("#fit input[name=minutes]").fill("10");
        page.locator("#fit [data-fit-form] button").click();
        assertThat(page.locator("#fit .fit-answer strong")).containsText("lasts");
        axeFindsNothing();
        page.locator("#fit [data-fit-take] button").click();
        assertThat(page.locator("#fit")).isHidden();
        assertThat(page.locator(".head-length.fits")).isVisible();

        page.navigate(app.url("/classes/" + id + "/dry-run"));
        page.locator(".now select").selectOption("120");
        page.locator(".now button").first().click();
        assertThat(page.locator(".line.is-now")).not().hasAttribute("data-at", "0");
        axeFindsNothing();
        page.navigate(app.url("/groups/new"));
        axeFindsNothing();
        page.navigate(app.url("/classes/" + id + "/report"));
        axeFindsNothing();
    }
}
