package gurukram.web.support;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** A journey in Debian's Chromium: a fresh context a test; anything the console calls an error fails it, unless expected. */
@ExtendWith(TestApp.Extension.class)
public abstract class BrowserTests {
    private static Playwright playwright;
    private static Browser browser;

    private static final Map<String, Integer> LOOKED_AT = new ConcurrentHashMap<>();

    protected final TestApp app;
    protected BrowserContext context;
    protected Page page;
    private final List<String> complaints = new ArrayList<>();

    protected BrowserTests(TestApp app) {
        this.app = app;
    }

    @BeforeAll
    static void launch() {
        // a busy machine may take its time; nothing here judges speed
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--headless",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync",
                                // a studio's name for its own machine
                                "--host-resolver-rules=MAP studio.test 127.0.0.1")));
    }

    @AfterAll
    static void quit() {
        playwright.close();
    }

    @BeforeEach
    void open() {
        context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
        page = listening(context.newPage());
    }

    @AfterEach
    void close() {
        context.close();
        assertThat(complaints).as("errors on the console").isEmpty();
    }

    protected Page listening(Page opened) {
        opened.onConsoleMessage(message -> {
            // an expected refusal (422, 409) and a server made to go away are part of some journeys
            boolean expected = message.text().contains("Failed to load resource")
                    || message.text().startsWith("Response Status Error Code")
                    || message.text().startsWith("htmx:");
            if (message.type().equals("error") && !expected) complaints.add(message.text());
        });
        opened.onPageError(complaints::add);
        return opened;
    }

    /** Waits until an expression is true; asked from outside, since the pages allow no script from a string. */
    protected void until(String expression) {
        for (int i = 0; i < 200; i++) {
            if (Boolean.TRUE.equals(page.evaluate(expression))) return;
            page.waitForTimeout(100);
        }
        throw new AssertionError("never: " + expression);
    }

    /** Another window of its own, as somebody else's browser. */
    protected BrowserContext anotherBrowser(Browser.NewContextOptions options) {
        return browser.newContext(options);
    }

    /** From the next page on both clocks of the device, the one that can be set and the one that only goes on, stand at a time. */
    protected void stopClocks(long now) {
        page.addInitScript("""
                window.testNow = Number(sessionStorage.getItem('testNow') ?? %d);
                Date.now = () => window.testNow;
                performance.now = () => window.testNow;""".formatted(now));
    }

    protected void moveClocks(long now) {
        page.evaluate("now => { sessionStorage.setItem('testNow', now); window.testNow = now; }", (double) now);
    }

    /** On a phone the page is no wider than the phone. */
    protected void phone() {
        page.setViewportSize(390, 844);
        until("document.documentElement.scrollWidth <= 390");
        page.setViewportSize(1280, 800);
    }

    /** Presses Enter where that asks for another page, and waits until it is there, whole. */
    protected void enter() {
        page.evaluate("window.isLeft = true");
        page.keyboard().press("Enter");
        for (int i = 0; i < 200; i++) {
            try {
                if (Boolean.TRUE.equals(page.evaluate("!window.isLeft && document.readyState === 'complete'"))) return;
            } catch (PlaywrightException between) {
                // asked while one page went and the next came
            }
            page.waitForTimeout(100);
        }
        throw new AssertionError("no other page came of Enter on " + page.url());
    }

    protected void signIn(String email) {
        page.navigate(app.url("/sign-in"));
        page.fill("#email", email);
        page.fill("#password", TestApp.PASSWORD);
        page.keyboard().press("Enter");
        page.waitForURL(app.url("/"));
    }

    /**
     * Looks at the page the browser is on, loaded afresh with all it has stored, and expects axe to find nothing. Once a run for each kind
     * of page, and three times for that of a class: looking takes seconds.
     */
    protected void axeFindsNothing() {
        String kind = page.url()
                .replaceAll("https?://[^/]+", "")
                .replaceAll("[0-9a-f-]{36}", "{id}")
                .replaceAll("/shared/[^/?]+", "/shared/{secret}");
        if (LOOKED_AT.merge(kind, 1, Integer::sum) > (kind.equals("/classes/{id}") ? 3 : 1)) return;
        try (BrowserContext open = browser.newContext(new Browser.NewContextOptions()
                .setStorageState(context.storageState())
                .setViewportSize(1280, 800)
                .setBypassCSP(true))) {
            Page copy = open.newPage();
            copy.navigate(page.url());
            var violations = new AxeBuilder(copy)
                    .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"))
                    .analyze()
                    .getViolations();
            assertThat(violations)
                    .as(page.url())
                    .extracting(v -> v.getId() + ": " + v.getHelp() + " "
                            + v.getNodes().stream()
                                    .map(n -> n.getHtml())
                                    .limit(3)
                                    .toList())
                    .isEmpty();
        }
    }
}
