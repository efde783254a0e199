package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A pose is looked for, read, followed up its ladder, and made one's own, from the keyboard. */
class PosesJourneyTest extends BrowserTests {
    PosesJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void fromAMisspelledNameToAPoseOfOnesOwn() {
        signIn(app.newTeacher().email());
        page.navigate(app.url("/poses"));
        axeFindsNothing();
        // at once: on a slow machine a pause between two letters is a search of its own
        page.locator("#q").fill("haf moon");
        assertThat(page.locator(".found-count")).containsText("for “haf moon”");
        assertThat(page.locator("#found .tile-name").first()).hasText("Half moon");
        assertThat(page).hasURL(Pattern.compile(".*q=haf(\\+|%20)moon.*"));
        page.goBack();
        assertThat(page.locator("#found .family h2").first()).hasText("Seats");
        page.navigate(app.url("/poses?q=half+moon&need=ANKLE"));
        assertThat(page.locator(".tile-note").first()).containsText("ankle: You may keep a hand on the wall");
        axeFindsNothing();

        page.locator("#found .tile").first().focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).hasText("Half moon");
        assertThat(page.locator(".pose-figures img")).hasCount(2);
        until(
                "[...document.querySelectorAll('.pose-figures img, .felt')].every(i => i.complete && i.naturalWidth > 0)");
        axeFindsNothing();
        page.setViewportSize(390, 844);
        assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= 390"))
                .isTrue();
        page.setViewportSize(1280, 800);

        assertThat(page.locator(".rungs .marked").first()).containsText("Half moon");
        page.click("text=Ladder: Half moon");
        assertThat(page.locator(".ladder .marked")).containsText("Half moon");
        axeFindsNothing();

        page.navigate(app.url("/poses/half-moon/own"));
        String before = page.locator(".own-picture").innerHTML();
        page.locator("input[name=head]").focus();
        for (int i = 0; i < 20; i++) page.keyboard().press("ArrowRight");
        page.waitForFunction("was => document.querySelector('.own-picture').innerHTML !== was", before);
        axeFindsNothing();
        page.fill("input[name=dose0]", "lots");
        page.click("text=Save");
        assertThat(page.locator("#fault-dose")).containsText("“lots” is not a dose");
        page.fill("input[name=dose0]", "3 breaths");
        page.fill("input[name=name]", "Moon over the harbour");
        page.click("text=Save");
        assertThat(page.locator("h1")).hasText("Moon over the harbour");
        assertThat(page.locator(".pose-do")).containsText("Back to the shipped one");
    }
}
