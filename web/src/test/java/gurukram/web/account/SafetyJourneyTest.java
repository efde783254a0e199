package gurukram.web.account;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A teacher who left herself signed in on the studio's tablet. */
class SafetyJourneyTest extends BrowserTests {
    SafetyJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void theTabletIsSignedOutFromHome() {
        Teacher teacher = app.newTeacher();
        try (BrowserContext tablet = anotherBrowser(new Browser.NewContextOptions()
                .setUserAgent("Mozilla/5.0 (iPad; CPU OS 18_0 like Mac OS X) Version/18.0 Safari/604.1"))) {
            Page there = tablet.newPage();
            there.navigate(app.url("/sign-in"));
            there.fill("#email", teacher.email());
            there.fill("#password", "not this one");
            there.keyboard().press("Enter");
            assertThat(there.locator("#sign-in-problem")).containsText("do not go together");
            there.fill("#password", TestApp.PASSWORD);
            there.keyboard().press("Enter");
            there.waitForURL(app.url("/"));

            signIn(teacher.email());
            page.navigate(app.url("/account"));
            page.locator("text=Change the password").focus();
            page.keyboard().press("Enter");
            assertThat(page.locator(".places li")).hasCount(2);
            assertThat(page.locator("main")).containsText("Safari on iPad");
            assertThat(page.locator("main")).containsText("once, from 127.0.0.1");
            axeFindsNothing();
            page.locator("button:has-text('Sign it out')").focus();
            page.keyboard().press("Enter");
            assertThat(page.locator(".places li")).hasCount(1);
            there.reload();
            assertThat(there.locator("h1")).containsText("Write the class");
        }
        page.setViewportSize(390, 800);
        page.navigate(app.url("/account/tokens"));
        axeFindsNothing();
        Assertions.assertThat(page.evaluate("document.documentElement.scrollWidth"))
                .isEqualTo(390);
    }
}
