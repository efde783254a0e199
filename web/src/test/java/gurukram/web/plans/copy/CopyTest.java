package gurukram.web.plans.copy;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class CopyTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    CopyTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @Test
    void aCopyThatCannotBeBroughtToItsSlotSaysSoWhereItIsOpened() {
        ClassId id = app.newClass(teacher, "section rest", "final rest, 40 min", "- locked");
        String copy = Http.location(http.post("/classes/" + id + "/copy", "title", "Short", "slot", "7", "level", ""));
        assertThat(http.get(copy).body()).contains("7 minutes were asked for", "cannot be shortened any more");
        assertThat(http.get(copy).body()).as("said once").doesNotContain("7 minutes were asked for");
    }

    @Test
    void aMirroredCopyTurnsTheWordsToo() {
        ClassId id = app.newClass(teacher, "section standing", "triangle, right, 5 breaths", "- note: left hand up");
        String node = http.get("/classes/" + id)
                .body()
                .replaceAll("(?s).*data-row=\"([^\"]+)\"\\s+data-name=\"Triangle\".*", "$1");
        http.htmx("/classes/" + id + "/tree", "node", node, "what", "mirror", "version", "1");
        assertThat(http.get("/classes/" + id + "/text").body()).contains("left hand up", "right hand up");
    }
}
