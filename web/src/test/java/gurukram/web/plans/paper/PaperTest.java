package gurukram.web.plans.paper;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(TestApp.Extension.class)
class PaperTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    PaperTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "/print", "/passes", "/report", "/dry-run", "/fit"})
    void aLevelThereIsNoneOfShowsTheClassAsItIsWrittenAndSaysSo(String page) {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        String of = page.equals("/fit") ? "view" : "level";
        assertThat(http.get("/classes/" + id + page + "?" + of + "=BOGUS"))
                .satisfies(answer -> assertThat(answer.statusCode()).isEqualTo(200))
                .satisfies(answer -> assertThat(answer.body()).contains("There is no such level"));
        assertThat(http.get("/classes/" + id + page + "?" + of + "=BEGINNER").body())
                .doesNotContain("There is no such level");
    }
}
