package gurukram.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(TestApp.Extension.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FilesTest {
    private final TestApp app;
    private Teacher teacher;
    private Http browser;
    private ClassId id;

    FilesTest(TestApp app) {
        this.app = app;
    }

    @BeforeAll
    void aClass() {
        teacher = app.newTeacher();
        browser = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        id = app.newClass(
                teacher,
                "section standing: *Stars* & <bars>",
                "flow tide, 2 rounds, both sides",
                "high lunge, lead, in // =1+1",
                "warrior 2, lead, out",
                "- round 2: triangle",
                "link, last round",
                "chair, in",
                "end flow",
                "tree, both, 5-8 breaths");
    }

    private HttpResponse<String> file(FileForm form) {
        return browser.get("/classes/" + id + "/files/" + form.ending());
    }

    private ClassPlan plan(ClassId of) {
        return app.bean(ClassStore.class).find(teacher, of).orElseThrow().plan();
    }

    @ParameterizedTest
    @EnumSource(FileForm.class)
    void everyFileHasANameAndIsListedWithWhatItLeavesOut(FileForm form) {
        HttpResponse<String> answer = file(form);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("attachment", "test-class." + form.ending());
        assertThat(browser.get("/classes/" + id + "/files").body()).contains(form.leavesOut());
    }

    @ParameterizedTest
    @ValueSource(strings = {"txt", "json"})
    void aFileOpensAsTheSameClass(String ending) {
        String content = browser.get("/classes/" + id + "/files/" + ending).body();
        HttpResponse<String> opened = browser.post("/classes/open", "text", content);
        assertThat(opened.statusCode()).as(opened.body()).isEqualTo(302);
        String path = Http.location(opened);
        ClassId made = new ClassId(UUID.fromString(path.substring(path.lastIndexOf('/') + 1)));
        assertThat(NodeNames.numbered(plan(made))).isEqualTo(NodeNames.numbered(plan(id)));
    }

    @Test
    void theTableHasALineAMomentAndNoFormulas() {
        String[] lines = file(FileForm.CSV).body().split("\n");
        assertThat(lines[0]).startsWith("start_ms,length_ms").endsWith("cue");
        assertThat(lines).hasSize(1 + 8 + 2 + 2 + 1);
        assertThat(lines[lines.length - 1]).contains("Leaves out notes");
        assertThat(lines[1]).contains("*Stars* & <bars>,tide,1,1,1,movement,high-lunge,right");
        HttpResponse<String> opened =
                browser.post("/classes/open", "text", "standing:\nchair, 3 breaths\n- say: =HYPERLINK(1)");
        assertThat(browser.get(Http.location(opened) + "/files/csv").body())
                .contains("'=HYPERLINK(1)")
                .doesNotContain(",=HYPERLINK");
    }

    @Test
    void markdownTakesWordsAsWords() {
        assertThat(file(FileForm.MARKDOWN).body())
                .contains(
                        "# Test class",
                        "## \\*Stars\\* & \\<bars\\>",
                        "  - **High lunge**: lead, in",
                        "5-8 breaths",
                        "round 2: triangle",
                        "  - **link, last round**",
                        "    - **Chair**: in")
                .endsWith(FileForm.MARKDOWN.leavesOut() + "\n");
    }

    @Test
    void theCardStandsByItself() {
        assertThat(file(FileForm.CARD).body())
                .contains(
                        "<style>",
                        "*Stars* &amp; &lt;bars&gt;",
                        "High lunge",
                        FileForm.CARD.leavesOut(),
                        "no medical device")
                .doesNotContain("<script", "href=");
    }

    @Test
    void whatCannotBeOpenedStaysInTheBoxWithItsFaults() {
        HttpResponse<String> answer = browser.post("/classes/open", "text", "standing:\nhaf moon, both");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Line 2, column 1", "haf moon, both", "Nothing is made yet");
        assertThat(browser.post("/classes/open", "text", " ").body()).contains("Choose a file");
        assertThat(browser.post("/classes/open", "text", "{\"schema\":3}").body())
                .contains("settings");
        assertThat(browser.get("/classes/" + id + "/files/exe").statusCode()).isEqualTo(404);
    }

    @Test
    void paperHasLinksAndLayersToo() {
        assertThat(browser.get("/classes/" + id + "/print").body())
                .contains("link, last round", "Chair", "round 2: triangle");
    }
}
