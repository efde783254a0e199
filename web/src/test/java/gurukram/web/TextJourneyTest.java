package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A class is changed as text, a step under its fold, and a file is opened. */
class TextJourneyTest extends BrowserTests {
    TextJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void asTextAndBack() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "tree, both, 5 breaths",
                "flow tide, 2 rounds, both sides",
                "high lunge, in");
        NodeId tree = app.bean(ClassStore.class)
                .find(teacher, id)
                .orElseThrow()
                .plan()
                .sections()
                .get(0)
                .items()
                .get(0)
                .id();
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        page.click("text=As text");
        Locator box = page.locator("#text");
        String text = box.inputValue();
        assertThat(text).contains("tree, both, 5 breaths");
        axeFindsNothing();

        box.fill(text.replace("tree, both, 5 breaths", "tre, both, 6 breaths"));
        assertThat(page.locator(".line-fault")).containsText("I know no pose called “tre”");
        assertThat(page.locator("#text-summary")).containsText("One line is not understood");
        page.click("text=Take this text");
        assertThat(page.locator("#text")).hasValue(Pattern.compile("tre, both, 6 breaths"));
        page.locator(".offer").first().click();
        assertThat(page.locator("#text")).hasValue(Pattern.compile("tree, both, 6 breaths"));
        assertThat(page.locator("#text-summary")).hasText("");
        page.click("text=Take this text");
        page.waitForURL(app.url("/classes/" + id));
        Step now = (Step) app.bean(ClassStore.class)
                .find(teacher, id)
                .orElseThrow()
                .plan()
                .find(tree)
                .orElseThrow();
        assertThat(now.dose()).hasToString("6 breaths");
        assertThat(page.locator("#undo")).isEnabled();

        Locator row = page.locator("#row-" + tree);
        Locator panel = page.locator("#panel");
        row.click();
        panel.locator("summary", has("What changes")).click();
        Locator lines = panel.locator("[data-field=lines]");
        lines.fill("beginner: 3 breaths\nprops: 1 block");
        lines.blur();
        assertThat(row.locator(".under")).containsText("beginner: 3 breaths · 1 block");
        lines.fill("wobbly");
        lines.blur();
        assertThat(panel.locator(".fault")).containsText("“wobbly” says nothing I know");
        assertThat(lines).hasValue("wobbly");

        Locator flow = page.locator(".flow-row").first();
        flow.locator(".at").click();
        panel.locator("summary", has("As text")).click();
        panel.locator("[data-field=line]").fill("flow \"tide\", 2 learn, 2 silent, pose by pose");
        panel.locator("[data-field=line]").blur();
        assertThat(flow.locator(".counts")).containsText("4 rounds");
        Flow stored = (Flow) app.bean(ClassStore.class)
                .find(teacher, id)
                .orElseThrow()
                .plan()
                .sections()
                .get(0)
                .items()
                .get(1);
        assertThat(stored.settings().pace().modes()).hasSize(2);
        axeFindsNothing();
    }

    private static Locator.LocatorOptions has(String text) {
        return new Locator.LocatorOptions().setHasText(text);
    }

    @Test
    void filesTokensAndHowToWrite() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        signIn(teacher.email());
        for (String path :
                new String[] {"/classes/" + id + "/files", "/classes/open", "/notation", "/account", "/account/tokens"
                }) {
            page.navigate(app.url(path));
            axeFindsNothing();
        }
        page.navigate(app.url("/classes/open"));
        page.fill("#open-text", "Low tide\n\nwarm up\ncat, 5 breaths");
        page.click("button:has-text('Open it')");
        assertThat(page.locator("h1")).hasText("Low tide");
    }
}
