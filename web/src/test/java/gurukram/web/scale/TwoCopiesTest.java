package gurukram.web.scale;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import gurukram.core.plan.ClassPlan;
import gurukram.web.account.AccountCare;
import gurukram.web.outbox.Delivery;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Balancer;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Two copies of the app on one database, behind something that gives every request to the other one. */
@ExtendWith(TestApp.Extension.class)
class TwoCopiesTest {
    private static final Pattern VERSION = Pattern.compile("(?:name=\"version\" value|data-version)=\"(\\d+)\"");
    private static final Pattern ZONE = Pattern.compile("id=\"zone\"[^>]*value=\"Pacific/Auckland\"");
    /** What was handed over where mail is taken. */
    private static final Queue<String> came = new ConcurrentLinkedQueue<>();

    private static HttpServer post;
    private static TestApp second;
    private static Balancer balancer;

    private final TestApp app;
    private final Teacher teacher;
    private final ClassId id;
    private final Http http;

    TwoCopiesTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
        http = new Http(balancer.url()).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @BeforeAll
    static void copies(TestApp app) throws IOException {
        post = HttpServer.create(new InetSocketAddress(InetAddress.getByName("127.0.0.1"), 0), 0);
        post.createContext("/", exchange -> {
            came.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
            exchange.sendResponseHeaders(202, -1);
            exchange.close();
        });
        post.start();
        second = TestApp.another("--gurukram.mail=" + address());
        balancer = new Balancer(app.port(), second.port());
    }

    @AfterAll
    static void end() {
        balancer.close();
        second.close();
        post.stop(0);
    }

    private static String version(HttpResponse<String> answer) {
        Matcher found = VERSION.matcher(answer.body());
        assertThat(found.find()).as(answer.body()).isTrue();
        return found.group(1);
    }

    private HttpResponse<String> line(Http by, String line, String version) {
        return by.htmx("/classes/" + id + "/line", "line", line, "version", version, "view", "INTERMEDIATE");
    }

    private ClassPlan plan() {
        return app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan();
    }

    private int lines() {
        return plan().sections().get(0).items().size();
    }

    @Test
    void everyRequestGoesToTheOtherCopyAndTheSignInHoldsAtBoth() {
        for (int i = 0; i < 6; i++)
            assertThat(http.get("/account").statusCode()).isEqualTo(200);
        http.post("/sign-out");
        assertThat(http.at(app).get("/account").statusCode()).isEqualTo(302);
        assertThat(http.at(second).get("/account").statusCode()).isEqualTo(302);
    }

    @Test
    void whatOneCopyDidTheOtherTakesBackAndDoesAgain() {
        ClassPlan before = plan();
        String version = version(http.get("/classes/" + id));
        List<Integer> counts = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            version = version(line(http, "mountain, " + (i + 1) + " breaths", version));
            counts.add(lines());
        }
        assertThat(counts).containsExactly(3, 4, 5, 6, 7);
        ClassPlan full = plan();
        for (int i = 0; i < 5; i++)
            version = version(http.htmx("/classes/" + id + "/undo", "version", version, "view", "INTERMEDIATE"));
        assertThat(plan()).isEqualTo(before);
        for (int i = 0; i < 5; i++)
            version = version(http.htmx("/classes/" + id + "/redo", "version", version, "view", "INTERMEDIATE"));
        assertThat(plan()).isEqualTo(full);
    }

    @Test
    void whatIsTypedAtBothAtOnceIsThereOnceEach() throws Exception {
        String version = version(http.get("/classes/" + id));
        List<Callable<Integer>> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            String key = UUID.randomUUID().toString();
            String line = "mountain, " + (i + 1) + " breaths";
            // the same request to both copies, as when an answer was lost
            for (String at : List.of(app.url(""), second.url("")))
                all.add(() -> http.at(at)
                        .once(key, "/classes/" + id + "/line", "line", line, "version", version, "view", "INTERMEDIATE")
                        .statusCode());
        }
        assertThat(atOnce(all)).containsOnly(200);
        assertThat(lines()).isEqualTo(2 + 8);
    }

    @Test
    void ofTwoWhoChangeTheSameThingOneIsTold() throws Exception {
        String page = http.get("/classes/" + id).body();
        Matcher node =
                Pattern.compile("data-row=\"([^\"]+)\" data-name=\"Tree\"").matcher(page);
        assertThat(node.find()).isTrue();
        Matcher version = VERSION.matcher(page);
        assertThat(version.find()).isTrue();
        List<Callable<Integer>> both = new ArrayList<>();
        for (TestApp copy : List.of(app, second)) {
            Http there = http.at(copy.url(""));
            String breaths = copy == app ? "7" : "9";
            both.add(() -> there.htmx(
                            "/classes/" + id + "/change",
                            "node",
                            node.group(1),
                            "field",
                            "dose",
                            "value",
                            breaths,
                            "version",
                            version.group(1),
                            "view",
                            "INTERMEDIATE")
                    .statusCode());
        }
        assertThat(atOnce(both)).containsExactlyInAnyOrder(200, 409);
    }

    @Test
    void theLogOfTheRoomComesToWhicheverCopyTwiceAndIsThereOnce() throws Exception {
        String room = Http.location(http.post("/classes/" + id + "/teach"));
        String moments = IntStream.range(0, 60)
                .mapToObj(i -> "{\"id\":\"%s\",\"ordinal\":%d,\"startedAt\":%d,\"endedAt\":%d,\"outcome\":\"done\"}"
                        .formatted(new UUID(room.hashCode(), i), i % 3, 1_000L * i, 1_000L * (i + 1)))
                .reduce((a, b) -> a + "," + b)
                .orElseThrow();
        String body = "{\"startedAt\":1000,\"endedAt\":70000,\"moments\":[" + moments + "]}";
        List<Callable<Integer>> all = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Http there = http.at((i % 2 == 0 ? app : second).url(""));
            all.add(() -> there.json(room + "/log", body).statusCode());
        }
        assertThat(atOnce(all)).containsOnly(200);
        assertThat(app.bean(JdbcClient.class)
                        .sql("select count(*) from taught_moment where studio_id = :studio")
                        .param("studio", teacher.studio())
                        .query(Long.class)
                        .single())
                .isEqualTo(60);
    }

    @Test
    void whereAClassStandsIsToldAtOneAndSeenAtTheOther() {
        String room = Http.location(http.post("/classes/" + id + "/teach"));
        String told = "{\"device\":\"tablet\",\"now\":1000,\"state\":{\"at\":4},\"said\":[],\"shown\":{}}";
        assertThat(http.at(app.url("")).json(room + "/live", told).statusCode()).isEqualTo(200);
        assertThat(http.at(second.url("")).get(room + "/live").body()).contains("\"at\":4");
    }

    @Test
    void draftsAskedOfOneAreOpenedAtTheOther() {
        String set = http.at(app.url("")).drafted("tree", 45);
        String page = http.at(second.url("")).get(set).body();
        Matcher draft = Pattern.compile("href=\"(/drafts/[0-9a-f-]{36})\"").matcher(page);
        assertThat(draft.find()).isTrue();
        HttpResponse<String> opened = http.at(app.url("")).post(draft.group(1) + "/open");
        assertThat(http.at(second.url("")).get(Http.location(opened)).statusCode())
                .isEqualTo(200);
    }

    @Test
    void whatIsSetAtOneHoldsAtTheOtherAtOnce() {
        assertThat(http.at(second.url("")).get("/account").body()).doesNotContainPattern(ZONE);
        http.at(app.url("")).post("/account/zone", "zone", "Pacific/Auckland");
        assertThat(http.at(second.url("")).get("/account").body()).containsPattern(ZONE);
    }

    @Test
    void guessesAreCountedAtBothTogether() {
        Http thief = new Http(balancer.url());
        thief.get("/sign-in");
        List<Integer> answers = IntStream.range(0, 7)
                .mapToObj(i -> thief.post("/sign-in", "email", teacher.email(), "password", "guess " + i)
                        .statusCode())
                .toList();
        assertThat(answers).containsExactly(401, 401, 401, 401, 401, 429, 429);
        app.bean(JdbcClient.class).sql("delete from sign_in_failure").update();
    }

    @Test
    void whatIsDoneAtNightIsDoneByOneOfThem() throws Exception {
        JdbcClient jdbc = app.bean(JdbcClient.class);
        night(app);
        tomorrow(jdbc);
        atOnce(List.of(() -> night(app), () -> night(second)));
        assertThat(jdbc.sql("select count(*) from shedlock where lock_until > now() + interval '50 minutes'")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
        jdbc.sql("insert into sign_in_failure (key, failures, last_at) values ('of long ago', 3, '2020-01-01')")
                .update();
        // a copy whose clock is behind comes later: it has been done
        night(app);
        night(second);
        String still = "select count(*) from sign_in_failure where key = 'of long ago'";
        assertThat(jdbc.sql(still).query(Long.class).single()).isEqualTo(1);
        tomorrow(jdbc);
        night(second);
        assertThat(jdbc.sql(still).query(Long.class).single()).isZero();
    }

    private static void tomorrow(JdbcClient jdbc) {
        jdbc.sql("update shedlock set lock_until = now() - interval '1 second'").update();
    }

    private static int night(TestApp copy) {
        copy.bean(AccountCare.class).forgetOld();
        return 0;
    }

    @Test
    void ofTwoThatHandOverMailEachTakesOthersAndOneThatEndsTakesNothingAlong() throws Exception {
        try (TestApp third = TestApp.another("--gurukram.mail=" + address());
                Balancer over = new Balancer(app.port(), third.port())) {
            String house = Http.location(http.post("/studios", "name", "The loft"));
            for (int i = 0; i < 30; i++)
                http.post(house + "/invitations", "email", "guest" + i + "@b.example", "role", "guest");
            List<Callable<Integer>> rounds = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                TestApp copy = i % 2 == 0 ? second : third;
                rounds.add(() -> {
                    copy.bean(Delivery.class).handOver();
                    return 0;
                });
            }
            atOnce(rounds);
            List<String> ours =
                    came.stream().filter(one -> one.contains("@b.example")).toList();
            assertThat(ours).hasSize(30).doesNotHaveDuplicates();

            String version = version(http.get("/classes/" + id));
            Http there = http.at(over.url());
            for (int i = 0; i < 4; i++) version = version(line(there, "mountain, 2 breaths", version));
            third.close();
            for (int i = 0; i < 4; i++) version = version(line(there, "mountain, 3 breaths", version));
            assertThat(lines()).isEqualTo(2 + 8);
        }
    }

    private static String address() {
        return "http://127.0.0.1:" + post.getAddress().getPort() + "/";
    }

    private static List<Integer> atOnce(List<Callable<Integer>> all) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(all.size());
        try {
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> one : hands.invokeAll(all)) answers.add(one.get());
            return answers;
        } finally {
            hands.shutdown();
        }
    }
}
