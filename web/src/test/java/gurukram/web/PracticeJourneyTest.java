package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gurukram.core.practice.Trainer;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A teacher's five minutes, tonight's class by heart, and two schools beside each other. */
class PracticeJourneyTest extends BrowserTests {
    PracticeJourneyTest(TestApp app) {
        super(app);
    }

    private long counted(Teacher teacher) {
        return app.bean(JdbcClient.class)
                .sql("select count(*) from practice_card where teacher_id = ?")
                .param(teacher.id())
                .query(Long.class)
                .single();
    }

    @Test
    void fiveMinutesByKeyboardAlsoWithoutALine() {
        Teacher teacher = app.newTeacher();
        signIn(teacher.email());
        page.locator("text=Five minutes of practice").focus();
        enter();
        axeFindsNothing();
        for (int n = 1; n <= Trainer.NEW_A_DAY; n++) {
            if (n == 3) {
                until("localStorage.getItem('gurukram.practice') === null");
                context.setOffline(true);
            }
            assertThat(page.locator(".practice-told").first()).isHidden();
            if (page.locator(".practice-say").isVisible()) {
                page.locator(".practice-say textarea").focus();
                page.keyboard().type("left foot to the right leg");
                page.keyboard().press("Tab");
                page.keyboard().press("Enter");
            } else page.keyboard().press("1");
            assertThat(page.locator(".practice-told").first()).isVisible();
            assertThat(page.locator("main")).containsText(n + " answered today");
            if (n == 1) axeFindsNothing();
            if (n == 3) {
                assertThat(page.locator(".practice-offline")).containsText("kept on this device");
                assertThat(counted(teacher)).isEqualTo(2);
            }
            page.keyboard().press("Enter");
        }
        assertThat(page.locator("main")).containsText("That is enough for today.");
        context.setOffline(false);
        // any page brings home what waited
        page.navigate(app.url("/"));
        until("localStorage.getItem('gurukram.practice') === null");
        assertThat(counted(teacher)).isEqualTo(Trainer.NEW_A_DAY);
        page.navigate(app.url("/practice"));
        assertThat(page.locator("main")).containsText("6 answered today.");
        phone();
    }

    @Test
    void fiveMinutesByTouch() {
        Teacher teacher = app.newTeacher();
        BrowserContext touched =
                anotherBrowser(new Browser.NewContextOptions().setHasTouch(true).setViewportSize(390, 844));
        page = listening(touched.newPage());
        signIn(teacher.email());
        page.locator("text=Five minutes of practice").tap();
        for (int n = 1; n <= Trainer.NEW_A_DAY; n++) {
            assertThat(page.locator(".practice-ask")).isVisible();
            assertThat(page.locator(".practice-told").first()).isHidden();
            if (page.locator(".practice-say").isVisible()) {
                page.locator(".practice-say textarea").fill("the other foot");
                page.locator(".practice-say button").tap();
                assertThat(page.locator(".practice-told").first()).containsText("neither left nor right");
            } else page.locator(".practice-choices button").first().tap();
            assertThat(page.locator("main")).containsText(n + " answered today");
            page.locator("button.strong:visible").tap();
        }
        assertThat(page.locator("main")).containsText("That is enough for today.");
    }

    /** Fills what is missing from memory: what this test wrote into the class. */
    private void recite(List<String> order) {
        Locator fields = page.locator(".recite-slots input");
        fields.first().waitFor();
        for (int i = 0; i < fields.count(); i++) {
            Locator field = fields.nth(i);
            int n = Integer.parseInt(field.getAttribute("name").substring(1));
            field.fill(order.get(n - 1));
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("That is the order"))
                .focus();
        enter();
    }

    @Test
    void tonightsClassUntilItIsKnown() {
        Teacher teacher = app.newTeacher();
        app.newClass(
                teacher,
                "standing:",
                "tree, both, 5 breaths",
                "triangle, both, 5 breaths",
                "warrior 2, both, 5 breaths",
                "floor:",
                "savasana, 5 min");
        signIn(teacher.email());
        page.locator("[aria-label='Learn Test class']").focus();
        enter();
        axeFindsNothing();
        assertThat(page.locator("main")).containsText("0 of 2 known.");
        for (List<String> order : List.of(List.of("standing", "floor"), List.of("tree", "triangle", "warrior two"))) {
            page.locator(".button.strong").focus();
            enter();
            for (int i = 0; i < 4; i++) {
                if (i == 1) axeFindsNothing();
                recite(order);
                assertThat(page.locator(".practice-told")).containsText("100 %");
                if (i < 3) page.locator(".button.strong").click();
            }
            assertThat(page.locator(".practice-told")).containsText("You know it.");
            page.locator("text=Back to Learn this class").click();
        }
        assertThat(page.locator("main")).containsText("You know all of it.");
        phone();
        page.navigate(app.url("/practice/recite/one?key=twelve/b"));
        page.locator(".recite-tray button").first().click();
        assertThat(page.locator(".recite-slots input").first()).hasValue("Downward dog");
        context.setOffline(true);
        page.locator("text=That is the order").click();
        assertThat(page.locator("main")).containsText("No line just now.");
        context.setOffline(false);
        page.locator("text=That is the order").click();
        assertThat(page.locator(".practice-told")).containsText("of 12");
        phone();
    }

    @Test
    void twoSchoolsComparedAndAClassThatGoesOver() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "salutations:", "twelve positions b, 4 rounds, both sides");
        signIn(teacher.email());
        page.navigate(app.url("/schools"));
        axeFindsNothing();
        page.locator("[name=list1]").selectOption("b");
        page.locator("[name=list2]").selectOption("b");
        page.locator("[name=legs2]").selectOption("same-front");
        page.locator("[name=list3]").selectOption("");
        page.locator("[name=list4]").selectOption("");
        page.locator("text=Compare").click();
        assertThat(page.locator("main")).containsText("They differ at position 9.");
        page.locator("h1").click();
        for (int i = 0; i < 8; i++) page.keyboard().press("ArrowRight");
        assertThat(page.locator(".schools-at")).hasText("First half, position 9 of 12: here they differ");
        assertThat(page.locator(".schools-stage")).containsText("right in front");
        assertThat(page.locator(".schools-stage")).containsText("left in front");
        page.locator("text=Play").click();
        assertThat(page.locator(".schools-at")).containsText("position 10");
        page.locator("text=Stop").click();
        phone();
        page.locator("#switch select[name=class]").selectOption(id.toString());
        page.locator("#switch select[name=legs]").selectOption("same-front");
        page.locator("#switch select[name=round]").selectOption("one");
        page.locator("text=Tell me first").click();
        assertThat(page.locator("main")).containsText("Positions: 48 instead of 96.");
        axeFindsNothing();
        phone();
        page.locator("button.strong").focus();
        enter();
        page.waitForURL("**/classes/" + id + "**");
        page.locator("#undo").click();
        assertThat(page.locator("#undo")).isDisabled();
        page.navigate(app.url("/schools/switch?round=one&class=" + id));
        assertThat(page.locator("main")).containsText("Positions: 48 instead of 96.");
        page.navigate(app.url("/practice/slips"));
        page.locator("text=Begin").click();
        axeFindsNothing();
        page.locator(".slip-rows input").nth(1).check();
        page.locator("text=These are the slips").click();
        assertThat(page.locator(".practice-told")).containsText("of 5 found");
        axeFindsNothing();
        phone();
        page.navigate(app.url("/poses/plank/felt"));
        page.locator("[name=where]").selectOption("wrist");
        page.locator("[value=pinch]").check();
        assertThat(page.locator(".felt-verdict")).hasText("Change: another shape");
        axeFindsNothing();
        phone();
        assertThat(page.url()).contains("/poses/plank/felt");
    }
}
