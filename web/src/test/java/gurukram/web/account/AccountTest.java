package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Outside;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletRequest;

/** Who gets in, and what they see. */
@ExtendWith(TestApp.Extension.class)
class AccountTest {
    private final TestApp app;

    AccountTest(TestApp app) {
        this.app = app;
    }

    @Test
    void nobodySeesAPageWithoutSigningIn() {
        Http stranger = Http.on(app);
        for (String path : new String[] {"/", "/classes/new", "/logbook", "/account", "/nowhere"}) {
            HttpResponse<String> answer = stranger.get(path);
            assertThat(answer.statusCode()).as(path).isEqualTo(302);
            assertThat(answer.headers().firstValue("Location").orElseThrow()).endsWith("/sign-in");
        }
        assertThat(stranger.get("/", "HX-Request", "true").statusCode()).isEqualTo(401);
    }

    @Test
    void everyAnswerCarriesStrictHeaders() {
        HttpResponse<String> page = Http.on(app).get("/sign-in");
        String policy = page.headers().firstValue("Content-Security-Policy").orElseThrow();
        assertThat(policy)
                .contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(page.headers().firstValue("X-Content-Type-Options")).hasValue("nosniff");
        assertThat(page.headers().firstValue("Set-Cookie").orElseThrow()).contains("HttpOnly", "SameSite=Lax");
        assertThat(page.body()).doesNotContainPattern("<script(?![^>]*src=)").doesNotContain(" style=\"");
    }

    @Test
    void somebodyElsesThingsAreNotThere() {
        Teacher owner = app.newTeacher();
        ClassId id = app.newClass(owner, "tree");
        Http stranger = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(stranger.get("/classes/" + id).statusCode()).isEqualTo(404);
        assertThat(stranger.get("/classes/" + id + "/print").statusCode()).isEqualTo(404);
        assertThat(stranger.post("/classes/" + id + "/line", "line", "chair", "version", "1")
                        .statusCode())
                .isEqualTo(404);
        assertThat(stranger.post("/classes/" + id + "/teach").statusCode()).isEqualTo(404);
        assertThat(stranger.post("/classes/" + id + "/delete").statusCode()).isEqualTo(404);
        Http self = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        assertThat(self.get("/classes/" + id).statusCode()).isEqualTo(200);
        String room = Http.location(self.post("/classes/" + id + "/teach"));
        assertThat(self.get(room).statusCode()).isEqualTo(200);
        assertThat(stranger.get(room).statusCode()).isEqualTo(404);
        assertThat(stranger.json(room + "/log", "{\"startedAt\":1,\"moments\":[]}")
                        .statusCode())
                .isEqualTo(404);
        assertThat(stranger.get(room.replace("/room/", "/logbook/")).statusCode())
                .isEqualTo(404);
    }

    @Test
    void aWrongAddressIsAHelpfulPage() {
        Http teacher = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        for (String path :
                new String[] {"/nowhere", "/classes/7", "/classes/" + UUID.randomUUID(), "/room/x", "/logbook/%00"}) {
            HttpResponse<String> answer = teacher.get(path, "Accept", "text/html");
            assertThat(answer.statusCode()).as(path).isIn(404, 400);
            assertThat(answer.body()).as(path).doesNotContain("Exception");
        }
        assertThat(teacher.get("/nowhere", "Accept", "text/html").body()).contains("There is no page at this address");
    }

    @Test
    void aFormWithoutItsTokenIsRefused() {
        Teacher owner = app.newTeacher();
        ClassId id = app.newClass(owner, "tree");
        Http teacher = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        assertThat(teacher.postWithoutToken("/classes/" + id + "/delete").statusCode())
                .isEqualTo(403);
        assertThat(teacher.get("/classes/" + id).statusCode()).isEqualTo(200);
    }

    @Test
    void aWrongPasswordKeepsTheEmailAndIsSlowedDown() {
        Teacher owner = app.newTeacher();
        Http http = Http.on(app);
        http.get("/sign-in");
        for (int i = 0; i < SignInBrake.FREE_TRIES; i++) {
            HttpResponse<String> answer = http.post("/sign-in", "email", owner.email(), "password", "guess " + i);
            assertThat(answer.statusCode()).isEqualTo(401);
            assertThat(answer.body()).contains(owner.email(), "do not go together");
        }
        HttpResponse<String> slowed = http.post("/sign-in", "email", owner.email(), "password", TestApp.PASSWORD);
        assertThat(slowed.statusCode()).isEqualTo(429);
        assertThat(slowed.body()).contains("Please wait");
        app.bean(JdbcClient.class).sql("delete from sign_in_failure").update();
        assertThat(http.post("/sign-in", "email", owner.email(), "password", TestApp.PASSWORD)
                        .statusCode())
                .isEqualTo(302);
    }

    @Test
    void theDemoDoorOpensOnLoopbackOnly() {
        Http http = Http.on(app);
        assertThat(http.get("/sign-in").body()).contains("Look around the Ropewalk");
        assertThat(http.post("/demo-sign-in").statusCode()).isEqualTo(302);
        assertThat(http.get("/").body()).contains("Half moon over the harbour", "Thursday lamplight");
    }

    @Test
    void theDemoDoorIsShutForWhoeverIsElsewhere() {
        Outside here = new Outside("", List.of("127.0.0.1"));
        Demo demo = new Demo(true, here);
        assertThat(demo.mayEnter(visit("localhost:8080"))).isTrue();
        assertThat(new Demo(false, here).mayEnter(visit("localhost"))).isFalse();
        Outside proxied = new Outside("https://classes.studio.example", List.of("127.0.0.1"));
        assertThat(new Demo(true, proxied).mayEnter(visit("localhost"))).isFalse();
        assertThat(new Demo(true, proxied).isOn()).isFalse();
        assertThat(demo.mayEnter(visit("classes.studio.example"))).isFalse();
        MockHttpServletRequest far = visit("localhost");
        far.setRemoteAddr("192.0.2.7");
        assertThat(demo.mayEnter(far)).isFalse();
        MockHttpServletRequest passedOn = visit("localhost");
        passedOn.addHeader("X-Forwarded-For", "192.0.2.7");
        assertThat(demo.mayEnter(passedOn)).isFalse();
        MockHttpServletRequest otherPage = visit("localhost");
        otherPage.addHeader("Origin", "https://classes.studio.example");
        assertThat(demo.mayEnter(otherPage)).isFalse();
    }

    private static MockHttpServletRequest visit(String host) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.addHeader("Host", host);
        return request;
    }

    @Test
    void aVisitorsLookAtTheDoorStoresNothing() {
        Http visitor = Http.on(app);
        List<String> before = sessions();
        visitor.get("/sign-in");
        visitor.get("/register");
        assertThat(visitor.get("/classes/" + UUID.randomUUID() + "?level=beginner")
                        .statusCode())
                .isEqualTo(302);
        visitor.post("/sign-in", "email", "nobody@test.example", "password", "a wrong guess");
        // what has ended may be cleared away at that very moment
        assertThat(before).containsAll(sessions());
    }

    private List<String> sessions() {
        // nobody's: a page somebody is signed in on may still be asking
        return app.bean(JdbcClient.class)
                .sql("select session_id from spring_session where principal_name is null")
                .query(String.class)
                .list();
    }

    @Test
    void whatWasAskedForIsShownAfterSigningIn() {
        Teacher owner = app.newTeacher();
        ClassId id = app.newClass(owner, "tree");
        Http http = Http.on(app);
        http.get("/classes/" + id + "?level=beginner");
        http.get("/sign-in");
        HttpResponse<String> in = http.post("/sign-in", "email", owner.email(), "password", TestApp.PASSWORD);
        assertThat(in.headers().firstValue("Location").orElseThrow()).startsWith("/classes/" + id + "?level=beginner");
    }

    @Test
    void anAccountIsMadeAndNobodyLearnsWhetherAnAddressIsKnown() {
        Teacher known = app.newTeacher();
        String fresh = "fresh" + System.nanoTime() + "@test.example";
        HttpResponse<String> ofKnown = registered(known.email().toUpperCase(Locale.ROOT));
        HttpResponse<String> ofFresh = registered(fresh);
        assertThat(ofKnown.statusCode()).isEqualTo(ofFresh.statusCode()).isEqualTo(200);
        assertThat(ofKnown.headers().allValues("Set-Cookie"))
                .isEqualTo(ofFresh.headers().allValues("Set-Cookie"));
        assertThat(plain(ofKnown.body(), known.email())).isEqualTo(plain(ofFresh.body(), fresh));
        Http.on(app).signedIn(fresh, "harbour crane teapot");
        Http.on(app).signedIn(known.email(), TestApp.PASSWORD);
    }

    private HttpResponse<String> registered(String email) {
        Http http = Http.on(app);
        http.get("/register");
        return http.post(
                "/register", "name", "Second", "studio", "", "email", email, "password", "harbour crane teapot");
    }

    /** A page without what differs from visit to visit. */
    private static String plain(String page, String email) {
        return page.replaceAll("(?i)" + Pattern.quote(email), "@")
                .replaceAll("name=\"csrf\" content=\"[^\"]*\"", "")
                .replaceAll("name=\"(_csrf|once)\" value=\"[^\"]*\"", "");
    }

    @ParameterizedTest
    @CsvSource({
        "'', a@b.example, harbour crane teapot, name",
        "Maren, nobody, harbour crane teapot, email",
        "Maren, a@b.example, short, password"
    })
    void aRegistrationSaysWhatIsWrongAtItsField(String name, String email, String password, String field) {
        assertThat(new RegisterForm(name, "", email, password).problems()).containsOnlyKeys(field);
    }

    @Test
    void aRegistrationHasLimits() {
        RegisterForm form =
                new RegisterForm("n".repeat(81), "s".repeat(121), "e".repeat(95) + "@b.example", "p".repeat(201));
        assertThat(form.problems()).containsOnlyKeys("name", "studio", "email", "password");
        assertThat(new RegisterForm(null, null, null, null).problems()).containsOnlyKeys("name", "email", "password");
    }
}
