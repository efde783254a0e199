package gurukram.web.phrases;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.MyFlowStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class PhrasesTest {
    private static final Pattern FOUND = Pattern.compile("<strong class=\"num\">(\\d+)</strong> <span>of \\d+ phrases");

    private final TestApp app;
    private Teacher teacher;
    private Http http;

    PhrasesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private int found(String query) {
        Matcher found = FOUND.matcher(http.get("/phrases?" + query).body());
        assertThat(found.find()).isTrue();
        return Integer.parseInt(found.group(1));
    }

    @Test
    void theBookIsLookedThroughByWhatIsAsked() {
        int all = found("");
        assertThat(all).isGreaterThan(100);
        assertThat(found("q=half+moon")).isBetween(1, all / 3);
        assertThat(found("q=tide+harbour")).as("all the words").isBetween(1, 6);
        assertThat(found("style=HATHA")).isLessThan(all);
        assertThat(found("level=BEGINNER&style=HATHA")).isLessThan(found("style=HATHA"));
        assertThat(found("base=SUPINE")).isBetween(3, 20);
        assertThat(found("peak=half-moon")).isBetween(3, 20);
        assertThat(found("free=true")).isBetween(30, all - 20);
        assertThat(found("need=PREGNANCY_LATER")).isBetween(10, all - 20);
        assertThat(found("q=zzz")).isZero();
        assertThat(http.get("/phrases?q=zzz").body()).contains("Leave one of the choices open");
    }

    @Test
    void aWrongChoiceIsNoErrorOfOurs() {
        assertThat(http.get("/phrases?level=BOGUS").statusCode()).isEqualTo(400);
        assertThat(http.get("/phrases/no-such-phrase").statusCode()).isEqualTo(404);
        assertThat(http.get("/phrases/side-wall-to-half-moon?level=BOGUS").statusCode())
                .isEqualTo(400);
    }

    @Test
    void aPhraseIsShownAsALevelDoesItAndKeptOnce() {
        String page =
                http.get("/phrases/side-wall-to-half-moon?level=INTERMEDIATE").body();
        assertThat(page).contains("half moon, lead, 3 breaths", "from lunge (in) to dog (out)", ">beginner</a>");
        assertThat(http.get("/phrases/side-wall-to-half-moon?level=BEGINNER").body())
                .doesNotContain("half moon, lead");
        http.post("/phrases/side-wall-to-half-moon/keep", "level", "INTERMEDIATE");
        http.post("/phrases/side-wall-to-half-moon/keep", "level", "INTERMEDIATE");
        assertThat(app.bean(MyFlowStore.class).of(teacher))
                .singleElement()
                .satisfies(flow -> assertThat(flow.text()).contains("flow \"side wall\"", "half moon, lead"));
    }
}
