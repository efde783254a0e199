package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A forgotten password, and another address. */
@ExtendWith(TestApp.Extension.class)
class ForgottenTest {
    private static final String NEW = "three ropes over one harbour wall";

    private final TestApp app;
    private Teacher teacher;
    private Http stranger;

    ForgottenTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void somebody() {
        teacher = app.newTeacher();
        stranger = Http.on(app);
        stranger.get("/sign-in");
    }

    private List<String> links(String to, String path) {
        return app
                .bean(JdbcClient.class)
                .sql("select body from outgoing_mail where recipient = ? order by made_at")
                .param(to)
                .query(String.class)
                .list()
                .stream()
                .map(body -> Pattern.compile(path + "/[\\w-]{43}").matcher(body))
                .filter(Matcher::find)
                .map(Matcher::group)
                .toList();
    }

    private boolean comesIn(String email, String password) {
        return stranger.post("/sign-in", "email", email, "password", password).statusCode() == 302
                && stranger.get("/account").statusCode() == 200;
    }

    @Test
    void aLinkThatIsMailedChangesThePasswordOnceAndEndsEverySignIn() {
        Http there = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        stranger.post("/forgotten", "email", teacher.email().toUpperCase());
        stranger.post("/forgotten", "email", teacher.email());
        List<String> links = links(teacher.email(), "/forgotten");
        assertThat(links).hasSize(2);
        assertThat(stranger.get(links.get(0)).statusCode())
                .as("the one before has ended")
                .isEqualTo(404);
        String link = links.get(1);
        assertThat(stranger.get(link).body()).contains(teacher.email());
        assertThat(stranger.post(link, "password", "short").statusCode()).isEqualTo(422);
        assertThat(there.get("/account").statusCode()).isEqualTo(200);
        assertThat(stranger.post(link, "password", NEW).body()).contains("The password is changed.");
        assertThat(there.get("/account").statusCode()).as("signed out").isEqualTo(302);
        assertThat(stranger.post(link, "password", NEW + " again").statusCode()).isEqualTo(404);
        assertThat(comesIn(teacher.email(), TestApp.PASSWORD)).isFalse();
        assertThat(comesIn(teacher.email(), NEW)).isTrue();
    }

    @Test
    void nobodyLearnsWhetherThereIsAnAccount() {
        String known = stranger.post("/forgotten", "email", teacher.email()).body();
        String unknown = stranger.post("/forgotten", "email", UUID.randomUUID() + "@b.example")
                .body();
        assertThat(known.replaceAll("value=\"[^\"]*\"|content=\"[^\"]*\"", ""))
                .isEqualTo(unknown.replaceAll("value=\"[^\"]*\"|content=\"[^\"]*\"", ""));
        assertThat(stranger.get("/forgotten/" + "x".repeat(43)).statusCode()).isEqualTo(404);
    }

    @Test
    void aLinkEndsAfterAnHour() {
        stranger.post("/forgotten", "email", teacher.email());
        String link = links(teacher.email(), "/forgotten").get(0);
        app.bean(JdbcClient.class)
                .sql("update mailed_secret set ends_at = now() - interval '1 second' where teacher_id = ?")
                .param(teacher.id())
                .update();
        assertThat(stranger.get(link).statusCode()).isEqualTo(404);
        assertThat(stranger.post(link, "password", NEW).statusCode()).isEqualTo(404);
    }

    @Test
    void anotherAddressIsConfirmedByWhoeverHasIt() {
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String other = UUID.randomUUID() + "@quay.example";
        assertThat(http.post("/account/email", "wanted", other, "current", "wrong")
                        .body())
                .contains("not your present password");
        assertThat(http.post("/account/email", "wanted", "no mail", "current", TestApp.PASSWORD)
                        .body())
                .contains("This is no e-mail address.");
        assertThat(http.post("/account/email", "wanted", other, "current", TestApp.PASSWORD)
                        .body())
                .contains("Until it is followed nothing changes.");
        String link = links(other, "/account/email").get(0);
        Teacher third = app.newTeacher();
        assertThat(Http.on(app)
                        .signedIn(third.email(), TestApp.PASSWORD)
                        .get(link)
                        .statusCode())
                .as("somebody else's")
                .isEqualTo(404);
        assertThat(http.get(link).body()).contains(other);
        http.post(link);
        assertThat(comesIn(teacher.email(), TestApp.PASSWORD)).isFalse();
        assertThat(comesIn(other, TestApp.PASSWORD)).isTrue();
        assertThat(app.bean(JdbcClient.class)
                        .sql("select subject from outgoing_mail where recipient = ?")
                        .param(teacher.email())
                        .query(String.class)
                        .list())
                .contains("Your address was changed");
    }

    @Test
    void anAddressThatIsTakenMeanwhileIsNotTakenTwice() {
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        Teacher third = app.newTeacher();
        http.post("/account/email", "wanted", third.email(), "current", TestApp.PASSWORD);
        String link = links(third.email(), "/account/email").get(0);
        assertThat(http.post(link).statusCode()).isEqualTo(422);
        assertThat(comesIn(teacher.email(), TestApp.PASSWORD)).isTrue();
    }
}
