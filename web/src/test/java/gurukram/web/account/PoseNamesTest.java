package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class PoseNamesTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    PoseNamesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @Test
    void poseNamesAreReadInTheLanguageOfTheAccount() {
        ClassId id = app.newClass(teacher, "section standing", "bound angle, 5 breaths");
        assertThat(http.get("/classes/" + id).body()).contains("Bound angle");
        assertThat(http.post("/account/names", "language", "pt").statusCode()).isEqualTo(302);
        assertThat(http.get("/classes/" + id).body()).contains("Borboleta").doesNotContain("Bound angle");
        assertThat(http.get("/classes/" + id + "/text").body()).contains("borboleta, 5 breaths");
        assertThat(http.get("/poses/bound-angle").body()).contains("Borboleta", "Baddha koṇāsana");
        assertThat(http.get("/poses?q=bound+angle").body()).contains("Borboleta");
        assertThat(http.get("/account").body()).containsPattern("value=\"pt\"[^>]*selected");
        assertThat(http.post("/account/names", "language", "").statusCode()).isEqualTo(302);
        assertThat(http.get("/classes/" + id).body()).contains("Bound angle");
    }

    @Test
    void aLanguageThatIsNotThereIsSaidAtItsField() {
        var answer = http.post("/account/names", "language", "xx");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("There are no pose names in that language yet.");
        assertThat(http.get("/poses/bound-angle").body()).contains("Bound angle");
    }

    @Test
    void aLadderTellsTheSignBackTheWayOutAndForWhomARungIsClosed() {
        String page = http.get("/ladders/headstand").body();
        assertThat(page)
                .contains(
                        "any pressure in neck, eyes or ears",
                        "tuck, one foot down and then the other",
                        "at least 3 good classes on it",
                        "Closed for some people",
                        "retina");
        assertThat(http.get("/ladders/boat").body()).contains("further than the peak");
        assertThat(http.get("/poses/headstand").body()).contains("not for them");
    }
}
