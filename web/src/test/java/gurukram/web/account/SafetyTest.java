package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The password, where one is signed in, who tried to be. */
@ExtendWith(TestApp.Extension.class)
class SafetyTest {
    private static final Pattern TOKEN = Pattern.compile("gk_[A-Za-z0-9_-]{40,}");
    private final TestApp app;

    SafetyTest(TestApp app) {
        this.app = app;
    }

    @Test
    void aNewPasswordEndsEveryOtherSignInAndTheTokensIfAsked() {
        Teacher owner = app.newTeacher();
        Http here = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        Http elsewhere = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        Matcher made = TOKEN.matcher(
                here.post("/account/tokens", "name", "Laptop", "may", "read").body());
        assertThat(made.find()).isTrue();
        String bearer = "Bearer " + made.group();
        assertThat(here.post("/account/password", "current", "wrong", "password", "short")
                        .body())
                .contains("not your present password", "At least 10 letters");
        assertThat(here.post("/account/password", "current", TestApp.PASSWORD, "password", "password12345")
                        .body())
                .contains("Too easily guessed");
        assertThat(elsewhere.get("/account").statusCode()).isEqualTo(200);
        HttpResponse<String> changed =
                here.post("/account/password", "current", TestApp.PASSWORD, "password", "harbour crane teapot");
        assertThat(changed.body()).contains("The password is changed");
        assertThat(here.get("/account").statusCode()).isEqualTo(200);
        assertThat(elsewhere.get("/account").statusCode()).isEqualTo(302);
        assertThat(Http.on(app)
                        .get("/api/classes/" + owner.id(), "Authorization", bearer)
                        .statusCode())
                .isEqualTo(404);
        here.get("/account/safety");
        here.post(
                "/account/password",
                "current",
                "harbour crane teapot",
                "password",
                "four wet oars in june",
                "tokens",
                "yes");
        assertThat(Http.on(app)
                        .get("/api/classes/" + owner.id(), "Authorization", bearer)
                        .statusCode())
                .isEqualTo(401);
        here.post("/sign-out");
        assertThat(here.get("/").statusCode()).isEqualTo(302);
        Http.on(app).signedIn(owner.email(), "four wet oars in june");
    }

    @Test
    void guessingThePresentPasswordIsSlowed() {
        Teacher owner = app.newTeacher();
        Http here = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        for (int i = 0; i < SignInBrake.FREE_TRIES; i++)
            assertThat(here.post("/account/password", "current", "guess " + i, "password", "harbour crane teapot")
                            .statusCode())
                    .isEqualTo(422);
        HttpResponse<String> slowed =
                here.post("/account/password", "current", TestApp.PASSWORD, "password", "harbour crane teapot");
        assertThat(slowed.statusCode()).isEqualTo(429);
        assertThat(slowed.body()).contains("Please wait");
    }

    @Test
    void signInsAreSeenAndEnded() {
        Teacher owner = app.newTeacher();
        Http here = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        Http phone = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        Http tablet = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        String page = here.get("/account/safety").body();
        Matcher end = Pattern.compile("/account/sign-ins/([0-9a-f]+)/end").matcher(page);
        assertThat(end.results().count()).isEqualTo(2);
        end.reset();
        assertThat(end.find()).isTrue();
        Http stranger = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(stranger.post("/account/sign-ins/" + end.group(1) + "/end").statusCode())
                .isEqualTo(404);
        assertThat(here.post("/account/sign-ins/" + end.group(1) + "/end").statusCode())
                .isEqualTo(302);
        int still = 0;
        for (Http other : new Http[] {phone, tablet}) if (other.get("/account").statusCode() == 200) still++;
        assertThat(still).isEqualTo(1);
        here.post("/account/sign-ins/end-others");
        assertThat(phone.get("/account").statusCode()).isEqualTo(302);
        assertThat(tablet.get("/account").statusCode()).isEqualTo(302);
        assertThat(here.get("/account").statusCode()).isEqualTo(200);
    }

    @Test
    void aSignInEndsAfterAWhileHoweverOftenItIsUsed() {
        Teacher owner = app.newTeacher();
        Http here = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        app.bean(JdbcClient.class)
                .sql("update spring_session set creation_time = creation_time - :ms where principal_name = :email")
                .param("ms", 91L * 24 * 3600 * 1000)
                .param("email", owner.email())
                .update();
        assertThat(here.get("/account").statusCode()).isEqualTo(302);
    }

    @Test
    void theOwnerSeesThatSomebodyTried() {
        Teacher owner = app.newTeacher();
        Http thief = Http.on(app);
        thief.get("/sign-in");
        for (int i = 0; i < 3; i++) thief.post("/sign-in", "email", owner.email(), "password", "guess " + i);
        Http here = Http.on(app).signedIn(owner.email(), TestApp.PASSWORD);
        assertThat(here.get("/account/safety").body()).contains("3 times that day, last from 127.0.0.1");
    }

    @Test
    void browsersAreToldInWords() {
        assertThat(Sessions.browser("Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0"))
                .isEqualTo("Firefox on Linux");
        assertThat(
                        Sessions.browser(
                                "Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605 (KHTML, like Gecko) Version/18.0 Safari/604"))
                .isEqualTo("Safari on iPhone");
        assertThat(Sessions.browser(null)).isEqualTo("a program");
        assertThat(Sessions.browser("<script>")).isEqualTo("a browser");
    }
}
