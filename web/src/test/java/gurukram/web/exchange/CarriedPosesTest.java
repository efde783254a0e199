package gurukram.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A class that uses poses of one's own opens elsewhere. */
@ExtendWith(TestApp.Extension.class)
class CarriedPosesTest {
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;

    CarriedPosesTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private void own(Teacher of, String name) {
        OwnPose pose = OwnPose.like(app.bean(PoseCatalogue.class).pose("chair"))
                .put("id", "quay-chair")
                .put("name", name);
        app.bean(JdbcClient.class)
                .sql("""
                        insert into own_pose (studio_id, teacher_id, pose, entry, version, away, created_at, changed_at)
                        values (:studio, :teacher, 'quay-chair', :entry::jsonb, 1, false, now(), now())
                        on conflict (studio_id, teacher_id, pose) do update set entry = excluded.entry""")
                .param("studio", of.studio())
                .param("teacher", of.id())
                .param("entry", pose.toString())
                .update();
    }

    private String file() {
        own(teacher, "Quay chair");
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        assertThat(http.htmx("/classes/" + id + "/line", "line", "quay chair, 5 breaths", "version", "1")
                        .statusCode())
                .isEqualTo(200);
        String json = http.get("/classes/" + id + "/files/json").body();
        assertThat(json).contains("\"poses\"").contains("Quay chair");
        return json;
    }

    @Test
    void theyComeAlongAndAreAskedForWhereThereAreOthers() {
        String json = file();
        Teacher other = app.newTeacher();
        Http there = Http.on(app).signedIn(other.email(), TestApp.PASSWORD);
        String opened = Http.location(there.post("/classes/open", "text", json));
        assertThat(there.get(opened).body()).contains("Quay chair");
        assertThat(there.post("/classes/open", "text", json).statusCode())
                .as("the same again")
                .isEqualTo(302);

        own(other, "Chair of my own");
        var asked = there.post("/classes/open", "text", json);
        assertThat(asked.statusCode()).isEqualTo(409);
        assertThat(asked.body()).contains("Chair of my own").contains("quay-chair");
        String mine = Http.location(there.post("/classes/open", "text", json, "same", "MINE"));
        assertThat(there.get(mine).body()).contains("Chair of my own").doesNotContain("Quay chair");
        String theirs = Http.location(there.post("/classes/open", "text", json, "same", "THEIRS"));
        assertThat(there.get(theirs).body()).contains("Quay chair").doesNotContain("Chair of my own");
    }

    @Test
    void whatCannotBeReadIsSaidAndNothingIsKept() {
        String json = file();
        Teacher other = app.newTeacher();
        Http there = Http.on(app).signedIn(other.email(), TestApp.PASSWORD);
        for (String wrong : new String[] {
            json.replace("\"base\"", "\"bass\""),
            json.replace("\"quay-chair\" :", "\"other-chair\" :"),
            json.replaceFirst("\"poses\"\\s*:\\s*\\{", "\"poses\" : 5, \"x\" : {"),
        }) {
            var answer = there.post("/classes/open", "text", wrong);
            assertThat(answer.statusCode()).as(wrong).isEqualTo(422);
        }
        assertThat(app.bean(JdbcClient.class)
                        .sql("select count(*) from own_pose where teacher_id = :t")
                        .param("t", other.id())
                        .query(Long.class)
                        .single())
                .isZero();
        assertThat(there.get("/").body()).contains("Three ways to begin");
    }

    @Test
    void drawingsAndTablesAreFilesToo() {
        ClassId id =
                app.newClass(teacher, "section standing", "flow \"Tide\", 2 rounds", "  chair, in", "  mountain, out");
        assertThat(http.get("/classes/" + id + "/files/svg").body())
                .startsWith("<svg")
                .contains("overview-effort");
        String files = http.get("/classes/" + id + "/files").body();
        String drawing = files.replaceAll("(?s).*href=\"([^\"]+/figures.svg)\".*", "$1");
        assertThat(http.get(drawing).body())
                .startsWith("<svg")
                .contains("Chair")
                .contains("inhale");
        assertThat(http.get("/classes/" + id + "/flows/none/figures.svg").statusCode())
                .isEqualTo(404);
        String log = Http.location(http.post(
                        "/logbook/by-hand", "class", id.toString(), "line", "yesterday, 10 min, left out chair"))
                .replaceAll("\\?.*", "");
        assertThat(http.get(log + "/moments.csv").body())
                .startsWith("started,ended")
                .contains("Chair")
                .contains("skipped")
                .contains("# Left out:");
    }

    @Test
    void filesOfOtherOfficesAreRead() {
        String words = "Träne, 5 breaths";
        for (var charset : new Charset[] {StandardCharsets.UTF_8, Charset.forName("windows-1252")})
            assertThat(Letters.of(words.getBytes(charset))).isEqualTo(words);
        assertThat(Letters.of(("\uFEFF" + words).getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(words);
        assertThat(Letters.of(("\uFEFF" + words).getBytes(StandardCharsets.UTF_16LE)))
                .isEqualTo(words);
        assertThat(Letters.of(("\uFEFF" + words).getBytes(StandardCharsets.UTF_16BE)))
                .isEqualTo(words);
        assertThat(Letters.of(new byte[0])).isEmpty();
    }
}
