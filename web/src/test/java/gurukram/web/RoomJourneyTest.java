package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.BoundingBox;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The room when things do not go as planned. */
class RoomJourneyTest extends BrowserTests {
    RoomJourneyTest(TestApp app) {
        super(app);
    }

    /** From the class's page into its room. */
    private TaughtId teach() {
        page.locator("#teach").click();
        page.waitForURL("**/room/*");
        return TaughtId.of(page.url().substring(page.url().lastIndexOf('/') + 1));
    }

    @Test
    void whatIsMeantToBeSaidIsThereAndIsAskedForInTime() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(
                teacher,
                "- theme: Letting the rope go",
                "- affirmation: I can put it down.",
                "- opening words: Feel what you hold on to.",
                "- closing words: Leave the rope here.",
                "section standing",
                "mountain, 3 breaths",
                "triangle, both, 3 breaths",
                "- props: 1 block",
                "- say: long before low",
                "section rest",
                "final rest, 4 min",
                "section close",
                "easy seat, 1 min open");
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        TaughtId taught = teach();
        page.locator("text=Begin").click();
        assertThat(page.locator(".room-prompts > button")).hasCount(2);
        assertThat(page.locator(".room-prompts")).containsText("Feel what you hold on to.");
        assertThat(page.locator(".room-know")).containsText("fetch 1 block");
        assertThat(page.locator(".room-end")).hasText(Pattern.compile("ends \\d\\d:\\d\\d"));
        page.keyboard().press("t");
        assertThat(page.locator(".room-prompts > button")).hasText("affirmation I can put it down.");
        axeFindsNothing();

        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Triangle");
        assertThat(page.locator(".room-say")).hasText("long before low");
        assertThat(page.locator(".room-figure")).hasAttribute("src", Pattern.compile(".*side=RIGHT.*"));
        assertThat(page.locator(".room-side")).containsText("right front leg");
        page.keyboard().press("m");
        assertThat(page.locator(".room-figure")).hasAttribute("src", Pattern.compile(".*side=LEFT.*"));
        assertThat(page.locator(".room-side")).containsText("right front leg you show left");
        BoundingBox panel = page.locator(".right-panel").boundingBox();
        Assertions.assertThat(panel.x).as("their right is where her left is").isLessThan(200);

        page.keyboard().press("Space");
        page.locator(".room-why >> text=somebody came late").click();
        assertThat(page.locator(".room-why [aria-pressed=true]")).hasText("somebody came late");
        page.locator(".room-controls >> text=Go on").click();
        assertThat(page.locator(".room-why")).isHidden();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Final rest");
        assertThat(page.locator(".forgotten")).isHidden();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Easy seat");
        assertThat(page.locator(".forgotten")).isVisible();
        assertThat(page.locator(".room-prompts .late")).hasText("affirmation I can put it down.");
        page.locator(".room-prompts .late").click();
        assertThat(page.locator(".forgotten")).isHidden();

        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator(".over [role=status]")).hasText("Everything is in the logbook.");
        TaughtStore.Taught kept =
                app.bean(TaughtStore.class).find(teacher, taught).orElseThrow();
        Assertions.assertThat(kept.said()).containsExactly("affirmation", "opening");
        page.locator("text=To the logbook").click();
        assertThat(page.locator("main")).containsText("closing words: Leave the rope here.");
        assertThat(page.locator("main")).containsText("at Triangle: somebody came late");
    }

    @Test
    void theRoomIsLoadedAgainWhileTheServerIsAway() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        teach();
        until("navigator.serviceWorker.controller !== null");
        until("caches.open('gurukram-room').then(kept => kept.keys()).then(keys => keys.length > 5)");
        page.locator("text=Begin").click();
        page.keyboard().press("ArrowRight");
        context.setOffline(true);
        page.reload();
        assertThat(page.locator(".room-name")).hasText("Tree");
        assertThat(page.locator(".room-phase")).hasText("paused");
        Assertions.assertThat((Boolean) page.evaluate("document.querySelector('.room-figure').naturalWidth > 0"))
                .isTrue();
        page.locator("text=Go on").click();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Chair");
        context.setOffline(false);
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".over [role=status]")).hasText("Everything is in the logbook.");
        // whoever signs out takes the room along
        page.navigate(app.url("/"));
        page.locator("header >> text=Sign out").click();
        until("caches.has('gurukram-room').then(has => !has)");
    }

    @Test
    void aClockThatIsSetBackInTheMiddleChangesNothingAndIsMarked() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "easy seat, 2 min", "tree, both, 5 breaths");
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        TaughtId taught = teach();
        page.locator("text=Begin").click();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".room-name")).hasText("Tree");
        page.evaluate("const now = Date.now; Date.now = () => now() - 3600000");
        page.waitForTimeout(500);
        assertThat(page.locator(".room-name")).hasText("Tree");
        page.keyboard().press("ArrowRight");
        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator(".over [role=status]")).hasText("Everything is in the logbook.");
        TaughtStore.Taught kept =
                app.bean(TaughtStore.class).find(teacher, taught).orElseThrow();
        Assertions.assertThat(kept.odd()).isTrue();
        Assertions.assertThat(Duration.between(kept.startedAt(), kept.endedAt()))
                .isBetween(Duration.ZERO, Duration.ofMinutes(2));
    }

    @Test
    void theClassGoesOnWithoutTheServerAndTheLogComesHomeLater() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "tree, both, 2 breaths",
                "chair, 3 breaths",
                "bridge, 4 reps x 2, rest 10 s");
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        long now = System.currentTimeMillis();
        stopClocks(now);
        TaughtId taught = teach();
        page.locator("text=Begin").click();
        assertThat(page.locator(".room-side")).hasText("right standing leg");

        context.setOffline(true);
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".left-panel")).isVisible();
        page.keyboard().press("s");
        assertThat(page.locator(".room-prompts [role=alert]")).containsText("The right side was done. Press again");
        page.keyboard().press("s");
        assertThat(page.locator(".room-name")).hasText("Chair");
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".room-name")).hasText("Tree");
        page.keyboard().press("PageDown");
        page.keyboard().press("PageDown");
        assertThat(page.locator(".room-name")).hasText("Bridge");
        assertThat(page.locator(".room-next")).containsText("Pause");
        assertThat(page.locator(".room-unsent")).containsText("5 moments wait");
        page.keyboard().press("a");
        moveClocks(now + 600_000);
        assertThat(page.locator(".room-name")).hasText("Bridge");
        assertThat(page.locator(".room-clock")).containsText("0:00");

        // the page is closed and comes back where it stood, paused
        context.setOffline(false);
        page.reload();
        assertThat(page.locator(".room-name")).hasText("Bridge");
        assertThat(page.locator(".room-phase")).hasText("paused");
        page.locator("text=Go on").click();
        page.locator("text=End class").click();
        page.locator("text=Press again to end").click();
        assertThat(page.locator(".over [role=status]")).hasText("Everything is in the logbook.");

        List<TaughtStore.Entry> entries = app.bean(TaughtStore.class).entries(teacher, taught);
        Assertions.assertThat(entries)
                .extracting(TaughtStore.Entry::ordinal, TaughtStore.Entry::outcome)
                .containsExactlyInAnyOrder(
                        Assertions.tuple(0, "done"),
                        Assertions.tuple(1, "skipped"),
                        Assertions.tuple(2, "back"),
                        Assertions.tuple(1, "done"),
                        Assertions.tuple(2, "done"),
                        Assertions.tuple(3, "done"));
        Assertions.assertThat(entries)
                .filteredOn(e -> e.ordinal() == 1)
                .allMatch(e -> e.side().equals("left"));
        page.navigate(app.url("/logbook/" + taught));
        assertThat(page.locator("main")).containsText("Tree, left standing leg");
    }

    @Test
    void everyPageCanBeReadOnAPhone() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "flow tide, 3 rounds",
                "high lunge",
                "warrior 2",
                "end flow",
                "tree, both, 5 breaths");
        signIn(teacher.email());
        page.setViewportSize(390, 844);
        for (String path :
                new String[] {"/", "/classes/new", "/classes/" + id, "/classes/" + id + "/print", "/logbook", "/account"
                }) {
            page.navigate(app.url(path));
            int wide = (int) page.evaluate("document.documentElement.scrollWidth");
            Assertions.assertThat(wide).as("width of " + path).isLessThanOrEqualTo(390);
            axeFindsNothing();
        }
    }
}
