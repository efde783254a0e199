package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A code beside the password. */
@ExtendWith(TestApp.Extension.class)
class SecondFactorTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    SecondFactorTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    /** The code of a moment, seconds from now. */
    private String code(int seconds) throws Exception {
        byte[] secret =
                app.bean(SecondFactorStore.class).find(teacher).orElseThrow().secret();
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        return codes.generateOneTimePasswordString(
                new SecretKeySpec(secret, codes.getAlgorithm()), Instant.now().plusSeconds(seconds));
    }

    private void lastTakenLongAgo() {
        app.bean(JdbcClient.class)
                .sql("update second_factor set last_counter = 0 where teacher_id = ?")
                .param(teacher.id())
                .update();
    }

    private List<String> begun() throws Exception {
        http.post("/account/second-factor/begin", "current", TestApp.PASSWORD);
        String told =
                http.post("/account/second-factor/confirm", "code", code(0)).body();
        return Pattern.compile("<code>([a-z2-9]{10})</code>")
                .matcher(told)
                .results()
                .map(one -> one.group(1))
                .toList();
    }

    private int status(String code) {
        Http other = Http.on(app);
        other.get("/sign-in");
        return other.post("/sign-in", "email", teacher.email(), "password", TestApp.PASSWORD, "code", code)
                .statusCode();
    }

    @Test
    void theSecretOfTheStandardGivesItsCodes() {
        // RFC 4648, section 10
        assertThat(SecondFactor.base32("foobar".getBytes())).isEqualTo("MZXW6YTBOI");
        assertThat(SecondFactor.base32("fooba".getBytes())).isEqualTo("MZXW6YTB");
    }

    @Test
    void withItAPasswordAloneSignsNobodyIn() throws Exception {
        assertThat(http.post("/account/second-factor/begin", "current", "wrong").statusCode())
                .isEqualTo(422);
        http.post("/account/second-factor/begin", "current", TestApp.PASSWORD);
        String page = http.get("/account/second-factor").body();
        Matcher secret = Pattern.compile("class=\"secret\">([A-Z2-7 ]+)<").matcher(page);
        assertThat(secret.find()).isTrue();
        assertThat(secret.group(1).replace(" ", "")).hasSize(32);
        assertThat(page).containsPattern("d=\"M\\d+ \\d+h1v1h-1z");
        assertThat(status("")).as("it is not confirmed yet").isEqualTo(302);
        assertThat(http.post("/account/second-factor/confirm", "code", "000000").statusCode())
                .isEqualTo(422);
        String told =
                http.post("/account/second-factor/confirm", "code", code(0)).body();
        assertThat(told).contains("It is on", "8 codes for the day it is lost are left");
        lastTakenLongAgo();
        Http other = Http.on(app);
        other.get("/sign-in");
        var asked = other.post("/sign-in", "email", teacher.email(), "password", TestApp.PASSWORD);
        assertThat(asked.statusCode()).isEqualTo(401);
        assertThat(asked.body()).contains("This account has a second factor", "name=\"code\"");
        assertThat(other.post("/sign-in", "email", teacher.email(), "password", "wrong")
                        .body())
                .as("whoever has not the password learns nothing")
                .doesNotContain("second factor");
        String now = code(0);
        assertThat(status("123")).isEqualTo(401);
        assertThat(status(now)).isEqualTo(302);
        assertThat(status(now)).as("a code is taken once").isEqualTo(401);
    }

    @Test
    void aClockMayBeHalfAMinuteOffAndNoMore() throws Exception {
        begun();
        for (int off : new int[] {-30, 30}) {
            lastTakenLongAgo();
            assertThat(status(code(off))).as("%d s", off).isEqualTo(302);
        }
        for (int off : new int[] {-120, 120}) {
            lastTakenLongAgo();
            assertThat(status(code(off))).as("%d s", off).isEqualTo(401);
        }
    }

    @Test
    void whoeverLostTheTelephoneHasEightCodesEachForOnce() throws Exception {
        List<String> recovery = begun();
        assertThat(recovery).hasSize(SecondFactor.RECOVERY).doesNotHaveDuplicates();
        assertThat(http.get("/account/second-factor").body()).as("told once").doesNotContain(recovery.get(0));
        assertThat(status(recovery.get(0).toUpperCase())).isEqualTo(302);
        assertThat(status(recovery.get(0))).isEqualTo(401);
        assertThat(http.get("/account/second-factor").body()).contains("7 codes");
        http.post("/account/second-factor/begin", "current", TestApp.PASSWORD);
        assertThat(status("")).as("begun anew it stays on").isEqualTo(401);
        http.post("/account/second-factor/end", "current", TestApp.PASSWORD);
        assertThat(status("")).isEqualTo(302);
    }
}
