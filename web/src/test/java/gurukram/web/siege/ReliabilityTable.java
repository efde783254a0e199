package gurukram.web.siege;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.ExpectsErrors;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import gurukram.web.support.Writers;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * What is lost, and what is there twice, when something ends that should not. Run by {@code tools/reliability.sh}, which gives it a
 * database that can be killed and a disk that can be filled. Prints a row each.
 */
@ExpectsErrors
@ExtendWith(TestApp.Extension.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ReliabilityTable {
    private static final Pattern VERSION = Pattern.compile("(?:name=\"version\" value|data-version)=\"(\\d+)\"");
    private static final Path CLUSTER = Path.of(System.getenv().getOrDefault("RELIABILITY_CLUSTER", "none"));
    private static final int KILLS = 6;

    private final TestApp app;

    ReliabilityTable(TestApp app) {
        this.app = app;
    }

    private static void row(String what, String saw) {
        System.out.println("[table] | " + what + " | " + saw + " |");
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Ten writers while trouble is made; then everything answered must be there once. */
    private void written(String what, List<String> copies, Writers.Trouble trouble) throws Exception {
        Writers.Told told = new Writers(app, 10).write(copies, trouble);
        row(what, told.toString());
        assertThat(told.answered()).isGreaterThan(10);
        assertThat(told.lost()).isZero();
        assertThat(told.twice()).isZero();
    }

    @Test
    @Order(1)
    void theAppIsKilled() throws Exception {
        AppProcess[] now = {new AppProcess()};
        int port = now[0].port();
        written("app killed %d times under load".formatted(KILLS), List.of(now[0].url()), () -> {
            for (int i = 0; i < KILLS; i++) {
                pause(2_000);
                now[0].close();
                now[0] = AppProcess.on(port);
            }
            pause(2_000);
        });
        now[0].close();
    }

    @Test
    @Order(2)
    void theDatabaseIsKilled() throws Exception {
        try (AppProcess one = new AppProcess()) {
            written("database killed %d times under load".formatted(KILLS), List.of(one.url()), () -> {
                for (int i = 0; i < KILLS; i++) {
                    pause(2_000);
                    killDatabase();
                    startDatabase();
                }
                pause(2_000);
            });
        }
    }

    @Test
    @Order(3)
    void theDatabaseIsAway() throws Exception {
        try (AppProcess one = new AppProcess()) {
            written("database stopped for 15 s", List.of(one.url()), () -> {
                pause(2_000);
                database("stop");
                pause(15_000);
                startDatabase();
                pause(3_000);
            });
        }
    }

    @Test
    @Order(4)
    void theDiskIsFull() throws Exception {
        Path filler = CLUSTER.resolve("filler");
        try (AppProcess one = new AppProcess()) {
            written("disk full for some 10 s, then room again", List.of(one.url()), () -> {
                pause(2_000);
                fill(filler);
                pause(10_000);
                Files.delete(filler);
                // a server that cannot write its log ends; the start command brings it back, as here
                startDatabase();
                pause(3_000);
            });
        }
    }

    @Test
    @Order(5)
    void twoCopiesOfTheApp() throws Exception {
        try (AppProcess one = new AppProcess();
                AppProcess two = new AppProcess()) {
            written("two copies of the app, each line to either", List.of(one.url(), two.url()), () -> pause(8_000));
        }
    }

    @Test
    @Order(6)
    void twoTabs() throws Exception {
        Teacher teacher = app.newTeacher();
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "triangle, both, 4 breaths");
        Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String page = http.get("/classes/" + id).body();
        String tree = node(page, "Tree");
        String[][] fields = {{"dose", "7"}, {"note", "slow"}, {"pose", "dancer"}, {"say", "slow and open"}};
        int both = 0;
        for (int i = 0; i < fields.length; i++) {
            int version =
                    app.bean(ClassStore.class).find(teacher, id).orElseThrow().version();
            String[] mine = fields[i];
            String[] others = fields[(i + 1) % fields.length];
            String old = String.valueOf(version);
            int first = http.htmx(
                            "/classes/" + id + "/change",
                            "node",
                            tree,
                            "field",
                            mine[0],
                            "value",
                            mine[1],
                            "version",
                            old)
                    .statusCode();
            int second = http.htmx(
                            "/classes/" + id + "/change",
                            "node",
                            tree,
                            "field",
                            others[0],
                            "value",
                            others[1],
                            "version",
                            old)
                    .statusCode();
            if (first == 200 && second == 200) both++;
        }
        row(
                "two tabs on different fields of one step",
                "%d of %d pairs of edits kept both".formatted(both, fields.length));
    }

    private static String node(String page, String name) {
        Matcher found = Pattern.compile("data-row=\"([^\"]+)\" data-name=\"" + name + "\"")
                .matcher(page);
        if (!found.find()) throw new IllegalStateException(name);
        return found.group(1);
    }

    // --- logs of the room

    private String log(String room, int moments) {
        List<String> items = new ArrayList<>();
        for (int i = 0; i < moments; i++)
            items.add("{\"id\":\"%s\",\"ordinal\":%d,\"startedAt\":%d,\"endedAt\":%d,\"outcome\":\"done\"}"
                    .formatted(new UUID(room.hashCode(), i), i % 3, 1_000L + i * 1_000L, 2_000L + i * 1_000L));
        return "{\"startedAt\":1000,\"endedAt\":%d,\"moments\":[%s]}"
                .formatted(2_000L + moments * 1_000L, String.join(",", items));
    }

    @Test
    @Order(7)
    void logsTwiceAndReversedAndAllAtOnce() throws Exception {
        int rooms = 20;
        int moments = 600;
        try (AppProcess one = new AppProcess()) {
            List<Callable<Integer>> posts = new ArrayList<>();
            List<Teacher> teachers = new ArrayList<>();
            for (int i = 0; i < rooms; i++) {
                Teacher teacher = app.newTeacher();
                teachers.add(teacher);
                ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
                Http http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
                String room = Http.location(http.post("/classes/" + id + "/teach"));
                Http there = http.at(one.url());
                String whole = log(room, moments);
                String half = log(room, moments / 2);
                for (String body : List.of(whole, half, whole)) posts.add(() -> until200(there, room + "/log", body));
            }
            Collections.shuffle(posts, new Random(1));
            ExecutorService hands = Executors.newFixedThreadPool(posts.size());
            long begun = System.nanoTime();
            for (Future<Integer> post : hands.invokeAll(posts)) post.get();
            double seconds = (System.nanoTime() - begun) / 1e9;
            hands.shutdown();
            long kept = 0;
            for (Teacher teacher : teachers)
                kept += app.bean(JdbcClient.class)
                        .sql("select count(*) from taught_moment where studio_id = :studio")
                        .param("studio", teacher.studio())
                        .query(Long.class)
                        .single();
            row(
                    "%d offline classes of %d moments come home at once, each twice and a half of it in any order"
                            .formatted(rooms, moments),
                    "%d moments kept of %d, in %.1f s".formatted(kept, rooms * moments, seconds));
            assertThat(kept).isEqualTo((long) rooms * moments);
        }
    }

    /** As the page does: what is not taken waits and is sent again. */
    private static int until200(Http http, String path, String body) {
        for (int i = 0; i < 60; i++) {
            if (http.json(path, body).statusCode() == 200) return i;
            pause(500);
        }
        throw new IllegalStateException("never taken");
    }

    // --- the database, as the start command has it

    private static void database(String what) throws IOException, InterruptedException {
        Process process = new ProcessBuilder("bash", System.getenv("RELIABILITY_POSTGRES"), what)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.waitFor();
    }

    private static void startDatabase() {
        Awaitility.await()
                .atMost(60, TimeUnit.SECONDS)
                .pollInterval(1, TimeUnit.SECONDS)
                .until(() -> {
                    database("start");
                    Process status =
                            new ProcessBuilder("bash", System.getenv("RELIABILITY_POSTGRES"), "status").start();
                    return status.waitFor() == 0;
                });
    }

    private static void killDatabase() throws IOException, InterruptedException {
        String pid = Files.readAllLines(CLUSTER.resolve("data/postmaster.pid")).get(0);
        new ProcessBuilder("kill", "-9", pid.strip()).start().waitFor();
        pause(300);
    }

    private static void fill(Path filler) {
        byte[] piece = new byte[1 << 20];
        try (var out = Files.newOutputStream(filler)) {
            while (true) out.write(piece);
        } catch (IOException full) {
            // as it should be
        }
    }
}
