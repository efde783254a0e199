package gurukram.web.today;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.settings.ClassSettings;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class TodayTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    TodayTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private ClassId made(String... fields) {
        String where = Http.location(http.post("/classes", fields));
        return ClassId.of(where.substring(where.lastIndexOf('/') + 1));
    }

    private ClassSettings settings(ClassId id) {
        return app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan().settings();
    }

    @Test
    void aNewcomerSeesThreeWaysToBeginAndMayTakeASampleApart() {
        assertThat(http.get("/").body())
                .contains(
                        "Three ways to begin",
                        "href=\"/drafts/new\"",
                        "href=\"/classes/new\"",
                        "href=\"/classes/open\"");
        String sample = Http.location(http.post("/classes/sample"));
        assertThat(http.get(sample).body())
                .contains("A sample to take apart", "data-name=\"Tree\"")
                .doesNotContain("to mend,");
        assertThat(http.get("/").body()).contains("A sample to take apart").doesNotContain("Three ways to begin");
    }

    @Test
    void theSampleHasNothingThatMustBeMended() {
        String sample = Http.location(http.post("/classes/sample"));
        assertThat(http.get(sample + "/report").body()).doesNotContainPattern("\\d+ to mend<");
    }

    @Test
    void aPoseNamedForANewClassIsItsPeakAndAnythingElseItsTheme() {
        var peak = settings(made("title", "A", "slot", "60", "theme", "half moon"));
        assertThat(peak.peak()).isEqualTo("half-moon");
        assertThat(peak.theme().title()).isEmpty();
        var theme = settings(made("title", "B", "slot", "60", "theme", "Half moon over the harbour"));
        assertThat(theme.peak()).isNull();
        assertThat(theme.theme().title()).isEqualTo("Half moon over the harbour");
    }

    @Test
    void theTitleOfAClassIsNoThemeOfADraftFromIt() {
        ClassId id = made("title", "Tuesday", "slot", "60", "theme", "");
        assertThat(http.get("/drafts/from/" + id).body()).doesNotContain("value=\"Tuesday\"");
    }
}
