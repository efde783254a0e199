package gurukram.web.doors;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;

/** Requests no browser makes. */
@ExtendWith(TestApp.Extension.class)
class DoorsTest {
    private final TestApp app;

    DoorsTest(TestApp app) {
        this.app = app;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"evil.example", "evil.example:80", "localhost.evil.example", "192.0.2.1", "[2001:db8::1]:80", ""
            })
    void anUnknownHostGetsNothing(String host) throws Exception {
        String answer = Raw.ask(app.port(), "GET /classes/new HTTP/1.1\nHost: " + host + "\n", "");
        assertThat(answer).startsWith("HTTP/1.1 400").doesNotContain("Location");
        if (!host.isEmpty()) assertThat(answer).doesNotContain(host);
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "LOCALHOST:1", "127.0.0.1:8080", "[::1]:8080"})
    void thisMachineIsKnownByItsNames(String host) throws Exception {
        assertThat(Raw.ask(app.port(), "GET /sign-in HTTP/1.1\nHost: " + host + "\n", ""))
                .startsWith("HTTP/1.1 200");
    }

    @Test
    void behindAProxyOneNameMoreIsKnown() {
        Outside outside = new Outside("https://classes.studio.example", List.of("127.0.0.1"));
        assertThat(outside.knows("Classes.Studio.Example:443")).isTrue();
        assertThat(outside.knows("studio.example")).isFalse();
        assertThat(outside.isOurs("https://classes.studio.example")).isTrue();
        assertThat(outside.isOurs("https://classes.studio.example.evil.example"))
                .isFalse();
        assertThat(outside.isTls()).isTrue();
        assertThat(outside.isProxy("127.0.0.1")).isTrue();
        assertThat(outside.isProxy("192.0.2.1")).isFalse();
    }

    @Test
    void aFormOfAnotherSiteIsRefused() throws Exception {
        String answer = Raw.ask(
                app.port(),
                "POST /sign-in HTTP/1.1\nHost: localhost\nOrigin: https://evil.example\nContent-Length: 0\n",
                "");
        assertThat(answer).startsWith("HTTP/1.1 403");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/sign-in?x=%ff%fe",
                "/poses?q=%",
                "/poses?q=%zz",
                "/poses?q=%c3%28",
                "/sign-in?%",
                "/%2e%2e/etc",
                "/classes/%00",
                "/poses?q=a;b=c&&&=&=x",
                "/sign-in?x=%F0%9F%98"
            })
    void aBadAddressLeavesAtMostALineInTheLog(String path) throws Exception {
        Http teacher = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        root.addAppender(log);
        try {
            String answer = Raw.ask(
                    app.port(), "GET " + path + " HTTP/1.1\nHost: localhost\nCookie: " + teacher.cookies() + "\n", "");
            assertThat(answer).matches("(?s)HTTP/1.1 (200|302|400|404) .*").doesNotContain("Exception");
            assertThat(log.list).hasSizeLessThanOrEqualTo(1).allMatch(event -> event.getThrowableProxy() == null);
        } finally {
            root.detachAppender(log);
        }
    }

    @Test
    void aBodyMayBeLongButNotEndless() {
        Teacher owner = app.newTeacher();
        Http http = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        HttpResponse<String> answer = http.post("/classes/open", "text", "tree\n".repeat(700_000));
        assertThat(answer.statusCode()).isEqualTo(413);
        HttpResponse<String> page = http.send(
                "POST",
                "/classes/open",
                "x".repeat(WholeBody.MOST_BYTES + 1),
                "Accept",
                "text/html",
                "Content-Type",
                "application/x-www-form-urlencoded");
        assertThat(page.statusCode()).isEqualTo(413);
        assertThat(page.body()).contains("too long to take");
    }

    @Test
    void aBodyInPiecesIsTakenWhole() throws Exception {
        Http http = Http.on(app);
        http.get("/sign-in");
        String form = "email=a%40b.example&password=c&_csrf=" + http.token();
        try (Raw raw = new Raw("127.0.0.1", app.port())) {
            raw.send("POST /sign-in HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nCookie: " + http.cookies()
                    + "\r\nContent-Type: application/x-www-form-urlencoded\r\nTransfer-Encoding: chunked\r\n\r\n");
            for (int at = 0; at < form.length(); at += 20) {
                String piece = form.substring(at, Math.min(form.length(), at + 20));
                raw.send(Integer.toHexString(piece.length()) + "\r\n" + piece + "\r\n");
                Thread.sleep(20);
            }
            assertThat(raw.send("0\r\n\r\n").answer())
                    .startsWith("HTTP/1.1 401")
                    .contains("do not go together");
        }
    }

    @Test
    void aBodyThatDripsIsGivenUp() throws Exception {
        try (Raw raw = new Raw("127.0.0.9", app.port())) {
            raw.send("POST /sign-in HTTP/1.1\r\nHost: localhost\r\nContent-Length: 5000\r\n\r\n");
            long begun = System.nanoTime();
            Thread drip = new Thread(() -> {
                try {
                    for (int i = 0; i < 60; i++) {
                        raw.send("x");
                        Thread.sleep(500);
                    }
                } catch (Exception e) {
                    // it was given up
                }
            });
            drip.setDaemon(true);
            drip.start();
            assertThat(raw.answer()).startsWith("HTTP/1.1 408");
            assertThat((System.nanoTime() - begun) / 1_000_000_000L).isLessThan(15);
        }
    }

    @Test
    void theAddressOfErrorPagesIsNotForOpening() {
        Http http = Http.on(app);
        HttpResponse<String> answer = http.get("/error", "Accept", "text/html");
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).contains("Nothing here");
        assertThat(Http.on(app)
                        .signedIn(app.newTeacher().email(), TestApp.PASSWORD)
                        .send("PUT", "/classes/new", "", "Accept", "text/html")
                        .body())
                .doesNotContain("our fault");
    }
}
