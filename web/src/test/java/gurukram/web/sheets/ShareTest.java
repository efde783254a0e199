package gurukram.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.demo.DemoData;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A class by a link: for who has it, as long as it lasts, and no more of it than was chosen. */
@ExtendWith(TestApp.Extension.class)
class ShareTest {
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;
    private final Http nobody;
    private final ClassId moon;

    ShareTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        moon = app.newClass(
                teacher,
                DemoData.text("half-moon-over-the-harbour").split("\n", 3)[2].split("\n"));
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        nobody = Http.on(app);
    }

    private String link(String... fields) {
        HttpResponse<String> made = http.post("/classes/" + moon + "/share", fields);
        assertThat(made.statusCode()).as(made.body()).isEqualTo(200);
        assertThat(made.body()).contains(">Test class</a>");
        String address = made.body().replaceAll("(?s).*class=\"share-link\"[^>]*>([^<]+)<.*", "$1");
        assertThat(address).startsWith(app.url("/shared/"));
        return address.substring(app.url("").length());
    }

    @Test
    void whoHasTheLinkReadsWhatWasChosenAndNoMore() {
        String home = link("kind", "home", "notes", "on", "often", "Twice a week.");
        HttpResponse<String> page = nobody.get(home);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("X-Robots-Tag")).contains("noindex, nofollow");
        assertThat(page.headers().firstValue("Cache-Control")).contains("no-store");
        assertThat(page.body())
                .contains("noindex")
                .contains("ask a doctor")
                .contains("Twice a week.")
                .contains("right, then left")
                .contains("side wall")
                .doesNotContain("Steady is not still")
                .doesNotContain("Shoulder:")
                .doesNotContain("Test teacher")
                .doesNotContain(moon.toString());
        assertThat(nobody.bytes(home + "/home.pdf")).startsWith('%', 'P', 'D', 'F');

        String colleague = link("kind", "class", "notes", "on", "name", "on", "part", "1", "words", "on");
        assertThat(nobody.get(colleague).body())
                .contains("From Test teacher.")
                .contains("Small first: the ribs to the side.")
                .contains("Ribs and wrists")
                .doesNotContain("Salutations");
        assertThat(nobody.get(colleague + "/home.pdf").statusCode()).isEqualTo(404);
        assertThat(nobody.get(link("kind", "class")).body()).doesNotContain("Steady is not still");
    }

    @Test
    void aLinkEndsByItselfAndWhenItIsEnded() {
        String link = link("days", "1");
        String page = http.get("/classes/" + moon + "/share").body();
        assertThat(page).contains("for people at home").doesNotContain(link);
        http.post(page.replaceAll("(?s).*action=\"([^\"]+/end)\".*", "$1"));
        assertThat(nobody.get(link).statusCode()).isEqualTo(404);
        String other = link();
        app.bean(JdbcClient.class)
                .sql("update shared_class set ends_at = now() - interval '1 second' where teacher_id = :t")
                .param("t", teacher.id())
                .update();
        assertThat(nobody.get(other).statusCode()).isEqualTo(404);
        assertThat(nobody.get("/shared/guess").statusCode()).isEqualTo(404);
        String third = link();
        http.post("/classes/" + moon + "/delete");
        assertThat(nobody.get(third).statusCode())
                .as("of a class that is deleted")
                .isEqualTo(404);
    }

    @Test
    void onlyItsTeacherMakesLinksAndNotWithoutEnd() {
        for (String days : new String[] {"0", "366", "for ever"}) {
            HttpResponse<String> answer = http.post("/classes/" + moon + "/share", "days", days);
            assertThat(answer.statusCode()).as(days).isEqualTo(422);
            assertThat(answer.body()).contains("Days");
        }
        for (int i = 0; i < SharedStore.MOST_A_CLASS; i++) link();
        assertThat(http.post("/classes/" + moon + "/share").body()).contains("at most 20 links");
        Http other = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(other.post("/classes/" + moon + "/share").statusCode()).isEqualTo(404);
        assertThat(other.get("/classes/" + moon + "/share").statusCode()).isEqualTo(404);
    }
}
