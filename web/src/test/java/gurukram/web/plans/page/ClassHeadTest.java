package gurukram.web.plans.page;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.Layer;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class ClassHeadTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    ClassHeadTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private String page(ClassId id) {
        return http.get("/classes/" + id).body();
    }

    @Test
    void theSlotFitsAsNearAsTheTeacherWantsIt() {
        ClassId id = app.newClass(teacher, "section standing", "mountain, 57 min open");
        assertThat(page(id)).contains("head-length short");
        http.post("/account/checks", "slot-percent.intermediate", "6");
        assertThat(page(id)).contains("head-length fits");
    }

    @Test
    void whatIsReadAddsUp() {
        // 46:41.5 and a quarter of an hour of the hour left
        ClassId id = app.newClass(
                teacher,
                "section arrive",
                "easy seat, 2801 s open",
                "section standing",
                "flow, 1 round, no sides",
                "raised arms, in",
                "end flow");
        String page = page(id);
        long length = seconds(page.replaceAll("(?s).*head-length[^>]*>\\s*<span class=\"num\">([0-9:]+)<.*", "$1"));
        long under = seconds(page.replaceAll("(?s).*data-open-fit[^>]*>([0-9:]+) under the slot<.*", "$1"));
        assertThat(length + under).isEqualTo(3_600);
    }

    private static long seconds(String shown) {
        String[] parts = shown.split(":");
        return Long.parseLong(parts[0]) * 60 + Long.parseLong(parts[1]);
    }

    @Test
    void ofAnEmptyClassNothingIsClaimed() {
        String page = page(app.newClass(teacher));
        assertThat(page).contains("nothing to look at yet").doesNotContain("nothing to mend", "likely 0");
    }

    @Test
    void aRowIsLockedByItsMarkAndNotByItsWords() {
        String page = page(app.newClass(
                teacher,
                "section standing",
                "tree, both, 5 breaths",
                "- note: never locked knees",
                "chair, 3 breaths",
                "- locked"));
        assertThat(page).containsPattern("data-name=\"Tree\"(?![^>]*data-locked)");
        assertThat(page).containsPattern("data-name=\"Chair\"[^>]*data-locked=\"yes\"");
    }

    @Test
    void thePanelOfALayerIsThatOfItsStep() {
        ClassId id = app.newClass(
                teacher,
                "section standing",
                "flow tide, 3 rounds, both sides",
                "warrior 2, lead, in",
                "- round 2: high lunge");
        String[] layer = new String[1];
        app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan().walk(node -> {
            if (node instanceof Layer) layer[0] = node.id().value();
        });
        var answer = http.get("/classes/" + id + "/panel?node=" + layer[0]);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("Warrior 2", "round 2: high lunge");
    }

    @Test
    void aUnitThatDoesNotComeOutEvenSaysWhatWasRounded() {
        ClassId id = app.newClass(teacher, "section standing", "chair, 10 counts");
        String node = page(id).replaceAll("(?s).*data-row=\"([^\"]+)\"\\s+data-name=\"Chair\".*", "$1");
        String changed = http.htmx(
                        "/classes/" + id + "/change", "node", node, "field", "unit", "value", "breaths", "version", "1")
                .body();
        assertThat(changed).contains("Rounded: 10 counts lasted 15 s, 3 breaths last 18 s.");
    }
}
