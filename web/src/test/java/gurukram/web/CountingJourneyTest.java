package gurukram.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What is counted in the room, and what is heard, at given seconds. */
class CountingJourneyTest extends BrowserTests {
    private long begun;

    CountingJourneyTest(TestApp app) {
        super(app);
    }

    private void open(String... lines) {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, lines);
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        begun = 1_900_000_000_000L;
        stopClocks(begun);
        page.locator("#teach").click();
        page.waitForURL("**/room/*");
    }

    private void at(double seconds) {
        moveClocks(begun + Math.round(seconds * 1_000));
    }

    private void shows(String phase, String number, String more) {
        assertThat(page.locator(".room-phase")).hasText(phase);
        assertThat(page.locator(".room-number")).hasText(number);
        assertThat(page.locator(".room-more")).hasText(more);
    }

    /** How long the moment it is in takes to get into, and how long its work is, in seconds. */
    private double[] moment(int of) {
        Object times = page.evaluate(
                "of => { const line = JSON.parse(document.getElementById('script').textContent).moments[of];"
                        + " return [line.startMs / 1000, line.leadInMs / 1000, line.workMs / 1000]; }",
                of);
        return ((List<?>) times)
                .stream().mapToDouble(n -> ((Number) n).doubleValue()).toArray();
    }

    @Test
    void aBoxIsCountedThroughItsPhasesDownAndUp() {
        open("section breathe", "box breath, 4-4-4-4 x 3", "section rest", "final rest, 4 min");
        page.locator(".ready .begin").click();
        double[] box = moment(0);
        double count = box[2] / 48;
        double from = box[1];
        shows("coming into it", String.valueOf((int) Math.ceil(box[1])), "");
        at(from + 0.1);
        shows("in", "4", "cycle 1 of 3");
        at(from + 3 * count + 0.1);
        shows("in", "1", "cycle 1 of 3");
        at(from + 4 * count + 0.1);
        shows("hold", "4", "cycle 1 of 3");
        at(from + 9 * count + 0.1);
        shows("out", "3", "cycle 1 of 3");
        at(from + 15 * count + 0.1);
        shows("hold, empty", "1", "cycle 1 of 3");
        at(from + 32 * count + 0.1);
        shows("in", "4", "cycle 3 of 3, last one");
        page.evaluate("localStorage.setItem('gurukram.room.settings', JSON.stringify({ counts: 'up' }))");
        page.reload();
        page.locator(".room-controls >> text=Go on").click();
        shows("in", "1", "cycle 3 of 3, last one");
        double[] rest = moment(1);
        at(rest[0] + rest[1] + rest[2] / 2 + 1);
        shows("rest", "", "halfway");
        at(rest[0] + rest[1] + rest[2] / 2 + 10);
        shows("rest", "", "");
    }

    @Test
    void repetitionsGoFromSideToSideAndTurnsTriesAndStagesAreTold() {
        open(
                "section floor",
                "knees side to side, alternating, 4 reps x 2, rest 10 s",
                "section peak",
                "crow, 2 attempts of 3 breaths, rest 20 s, in 2 turns, waiting: child's pose",
                "- stage: one foot light, 2 breaths");
        page.locator(".ready .begin").click();
        double[] first = moment(0);
        at(first[1] + 0.2);
        shows("right", "1 of 4", "");
        assertThat(page.locator(".right-panel")).isVisible();
        assertThat(page.locator(".room-where")).hasText("set 1 of 2");
        at(moment(1)[0] + 0.2);
        shows("left", "2 of 4", "two more");
        assertThat(page.locator(".left-panel")).isVisible();
        at(moment(3)[0] + 0.2);
        shows("left", "4 of 4", "last one");
        at(moment(4)[0] + 3.5);
        shows("rest", "7", "");
        at(moment(5)[0] + 0.2);
        assertThat(page.locator(".room-where")).hasText("set 2 of 2");

        double[] stage = moment(9);
        at(stage[0] + stage[1] + 0.2);
        assertThat(page.locator(".room-where")).hasText("stage 1 of 2");
        assertThat(page.locator(".stages [data-now=true]")).hasText("1");
        double[] tried = moment(10);
        at(tried[0] + tried[1] + 0.2);
        assertThat(page.locator(".room-where"))
                .containsText("the whole pose, after 1 stage · turn 1 of 2 · try 1 of 2");
        assertThat(page.locator(".stages [data-done=true]")).hasText("1");
        assertThat(page.locator(".room-how")).containsText("the others in child’s pose");
        double[] turned = moment(13);
        at(turned[0] + turned[1] + turned[2] - 0.5);
        assertThat(page.locator(".room-where")).containsText("turn 2 of 2 · try 1 of 2");
        shows("out", "3 of 3", "last one");
    }

    @Test
    void whatIsHeardIsWhatIsMeantToBe() {
        page.addInitScript("""
                window.heard = [];
                window.strokes = 0;
                window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text; } };
                Object.defineProperty(window, 'speechSynthesis', { value: {
                  getVoices: () => [{ name: 'stand-in' }], cancel: () => {}, addEventListener: () => {},
                  speak: (line) => window.heard.push(`${line.text} @${line.rate}`) } });
                window.AudioContext = class {
                  constructor() { this.currentTime = 0; this.destination = {}; }
                  createOscillator() { window.strokes += 1; return { frequency: {}, connect: (to) => to, start() {}, stop() {} }; }
                  createGain() { return { gain: { setValueAtTime() {}, exponentialRampToValueAtTime() {} }, connect: (to) => to }; }
                };""");
        open("section standing", "tree, both, 4 breaths", "chair, 6 s", "section rest", "final rest, 1 min");
        page.evaluate("""
                localStorage.setItem('gurukram.room.settings', JSON.stringify({
                  voice: { on: true, rate: 0.9 }, bell: { on: true, volume: 0.2 } }))""");
        page.reload();
        page.locator(".ready .begin").click();
        until("window.heard.length === 1");
        Assertions.assertThat(page.evaluate("window.heard[0]")).isEqualTo("Tree, right standing leg, 4 breaths @0.9");
        Assertions.assertThat(page.evaluate("window.strokes"))
                .as("no bell at the first")
                .isEqualTo(0);
        double[] tree = moment(0);
        for (double second = tree[1]; second < tree[1] + tree[2]; second += 1) {
            at(second);
            page.waitForTimeout(120);
        }
        Assertions.assertThat((List<?>) page.evaluate("window.heard.slice(1, 5)"))
                .isEqualTo(List.of("1 @0.9", "two more @0.9", "3 @0.9", "last one @0.9"));
        at(moment(1)[0] + 0.5);
        until("window.heard.at(-1) === 'Tree, left standing leg, 4 breaths @0.9'");
        Assertions.assertThat(page.evaluate("window.strokes"))
                .as("one stroke of two partials")
                .isEqualTo(2);
        double[] chair = moment(2);
        at(chair[0] + chair[1] + 1.5);
        until("window.heard.at(-1) === '5 @0.9'");
        page.keyboard().press("v");
        at(chair[0] + chair[1] + 4.5);
        page.waitForTimeout(300);
        Assertions.assertThat(page.evaluate("window.heard.at(-1)")).isEqualTo("5 @0.9");
    }

    @Test
    void aPedalLearnsAndTurnsTheRoom() {
        page.addInitScript("Object.defineProperty(window, 'speechSynthesis', { value: undefined })");
        open("section standing", "tree, both, 4 breaths", "chair, 6 s");
        String room = page.url();
        page.navigate(app.url("/room/settings"));
        assertThat(page.locator("text=This browser has no voice of its own")).isVisible();
        page.locator(".pedal >> text=right pedal").click();
        assertThat(page.locator("main")).containsText("Page Down: next");
        page.locator("[data-action=said]").click();
        page.keyboard().press("b");
        assertThat(page.locator("main")).containsText("B is “said” now.");
        page.locator("[data-action=pause]").click();
        page.locator(".pedal >> text=left pedal").click();
        assertThat(page.locator("main")).containsText("Page Up is “pause, go on” now.");
        axeFindsNothing();
        page.navigate(room);
        page.locator(".ready .begin").click();
        page.keyboard().press("PageDown");
        assertThat(page.locator(".left-panel")).isVisible();
        page.keyboard().press("PageUp");
        assertThat(page.locator(".room-phase")).hasText("paused");
    }
}
