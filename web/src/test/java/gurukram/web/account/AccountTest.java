package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.UUID;
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
    void theBrakeDoublesTheWaitPerAccountAndPerAddress() {
        Instant[] now = {Instant.parse("2026-03-01T10:00:00Z")};
        Clock clock = new Clock() {
            @Override
            public ZoneOffset getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return now[0];
            }
        };
        SignInBrake brake = new SignInBrake(app.bean(JdbcClient.class), clock);
        String account = "brake" + System.nanoTime();
        for (int i = 0; i < SignInBrake.FREE_TRIES - 1; i++) brake.failed(account, account + "-a");
        assertThat(brake.secondsToWait(account, "elsewhere")).isZero();
        brake.failed(account, account + "-a");
        assertThat(brake.secondsToWait(account, "elsewhere")).isEqualTo(2);
        assertThat(brake.secondsToWait("somebody", account + "-a")).isEqualTo(2);
        brake.failed(account, account + "-b");
        assertThat(brake.secondsToWait(account, "elsewhere")).isEqualTo(4);
        now[0] = now[0].plusSeconds(3);
        assertThat(brake.secondsToWait(account, "elsewhere")).isEqualTo(1);
        for (int i = 0; i < 40; i++) brake.failed(account, account + "-b");
        assertThat(brake.secondsToWait(account, "elsewhere")).isEqualTo(SignInBrake.LONGEST.toSeconds());
        brake.succeeded(account);
        assertThat(brake.secondsToWait(account, "elsewhere")).isZero();
        assertThat(brake.secondsToWait("somebody", account + "-b")).isEqualTo(SignInBrake.LONGEST.toSeconds());
        now[0] = now[0].plus(Duration.ofHours(25));
        assertThat(brake.secondsToWait("somebody", account + "-b")).isZero();
    }

    @Test
    void theDemoDoorOpensOnLoopbackOnly() {
        Http http = Http.on(app);
        assertThat(http.get("/sign-in").body()).contains("Look around the Ropewalk");
        assertThat(http.post("/demo-sign-in").statusCode()).isEqualTo(302);
        assertThat(http.get("/").body()).contains("Half moon over the harbour", "Thursday lamplight");
        MockHttpServletRequest request = new MockHttpServletRequest();
        assertThat(new Demo(true).mayEnter(request)).isTrue();
        assertThat(new Demo(false).mayEnter(request)).isFalse();
        request.setRemoteAddr("192.0.2.7");
        assertThat(new Demo(true).mayEnter(request)).isFalse();
    }

    @Test
    void aPasswordIsChangedAndAnotherTeacherCannotTakeTheEmail() {
        Teacher owner = app.newTeacher();
        Http http = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        assertThat(http.post("/account/password", "current", "wrong", "password", "short")
                        .body())
                .contains("not your present password", "At least 10 letters");
        assertThat(http.post("/account/password", "current", TestApp.PASSWORD, "password", "another long one")
                        .body())
                .contains("The password is changed");
        http.post("/sign-out");
        assertThat(http.get("/").statusCode()).isEqualTo(302);
        Http.on(app).signedIn(owner.email(), "another long one");
        Http other = Http.on(app);
        other.get("/register");
        HttpResponse<String> taken = other.post(
                "/register",
                "name",
                "Second",
                "studio",
                "",
                "email",
                owner.email().toUpperCase(),
                "password",
                "a long enough one");
        assertThat(taken.statusCode()).isEqualTo(422);
        assertThat(taken.body()).contains("There is an account with this e-mail already", "Second");
    }

    @ParameterizedTest
    @CsvSource({
        "'', a@b.example, long enough password, name",
        "Maren, nobody, long enough password, email",
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
