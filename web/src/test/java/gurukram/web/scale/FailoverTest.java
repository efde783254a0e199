package gurukram.web.scale;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.ExpectsErrors;
import gurukram.web.support.Http;
import gurukram.web.support.PrivateServer;
import gurukram.web.support.Ran;
import gurukram.web.support.TestApp;
import gurukram.web.support.Writers;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A database that is followed by a standby ends for good while people type: the standby takes its place, and nothing answered is lost. */
@ExpectsErrors
class FailoverTest {
    private PrivateServer primary;
    private PrivateServer standby;
    private TestApp app;

    @BeforeEach
    void start() throws Exception {
        Path base = PrivateServer.folder("pg-failover-");
        String[] settings = {"PG_FAST", "1", "PG_REPLICAS", "1"};
        primary = new PrivateServer(base.resolve("pg-a"), settings);
        standby = new PrivateServer(base.resolve("pg-b"), settings);
        primary.start();
        String both = primary.standby(standby);
        app = TestApp.another(
                "--spring.datasource.url=" + both,
                "--spring.datasource.username=gurukram",
                "--spring.datasource.password=secret");
    }

    @AfterEach
    void destroy() throws Exception {
        if (app != null) app.close();
        primary.destroy();
        standby.destroy();
    }

    @Test
    void nothingThatWasAnsweredIsLostAndNobodyTypesItAgain() throws Exception {
        Writers.Told told = new Writers(app, 8).write(List.of(app.url("")), () -> {
            Thread.sleep(1_500);
            primary.kill();
            // who watches over them notices after a while
            Thread.sleep(1_000);
            standby.promote();
            Thread.sleep(2_500);
        });
        System.out.println("[failover] " + told + ", longest wait " + told.longest() + " ms");
        assertThat(told.answered()).isGreaterThan(40);
        assertThat(told.asked()).as("some were asked for while it was away").isGreaterThan(told.answered());
        assertThat(told.lost()).isZero();
        assertThat(told.twice()).isZero();
        assertThat(told.longest()).as("ms until it went on").isLessThan(15_000);
        assertThat(Http.on(app).get("/health/ready").statusCode()).isEqualTo(200);
    }

    @Test
    void whatTheStandbyDoesNotHaveIsNotAnswered() throws Exception {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String receiver = receiver();
        PrivateServer.signal("-STOP", receiver);
        CompletableFuture<HttpResponse<String>> answer = CompletableFuture.supplyAsync(() -> http.once(
                UUID.randomUUID().toString(),
                "/classes/" + id + "/line",
                "line",
                "mountain, 2 breaths",
                "version",
                "1",
                "view",
                "INTERMEDIATE"));
        Thread.sleep(1_500);
        assertThat(answer).isNotDone();
        PrivateServer.signal("-CONT", receiver);
        assertThat(answer.get(20, TimeUnit.SECONDS).statusCode()).isEqualTo(200);
    }

    /** The process of the standby that takes what comes. */
    private String receiver() throws Exception {
        Ran children = Ran.command(Map.of(), "pgrep", "-P", standby.pid(), "-f", "walreceiver");
        assertThat(children.status()).as(children.output()).isZero();
        return Arrays.asList(children.output().strip().split("\\s+")).get(0);
    }
}
