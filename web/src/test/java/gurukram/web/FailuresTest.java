package gurukram.web;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.CuttableLine;
import gurukram.web.support.ExpectsErrors;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import gurukram.web.support.TestDatabase;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore;
import gurukram.web.teach.TaughtStore.Entry;
import java.io.File;
import java.net.ServerSocket;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A second copy of the app in a process of its own, whose database can be cut off and which can be killed. */
@ExpectsErrors
@ExtendWith(TestApp.Extension.class)
class FailuresTest {
    private static final Pattern VERSION = Pattern.compile("id=\"version\" name=\"version\" value=\"(\\d+)\"");
    private static final Pattern DATABASE = Pattern.compile("jdbc:postgresql://127\\.0\\.0\\.1:(\\d+)/(.*)");

    private final TestApp app;

    FailuresTest(TestApp app) {
        this.app = app;
    }

    @Test
    void theDatabaseGoesAndComesBackAndAKilledAppLosesNothingThatWasAnswered(@TempDir Path logs) throws Exception {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        Matcher database = DATABASE.matcher(TestDatabase.url());
        assertThat(database.matches()).isTrue();
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        try (CuttableLine line = new CuttableLine(Integer.parseInt(database.group(1)))) {
            String url = "jdbc:postgresql://127.0.0.1:%d/%s".formatted(line.port(), database.group(2));
            Process copy = start(port, url, logs.resolve("copy.log").toFile());
            try {
                Http http = new Http("http://localhost:" + port);
                Awaitility.await()
                        .atMost(90, TimeUnit.SECONDS)
                        .ignoreExceptions()
                        .until(() -> http.get("/sign-in").statusCode() == 200);
                http.signedIn(teacher.email(), TestApp.PASSWORD);
                databaseGoesAndComesBack(http, line, id);
                killedInTheMiddle(http, copy, teacher, id);
                assertThat(http.at(app).get("/classes/" + id).statusCode())
                        .as("still signed in, at another copy")
                        .isEqualTo(200);
            } finally {
                copy.destroyForcibly();
            }
        }
    }

    private static Process start(int port, String url, File log) throws Exception {
        ProcessBuilder process = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "gurukram.web.App",
                "--server.port=" + port);
        process.environment().put("SPRING_DATASOURCE_URL", url);
        return process.redirectErrorStream(true).redirectOutput(log).start();
    }

    private static void databaseGoesAndComesBack(Http http, CuttableLine line, ClassId id) {
        assertThat(http.get("/classes/" + id).statusCode()).isEqualTo(200);
        line.cut();
        HttpResponse<String> down = http.get("/classes/" + id);
        assertThat(down.statusCode()).isEqualTo(503);
        assertThat(down.body())
                .contains("The database does not answer", "http-equiv=\"refresh\"")
                .doesNotContain("Exception");
        assertThat(http.htmx("/classes/" + id + "/line", "line", "chair", "version", "1")
                        .statusCode())
                .isEqualTo(503);
        line.mend();
        Awaitility.await()
                .atMost(30, TimeUnit.SECONDS)
                .until(() -> http.get("/classes/" + id).statusCode() == 200);
        assertThat(http.get("/classes/" + id).body()).contains("value=\"1\"");
    }

    private void killedInTheMiddle(Http http, Process copy, Teacher teacher, ClassId id) throws Exception {
        AtomicInteger answered = new AtomicInteger(1);
        AtomicInteger sent = new AtomicInteger();
        Thread typing = new Thread(() -> {
            try {
                while (true) {
                    String version = String.valueOf(answered.get());
                    sent.incrementAndGet();
                    HttpResponse<String> answer =
                            http.htmx("/classes/" + id + "/line", "line", "mountain, 2 breaths", "version", version);
                    Matcher found = VERSION.matcher(answer.body());
                    if (answer.statusCode() == 200 && found.find()) answered.set(Integer.parseInt(found.group(1)));
                }
            } catch (RuntimeException killed) {
                // the connection broke: that is the end of this window
            }
        });
        String room = Http.location(http.post("/classes/" + id + "/teach"));
        AtomicInteger logged = new AtomicInteger();
        Thread teaching = new Thread(() -> {
            try {
                while (http.json(room + "/log", moment(logged.get())).statusCode() == 200) logged.incrementAndGet();
            } catch (RuntimeException killed) {
                // the same
            }
        });
        typing.start();
        teaching.start();
        Awaitility.await().atMost(60, TimeUnit.SECONDS).until(() -> answered.get() > 25 && logged.get() > 25);
        copy.destroyForcibly().waitFor();
        typing.join(30_000);
        teaching.join(30_000);
        List<Entry> entries =
                app.bean(TaughtStore.class).entries(teacher, new TaughtId(UUID.fromString(room.replaceAll(".*/", ""))));
        assertThat(entries).as("of a log with %d answers", logged.get()).hasSizeBetween(logged.get(), logged.get() + 1);

        ClassPlan kept =
                app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan();
        int lines = kept.sections().get(0).items().size() - 1;
        assertThat(lines).as("lines kept of %d answered", answered.get() - 1).isBetween(answered.get() - 1, sent.get());
    }

    /** A log with one more moment, as the room sends it. */
    private static String moment(int n) {
        long from = System.currentTimeMillis() - 600_000;
        return """
                {"startedAt":%d,"endedAt":null,"moments":[{"id":"%s","ordinal":0,"startedAt":%d,"endedAt":%d,
                 "pausedMs":0,"count":1,"outcome":"back"}]}""".formatted(from, UUID.randomUUID(), from + n, from + n + 1);
    }
}
