package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A class with more than one device, more than one end, and none at all. */
class LookingOnJourneyTest extends BrowserTests {
    private Teacher teacher;
    private ClassId id;

    LookingOnJourneyTest(TestApp app) {
        super(app);
    }

    private void classOf(String... lines) {
        teacher = app.newTeacher();
        id = app.newClass(teacher, lines);
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
    }

    private TaughtId begin() {
        page.locator("#teach").click();
        page.waitForURL("**/room/*");
        page.locator(".ready .begin").click();
        return TaughtId.of(page.url().substring(page.url().lastIndexOf('/') + 1));
    }

    @Test
    void aSecondDeviceFollowsAndTakesOver() {
        classOf("section standing", "tree, both, 20 breaths", "chair, 20 breaths", "triangle, both, 20 breaths");
        TaughtId taught = begin();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".left-panel")).isVisible();
        page.waitForTimeout(600);
        try (BrowserContext phone = anotherBrowser(new Browser.NewContextOptions()
                .setStorageState(context.storageState())
                .setViewportSize(390, 844))) {
            Page second = listening(phone.newPage());
            second.navigate(page.url());
            assertThat(second.locator(".room-follows")).containsText("taught on another device");
            assertThat(second.locator(".room-name")).hasText("Tree");
            second.keyboard().press("ArrowRight");
            assertThat(second.locator(".room-name")).hasText("Tree");
            page.keyboard().press("ArrowRight");
            assertThat(second.locator(".room-name")).hasText("Chair");
            page.keyboard().press("c");
            page.locator("dialog[open] [aria-label='Leave out Triangle']").click();
            assertThat(second.locator(".room-next")).containsText("the end");

            second.locator("text=Teach it here").click();
            assertThat(second.locator(".room-follows")).isHidden();
            assertThat(page.locator(".room-follows")).isVisible();
            second.locator(".room-controls >> text=Next").click();
            assertThat(second.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");
        }
        Assertions.assertThat(app.bean(TaughtStore.class).entries(teacher, taught))
                .extracting(TaughtStore.Entry::ordinal, TaughtStore.Entry::outcome)
                .containsExactly(
                        Assertions.tuple(0, "done"),
                        Assertions.tuple(1, "done"),
                        Assertions.tuple(2, "done"),
                        Assertions.tuple(3, "skipped"),
                        Assertions.tuple(4, "skipped"));
    }

    @Test
    void whoeverHasTheLinkSeesThePoseAndNothingElse() {
        classOf("section standing", "tree, both, 20 breaths", "- note: nobody else reads this", "chair, 20 breaths");
        begin();
        page.locator("text=More …").click();
        page.locator("text=Make a link").click();
        assertThat(page.locator("dialog[open] a")).hasText(Pattern.compile("http.*/follow/.*"));
        String link = page.locator("dialog[open] a").getAttribute("href");
        page.keyboard().press("Escape");
        try (BrowserContext stranger = anotherBrowser(new Browser.NewContextOptions().setViewportSize(390, 844))) {
            Page guest = listening(stranger.newPage());
            guest.navigate(link);
            assertThat(guest.locator(".look h1")).hasText("Tree");
            assertThat(guest.locator(".look-side")).containsText("right standing leg");
            assertThat(guest.locator(".look-figure")).hasAttribute("src", Pattern.compile("/follow/.*side=RIGHT.*"));
            Assertions.assertThat(guest.locator("body").innerText()).doesNotContain("nobody else");
            page.keyboard().press("ArrowRight");
            assertThat(guest.locator(".look-side")).containsText("left standing leg");
            guest.waitForFunction("document.querySelector('.look-figure').naturalWidth > 0");
            page.keyboard().press("Space");
            assertThat(guest.locator(".look-count")).containsText("a pause");
            guest.navigate(app.url("/"));
            Assertions.assertThat(guest.url()).contains("/sign-in");
            Assertions.assertThat(guest.navigate(link.substring(0, link.length() - 2) + "xx")
                            .status())
                    .isEqualTo(404);
        }
    }

    @Test
    void aClassEndedByAccidentGoesOnHereAndFromTheLogbook() {
        classOf("section standing", "tree, both, 20 breaths", "chair, 20 breaths");
        TaughtId taught = begin();
        page.keyboard().press("ArrowRight");
        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");
        page.locator("text=It was not over").click();
        assertThat(page.locator(".room-name")).hasText("Tree");
        assertThat(page.locator(".left-panel")).isVisible();
        page.locator(".room-controls >> text=Go on").click();
        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");
        page.locator("text=To the logbook").click();
        page.locator("text=It was not over").click();
        page.waitForURL("**/room/*");
        assertThat(page.locator(".room-name")).hasText("Tree");
        page.locator(".room-controls >> text=Go on").click();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Chair");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");
        TaughtStore.Taught kept =
                app.bean(TaughtStore.class).find(teacher, taught).orElseThrow();
        Assertions.assertThat(kept.endedAt()).isNotNull();
    }

    @Test
    void aClassThatIsChangedWhileItIsTaughtGoesOnAsItWas() {
        classOf("section standing", "tree, both, 20 breaths", "chair, 20 breaths");
        begin();
        try (BrowserContext desk =
                anotherBrowser(new Browser.NewContextOptions().setStorageState(context.storageState()))) {
            Page other = listening(desk.newPage());
            other.navigate(app.url("/classes/" + id));
            other.fill("#line", "mountain, 3 breaths");
            other.keyboard().press("Enter");
            assertThat(other.locator("#spine")).containsText("Mountain");
        }
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-since")).containsText("The class was changed since");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-next")).containsText("the end");
    }

    @Test
    void aRehearsalTellsWhereSheStumbledAndWritesNoLog() {
        classOf(
                "section standing",
                "tree, both, 5 breaths",
                "- say: one two three four five six seven eight nine ten",
                "chair, 5 breaths",
                "triangle, both, 5 breaths");
        page.navigate(app.url("/classes/" + id + "/dry-run"));
        page.locator("text=at your finger").click();
        page.locator(".ready .begin").click();
        assertThat(page.locator(".room-head .rehearses")).hasText("rehearsal, as you go");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Chair");
        page.keyboard().press("x");
        assertThat(page.locator(".room-notice")).containsText("marked: Chair");
        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator("#rehearsed [role=status]")).containsText("places marked");
        page.locator("text=See them beside the class").click();
        page.waitForURL("**/rehearsals/*");
        assertThat(page.locator(".along")).containsText("Chair: you stumbled here");
        assertThat(page.locator(".along")).containsText("Tree, right: 10 words take 4 s");
        axeFindsNothing();
        page.navigate(app.url("/logbook"));
        assertThat(page.locator("main")).containsText("Nothing has been taught yet");
    }

    @Test
    void aRehearsalEightTimesAsFastIsOverInAnEighth() {
        classOf("section standing", "chair, 16 s", "mountain, 8 s");
        page.navigate(app.url("/classes/" + id + "/rehearse?way=8"));
        page.locator(".ready .begin").click();
        long before = System.nanoTime();
        assertThat(page.locator(".over h1")).isVisible();
        Assertions.assertThat(System.nanoTime() - before).as("ns").isBetween(1_000_000_000L, 20_000_000_000L);
        Assertions.assertThat(page.locator(".over .ready-length").innerText()).contains("it took");
    }

    @Test
    void secondThoughtsAreWarnedOfAndTakenBack() {
        classOf("section standing", "tree, both, 20 breaths", "chair, 20 breaths", "section rest", "final rest, 4 min");
        begin();
        String ends = page.locator(".room-left").innerText();
        page.keyboard().press("c");
        page.locator("dialog[open] >> text=Go to the rest").click();
        assertThat(page.locator("dialog[open] .warned")).containsText("Done on one side only then: Tree right");
        page.locator("dialog[open] [aria-label='Leave out Chair']").click();
        assertThat(page.locator(".room-notice")).containsText("without Chair");
        Assertions.assertThat(page.locator(".room-left").innerText()).isNotEqualTo(ends);
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-next")).containsText("Final rest");
        page.keyboard().press("u");
        assertThat(page.locator(".room-next")).containsText("Chair");
        page.keyboard().press("c");
        page.locator("dialog[open] >> text=Stay 3 breaths longer").click();
        assertThat(page.locator(".room-number, .room-phase").first()).isVisible();
        page.keyboard().press("c");
        page.locator("dialog[open] [aria-label='Start Final rest next']").click();
        assertThat(page.locator(".room-name")).hasText("Final rest");
        assertThat(page.locator(".room-drift")).not().containsText("ahead");
        page.locator("text=They feel …").click();
        assertThat(page.locator(".room-felt")).isVisible();
    }
}
