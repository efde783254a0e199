package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A newcomer writes her first class as its lines come to mind, with the keyboard alone. */
class NineLinesJourneyTest extends BrowserTests {
    /** Three minutes at forty words of five letters a minute. */
    private static final int MOST_KEYS = 3 * 40 * 5;

    private int keys;

    NineLinesJourneyTest(TestApp app) {
        super(app);
    }

    @Test
    void nineLinesMakeTheClassSheMeant() {
        page.navigate(app.url("/register"));
        page.locator("#name").fill("Nine");
        page.locator("#email").fill("nine" + System.nanoTime() + "@test.example");
        page.locator("#password").fill("a sentence to remember");
        page.locator("#password").press("Enter");
        assertThat(page.locator("[role=status]")).containsText("the account is made");
        page.locator("#password").fill("a sentence to remember");
        page.locator("#password").press("Enter");
        page.waitForURL(app.url("/"));

        page.locator("a:has-text('Write a class')").focus();
        press("Enter");
        page.locator("#title").focus();
        type("First evening");
        page.locator("input[name=sections]").setChecked(true);
        page.locator("#title").focus();
        press("Enter");
        page.waitForURL("**/classes/*");
        assertThat(page.locator("main[data-ready]")).isVisible();
        int sections = page.locator(".section-row").count();
        assertThat(page.locator("#line-where")).hasText("in Arrive");
        press("/");

        line("easy seat two minutes", "after Easy seat");
        line("warm up", "in Warm-up");
        line("cat cow 6 times", "after cat and cow");
        line("salutations", "in Salutations");
        line("sun salutation a 3 times", "after salutation A");
        line("standing", "in Standing");
        line("warrior two, both sides, five breaths", "after Warrior 2");
        line("rest", "in Rest");
        line("savasana 6 min", "after Final rest");

        // salutations were not among those made ready; everything else found its place
        assertThat(page.locator(".section-row")).hasCount(sections + 1);
        Assertions.assertThat(under("Arrive")).containsExactly("Easy seat");
        Assertions.assertThat(under("Warm-up")).first().isEqualTo("cat and cow");
        Assertions.assertThat(under("Salutations")).first().isEqualTo("salutation A");
        Assertions.assertThat(under("Standing")).containsExactly("Warrior 2");
        Assertions.assertThat(under("Rest")).containsExactly("Final rest");
        assertThat(page.locator("[data-name='cat and cow'] .counts").first()).containsText("6 rounds");
        Assertions.assertThat(keys).isLessThan(MOST_KEYS);
        axeFindsNothing();
    }

    @Test
    void thePlaceIsTakenByKeyWithoutLeavingTheLine() {
        Teacher teacher = app.newTeacher();
        signIn(teacher.email());
        page.navigate(app.url("/classes/"
                + app.newClass(
                        teacher, "section arrive", "easy seat, 1 min open", "section rest", "final rest, 300 s")));
        assertThat(page.locator("main[data-ready]")).isVisible();
        press("/");
        for (int i = 0; i < 4; i++) press("Alt+ArrowUp");
        assertThat(page.locator("#line-where")).hasText("in Arrive");
        press("Alt+ArrowDown");
        assertThat(page.locator("#line-where")).hasText("after Easy seat");
        assertThat(page.locator("#line")).isFocused();
    }

    private void line(String text, String where) {
        type(text);
        press("Enter");
        assertThat(page.locator("#line")).hasValue("");
        assertThat(page.locator("#line-where")).hasText(where);
    }

    private void type(String text) {
        keys += text.length();
        page.keyboard().type(text);
    }

    private void press(String key) {
        keys++;
        page.keyboard().press(key);
    }

    /** The names of the rows of a section. */
    private List<String> under(String section) {
        List<Locator> rows = page.locator("[data-row]").all();
        List<String> names = new java.util.ArrayList<>();
        boolean inside = false;
        for (Locator row : rows) {
            String name = row.getAttribute("data-name");
            boolean head = row.getAttribute("class").contains("section-row");
            if (head) inside = name.equals(section);
            else if (inside) names.add(name);
        }
        return names;
    }
}
