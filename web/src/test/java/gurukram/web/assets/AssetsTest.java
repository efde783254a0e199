package gurukram.web.assets;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class AssetsTest {
    private final TestApp app;

    AssetsTest(TestApp app) {
        this.app = app;
    }

    private static String kept(HttpResponse<String> answer) {
        return answer.headers().firstValue("Cache-Control").orElse("");
    }

    @Test
    void aClassPageLoadsOneStyleSheetAndTwoScriptsAndAllOfThemAreKeptForGood() {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String page = http.get("/classes/" + id).body();
        List<String> loaded = Pattern.compile("<(?:script[^>]* src|link rel=\"stylesheet\" href)=\"([^\"]+)\"")
                .matcher(page)
                .results()
                .map((MatchResult m) -> m.group(1))
                .toList();
        assertThat(loaded).hasSize(3).allMatch(address -> address.startsWith("/assets/"));
        for (String address : loaded) {
            HttpResponse<String> answer = Http.on(app).get(address);
            assertThat(answer.statusCode()).as(address).isEqualTo(200);
            assertThat(kept(answer)).contains("max-age=31536000", "immutable");
            assertThat(answer.body()).doesNotContain("@import");
        }
        assertThat(kept(http.get("/vendor/fonts/source-sans-3-latin-wght-normal.woff2")))
                .contains("immutable");
    }

    @Test
    void anOldAddressGivesWhatThereIsNowAndIsNotKept() {
        Http http = Http.on(app);
        HttpResponse<String> old = http.get("/assets/000000000000/shared/site.js");
        assertThat(old.statusCode()).isEqualTo(200);
        assertThat(kept(old)).contains("no-store");
        assertThat(http.get("/assets/000000000000/shared/gone.js").statusCode()).isEqualTo(404);
    }
}
