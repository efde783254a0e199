package gurukram.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What was forgotten comes back. */
@ExtendWith(TestApp.Extension.class)
class LastTimeTest {
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;
    private final ClassId classId;
    private long clock = System.currentTimeMillis() - 3_600_000;

    LastTimeTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        classId = app.newClass(
                teacher,
                "- theme: Letting the rope go",
                "- affirmation: I can put it down.",
                "- opening words: Feel what you hold on to.",
                "section standing",
                "tree, both, 5 breaths",
                "triangle, both, 5 breaths",
                "chair, 5 breaths");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private String moment(int ordinal, String outcome, int seconds, int count, String reason) {
        long from = clock;
        clock += seconds * 1_000L;
        return ("{\"id\":\"%s\",\"ordinal\":%d,\"startedAt\":%d,\"endedAt\":%d,\"pausedMs\":0,\"count\":%d,\"outcome\":\"%s\","
                        + "\"waited\":true,\"reason\":%s}")
                .formatted(UUID.randomUUID(), ordinal, from, clock, count, outcome, reason);
    }

    /** Tree left is left out, triangle left has two breaths, props hold it up at the chair, the affirmation is not said. */
    private void teach() {
        String room = Http.location(http.post("/classes/" + classId + "/teach"));
        long began = clock;
        String moments = String.join(
                ",",
                moment(0, "done", 60, 5, "null"),
                moment(1, "skipped", 0, 0, "null"),
                moment(2, "done", 90, 5, "null"),
                moment(3, "done", 60, 2, "null"),
                moment(4, "done", 120, 5, "\"props\""));
        String log = "{\"startedAt\":%d,\"endedAt\":%d,\"moments\":[%s],\"said\":[\"opening\"]}"
                .formatted(began, clock, moments);
        assertThat(http.json(room + "/log", log).statusCode()).isEqualTo(200);
        assertThat(http.json(room + "/log", log).statusCode()).as("sent twice").isEqualTo(200);
    }

    private List<String> open() {
        return app.bean(CarriedStore.class).open(teacher, classId).stream()
                .map(CarriedStore.Carried::words)
                .toList();
    }

    @Test
    void whatWasForgottenIsOnTheClassAndOnTodayUntilItIsDone() {
        assertThat(http.get("/classes/" + classId + "/last-time").body()).contains("Nothing is left over");
        teach();
        assertThat(open())
                .containsExactlyInAnyOrder(
                        "Tree left was left out: begin left next time",
                        "Triangle left still owes 3 breaths",
                        "props held it up at Chair",
                        "not said: affirmation, “I can put it down.”");
        assertThat(http.get("/").body()).contains("4 from last time");
        String page = http.get("/classes/" + classId + "/last-time").body();
        assertThat(page).contains("Triangle left still owes 3 breaths").contains("the last time");

        CarriedStore.Carried first =
                app.bean(CarriedStore.class).open(teacher, classId).get(0);
        String one = "/classes/" + classId + "/last-time/" + first.id();
        assertThat(http.post(one).statusCode()).isEqualTo(302);
        assertThat(open()).hasSize(3).doesNotContain(first.words());
        assertThat(http.post(one).statusCode()).as("it is off the list").isEqualTo(404);
        http.post(one + "/back");
        assertThat(open()).hasSize(4).contains(first.words());
        http.post(one, "done", "false");
        assertThat(http.get("/").body()).contains("3 from last time");
    }

    @Test
    void aRehearsalLeavesItsPlaces() {
        String places =
                "[{\"node\":\"n\",\"side\":\"left\",\"name\":\"Tree\",\"atMs\":5,\"what\":\"stumbled\",\"words\":\"\"}]";
        http.post("/classes/" + classId + "/rehearsals", "places", places, "took", "5", "way", "finger");
        assertThat(open()).containsExactly("you stumbled at Tree, left");
    }

    @Test
    void whoNeverMarksWordsAsSaidIsNotToldSo() {
        String room = Http.location(http.post("/classes/" + classId + "/teach"));
        long began = clock;
        String moments = String.join(
                ",",
                moment(0, "done", 60, 5, "null"),
                moment(1, "done", 60, 5, "null"),
                moment(2, "done", 60, 5, "null"),
                moment(3, "done", 60, 5, "null"),
                moment(4, "done", 60, 5, "null"));
        http.json(room + "/log", "{\"startedAt\":%d,\"endedAt\":%d,\"moments\":[%s]}".formatted(began, clock, moments));
        assertThat(open()).isEmpty();
    }
}
