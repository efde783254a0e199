package gurukram.web.plans.paper;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Map;
import java.util.UUID;
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
    @ValueSource(strings = {"", "/print", "/passes", "/report", "/dry-run", "/counts", "/tonight", "/fit"})
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

    @Test
    void forTonightSaysWhatToSayAndLayOutAndSwapsAllOfANeedAtOnce() {
        UUID group = groupOfTen();
        ClassId id = app.newClass(
                teacher,
                "section floor",
                "bound angle, 5 breaths",
                "- props: 2 blocks",
                "sphinx, 3 breaths",
                "boat, 3 breaths");
        app.bean(ClassStore.class).setGroup(teacher, id, group);
        String page = http.get("/classes/" + id + "/tonight").body();
        assertThat(page).contains("for tonight", "10 mats", "20 in all", "Lay out before people come");
        assertThat(page).containsPattern("(?s)Sphinx</a>.*leave out</strong>.*pregnancy");
        assertThat(page).contains("Give them lines of their own", "Sphinx →");

        int version = app.bean(ClassStore.class).find(teacher, id).orElseThrow().version();
        String swapped = answered(
                "/classes/" + id + "/tonight/swap",
                "version",
                "" + version,
                "need",
                "PREGNANCY_LATER",
                "how",
                "EVERYBODY");
        assertThat(swapped).contains("poses swapped for everybody", "Undo it").doesNotContain("Sphinx</a>");

        assertThat(answered("/classes/" + id + "/tonight/undo", "version", "" + (version + 1)))
                .contains("It is as it was before", "Sphinx</a>");
        assertThat(http.post("/classes/" + id + "/tonight/swap", "version", "1", "need", "SOUL", "how", "LINES")
                        .statusCode())
                .isEqualTo(400);
    }

    /** The page one is led to after a form. */
    private String answered(String path, String... fields) {
        HttpResponse<String> answer = http.post(path, fields);
        assertThat(answer.statusCode()).isEqualTo(302);
        String to = answer.headers().firstValue("Location").orElseThrow();
        return http.get(to.substring(to.indexOf("/classes"))).body();
    }

    private UUID groupOfTen() {
        GroupStore groups = app.bean(GroupStore.class);
        return groups.create(
                teacher,
                new Group(
                        null,
                        "Thursday",
                        DayOfWeek.THURSDAY,
                        LocalTime.NOON,
                        60,
                        Level.BEGINNER,
                        10,
                        Map.of(Need.PREGNANCY_LATER, 2),
                        null,
                        "",
                        new Group.Touch(3, 5, 2),
                        null));
    }
}
