package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The hour of the Ropewalk from its first minute to its last, with whatever comes between. */
class WholeClassJourneyTest extends BrowserTests {
    private static final int SECOND = 1_000;
    private static final int MINUTE = 60 * SECOND;

    private long now;

    WholeClassJourneyTest(TestApp app) {
        super(app);
    }

    private static String[] theHour() throws IOException {
        try (InputStream text = TestApp.class.getResourceAsStream("/demo/half-moon-over-the-harbour.txt")) {
            String hour = new String(text.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("- theme:", "- starts 18:30\n- theme:")
                    .replace("tree, both, 5 breaths", "tree, both, 5 breaths\n- wrists: mountain, 5 breaths")
                    .replaceFirst("class: .*\n", "");
            return hour.split("\n");
        }
    }

    private void goOn(long ms) {
        now += ms;
        moveClocks(now);
        page.waitForTimeout(130);
    }

    /** On in steps of so many ms until something is on the screen. */
    private void until(String locator, long step) {
        for (int i = 0; i < 2_000; i++) {
            if (page.locator(locator).first().isVisible()) return;
            goOn(step);
        }
        throw new AssertionError("never came: " + locator);
    }

    @Test
    void anHourIsTaughtWithAllThatComesBetween() throws IOException {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, theHour());
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        long half = LocalDate.now()
                .atTime(LocalTime.of(18, 30))
                .atZone(ZoneId.systemDefault())
                .toInstant()
                .toEpochMilli();
        now = half + 4 * MINUTE;
        stopClocks(now);
        page.locator("#teach").click();
        page.waitForURL("**/room/*");
        TaughtId taught = TaughtId.of(page.url().substring(page.url().lastIndexOf('/') + 1));
        until("navigator.serviceWorker.controller !== null");
        until(
                "Object.keys(localStorage).length >= 0 && caches.open('gurukram-room').then(kept => kept.keys()).then(keys => keys.length > 20)");

        // a late start, and the least change that ends on time
        page.locator(".ready .begin").click();
        assertThat(page.locator(".room-end")).hasText("ends 19:34, 4 late");
        assertThat(page.locator(".room-drift")).hasText("4:00 behind");
        page.keyboard().press("t");
        goOn(20 * SECOND);
        page.keyboard().press("c");
        assertThat(page.locator(".offer [role=status]")).containsText("The least change that ends on time");
        assertThat(page.locator(".offer li").first()).containsText("now");
        page.locator(".offer .strong").click();
        assertThat(page.locator(".room-end")).hasText("ends 19:30");
        assertThat(page.locator(".room-notice")).containsText("taken");

        // the affirmation at its place
        until(".room-prompts > button:has-text('affirmation')", 10 * SECOND);
        page.locator(".room-prompts > button:has-text('affirmation')").click();

        // somebody comes late, and it goes on where it stood
        until(".flow-line", 20 * SECOND);
        String where = page.locator(".room-where").innerText();
        String name = page.locator(".room-name").innerText();
        page.keyboard().press("Space");
        page.locator(".room-why >> text=somebody came late").click();
        goOn(90 * SECOND);
        assertThat(page.locator(".room-name")).hasText(name);
        page.locator(".room-controls >> text=Go on").click();
        assertThat(page.locator(".room-where")).hasText(where);

        // a round less of the flow at the wall of the room
        until(".room-where:has-text('side wall · round 1')", 15 * SECOND);
        String before = page.locator(".room-end").innerText();
        page.keyboard().press("c");
        page.locator("dialog[open] >> text=A round less of side wall").click();
        assertThat(page.locator(".room-notice")).containsText("rounds, now");
        Assertions.assertThat(page.locator(".room-end").innerText()).isNotEqualTo(before);

        // the other way round for people who face her
        page.keyboard().press("m");
        until(".room-shows:has-text('you show')", 2 * SECOND);
        String side = page.locator(".room-side").innerText();
        Assertions.assertThat(side).matches(".*(right.*you show left|left.*you show right).*");
        page.keyboard().press("m");

        // what those with wrists do instead
        until(".room-name:text-is('Tree')", 20 * SECOND);
        assertThat(page.locator(".room-options"))
                .containsText(
                        "Mountain",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setIgnoreCase(true));

        // twenty minutes without the server, loaded again in the middle
        context.setOffline(true);
        goOn(4 * MINUTE);
        String there = page.locator(".room-name").innerText();
        page.reload();
        assertThat(page.locator(".room-phase")).hasText("paused");
        assertThat(page.locator(".room-name")).hasText(there);
        page.locator(".room-controls >> text=Go on").click();
        goOn(3 * MINUTE);
        page.keyboard().press("c");
        assertThat(page.locator(".offer [role=status]"))
                .hasText(Pattern.compile(
                        "It ends on time\\.|The server has not answered\\..*|It ends .* (late|early).*"));
        page.keyboard().press("Escape");
        for (int i = 0; i < 13; i++) goOn(MINUTE);
        context.setOffline(false);

        // to the end, which is asked for nothing but the closing words
        until(".room-prompts .late, .over", 20 * SECOND);
        until(".over", 20 * SECOND);
        assertThat(page.locator(".over [role=status]").first()).hasText("Everything is in the logbook.");

        TaughtStore store = app.bean(TaughtStore.class);
        TaughtStore.Taught kept = store.find(teacher, taught).orElseThrow();
        List<TaughtStore.Entry> entries = store.entries(teacher, taught);
        Map<Integer, List<String>> outcomes = new HashMap<>();
        long real = 0;
        long paused = 0;
        for (TaughtStore.Entry entry : entries) {
            outcomes.computeIfAbsent(entry.ordinal(), key -> new ArrayList<>()).add(entry.outcome());
            real += Duration.between(entry.startedAt(), entry.endedAt()).toMillis();
            paused += entry.pausedMs();
        }
        int moments = kept.script().moments().size();
        Assertions.assertThat(outcomes.keySet())
                .as("every moment of the class is done or left out, once")
                .hasSize(moments);
        Assertions.assertThat(outcomes.values()).allMatch(each -> each.size() == 1);
        Assertions.assertThat(real)
                .as("no second is missing")
                .isEqualTo(Duration.between(kept.startedAt(), kept.endedAt()).toMillis());
        Assertions.assertThat(paused).isGreaterThanOrEqualTo(90 * SECOND);
        Assertions.assertThat(entries)
                .filteredOn(entry -> entry.reason() != null)
                .singleElement()
                .satisfies(entry -> Assertions.assertThat(entry.reason()).isEqualTo("somebody came late"));
        for (int i = 0; i < moments; i++) {
            var flow = kept.script().moments().get(i).flow();
            boolean third = flow != null && flow.name().equals("side wall") && flow.round() == 3;
            if (third) Assertions.assertThat(outcomes.get(i)).as("moment " + i).containsExactly("skipped");
        }
        Assertions.assertThat(kept.said()).contains("opening", "affirmation");
        Assertions.assertThat(kept.changes()).hasSize(2);
        Assertions.assertThat(kept.changes().get(0).words().get(0)).contains("to end on time, 4 minutes late");

        page.navigate(app.url("/logbook/" + taught));
        assertThat(page.locator("main")).containsText("Changed on the way");
        assertThat(page.locator("main")).containsText("side wall: 2 rounds, now 1");
        assertThat(page.locator("main")).containsText("side wall, rounds 2, 3");
        assertThat(page.locator("main")).containsText("somebody came late");
        axeFindsNothing();
    }
}
