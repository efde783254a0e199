package gurukram.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.json.PlanJson;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(TestApp.Extension.class)
class ApiTest {
    private static final Pattern TOKEN = Pattern.compile("gk_[A-Za-z0-9_-]{40,}");
    private static final String TEXT = "text/plain;charset=UTF-8";

    private final TestApp app;
    private Teacher teacher;
    private Http browser;
    private String token;

    ApiTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void aTeacherWithAToken() {
        teacher = app.newTeacher();
        token = ApiToken.make(new SecureRandom());
        app.bean(TokenStore.class).add(teacher, "Laptop", Secrets.hash(token), true, Duration.ofDays(30), 20);
    }

    /** Signed in when a test first needs it. */
    private Http browser() {
        if (browser == null) browser = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        return browser;
    }

    private HttpResponse<String> call(String method, String path, String type, String body, String... more) {
        String[] headers = new String[4 + more.length];
        headers[0] = "Authorization";
        headers[1] = "Bearer " + token;
        headers[2] = "Content-Type";
        headers[3] = type;
        System.arraycopy(more, 0, headers, 4, more.length);
        return Http.on(app).send(method, path, body, headers);
    }

    private static JsonNode json(HttpResponse<String> answer) {
        return JsonMapper.shared().readTree(answer.body());
    }

    private JsonNode score(String text) {
        HttpResponse<String> answer = call("POST", "/api/score", TEXT, text);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return json(answer);
    }

    /** Worked example 1, through HTTP: twelve positions, one side or both, separate or shared. */
    @ParameterizedTest
    @CsvSource({
        "one side, separate, 96, 480000",
        "one side, shared 0 1, 89, 445000",
        "both sides, shared 0 1, 177, 885000"
    })
    void twelvePositions(String counting, String join, int positions, long ms) {
        JsonNode score =
                score("salutations:\ntwelve positions b, 8 rounds, %s, 5 s a position, %s".formatted(counting, join));
        assertThat(score.path("totalMs").asLong()).isEqualTo(ms);
        assertThat(score.path("moments").size()).isEqualTo(positions);
        assertThat(score.at("/tallies/feet/right/firstBacks").asInt())
                .isEqualTo(score.at("/tallies/feet/left/firstBacks").asInt());
    }

    /** Worked example 3: a chain without its last exhale clashes at every join. */
    @Test
    void clashes() {
        StringBuilder text = new StringBuilder("standing:\nflow, 4 rounds, both sides, 3.5 s a position\n");
        for (int i = 0; i < 17; i++) text.append("  warrior 2, lead, ").append(i % 2 == 0 ? "in\n" : "out\n");
        JsonNode score = score(text.toString());
        assertThat(score.path("moments").size()).isEqualTo(136);
        assertThat(score.at("/tallies/clashes").size()).isEqualTo(7);
    }

    /** Worked example 6: ranges as low and high totals; the work is 2:00 and 3:50, the rest is getting there. */
    @Test
    void ranges() {
        JsonNode score = score("strength:\nbridge, 8-10 reps x 2-3, rest 40 s, 5 s each");
        assertThat(score.path("highMs").asLong() - score.path("lowMs").asLong()).isEqualTo(110_000);
        long settingUp = score.at("/moments/0/settingUpMs").asLong();
        assertThat(score.path("lowMs").asLong()).isEqualTo(120_000 + settingUp);
        assertThat(score.path("totalMs").asLong()).isEqualTo(score.path("lowMs").asLong());
        assertThat(score.at("/moments/0").has("side"))
                .as("what does not apply is left out")
                .isFalse();
    }

    @Test
    void faultsComeWithTheirPlaces() {
        HttpResponse<String> answer =
                call("POST", "/api/score", TEXT, "standing:\n  haf moon, both\ntree, both, 0 breaths");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.headers().firstValue("Content-Type").orElseThrow()).startsWith("application/problem+json");
        JsonNode problems = json(answer).path("problems");
        assertThat(problems.size()).isEqualTo(2);
        assertThat(problems.at("/0/line").asInt()).isEqualTo(2);
        assertThat(problems.at("/0/column").asInt()).isEqualTo(3);
        assertThat(problems.at("/0/offers/0").asString()).isEqualTo("half moon, both");
        assertThat(problems.at("/1/what").asString()).startsWith("Breaths: a whole number");
    }

    @Test
    void aClassIsReadAndWrittenAsTextAndAsJson() {
        ClassId id = app.newClass(teacher, "section standing", "tree, both, 5 breaths", "chair, 3 breaths");
        String path = "/api/classes/" + id;
        HttpResponse<String> text = call("GET", path, TEXT, "", "Accept", "text/plain");
        assertThat(text.body()).startsWith("class: Test class\n- 60 min, vinyasa, intermediate\n");
        String version = text.headers().firstValue("ETag").orElseThrow();

        HttpResponse<String> put =
                call("PUT", path, TEXT, text.body().replace("chair, 3", "chair, 4"), "If-Match", version);
        assertThat(put.statusCode()).as(put.body()).isEqualTo(200);
        ClassPlan now =
                app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan();
        HttpResponse<String> read = call("GET", path, TEXT, "", "Accept", "application/json");
        assertThat(PlanJson.read(read.body())).isEqualTo(now);

        String other = read.body().replace("\"slotMinutes\":60", "\"slotMinutes\":75");
        String next = read.headers().firstValue("ETag").orElseThrow();
        assertThat(call("PUT", path, "application/json", other, "If-Match", version)
                        .statusCode())
                .isEqualTo(412);
        assertThat(call("PUT", path, "application/json", other).statusCode()).isEqualTo(428);
        assertThat(call("PUT", path, "application/json", other, "If-Match", next)
                        .statusCode())
                .isEqualTo(200);
        ClassPlan after =
                app.bean(ClassStore.class).find(teacher, id).orElseThrow().plan();
        assertThat(after.settings().slotMinutes()).isEqualTo(75);
        assertThat(after.sections()).as("names of parts are kept").isEqualTo(now.sections());
        assertThat(browser().get("/classes/" + id).body()).contains("Undo");
    }

    @Test
    void jsonWithoutNamesIsScored() {
        String json = """
                {"schema":3,"settings":{"title":"Sent","slotMinutes":30},
                 "sections":[{"is":"section","role":"STANDING","items":[
                   {"is":"step","pose":"tree","sides":"both","dose":{"kind":"breaths","breaths":5},
                    "layers":[{"is":"layer","when":{"levels":["BEGINNER"]},"edit":{"do":"become","dose":{"kind":"breaths","breaths":3}}}]}]}]}""";
        HttpResponse<String> beginner = call("POST", "/api/score?level=BEGINNER", "application/json", json);
        assertThat(beginner.statusCode()).as(beginner.body()).isEqualTo(200);
        assertThat(json(beginner).at("/moments/0/breaths").asInt()).isEqualTo(3);
        assertThat(json(call("POST", "/api/score?level=ADVANCED", "application/json", json))
                        .at("/moments/1/breaths")
                        .asInt())
                .isEqualTo(5);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{                                              | line",
                "[] | is an object",
                "{\"schema\":3}                                 | settings",
                "{\"schema\":99,\"settings\":{}}                | schema 99",
                "{\"schema\":3,\"settings\":{\"title\":\"A\",\"slotMinutes\":3}} | /settings/slotMinutes",
                "{\"schema\":3,\"settings\":{\"title\":\" \",\"slotMinutes\":30}} | needs a title",
                "{\"schema\":3,\"settings\":{\"title\":\"A\",\"slotMinutes\":30},\"sections\":[{\"is\":\"section\",\"role\":\"STANDING\",\"items\":[{\"is\":\"step\",\"pose\":\"nope\",\"sides\":\"both\",\"dose\":{\"kind\":\"breaths\",\"breaths\":5}}]}]} | no pose “nope”",
                "{\"schema\":3,\"settings\":{\"title\":\"A\",\"slotMinutes\":30},\"sections\":[{\"is\":\"section\",\"role\":\"STANDING\",\"items\":[{\"is\":\"step\",\"pose\":\"tree\",\"sides\":\"sideways\",\"dose\":{\"kind\":\"breaths\",\"breaths\":5}}]}]} | /sections/0/items/0/sides",
                "{\"schema\":1,\"settings\":7} | class plan",
                "{\"schema\":1,\"settings\":{\"title\":\"A\",\"slotMinutes\":30},\"sections\":[{\"is\":\"section\",\"id\":\"a\",\"role\":\"STANDING\",\"items\":[{\"is\":\"flow\",\"id\":\"b\"},null]}]} | class plan"
            })
    void jsonThatIsNoClassIsAnswered(String body, String words) {
        HttpResponse<String> answer = call("POST", "/api/score", "application/json", body.strip());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(answer.body()).contains(words.strip());
    }

    @Test
    void whoIsNotKnownIsToldSo() {
        Http nobody = Http.on(app);
        assertThat(nobody.send("POST", "/api/score", "tree", "Content-Type", "text/plain")
                        .statusCode())
                .isEqualTo(403);
        HttpResponse<String> get = nobody.get("/api/classes/00000000-0000-0000-0000-000000000001");
        assertThat(get.statusCode()).isEqualTo(401);
        assertThat(get.body()).contains("personal token");
        assertThat(nobody.send(
                                "POST",
                                "/api/score",
                                "tree",
                                "Content-Type",
                                "text/plain",
                                "Authorization",
                                "Bearer gk_wrong")
                        .statusCode())
                .isEqualTo(401);
    }

    @Test
    void aSignInNeedsThePagesTokenToo() {
        HttpResponse<String> without = browser().send("POST", "/api/score", "tree, both", "Content-Type", "text/plain");
        assertThat(without.statusCode()).isEqualTo(403);
        assertThat(without.body()).contains("X-CSRF-TOKEN");
        HttpResponse<String> with = browser()
                .send(
                        "POST",
                        "/api/score",
                        "tree, both",
                        "Content-Type",
                        "text/plain",
                        "X-CSRF-TOKEN",
                        browser().token());
        assertThat(with.statusCode()).isEqualTo(200);
    }

    @Test
    void aTokenIsShownOnceAndWorks() {
        Matcher made = TOKEN.matcher(browser()
                .post("/account/tokens", "name", "Studio", "may", "write")
                .body());
        assertThat(made.find()).as("the token is shown").isTrue();
        token = made.group();
        assertThat(call("POST", "/api/score", TEXT, "tree, both").statusCode()).isEqualTo(200);
        assertThat(browser().get("/account/tokens").body()).contains("Studio").doesNotContain(token);
    }

    @Test
    void aTokenCanBeTakenBackAndOpensOnlyItsOwnersClasses() {
        ClassId others = app.newClass(app.newTeacher(), "tree, both, 5 breaths");
        assertThat(call("GET", "/api/classes/" + others, TEXT, "").statusCode()).isEqualTo(404);
        assertThat(call("PUT", "/api/classes/" + others, TEXT, "tree", "If-Match", "\"1\"")
                        .statusCode())
                .isEqualTo(404);
        String page = browser().get("/account/tokens").body();
        assertThat(page).contains("Laptop", "last used").doesNotContain(token);
        Matcher row = Pattern.compile("/account/tokens/([0-9a-f-]+)/revoke").matcher(page);
        assertThat(row.find()).isTrue();
        browser().post(row.group());
        assertThat(call("POST", "/api/score", TEXT, "tree, both").statusCode()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   "})
    void aTokenNeedsAName(String name) {
        HttpResponse<String> answer = browser().post("/account/tokens", "name", name);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("What is it for?");
    }

    @Test
    void otherFormsAndLevelsAreRefusedAsProblems() {
        assertThat(call("POST", "/api/score", "application/xml", "<a/>").statusCode())
                .isEqualTo(415);
        assertThat(call("POST", "/api/score?level=EXPERT", TEXT, "tree, both").statusCode())
                .isEqualTo(400);
        assertThat(call("GET", "/api/classes/nonsense", TEXT, "").statusCode()).isEqualTo(404);
        assertThat(call("POST", "/api/score", TEXT, "").statusCode())
                .as("an empty class")
                .isEqualTo(200);
        assertThat(call("POST", "/api/score", TEXT, "x".repeat(2_000_001)).statusCode())
                .isEqualTo(413);
    }

    @Test
    void textIsUtf8WhetherItSaysSoOrNot() {
        HttpResponse<String> answer = call("POST", "/api/score", "text/plain", "Vṛkṣāsana, both, 5 breaths");
        assertThat(json(answer).at("/moments/0/pose").asString()).isEqualTo("tree");
    }

    @Test
    void theSchoolOfTheTeacherCounts() {
        String text = "breathe:\neasy seat, 4-4-4-4 x 3";
        assertThat(score(text).at("/moments/0/workMs").asLong()).isEqualTo(72_000);
        assertThat(browser()
                        .post("/account/school", "holds", "no holds", "count", "1,2")
                        .statusCode())
                .isEqualTo(302);
        assertThat(score(text).at("/moments/0/workMs").asLong()).isEqualTo(28_800);
        assertThat(browser().post("/account/school", "count", "fast").statusCode())
                .isEqualTo(422);
        assertThat(browser().post("/account/school", "count", "77").body()).contains("Seconds a count: from 0.5 to 5");
        assertThat(browser().get("/account").body()).contains("value=\"1.2\"");
    }

    @Test
    void describesItself() {
        HttpResponse<String> openapi = Http.on(app).get("/api/openapi");
        assertThat(openapi.statusCode()).isEqualTo(200);
        JsonNode paths = json(openapi).path("paths");
        assertThat(paths.propertyNames()).contains("/api/score", "/api/classes/{id}", "/api/schema/class.json");
        assertThat(paths.at("/~1api~1score/post/requestBody/content").propertyNames())
                .contains("text/plain", "application/json");
        JsonNode schema = json(Http.on(app).get("/api/schema/class.json"));
        assertThat(schema.path("title").asString()).contains("schema " + PlanJson.SCHEMA);
    }
}
