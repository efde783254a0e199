package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Level;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands around the spine: the panel, the clip, notes, my flows, history, copies and the running order. */
@ExtendWith(TestApp.Extension.class)
class ScorePagesTest {
    private final TestApp app;
    private Teacher teacher;
    private ClassId id;
    private Http http;

    ScorePagesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void write() {
        teacher = app.newTeacher();
        id = app.newClass(
                teacher,
                "section standing",
                "tree, both, 5 breaths",
                "flow tide, 3 rounds, both sides",
                "high lunge",
                "warrior 2",
                "end flow",
                "section rest",
                "final rest, 5 min");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private String page() {
        return http.get("/classes/" + id).body();
    }

    private String row(String name) {
        Matcher found = Pattern.compile("data-row=\"([^\"]+)\" data-name=\"" + name + "\"")
                .matcher(page());
        assertThat(found.find()).as(name).isTrue();
        return found.group(1);
    }

    private int version() {
        Matcher found = Pattern.compile("id=\"version\" name=\"version\" value=\"(\\d+)\"")
                .matcher(page());
        assertThat(found.find()).isTrue();
        return Integer.parseInt(found.group(1));
    }

    private HttpResponse<String> change(String node, String field, String value, String... more) {
        String[] fields = {
            "node", node, "field", field, "value", value, "version", "" + version(), "view", "INTERMEDIATE"
        };
        String[] all =
                Stream.concat(List.of(fields).stream(), List.of(more).stream()).toArray(String[]::new);
        return http.htmx("/classes/" + id + "/change", all);
    }

    private String panel(String node) {
        HttpResponse<String> answer = http.get("/classes/" + id + "/panel?node=" + node + "&view=BEGINNER");
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void thePanelKnowsItsPart() {
        assertThat(panel(row("Tree")))
                .contains(
                        "setting up", "Easier and harder", "Next might come", "Felt", "vertigo", "data-field=\"say\"");
        assertThat(panel(row("tide")))
                .contains("data-field=\"mode-3\"", "data-field=\"round-join\"", "Keep among my flows");
        assertThat(panel(row("Standing"))).contains("data-field=\"role\"", "data-field=\"cueing\"");
    }

    @Test
    void thePanelOfAPartThatIsGoneIsThatOfTheClass() {
        assertThat(panel("gone"))
                .contains("data-panel=\"class\"", "data-field=\"peak\"", "History", "Put this class away");
        assertThat(http.get("/classes/" + id + "/panel?node=class&view=NONE").statusCode())
                .isEqualTo(200);
    }

    @Test
    void whatCannotBeTakenInThePanelIsSaidInThePanel() {
        String tree = row("Tree");
        HttpResponse<String> answer = change(tree, "pose", "haf moon", "panel", tree);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("panel-inside", "I know no pose called", "value=\"haf moon\"");
        assertThat(answer.body()).doesNotContain("data-name=\"Tree\"");
        assertThat(version()).isEqualTo(1);
    }

    @Test
    void anAnswerHoldsOnlyWhatChanges() {
        HttpResponse<String> answer = change(row("Tree"), "dose", "8");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body())
                .contains("id=\"change\"", "data-name=\"Tree\"", "value=\"8 breaths\"", "data-starts=");
        assertThat(answer.body()).doesNotContain("data-name=\"tide\"").doesNotContain("data-name=\"High lunge\"");
    }

    @Test
    void whatCannotBeDoneToSeveralPartsIsSaidAboveTheSpine() {
        String both = row("Tree") + " " + row("High lunge");
        HttpResponse<String> refused =
                http.htmx("/classes/" + id + "/tree", "node", both, "what", "gather", "version", "1", "view", "");
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("A flow is made of steps of one section");
        HttpResponse<String> moved = http.htmx(
                "/classes/" + id + "/move", "node", both, "target", row("Rest"), "where", "after", "version", "1");
        assertThat(moved.statusCode()).isEqualTo(200);
        assertThat(moved.body()).contains("data-name=\"High lunge\"", "aria-level=\"2\"");
        HttpResponse<String> gone =
                http.htmx("/classes/" + id + "/move", "node", "x y", "target", "z", "where", "after", "version", "2");
        assertThat(gone.statusCode()).isEqualTo(422);
        assertThat(http.htmx("/classes/" + id + "/tree", "node", "", "what", "remove", "version", "2")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void copiedTextGoesIntoAnotherClassAsItIs() {
        String text = http.get("/classes/" + id + "/clip?node=" + row("tide")).body();
        assertThat(text)
                .isEqualTo(
                        "flow \"tide\", 3 rounds, both sides, right first\n  high lunge, lead, in\n  warrior 2, lead, out\nend flow\n");
        ClassId other = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        HttpResponse<String> answer = http.htmx("/classes/" + other + "/paste", "text", text, "at", "", "version", "1");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("data-name=\"tide\"", "data-name=\"Warrior 2\"");
        assertThat(http.get("/classes/" + id + "/clip?node=gone").statusCode()).isEqualTo(404);
    }

    @Test
    void whatIsPastedAndNotClearIsSentToTheNotes() {
        HttpResponse<String> answer =
                http.htmx("/classes/" + id + "/paste", "text", "tree\nwarior", "at", "", "version", "1");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.headers().firstValue("HX-Trigger")).contains("not-clear");
        String read = http.htmx("/classes/" + id + "/notes/check", "text", "tree\nwarior", "at", "")
                .body();
        assertThat(read).contains("One line needs a choice.", "tree, both, 3 breaths", "data-choice=\"warrior 1\"");
        HttpResponse<String> put =
                http.post("/classes/" + id + "/notes", "text", "tree\nwarior", "at", "", "version", "1");
        assertThat(put.statusCode()).isEqualTo(422);
        assertThat(put.body()).contains("tree\nwarior").contains("I know no pose called");
        assertThat(http.post("/classes/" + id + "/notes", "text", "chair\nmountain", "at", "", "version", "1")
                        .statusCode())
                .isEqualTo(302);
        assertThat(page()).contains("data-name=\"Mountain\"");
    }

    @Test
    void aFlowIsKeptPutInElsewhereAndForgotten() {
        String kept = http.htmx("/classes/" + id + "/flows", "node", row("tide"), "view", "")
                .body();
        Matcher flow = Pattern.compile("data-put-flow=\"([^\"]+)\"").matcher(kept);
        assertThat(flow.find()).isTrue();
        ClassId other = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        String url = "/classes/" + other + "/flows/" + flow.group(1);
        assertThat(http.htmx(url + "/put", "at", "", "version", "1").body()).contains("data-name=\"tide\"");

        Http stranger = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(stranger.htmx(url + "/put", "at", "", "version", "1").statusCode())
                .isEqualTo(404);
        assertThat(http.htmx(url + "/forget", "node", "class").body()).doesNotContain("data-put-flow");
        assertThat(http.htmx(url + "/put", "at", "", "version", "2").statusCode())
                .isEqualTo(404);
    }

    @Test
    void theHistoryComparesAndGoesBackWithoutLosingAnything() {
        change(row("Tree"), "dose", "8");
        for (int i = 0; i < 60; i++) change(row("Tree"), "dose", "" + (i % 2 == 0 ? 9 : 7));
        String history = http.get("/classes/" + id + "/history").body();
        assertThat(history).contains("Tree: dose 9", "(the class is here)");
        String compared = http.get("/classes/" + id + "/history?with=1").body();
        assertThat(compared).contains("<del>tree, both, 8 breaths</del>", "<ins>tree, both, 7 breaths</ins>");
        // behind a snapshot, and at one
        assertThat(http.get("/classes/" + id + "/history?with=55").body()).contains("Both say the same.");
        assertThat(http.get("/classes/" + id + "/history?with=50").body()).contains("tree, both, 9 breaths");
        assertThat(http.get("/classes/" + id + "/history?with=999").statusCode())
                .isEqualTo(404);

        assertThat(http.post("/classes/" + id + "/history/0", "version", "" + version())
                        .statusCode())
                .isEqualTo(302);
        assertThat(page()).contains("value=\"5 breaths\"");
        http.htmx("/classes/" + id + "/undo", "version", "" + version());
        assertThat(page()).contains("value=\"7 breaths\"");
        change(row("Tree"), "dose", "4");
        assertThat(http.get("/classes/" + id + "/history").body()).contains("(undone and left)");
    }

    @Test
    void aCopyIsLongerShorterOrForAnotherLevel() {
        change(row("Tree"), "dose", "3", "of", "ADVANCED");
        HttpResponse<String> made =
                http.post("/classes/" + id + "/copy", "title", "Tide, advanced", "slot", "120", "level", "ADVANCED");
        assertThat(made.statusCode()).isEqualTo(302);
        String copy = http.get(Http.location(made)).body();
        assertThat(copy).contains("Tide, advanced", "value=\"6 breaths\"", "value=\"120\"");
        assertThat(page()).contains("value=\"5 breaths\"");

        HttpResponse<String> refused = http.post("/classes/" + id + "/copy", "title", "Tide", "slot", "an hour");
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("Minutes", "an hour");
        assertThat(http.get("/classes/" + id + "/copy").body()).contains(", again");
    }

    @Test
    void aClassIsForAGroupOfItsTeacher() {
        UUID mine = app.bean(GroupStore.class)
                .create(teacher, Group.of("Friday calm", DayOfWeek.FRIDAY, LocalTime.of(18, 0), 60, Level.BEGINNER));
        UUID other = app.bean(GroupStore.class)
                .create(
                        app.newTeacher(),
                        Group.of("Elsewhere", DayOfWeek.FRIDAY, LocalTime.of(18, 0), 60, Level.BEGINNER));
        String url = "/classes/" + id + "/group";
        assertThat(http.htmx(url, "value", "" + mine).body()).contains("<option value=\"" + mine + "\" selected");
        assertThat(http.get("/").body()).contains("Friday calm");
        assertThat(http.htmx(url, "value", "" + other).body())
                .doesNotContain("<option value=\"" + mine + "\" selected")
                .doesNotContain("Elsewhere");
        assertThat(http.htmx(url, "value", "x").statusCode()).isEqualTo(400);
    }

    @Test
    void aLinkIsAddedByALineAndChangedInItsPanel() {
        HttpResponse<String> added = http.htmx(
                "/classes/" + id + "/line", "line", "link, round 3", "at", row("tide"), "version", "1", "view", "");
        assertThat(added.statusCode()).isEqualTo(200);
        String link = row("link, round 3");
        assertThat(change(link, "line", "link, rounds 2-3, in place of the last")
                        .body())
                .contains("data-name=\"link, rounds 2-3, in place of the last\"");
        assertThat(change(link, "line", "link, round x", "panel", link).body()).contains("class=\"fault\"");
        assertThat(panel(link)).contains("data-field=\"line\"");
    }

    private HttpResponse<String> line(String typed, String at) {
        return http.htmx("/classes/" + id + "/line", "line", typed, "at", at, "version", "" + version(), "view", "");
    }

    @Test
    void aNoteMayStandBehindATypedLineAsBehindAPastedOne() {
        assertThat(line("chair, 3 breaths // knees over the toes", row("Tree")).statusCode())
                .isEqualTo(200);
        assertThat(line("flow evening, 2 rounds // slowly", "").statusCode()).isEqualTo(200);
        assertThat(line("// the wall is near", row("Tree")).statusCode()).isEqualTo(200);
        String text = http.get("/classes/" + id + "/text").body();
        assertThat(text)
                .contains("- note: knees over the toes", "- note: slowly", "- note: the wall is near")
                .doesNotContain("// knees");
        assertThat(line("standing: Balances // the wall", "").body())
                .contains("A note behind “//” is of a step or a flow.")
                .doesNotContain("data-name=\"Balances\"");
        id = app.newClass(teacher);
        assertThat(line("tree, both // by the window", "").statusCode()).isEqualTo(200);
        assertThat(http.get("/classes/" + id + "/text").body()).contains("- note: by the window");
    }

    @Test
    void theRunningOrderHasEveryPass() {
        String passes = http.get("/classes/" + id + "/passes?level=BEGINNER").body();
        assertThat(passes).contains("tide, round 1, pass 1", "tide, round 3, pass 6", "inhale, ");
        assertThat(passes.split("Warrior 2</th>", -1)).hasSize(7);
    }

    @ParameterizedTest
    @ValueSource(strings = {"panel", "clip?node=x", "notes", "history", "copy", "passes"})
    void somebodyElsesClassIsNotThere(String path) {
        Http stranger = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(stranger.get("/classes/" + id + "/" + path).statusCode()).isEqualTo(404);
    }

    @Test
    void namesForTheTypingLineComeWithFigures() {
        assertThat(http.get("/poses/names").body())
                .contains(
                        "\"name\":\"Half moon\"",
                        "\"sanskrit\":\"Ardha candrāsana\"",
                        "/poses/half-moon/figure.svg?v=");
    }
}
