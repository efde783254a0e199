package gurukram.web.doors;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import gurukram.web.support.BrowserTests;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import gurukram.web.support.TlsProxy;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A phone in the room reaches the app through a proxy that speaks https. */
class ProxyJourneyTest extends BrowserTests {
    private static TlsProxy proxy;
    private static TlsProxy forgetsHost;
    private static TestApp behind;

    ProxyJourneyTest(TestApp app) throws Exception {
        super(app);
        if (behind != null) return;
        proxy = new TlsProxy(true);
        forgetsHost = new TlsProxy(false);
        behind = TestApp.another("--gurukram.behind=https://studio.test:" + proxy.port());
        proxy.passesTo(behind.port());
        forgetsHost.passesTo(behind.port());
    }

    @AfterAll
    static void close() throws Exception {
        behind.close();
        proxy.close();
        forgetsHost.close();
        behind = null;
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void anAccountIsMadeAndAClassIsWritten(boolean keepsHost) {
        String outside = "https://studio.test:" + (keepsHost ? proxy : forgetsHost).port();
        try (BrowserContext phone = anotherBrowser(
                new Browser.NewContextOptions().setIgnoreHTTPSErrors(true).setViewportSize(390, 800))) {
            List<String> insecure = new ArrayList<>();
            phone.onRequest(request -> {
                if (!request.url().startsWith("https://") && !request.url().startsWith("data:"))
                    insecure.add(request.url());
            });
            Page page = listening(phone.newPage());
            String email = "phone" + System.nanoTime() + "@test.example";
            Response door = page.navigate(outside + "/register");
            assertThat(door.allHeaders().get("strict-transport-security")).contains("max-age=");
            page.fill("#name", "Phone");
            page.fill("#email", email);
            page.fill("#password", "harbour crane teapot");
            page.keyboard().press("Enter");
            assertThat(page.locator(".demo-door")).hasCount(0);
            page.fill("#password", "harbour crane teapot");
            page.keyboard().press("Enter");
            page.waitForURL(outside + "/");
            assertThat(phone.cookies())
                    .filteredOn(cookie -> List.of("gurukram", "gurukram-known").contains(cookie.name))
                    .hasSize(2)
                    .allMatch(cookie -> cookie.secure && cookie.httpOnly);
            page.navigate(outside + "/classes/new");
            page.fill("#title", "Tide");
            page.locator("#title").press("Enter");
            page.waitForURL(outside + "/classes/*");
            assertThat(page.locator("h1")).containsText("Tide");
            assertThat(insecure).isEmpty();
        }
    }

    @Test
    void thereIsNoDemoBehindAProxy() {
        Http near = Http.through(proxy);
        assertThat(near.get("/sign-in").body()).doesNotContain("Look around the Ropewalk");
        assertThat(near.post("/demo-sign-in").statusCode()).isEqualTo(404);
        near.get("/sign-in");
        assertThat(near.post("/sign-in", "email", Demo.EMAIL, "password", Demo.PASSWORD)
                        .statusCode())
                .isEqualTo(401);
    }

    @Test
    void aRequestIsFromWhomTheProxySays() {
        Teacher owner = app.newTeacher();
        Http http = Http.through(proxy);
        http.get("/sign-in");
        http.post("/sign-in", "email", owner.email(), "password", "a wrong guess");
        Http hers = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        assertThat(hers.get("/account/safety").body()).contains(TlsProxy.CLIENT);
        // without a proxy nobody is believed
        Http plain = Http.on(app);
        plain.get("/sign-in");
        plain.postFrom("192.0.2.78", "/sign-in", "email", owner.email(), "password", "a wrong guess");
        assertThat(hers.get("/account/safety").body()).contains("127.0.0.1").doesNotContain("192.0.2.78");
    }

    @Test
    void redirectsNameNoHost() {
        Http http = Http.through(proxy);
        HttpResponse<String> away = http.get("/classes/new");
        assertThat(away.headers().firstValue("Location")).hasValue("/sign-in");
    }
}
