package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** From a peak, a theme or an existing class to a class that leads there, and into the room. */
class DraftJourneyTest extends BrowserTests {
    private Teacher teacher;

    DraftJourneyTest(TestApp app) {
        super(app);
    }

    @BeforeEach
    void begin() {
        teacher = app.newTeacher();
        signIn(teacher.email());
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void fromAPeakToADraftItsFlowLockedGentlerOpenedAndTaught() {
        page.navigate(app.url("/"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Draft a class"))
                .first()
                .click();
        // narrowed down while typing, chosen with the keyboard
        assertThat(page.locator("form[data-ready]")).isVisible();
        page.locator("#find-peak").fill("half");
        assertThat(page.locator("label.peak:visible")).hasCount(3);
        page.locator("input[name=peak][value=half-moon]").focus();
        page.keyboard().press("Space");
        axeFindsNothing();
        button("Draft three").click();

        assertThat(page.locator(".side-by-side > li")).hasCount(3);
        axeFindsNothing();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look at idea 2 with its reasons"))
                .click();

        assertThat(page.locator(".why").first()).isVisible();
        assertThat(page.locator(".demands dt")).hasCount(4);
        Locator main = page.locator("li#flow");
        List<String> flow = main.locator(".flow-moves li").allTextContents();
        main.locator("button.lock").click();
        assertThat(page.locator(".is-locked")).hasCount(1);
        axeFindsNothing();
        button("gentler").click();

        assertThat(page.locator(".stops")).containsText("you asked for something gentler");
        assertThat(button("gentler")).hasAttribute("aria-pressed", "true");
        Assertions.assertThat(page.locator(".is-locked .flow-moves li").allTextContents())
                .isEqualTo(flow);
        button("Open as a class").click();

        assertThat(page.locator("main[data-ready]")).isVisible();
        page.locator("[data-name='Half moon at the wall'] .pose-name").last().click();
        assertThat(page.locator(".panel-why")).containsText("The peak");
        axeFindsNothing();
        page.navigate(app.url("/"));
        page.locator("form[action$='/teach'] button").first().click();
        assertThat(page).hasURL(Pattern.compile(".*/room/.*"));
    }

    @Test
    void aThemeAloneLeadsToAClass() {
        page.navigate(app.url("/drafts/new"));
        page.locator("#theme").fill("Letting go of the mooring");
        page.locator("input[name=style][value=HATHA]").check();
        button("Draft three").click();
        page.locator(".side-by-side a.class-name").first().click();
        assertThat(page.locator("h1")).hasText(Pattern.compile("Letting go of the mooring, .+"));
        assertThat(page.locator(".why")
                        .filter(new Locator.FilterOptions().setHasText("Meets the theme"))
                        .first())
                .isVisible();
        assertThat(page.locator("#prompts-title")).isVisible();
    }

    @Test
    void anExistingClassIsLedToANewPeak() {
        ClassId id = app.newClass(
                teacher,
                "section arrive",
                "easy seat, 1 min open",
                "section standing",
                "warrior 2, both, 5 breaths",
                "section rest",
                "final rest, 300 s",
                "section close",
                "closing seat, 4 breaths");
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator("main[data-ready]")).isVisible();
        page.navigate(app.url("/drafts/from/" + id));
        axeFindsNothing();
        page.locator("input[name=peak][value=tree]").check();
        button("Lead me there").click();
        assertThat(page.locator("#map-title")).hasText("What tree asks for");
        assertThat(page.locator(".draft-lines")).not().hasCount(0);
        button("Open as a class").click();
        assertThat(page.locator("[data-name='Warrior 2'].in-section")).isVisible();
        assertThat(page.locator("[data-name='Tree']").first()).isVisible();
    }

    @Test
    void fromThePhraseBookIntoAClass() {
        page.navigate(app.url("/phrases"));
        axeFindsNothing();
        page.locator("#q").focus();
        page.keyboard().type("first tide");
        assertThat(page).hasURL(Pattern.compile(".*q=first(\\+|%20)tide.*"));
        assertThat(page.locator("#found h2")).hasCount(1);
        // the last of what was typed may still be on its way, and bring the link anew
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.locator("#found h2 a").press("Enter");
        assertThat(page.locator("h1")).hasText("First tide");
        axeFindsNothing();
        button("Keep it among my flows").click();
        assertThat(page.locator(".notice")).containsText("In any class type “first tide”");
        page.setViewportSize(390, 844);
        Assertions.assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= 390"))
                .isTrue();
        page.navigate(app.url("/phrases"));
        Assertions.assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= 390"))
                .isTrue();
    }
}
