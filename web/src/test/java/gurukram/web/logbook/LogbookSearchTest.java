package gurukram.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Finding one class among many. */
@ExtendWith(TestApp.Extension.class)
class LogbookSearchTest {
    private static final String TAUGHT = """
            insert into taught_class (studio_id, id, teacher_id, title, level, planned_ms, script, opened_at, started_at, ended_at, note)
            select :studio, gen_random_uuid(), :teacher, :title || n, 'beginner', 3600000,
                   '{"title":"t","level":"beginner","totalMs":3600000,"sections":[],"moments":[]}'::jsonb,
                   t, t, t + interval '61 minutes', :note
              from generate_series(1, :many) n, lateral (select timestamptz '2026-01-01 18:00Z' + n * interval '1 day' as t) d""";
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;

    LogbookSearchTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private void taught(String title, String note, int many) {
        app.bean(JdbcClient.class)
                .sql(TAUGHT)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("title", title)
                .param("note", note)
                .param("many", many)
                .update();
    }

    private String found(String q) {
        return http.get("/logbook?q=" + URLEncoder.encode(q, StandardCharsets.UTF_8))
                .body();
    }

    @Test
    void aWordOfATitleOrANoteIsEnough() {
        taught("Tide ", "the wall was wanted", 1);
        taught("Harbour ", "100 % steady", 1);
        assertThat(found("tide")).contains("Tide 1").doesNotContain("Harbour 1");
        assertThat(found("WALL")).contains("Tide 1").doesNotContain("Harbour 1");
        assertThat(found("100 %")).contains("Harbour 1").doesNotContain("Tide 1");
        assertThat(found("%"))
                .as("a sign, not everything")
                .contains("Harbour 1")
                .doesNotContain("Tide 1");
        assertThat(found("_")).contains("has “_” in it");
        assertThat(found("dancer")).contains("Nothing in the logbook has “dancer” in it.");
        assertThat(found("x\u0000y")).contains("Nothing in the logbook");
        assertThat(found("<b>")).contains("&lt;b&gt;").doesNotContain("“<b>”");
    }

    @Test
    void manyClassesComePageByPage() {
        taught("Tide ", "", 230);
        String latest = http.get("/logbook").body();
        assertThat(latest).contains("Tide 230<").contains("Tide 131<").doesNotContain("Tide 130<");
        String older = latest.replaceAll("(?s).*href=\"(/logbook\\?[^\"]*before=[^\"]*)\".*", "$1")
                .replace("&amp;", "&");
        String next = http.get(older).body();
        assertThat(next).contains("Tide 130<").contains("Tide 31<").doesNotContain("Tide 131<");
        assertThat(http.get("/logbook?before=99999999999999999").statusCode()).isEqualTo(200);
        assertThat(http.get("/logbook?before=x").statusCode()).isEqualTo(400);
    }

    @Test
    void theTableHasALineAClassAndNoFormula() {
        taught("=SUM(A1)", "a, \"b\"\nc", 2);
        String table = http.get("/logbook.csv").body();
        assertThat(table)
                .startsWith("date,time,class,level")
                .contains("'=SUM(A1)2")
                .contains("3660");
        assertThat(table).contains("\"a, \"\"b\"\"\nc\"").contains("# Left out:");
        assertThat(http.get("/logbook.csv?q=nothing").body().lines()).hasSize(2);
    }
}
