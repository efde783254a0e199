package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** A class is written and changed on the score page, mostly by keyboard. */
class ScoreJourneyTest extends BrowserTests {
    ScoreJourneyTest(TestApp app) {
        super(app);
    }

    private ClassId open(Teacher teacher, String... lines) {
        ClassId id = app.newClass(teacher, lines);
        signIn(teacher.email());
        go(id);
        return id;
    }

    private void go(ClassId id) {
        page.navigate(app.url("/classes/" + id));
        assertThat(page.locator("main[data-ready]")).isVisible();
    }

    private Locator row(String name) {
        return page.locator("[data-name='" + name + "']");
    }

    private Locator rows() {
        return page.locator("[data-row]");
    }

    private void keys(String... keys) {
        for (String key : keys) page.keyboard().press(key);
    }

    /** Types a line and waits until it is taken. */
    private void line(String text) {
        int before = Integer.parseInt(page.locator("#version").inputValue());
        page.locator("#line").focus();
        page.keyboard().type(text);
        keys("Enter");
        boolean says = text.startsWith("end");
        if (!says) assertThat(page.locator("#version")).hasValue(String.valueOf(before + 1));
        assertThat(page.locator("#line")).hasValue("");
    }

    private void lines(String... all) {
        for (String text : all) line(text);
    }

    private String length() {
        return page.locator(".head-length > .num").textContent();
    }

    @Test
    void aVinyasaClassIsWrittenByKeyboardAndBecomesAMixedRoom() {
        Teacher teacher = app.newTeacher();
        open(teacher);
        lines(
                "section arrive",
                "easy seat, 5 min open",
                "section salutations",
                "flow harbour, 3 rounds, both sides, 2 breath, 1 silent",
                "raised arms",
                "standing fold",
                "low lunge",
                "downward dog",
                "end flow",
                "section standing",
                "warrior 2, both, 5 breaths",
                "triangle, both, 5 breaths",
                "goddess, 10 breaths",
                "section floor",
                "half pigeon, both, 25 breaths",
                "head to knee, both, 20 breaths",
                "seated forward fold, 25 breaths",
                "bridge, 12 reps x 3, rest 40 s",
                "lying twist, both, 20 breaths",
                "section rest",
                "final rest, 12 min");
        assertThat(rows()).hasCount(20);
        // a layer for the second round, typed after the step it changes
        row("Low lunge").focus();
        keys("/");
        line("- round 2: high lunge");
        assertThat(row("harbour").locator(".round")).hasCount(3);
        assertThat(row("harbour").locator(".round").nth(1)).containsText("high lunge for low lunge");
        assertThat(row("harbour").locator(".round").nth(2)).containsText("silent");

        // to the minute by the arrow keys, in the row
        row("Final rest").focus();
        keys("Enter");
        for (int i = 0; i < 25 && page.locator(".head-length.short").count() == 1; i++) {
            int before = Integer.parseInt(page.locator("#version").inputValue());
            keys("ArrowUp");
            assertThat(page.locator("#version")).hasValue(String.valueOf(before + 1));
        }
        assertThat(page.locator(".head-length.fits .fit")).containsText("under the slot");
        assertThat(page.locator(".side-words")).hasText("even");

        // the advanced line of one step, then all lines on one clock
        keys("Escape", "3");
        page.waitForURL("**level=ADVANCED");
        assertThat(page.locator("main[data-ready]")).isVisible();
        row("Triangle").focus();
        keys("Enter");
        page.keyboard().type("9");
        keys("Enter");
        assertThat(row("Triangle").locator(".differs")).containsText("this level’s own");
        keys("Escape", "c");
        page.locator("#panel").getByLabel("mixed: all levels on one clock").focus();
        keys("Space");
        assertThat(page.locator("#version")).not().hasValue("1");
        page.locator("[data-view-key='4']").focus();
        keys("Enter");
        page.waitForURL("**level=MIXED");
        assertThat(row("Triangle").locator(".level-line.over")).containsText("too long");
        assertThat(row("Warrior 2").locator(".over")).hasCount(0);
        assertThat(row("Triangle").locator(".level-line")).hasCount(3);
        axeFindsNothing();
    }

    @Test
    void scribbledLinesAreReadAndTwoOfThemNeedAChoice() {
        open(app.newTeacher(), "section arrive", "easy seat, 3 min open");
        List<String> scribble = List.of(
                "warm-up:",
                "cat cow, 6 breaths",
                "thread the needle 5b each side",
                "downward dog, 5 breaths",
                "standing:",
                "mountain",
                "raised arms, in",
                "standing fold, out",
                "warrior",
                "warrior 2, both, 5b",
                "reverse warrior",
                "triangle R then L, 4 breaths",
                "pyramid",
                "chair 5 breaths",
                "tree, both, 6 breaths",
                "balance:",
                "warrior 3",
                "haf moon, both, 3 breaths",
                "cool-down:",
                "head to knee, both",
                "seated forward fold, 8 breaths",
                "bridge, 10 reps x 2",
                "lying twist",
                "rest:",
                "final rest, 6 min");
        row("Easy seat").focus();
        page.evaluate(
                "text => { const data = new DataTransfer(); data.setData('text/plain', text);"
                        + " document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })); }",
                String.join("\n", scribble));
        page.waitForURL("**/notes?at=*");
        Locator wrong = page.locator("#notes-lines .wrong");
        assertThat(page.locator("#notes-lines")).containsText("need");
        while (wrong.count() > 0) {
            int before = wrong.count();
            wrong.first().locator("[data-choice]").first().click();
            assertThat(wrong).hasCount(before - 1);
        }
        assertThat(page.locator("#notes-lines")).containsText("Every line is clear.");
        axeFindsNothing();
        page.locator("text=Put into the class").click();
        page.waitForURL("**/classes/*");
        assertThat(row("Half moon")).isVisible();
        assertThat(row("Final rest")).hasCount(1);
        assertThat(row("Warm-up")).hasCount(1);
        axeFindsNothing();
    }

    @Test
    void theLayerOfARoundIsChangedInThePanelAndTheFlowGoesIntoAnotherClass() {
        Teacher teacher = app.newTeacher();
        ClassId other = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        open(
                teacher,
                "section standing",
                "flow tide, 3 rounds, both sides",
                "low lunge, in",
                "downward dog, out",
                "end flow",
                "chair, 5 breaths");
        row("Low lunge").click();
        Locator changes = page.locator("#panel").getByLabel("Changes, notes and marks, one a line");
        page.locator("#panel summary", new Page.LocatorOptions().setHasText("What changes"))
                .click();
        changes.fill("round 2: high lunge");
        changes.blur();
        assertThat(row("tide").locator(".round-change")).hasText("high lunge for low lunge");
        // the panel looks again what it shows, and leaves alone what was refused
        page.waitForResponse(
                r -> r.url().contains("/panel"),
                () -> page.waitForResponse(r -> r.status() == 422, () -> {
                    changes.fill("round 2: low lunge twisst");
                    changes.blur();
                }));
        assertThat(page.locator("#panel .fault")).containsText("“twisst” says nothing I know about low lunge");
        assertThat(changes).hasValue("round 2: low lunge twisst");
        changes.fill("round 2-3: warrior 1");
        changes.blur();
        assertThat(row("tide").locator(".round").nth(1)).containsText("warrior 1 for low lunge");
        assertThat(page.locator("#panel .fault")).hasCount(0);
        axeFindsNothing();

        row("tide").locator(".at").click();
        row("tide").focus();
        page.waitForResponse(r -> r.url().contains("/clip"), () -> keys("Control+c"));
        go(other);
        row("Tree").focus();
        keys("Control+v");
        assertThat(row("tide").locator(".round-change")).hasText("warrior 1 for low lunge");
        assertThat(row("Tree")).hasCount(1);
        Assertions.assertNull(
                page.evaluate("() => sessionStorage.getItem('gurukram-notes')"),
                "what was taken waits for no notes page");
        axeFindsNothing();
    }

    @Test
    void thirtyStepsAreUndoneAndTenRedoneAfterALoad() {
        open(app.newTeacher(), "section standing", "tree, both, 5 breaths", "chair, 5 breaths");
        String first = length();
        row("Tree").focus();
        keys("Enter");
        for (int i = 1; i <= 30; i++) {
            keys("ArrowUp");
            assertThat(page.locator("#version")).hasValue(String.valueOf(1 + i));
        }
        assertThat(row("Tree").locator(".dose input")).hasValue("35 breaths");
        keys("Escape");
        for (int i = 0; i < 30; i++) keys("Control+z");
        assertThat(page.locator("#version")).hasValue("61");
        assertThat(row("Tree").locator(".dose input")).hasValue("5 breaths");
        assertThat(page.locator(".head-length > .num")).hasText(first);
        assertThat(page.locator("#undo")).isDisabled();
        page.reload();
        assertThat(page.locator("main[data-ready]")).isVisible();
        row("Tree").focus();
        for (int i = 0; i < 10; i++) keys("Control+Shift+Z");
        assertThat(row("Tree").locator(".dose input")).hasValue("15 breaths");
        assertThat(page.locator("#redo")).isEnabled();
        axeFindsNothing();
    }

    @Test
    void severalRowsAreGatheredDraggedAndFolded() {
        open(
                app.newTeacher(),
                "section standing",
                "warrior 2, both, 5 breaths",
                "tree, both, 5 breaths",
                "chair, 5 breaths",
                "section rest",
                "final rest, 5 min");
        row("Warrior 2").focus();
        keys("Shift+ArrowDown");
        assertThat(page.locator("[aria-selected=true]")).hasCount(2);
        keys("g");
        assertThat(row("Flow")).isVisible();
        assertThat(row("Tree").locator("select")).hasValue("lead");

        Locator grip = row("Chair").locator(".grip");
        grip.hover();
        page.mouse().down();
        var place = row("Tree").boundingBox();
        page.mouse().move(place.x + 200, place.y + 8, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
        assertThat(page.locator(".pose-name")).hasText(new String[] {"Warrior 2", "Chair", "Tree", "Final rest"});

        row("Flow").focus();
        keys("f");
        assertThat(row("Chair")).isHidden();
        page.reload();
        assertThat(page.locator("main[data-ready]")).isVisible();
        assertThat(row("Chair")).isHidden();
        row("Flow").focus();
        keys("f");
        assertThat(row("Chair")).isVisible();
        // an easier form taken from the panel, with a tap
        row("Tree").click();
        Locator take = page.locator("#panel .take").first();
        String name = take.locator("span span").textContent();
        take.click();
        assertThat(row(name)).isVisible();
        keys("?");
        assertThat(page.locator("#keys")).isVisible();
        page.locator("#single-keys").uncheck();
        keys("Escape");
        row("Final rest").focus();
        keys("d", "?");
        assertThat(page.locator("#keys")).isHidden();
        assertThat(row("Final rest")).hasCount(1);
        axeFindsNothing();
    }

    @Test
    void theTypingLineCompletesNamesWithTheirFigures() {
        open(app.newTeacher(), "section standing");
        page.locator("#line").focus();
        page.keyboard().type("ardha cand");
        assertThat(page.locator("#line-list li").first()).containsText("Half moon");
        keys("ArrowDown", "Enter");
        assertThat(page.locator("#line")).hasValue("half moon, ");
        page.keyboard().type("both, 3 breaths");
        keys("Enter");
        assertThat(row("Half moon").locator(".dose input")).hasValue("3 breaths");
        assertThat(row("Half moon").locator(".fig")).hasCount(2);
        axeFindsNothing();
    }
}
