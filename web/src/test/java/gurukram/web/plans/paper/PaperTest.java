package gurukram.web.plans.paper;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
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
    @ValueSource(strings = {"", "/print", "/passes", "/report", "/dry-run", "/counts", "/fit"})
    void aLevelThereIsNoneOfShowsTheClassAsItIsWrittenAndSaysSo(String page) {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        String of = page.equals("/fit") ? "view" : "level";
        assertThat(http.get("/classes/" + id + page + "?" + of + "=BOGUS"))
                .satisfies(answer -> assertThat(answer.statusCode()).isEqualTo(200))
                .satisfies(answer -> assertThat(answer.body()).contains("There is no such level"));
        assertThat(http.get("/classes/" + id + page + "?" + of + "=BEGINNER").body())
                .doesNotContain("There is no such level");
    }

    @Test
    void countsSayWhatIsCountedAndWhereItComesFrom() {
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "tree, right, 5 breaths",
                "tree, left, 3 breaths",
                "plank, 3 breaths",
                "section talk",
                "easy seat, 2 min open");
        String page = http.get("/classes/" + id + "/counts").body();

        assertThat(page).containsPattern("in talk and showing</span> <strong class=\"num\">2:00<");
        assertThat(page).containsPattern("(?s)<td>3</td>.{0,250}breaths held.{0,250}<td>5</td>");
        assertThat(page).containsPattern("(?s)weight on the wrists</span> <strong class=\"num\">1<.{0,400}>Plank</a>");
        assertThat(page).containsPattern("(?s)come again, outside flows.*Tree</span>: <strong class=\"num\">2 times<");
        assertThat(page).doesNotContain("breathing patterns</span> <strong");
    }

    @Test
    void thePanelSaysWhereABreathComesFrom() {
        ClassId id = app.newClass(teacher, "section standing", "- 7 s a breath", "tree, both, 5 breaths");
        String page = http.get("/classes/" + id).body();
        Matcher row = Pattern.compile(
                        "id=\"row-([^\"]+)\"[^>]*data-name=\"Tree\"|data-row=\"([^\"]+)\"[^>]*data-name=\"Tree\"")
                .matcher(page);
        assertThat(row.find()).isTrue();
        String node = row.group(1) == null ? row.group(2) : row.group(1);

        assertThat(http.get("/classes/" + id + "/panel?node=" + node).body())
                .contains("7 s a breath, from the section");
    }
}
