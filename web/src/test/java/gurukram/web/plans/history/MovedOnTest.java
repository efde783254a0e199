package gurukram.web.plans.history;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class MovedOnTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    MovedOnTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    /** A class that has moved on to version 3 since a page of version 2 was opened. */
    private ClassId movedOn() {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        http.htmx("/classes/" + id + "/line", "line", "chair", "version", "1");
        http.htmx("/classes/" + id + "/line", "line", "mountain", "version", "2");
        return id;
    }

    @Test
    void goingBackOnAnOldVersionIsNotDoneAndSaysSo() {
        ClassId id = movedOn();
        HttpResponse<String> answer = http.post("/classes/" + id + "/history/0", "version", "2");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("changed in another window meanwhile", "<ins>mountain");
        assertThat(http.get("/classes/" + id).body()).contains("data-name=\"Mountain\"");
        assertThat(http.post("/classes/" + id + "/history/0", "version", "3").statusCode())
                .isEqualTo(302);
        assertThat(http.get("/classes/" + id).body()).doesNotContain("data-name=\"Mountain\"");
    }

    @Test
    void notesThatWereNotPutInStayOnTheirPage() {
        ClassId id = movedOn();
        String gone = http.get("/classes/" + id)
                .body()
                .replaceAll("(?s).*data-row=\"([^\"]+)\"\\s+data-name=\"Mountain\".*", "$1");
        http.htmx("/classes/" + id + "/change", "node", gone, "field", "note", "value", "x", "version", "3");
        HttpResponse<String> answer =
                http.post("/classes/" + id + "/notes", "version", "1", "at", gone, "text", "cow, 5 breaths");
        if (answer.statusCode() == 302) {
            // other places are replayed
            assertThat(http.get("/classes/" + id).body()).contains("data-name=\"Cow\"");
        } else {
            assertThat(answer.statusCode()).isEqualTo(409);
            assertThat(answer.body()).contains("your notes are not in it yet", "cow, 5 breaths");
        }
    }
}
