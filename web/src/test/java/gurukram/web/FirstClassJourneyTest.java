package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.Test;

/** From an empty page to the logbook, with the keyboard. */
class FirstClassJourneyTest extends BrowserTests {
    private long now = System.currentTimeMillis();

    FirstClassJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void aClassIsWrittenAddedUpTaughtAndLogged() {
        page.navigate(app.url("/register"));
        type("#name", "Journey");
        type("#email", "journey" + System.nanoTime() + "@test.example");
        type("#password", "a sentence to remember");
        page.keyboard().press("Enter");
        assertThat(page.locator("[role=status]")).containsText("the account is made");
        axeFindsNothing();
        type("#password", "a sentence to remember");
        page.keyboard().press("Enter");
        page.waitForURL(app.url("/"));
        axeFindsNothing();

        page.locator("a:has-text('Write a class')").focus();
        enter();
        axeFindsNothing();
        type("#title", "Tide");
        page.locator("text=vinyasa").focus();
        page.locator("input[value=VINYASA]").focus();
        page.keyboard().press("Space");
        page.locator("input[name=sections]").focus();
        page.keyboard().press("Space");
        page.keyboard().press("Enter");
        page.waitForURL("**/classes/*");
        axeFindsNothing();

        line("section arrive", 1);
        line("easy seat, 1 min open", 2);
        line("section standing", 3);
        line("flow tide, 3 rounds, both sides", 4);
        line("high lunge", 5);
        line("warrior 2", 6);
        assertThat(page.locator("#line-where")).hasText("after Warrior 2");
        page.keyboard().type("end flow");
        page.keyboard().press("Enter");
        assertThat(page.locator("#line-where")).hasText("after tide");
        line("half pigeon, both, 8 breaths", 7);
        line("section rest", 8);
        line("final rest, 60 s", 9);

        // Seat 7.2 setting up + 60; flow 10 into the lunge + 41.952; pigeon 5 + 21.6 + 64 + 18 + 64; rest 7.5 + 7.2 +
        // 60
        assertThat(page.locator(".head-length > .num")).hasText("6:06");
        assertThat(row("tide").locator(".length")).hasText("0:52");
        assertThat(row("Half pigeon").locator(".length")).hasText("2:52.6");
        assertThat(row("tide").locator(".counts")).hasText("3 rounds = 6 one-sided passes, 12 movements, 6 breaths");
        assertThat(page.locator(".side-words")).hasText("even");
        axeFindsNothing();

        // more and fewer rounds with the arrow keys, then undo from a row
        row("tide").locator("input.number").first().focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator(".head-length > .num")).hasText("6:19");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        assertThat(page.locator(".head-length > .num")).hasText("6:06");

        page.reload();
        assertThat(page.locator(".head-length > .num")).hasText("6:06");
        assertThat(page.locator("[data-row]")).hasCount(9);

        teachAndLog();
    }

    private void teachAndLog() {
        stopClocks(now);
        page.locator("#teach").focus();
        page.keyboard().press("Enter");
        page.waitForURL("**/room/*");
        assertThat(page.locator(".ready-length strong").first()).hasText("6:06");
        axeFindsNothing();
        page.locator(".begin >> visible=true").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".room-name")).hasText("Easy seat");

        later(67_200 + 10_000 + 1_000);
        assertThat(page.locator(".room-name")).hasText("High lunge");
        assertThat(page.locator(".room-where")).hasText("tide · round 1 of 3");
        assertThat(page.locator(".room-side")).hasText("right front leg");
        assertThat(page.locator(".right-panel")).isVisible();
        assertThat(page.locator(".left-panel")).isHidden();
        assertThat(page.locator(".room-phase")).hasText("inhale");
        axeFindsNothing();

        // to the pigeon: 41.952 of flow, less the second gone; then its third breath: 5 + 21.6 + 2.5 × 8
        later(40_952 + 26_600 + 20_000);
        assertThat(page.locator(".room-name")).hasText("Half pigeon");
        assertThat(page.locator(".room-number")).hasText("3 of 8");
        page.keyboard().press("Space");
        later(30_000);
        assertThat(page.locator(".room-phase")).hasText("paused");
        assertThat(page.locator(".room-drift")).hasText("0:30 behind");
        page.keyboard().press("Space");
        assertThat(page.locator(".room-number")).hasText("3 of 8");

        later(44_000 + 82_000 + 14_700 + 60_000);
        assertThat(page.locator(".over h1")).isVisible();
        assertThat(page.locator(".over [role=status]")).hasText("Everything is in the logbook.");
        axeFindsNothing();

        page.locator("text=To the logbook").press("Enter");
        page.waitForURL("**/logbook/*");
        assertThat(page.locator(".taught-sum")).containsText("planned 6:06");
        assertThat(page.locator(".taught-sum")).containsText("real 6:36");
        assertThat(page.locator(".taught-sum")).containsText("paused 0:30");
        assertThat(page.locator(".by-section tbody tr").nth(1)).containsText("0:30 longer");
        axeFindsNothing();
        page.fill("#note", "The third round wants fewer words.");
        page.fill("#people", "11");
        page.fill("#firstTimers", "2");
        page.locator("text=Keep it").press("Enter");
        assertThat(page.locator(".told")).hasText("Kept.");
        page.navigate(app.url("/logbook"));
        assertThat(page.locator("tbody tr")).containsText(new String[] {"Tide"});
        axeFindsNothing();
        page.navigate(app.url("/"));
        assertThat(page.locator(".class-taught")).hasText("taught today");
    }

    private void later(long ms) {
        now += ms;
        moveClocks(now);
    }

    private void type(String field, String text) {
        page.locator(field).focus();
        page.keyboard().type(text);
    }

    /** Types a line and waits for the row it makes. */
    private void line(String text, int rows) {
        page.locator("#line").focus();
        page.keyboard().type(text);
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-row]")).hasCount(rows);
        assertThat(page.locator("#line")).hasValue("");
    }

    private Locator row(String name) {
        return page.locator("[data-name='" + name + "']");
    }
}
