package gurukram.web.poses;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Ladders a teacher writes for her own groups. */
@ExtendWith(TestApp.Extension.class)
class OwnLadderTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    OwnLadderTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    /** A ladder of rungs, each {@code what | dose | ready}. */
    private static List<String> form(String name, String peak, String... rungs) {
        List<String> fields = new ArrayList<>(List.of(
                "name",
                name,
                "peak",
                peak,
                "level",
                "BEGINNER",
                "classes",
                "2",
                "back",
                "the breath is held",
                "wayOut",
                "",
                "rungs",
                "" + rungs.length,
                "version",
                "1"));
        for (int i = 0; i < rungs.length; i++) {
            String[] parts = rungs[i].split(" \\| ");
            String at = "r" + (i + 1) + "-";
            fields.addAll(List.of(
                    at + "what", parts[0], at + "dose", parts[1], at + "ready", parts[2], at + "with", "ALONE"));
        }
        return fields;
    }

    private HttpResponse<String> post(String path, List<String> fields, String... more) {
        List<String> all = new ArrayList<>(fields);
        all.addAll(List.of(more));
        return http.post(path, all.toArray(new String[0]));
    }

    private String made(List<String> fields, String... more) {
        HttpResponse<String> answer = post("/ladders/own/new", fields, more);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return Http.location(answer).replaceFirst(".*/ladders/", "");
    }

    private Ladder ladder(String id) {
        return app.bean(Poses.class).of(teacher).ladder(id).orElseThrow();
    }

    private static final List<String> TREE = form(
            "Tree by the harbour wall",
            "tree",
            "mountain | 5 breaths | steady",
            "stand on one leg, fingers on the wall | 3 breaths | no wobble",
            "tree | 5 breaths | both sides alike");

    @Test
    void aLadderOfThreeRungsIsWrittenAndClimbed() {
        String id = made(TREE, "r2-stages", "heel up; toes only; foot off", "r2-prop-wall", "1", "r3-prop-block", "2");
        Ladder ladder = ladder(id);
        assertThat(ladder.rungs().stream().map(Ladder.Rung::pose)).containsExactly("mountain", null, "tree");
        assertThat(ladder.rungs().get(1).stages()).containsExactly("heel up", "toes only", "foot off");
        assertThat(http.get("/ladders/" + id).body())
                .contains("Tree by the harbour wall", "foot off", "a wall", "2 blocks", "Change it");
        assertThat(http.get("/ladders").body()).contains("3 rungs, yours");
        assertThat(http.get("/ladders/" + id + "/groups").statusCode()).isEqualTo(200);
        assertThat(new String(http.bytes("/ladders/" + id + "/sheet.pdf"), 0, 4))
                .isEqualTo("%PDF");
        assertThat(app.bean(Poses.class).of(app.newTeacher()).ladder(id))
                .as("nobody else's")
                .isEmpty();
    }

    @Test
    void aPoseIsLedToByOnesOwnLadderFirst() {
        String id = made(TREE);
        assertThat(app.bean(Poses.class).of(teacher).laddersWith("tree").get(0).id())
                .isEqualTo(id);
    }

    @Test
    void oneThatShipsIsCopiedAndChanged() {
        String page = http.get("/ladders/own/new?from=half-moon").body();
        assertThat(page).contains("value=\"Side leg lifts\"", "value=\"Half moon\"", "Rung 6");
        assertThat(http.get("/ladders/own/new?from=nothing").statusCode()).isEqualTo(404);
        assertThat(http.get("/ladders/half-moon").body()).contains("Copy it and make it yours");
    }

    @Test
    void rungsAreOrderedAddedAndTakenOutWithoutLosingWhatWasTyped() {
        HttpResponse<String> up = post("/ladders/own/new", TREE, "do", "up-1");
        assertThat(up.statusCode()).isEqualTo(200);
        assertThat(up.body()).contains("id=\"r2-what\" name=\"r2-what\" value=\"mountain\"");
        assertThat(post("/ladders/own/new", TREE, "do", "down-3").body())
                .contains("id=\"r2-what\" name=\"r2-what\" value=\"tree\"", "name=\"r2-dose\" value=\"5 breaths\"");
        assertThat(post("/ladders/own/new", TREE, "do", "out-1").body())
                .contains("name=\"r1-what\" value=\"stand on one leg, fingers on the wall\"")
                .doesNotContain("r3-what");
        assertThat(post("/ladders/own/new", TREE, "do", "add").body()).contains("r4-what");
        for (String odd : List.of("up-9", "down-", "x", "out-0", "up--1", "add-2"))
            assertThat(post("/ladders/own/new", TREE, "do", odd).body()).as(odd).contains("value=\"mountain\"");
    }

    @Test
    void whatCannotBeIsSaidAtItsRung() {
        HttpResponse<String> answer = post(
                "/ladders/own/new",
                form("", "tree", "mountain | forever | steady", "plank | 3 breaths | steady"),
                "r1-prop-block",
                "many",
                "r2-classes",
                "0");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .contains("A name is wanted.", "value=\"forever\"", "value=\"many\"", "from 0 to 9", "from 1 to 12");
        assertThat(post("/ladders/own/new", form("x", "tree", "mountain | 5 breaths | a", "plank | 3 breaths | b"))
                        .body())
                .contains("Tree is on none of its rungs.");
        assertThat(post("/ladders/own/new", form("x", "", "mountain | 5 breaths | a"))
                        .body())
                .contains("2 to 12 rungs");
        assertThat(post("/ladders/own/new", form("x", "", "mountain | 5 breaths | a", "headstand | 5 breaths | b"))
                        .body())
                .contains("First tries of Headstand want a teacher watching");
    }

    @Test
    void twoWindowsDoNotOverwriteEachOther() {
        String id = made(TREE);
        assertThat(post("/ladders/own/" + id, TREE).statusCode()).isEqualTo(302);
        HttpResponse<String> second = post("/ladders/own/" + id, TREE);
        assertThat(second.statusCode()).isEqualTo(422);
        assertThat(second.body()).contains("changed in another window");
        assertThat(post("/ladders/own/" + id + "/remove", List.of()).statusCode())
                .isEqualTo(302);
        assertThat(http.get("/ladders/" + id).statusCode()).isEqualTo(404);
    }

    @Test
    void matsOnRungsHaveTheirMiddleAndSpread() {
        UUID group = app.bean(GroupStore.class)
                .create(
                        teacher,
                        Group.of("Thursday evening", DayOfWeek.THURSDAY, LocalTime.of(18, 30), 60, Level.BEGINNER));
        HttpResponse<String> kept = http.post(
                "/ladders/half-moon/mats",
                "mats-group",
                group.toString(),
                "mats-day",
                "2026-11-05",
                "on-2",
                "3",
                "on-3",
                "5",
                "on-4",
                "3",
                "on-5",
                "1");
        assertThat(kept.statusCode()).isEqualTo(302);
        String page = http.get("/ladders/half-moon/groups").body();
        assertThat(page).contains("12 mats: the middle one on rung 3, from 2 to 5; half of them on 2 to 4");
        HttpResponse<String> wrong = http.post(
                "/ladders/half-moon/mats", "mats-group", group.toString(), "mats-day", "2026-11-05", "on-2", "some");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("from 0 to 200", "value=\"some\"");
        assertThat(http.post("/ladders/half-moon/mats", "mats-group", group.toString(), "mats-day", "soon")
                        .body())
                .contains("Choose a day.");
        String out = page.replaceFirst("(?s).*action=\"(/ladders/half-moon/groups/[^\"]+/mats/[^\"]+/out)\".*", "$1");
        assertThat(http.post(out).statusCode()).isEqualTo(302);
        assertThat(http.get("/ladders/half-moon/groups").body()).doesNotContain("12 mats");
        assertThat(http.post(out).statusCode()).isEqualTo(404);
    }
}
