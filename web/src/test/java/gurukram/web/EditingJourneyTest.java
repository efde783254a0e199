package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What can go wrong while a class is edited, and the keys on its rows. */
class EditingJourneyTest extends BrowserTests {
    EditingJourneyTest(TestApp app) {
        super(app);
    }

    private ClassId open(String... lines) {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, lines);
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        return id;
    }

    private static Locator row(Page in, String name) {
        return in.locator("[data-name='" + name + "']");
    }

    private void show(String level) {
        page.locator(".levels >> text=" + level).click();
        page.waitForURL("**level=" + level.toUpperCase());
        assertThat(page.locator("main[data-ready]")).isVisible();
    }

    @Test
    void badInputIsSaidAtItsPlaceAndKept() {
        open("section standing", "tree, both, 5 breaths", "triangle, both, 4 breaths");
        Locator breaths = row(page, "Tree").locator(".dose input");
        Map<String, String> faults = new LinkedHashMap<>();
        faults.put("0", "from 1 to 200");
        faults.put("-4", "is not a dose I know");
        faults.put("99999999999", "from 1 to 200");
        faults.put("many", "is not a dose I know"); // each is told in other words than the one before, to be waited for
        for (String typed : faults.keySet()) {
            breaths.fill(typed);
            breaths.press("Enter");
            assertThat(row(page, "Tree").locator(".fault")).containsText(faults.get(typed));
            assertThat(breaths).hasValue(typed);
            assertThat(breaths).hasAttribute("aria-invalid", "true");
        }
        // what is wrong in one place stays while another is changed
        row(page, "Triangle").locator(".dose input").fill("6");
        row(page, "Triangle").locator(".dose input").press("Enter");
        assertThat(page.locator("#version")).hasValue("2");
        assertThat(breaths).hasValue("many");
        assertThat(row(page, "Tree").locator(".fault")).isVisible();
        breaths.fill("7");
        breaths.press("Enter");
        assertThat(row(page, "Tree").locator(".fault")).hasCount(0);

        page.fill("#line", "haf moon, both, 4 breaths");
        page.press("#line", "Enter");
        assertThat(page.locator("#line-problem")).containsText("I know no pose called “haf moon”");
        assertThat(page.locator("#line")).hasValue("haf moon, both, 4 breaths");
        assertThat(page.locator(".offer")).hasCount(3);
        page.locator(".offer").first().click();
        assertThat(row(page, "Half moon")).isVisible();
        assertThat(page.locator("#line")).hasValue("");
    }

    @Test
    void rowsMoveDoubleAndGoByKeyboard() {
        open("section standing", "tree, both, 5 breaths", "chair, 3 breaths", "section rest", "final rest, 5 min");
        row(page, "Tree").focus();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(page.locator("[data-row] .pose-name")).hasText(new String[] {"Chair", "Tree", "Final rest"});
        assertThat(row(page, "Tree")).isFocused();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(page.locator("[data-row]").nth(3)).hasAttribute("data-name", "Tree");
        page.keyboard().press("d");
        assertThat(row(page, "Tree")).hasCount(2);
        page.keyboard().press("Delete");
        assertThat(row(page, "Tree")).hasCount(1);
        // three keys quicker than their answers: undo the removal and the copy, then redo the copy
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+Shift+Z");
        assertThat(page.locator("#version")).hasValue("8");
        assertThat(row(page, "Tree")).hasCount(2);
        axeFindsNothing();
    }

    @Test
    void aLevelHasDosesOfItsOwn() {
        open("section standing", "tree, both, 5 breaths");
        String own = page.locator(".head-length > .num").textContent();
        show("advanced");
        row(page, "Tree").locator(".dose input").fill("9");
        row(page, "Tree").locator(".dose input").press("Enter");
        assertThat(row(page, "Tree").locator(".differs")).containsText("this level’s own");
        show("intermediate");
        assertThat(row(page, "Tree").locator(".dose input")).hasValue("5 breaths");
        assertThat(page.locator(".head-length > .num")).hasText(own);
        show("advanced");
        row(page, "Tree").click();
        page.getByLabel("take the base line’s dose, 5 breaths").check();
        assertThat(row(page, "Tree").locator(".dose input")).hasValue("5 breaths");
        page.keyboard().press("Escape");
        page.keyboard().press("c");
        page.locator("#panel")
                .getByLabel("Level", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("ADVANCED");
        assertThat(page.locator(".levels a[aria-current]")).containsText("advanced (own)");
    }

    @Test
    void twoWindowsThatCollideLoseNothingAndAreTold() {
        ClassId id = open("section standing", "tree, both, 5 breaths", "triangle, both, 4 breaths");
        Page other = listening(context.newPage());
        other.navigate(app.url("/classes/" + id));

        row(page, "Tree").locator(".dose input").fill("6");
        row(page, "Tree").locator(".dose input").press("Enter");
        assertThat(page.locator("#version")).hasValue("2");

        // another node: both changes are kept, and the second window is told
        row(other, "Triangle").locator(".dose input").fill("7");
        row(other, "Triangle").locator(".dose input").press("Enter");
        assertThat(other.locator(".notice")).containsText("also changed in another window");
        assertThat(row(other, "Tree").locator(".dose input")).hasValue("6 breaths");
        assertThat(row(other, "Triangle").locator(".dose input")).hasValue("7 breaths");

        // the same node: refused, both values shown, and mine can be taken after all
        row(page, "Triangle").locator(".dose input").fill("8");
        row(page, "Triangle").locator(".dose input").press("Enter");
        assertThat(page.locator(".notice")).containsText("changed in another window first");
        assertThat(page.locator(".notice")).containsText("You typed “8”");
        page.locator("text=Take what I typed").click();
        assertThat(row(page, "Triangle").locator(".dose input")).hasValue("8 breaths");
        assertThat(page.locator(".notice")).isHidden();
        axeFindsNothing();
    }

    @Test
    void aServerThatIsAwayIsSaidAndWhatWasTypedIsSentAgain() {
        open("section standing", "tree, both, 5 breaths");
        context.setOffline(true);
        row(page, "Tree").locator(".dose input").fill("8");
        row(page, "Tree").locator(".dose input").press("Enter");
        assertThat(page.locator("#trouble")).containsText("perhaps it is saved. Looking");
        assertThat(row(page, "Tree").locator(".dose input")).hasValue("8");
        context.setOffline(false);
        assertThat(page.locator("#trouble")).isHidden();
        assertThat(page.locator("#version")).hasValue("2");
        page.reload();
        assertThat(row(page, "Tree").locator(".dose input")).hasValue("8 breaths");
    }

    @Test
    void anAnswerThatIsLostAfterItWasSavedPutsNothingInTwice() {
        open("section standing", "tree, both, 5 breaths");
        AtomicInteger lost = new AtomicInteger();
        page.route("**/line", route -> {
            if (lost.getAndIncrement() > 0) route.resume();
            else {
                route.fetch();
                route.abort();
            }
        });
        page.fill("#line", "chair, 3 breaths");
        page.press("#line", "Enter");
        assertThat(row(page, "Chair")).hasCount(1);
        assertThat(page.locator("#trouble")).isHidden();
        assertThat(page.locator("#version")).hasValue("2");
        assertThat(page.locator("#line")).hasValue("");
        // and the same line again, on purpose, is another one
        page.fill("#line", "chair, 3 breaths");
        page.press("#line", "Enter");
        assertThat(row(page, "Chair")).hasCount(2);
        page.reload();
        assertThat(row(page, "Chair")).hasCount(2);
    }

    @Test
    void aBusyServerIsAskedAgainByItself() {
        open("section standing", "tree, both, 5 breaths");
        AtomicInteger busy = new AtomicInteger();
        page.route("**/change", route -> {
            if (busy.getAndIncrement() > 1) route.resume();
            else
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(503)
                        .setHeaders(Map.of("X-Busy", "yes", "Retry-After", "1")));
        });
        row(page, "Tree").locator(".dose input").fill("8");
        row(page, "Tree").locator(".dose input").press("Enter");
        assertThat(page.locator("#trouble")).containsText("Busy, one moment. Trying again by itself");
        assertThat(page.locator("#trouble")).isHidden();
        assertThat(page.locator("#version")).hasValue("2");
    }

    @Test
    void aClassIsMadeOnceHoweverOftenItsFormIsSent() {
        signIn(app.newTeacher().email());
        page.navigate(app.url("/classes/new"));
        page.fill("#title", "Once");
        page.route("**/classes", route -> {
            if (!route.request().method().equals("POST")) route.resume();
            else {
                route.fetch(new Route.FetchOptions().setMaxRedirects(0));
                route.abort();
            }
        });
        page.press("#title", "Enter");
        page.waitForTimeout(500);
        page.unroute("**/classes");
        page.goBack();
        page.fill("#title", "Once");
        page.press("#title", "Enter");
        page.waitForURL("**/classes/*-*");
        page.navigate(app.url("/"));
        assertThat(page.locator("a:has-text('Once')")).hasCount(1);
    }
}
