package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.settings.Thresholds;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class CheckSettingsTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    CheckSettingsTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private Thresholds set() {
        return app.bean(AccountStore.class).school(teacher).thresholds();
    }

    @Test
    void aValueOfOnesOwnHoldsForAllClassesAndTheUsualIsNotKept() {
        ClassId id = app.newClass(teacher, "section balance", "tree, both, 12 breaths");
        assertThat(http.get("/classes/" + id + "/report").body()).doesNotContain("stands alone");
        assertThat(http.post(
                                "/account/checks",
                                "one-leg.beginner",
                                "",
                                "one-leg.intermediate",
                                "70",
                                "one-leg.advanced",
                                "120",
                                "wrist-load.beginner",
                                "30")
                        .statusCode())
                .isEqualTo(302);
        assertThat(set().values()).isEqualTo(Map.of("one-leg", List.of(60, 70, 120)));
        assertThat(http.get("/classes/" + id + "/report").body())
                .contains("The right leg stands alone for 1 minute 12 (tree); 70 s");
        assertThat(http.get("/account/checks?kept").body()).contains("Kept.", "value=\"70\"", "placeholder=\"90\"");
    }

    @Test
    void theRestOfTheSchoolAndTheThresholdsLeaveEachOtherAlone() {
        http.post("/account/checks", "floor-trips.beginner", "5");
        http.post("/account/school", "knees", "locked knees");
        assertThat(set().values()).isEqualTo(Map.of("floor-trips", List.of(5, 3, 3)));
        http.post("/account/checks", "floor-trips.beginner", "3");
        assertThat(set()).isEqualTo(Thresholds.NONE);
        assertThat(app.bean(AccountStore.class).school(teacher).knees()).isNotNull();
    }

    @Test
    void whatIsNoNumberIsSaidBesideItAndKept() {
        HttpResponse<String> answer =
                http.post("/account/checks", "one-leg.beginner", "a minute", "wrist-load.advanced", "80");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("value=\"a minute\"", "value=\"80\"", "A threshold: a whole number from 0");
        assertThat(set()).isEqualTo(Thresholds.NONE);
    }
}
