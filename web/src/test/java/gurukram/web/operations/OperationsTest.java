package gurukram.web.operations;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whether it lives, whether it can answer, and how it does. */
@ExtendWith(TestApp.Extension.class)
class OperationsTest {
    private final TestApp app;

    OperationsTest(TestApp app) {
        this.app = app;
    }

    @Test
    void itLivesAndIsReady() {
        assertThat(Http.on(app).get("/health/live").body()).isEqualTo("alive\n");
        assertThat(Http.on(app).get("/health/ready").body()).isEqualTo("ready\n");
    }

    @Test
    void requestsAreTimedByTheirPatternAndNothingOfWhoAskedIsTold() {
        Teacher teacher = app.newTeacher();
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        ClassId id = app.newClass(teacher, "standing:", "tree, both, 5 breaths");
        http.get("/classes/" + id);
        http.get("/nowhere/" + teacher.email());
        String told = Http.on(app).get("/metrics").body();
        assertThat(told)
                .contains(
                        "http_server_requests_seconds_count{method=\"GET\",route=\"/classes/{id}\",status=\"200\"}",
                        "jvm_memory_used_bytes",
                        "hikaricp_connections_active")
                .doesNotContain(id.toString(), teacher.email(), "Test class");
    }

    @Test
    void howItDoesIsToldAtThisMachineAlone() {
        for (String header : new String[] {"X-Forwarded-For", "Forwarded", "Via"})
            assertThat(Http.on(app).get("/metrics", header, "192.0.2.1").statusCode())
                    .as(header)
                    .isEqualTo(404);
    }
}
