package gurukram.web.measure;

import com.microsoft.playwright.Locator;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.TestApp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Not a test, and not run with them: {@code tools/measure-paint.sh} runs it to measure how long an edit takes, from the key
 * to the painted change, on a class of 90 minutes.
 */
class EditPaint extends BrowserTests {
    private static final int WARM_UP = 100;
    private static final int EDITS = 200;
    /** From the key that changes a dose to the frame in which the new length of the class stands. */
    private static final String WATCH = """
            () => {
              window.paints = [];
              let pressed = 0;
              document.addEventListener('keydown', () => (pressed = performance.now()), true);
              document.addEventListener('htmx:afterSettle', () => requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = () => window.paints.push(performance.now() - pressed);
                channel.port2.postMessage(0);
              }));
            }""";

    EditPaint(TestApp app) {
        super(app);
    }

    @Test
    void measure() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, lines());
        signIn(teacher.email());
        page.navigate(app.url("/classes/" + id));
        page.waitForSelector("main[data-ready]");
        System.out.printf(
                "%d rows, %s long%n",
                page.locator("[data-row]").count(),
                page.locator(".head-length > .num").textContent());
        page.evaluate(WATCH);
        edits(WARM_UP);
        page.evaluate("() => { window.paints = []; performance.clearResourceTimings(); }");
        edits(EDITS);
        report("to the painted change", "() => window.paints");
        report(
                "server, as the page sees it",
                "() => performance.getEntriesByType('resource').filter(e => e.name.endsWith('/change'))"
                        + ".map(e => e.responseEnd - e.requestStart)");
    }

    private void edits(int count) {
        page.evaluate("() => performance.setResourceTimingBufferSize(5000)");
        Locator box = page.locator("[data-name='Triangle'] .dose input").first();
        box.focus();
        for (int i = 0; i < count; i++) {
            int before = ((Number) page.evaluate("() => window.paints.length")).intValue();
            page.keyboard().press(i % 10 < 5 ? "ArrowUp" : "ArrowDown");
            page.waitForFunction("n => window.paints.length > n", before);
        }
    }

    @SuppressWarnings("unchecked")
    private void report(String what, String script) {
        List<Double> ms = new ArrayList<>();
        for (Object value : (List<Object>) page.evaluate(script)) ms.add(((Number) value).doubleValue());
        ms.sort(null);
        Map<String, Double> of = Map.of(
                "median", ms.get(ms.size() / 2),
                "p95", ms.get((int) (ms.size() * 0.95)),
                "worst", ms.get(ms.size() - 1));
        System.out.printf(
                Locale.ROOT,
                "%s, %d edits: median %.1f ms, p95 %.1f ms, worst %.1f ms%n",
                what,
                ms.size(),
                of.get("median"),
                of.get("p95"),
                of.get("worst"));
    }

    /** About 90 minutes, 150 written steps and 600 moments. */
    private static String[] lines() {
        List<String> lines = new ArrayList<>(List.of("section arrive", "easy seat, 3 min open"));
        for (int part = 0; part < 6; part++) {
            lines.add("section standing: Part " + (part + 1));
            lines.add("flow tide " + (part + 1) + ", 4 rounds, both sides");
            for (int i = 0; i < 4; i++) {
                lines.addAll(List.of("high lunge, in", "warrior 2, out", "reverse warrior, in"));
            }
            lines.add("end flow");
            for (int i = 0; i < 4; i++) {
                lines.addAll(List.of("triangle, both, 2 breaths", "chair, 2 breaths", "tree, both, 2 breaths"));
            }
        }
        lines.addAll(List.of("section rest", "final rest, 8 min"));
        return lines.toArray(String[]::new);
    }
}
