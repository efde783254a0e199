package gurukram.web.teach;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the room asks the server while a class is taught. */
@ExtendWith(TestApp.Extension.class)
class UnderWayTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String TOLD =
            "{\"device\":\"%s\",\"takeOver\":%s,\"now\":1000,\"state\":{\"index\":1,\"momentStart\":900},\"said\":[],"
                    + "\"shown\":{\"name\":\"Tree\"},\"course\":null}";

    private final TestApp app;
    private final Teacher teacher;
    private final Http http;
    private final String room;
    private final ClassId classId;

    UnderWayTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        classId = app.newClass(
                teacher,
                "section standing",
                "flow tide, 3 rounds",
                "high lunge",
                "warrior 2",
                "end flow",
                "tree, both, 8 breaths",
                "chair, 8 breaths",
                "section rest",
                "final rest, 4 min");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        room = Http.location(http.post("/classes/" + classId + "/teach"));
    }

    private JsonNode change(String ask) {
        HttpResponse<String> answer = http.json(room + "/changes", ask);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    private Script script() {
        return app.bean(TaughtStore.class)
                .find(teacher, TaughtId.of(room.substring(room.lastIndexOf('/') + 1)))
                .orElseThrow()
                .script();
    }

    @Test
    void aMinuteLateIsTakenFromWhatFollowsAndToldByMoments() {
        JsonNode answer = change("{\"at\":0,\"taken\":[],\"ask\":{\"kind\":\"time\",\"at\":0,\"byMs\":60000}}");
        assertThat(answer.get("savedMs").asLong()).isBetween(45_000L, 75_000L);
        assertThat(answer.get("changes")).isNotEmpty();
        long was = 0;
        for (Script.Line line : script().moments()) was += line.leadInMs() + line.workMs();
        long is =
                script().moments().get(0).leadInMs() + script().moments().get(0).workMs();
        for (JsonNode step : answer.get("course")) {
            Script.Line line = script().moments().get(step.get("of").asInt());
            JsonNode other = step.get("line");
            is += other.has("leadInMs") ? other.get("leadInMs").asLong() : line.leadInMs();
            is += other.has("workMs") ? other.get("workMs").asLong() : line.workMs();
        }
        assertThat(was - is).isEqualTo(answer.get("savedMs").asLong());
    }

    @Test
    void whatWasTakenIsTheGroundOfWhatIsAskedNext() {
        String flow = script().moments().get(0).flow().id();
        JsonNode answer =
                change("{\"at\":0,\"taken\":[{\"kind\":\"rounds\",\"node\":\"%s\",\"rounds\":2}],\"ask\":null}"
                        .formatted(flow));
        Set<Integer> kept = new HashSet<>();
        answer.get("course").forEach(step -> kept.add(step.get("of").asInt()));
        for (int i = 1; i < script().moments().size(); i++) {
            var of = script().moments().get(i).flow();
            assertThat(kept.contains(i)).as("moment " + i).isEqualTo(of == null || of.round() < 3);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "nothing",
                "[]",
                "{\"at\":99,\"ask\":{\"kind\":\"time\",\"at\":0,\"byMs\":1}}",
                "{\"at\":-2,\"ask\":{\"kind\":\"time\",\"at\":0,\"byMs\":1}}",
                "{\"at\":0,\"ask\":{\"kind\":\"time\",\"at\":0}}",
                "{\"at\":0,\"ask\":{\"kind\":\"time\",\"at\":0,\"byMs\":9223372036854775807}}",
                "{\"at\":0,\"ask\":{\"kind\":\"rounds\",\"node\":\"n1\",\"rounds\":100000}}",
                "{\"at\":0,\"ask\":{\"kind\":\"out\",\"node\":\"no such thing!\"}}",
                "{\"at\":0,\"ask\":{\"kind\":\"level\",\"level\":\"wizard\"}}",
                "{\"at\":0,\"ask\":{\"kind\":\"dance\"}}",
                "{\"at\":0,\"taken\":[null],\"ask\":null}"
            })
    void whatMakesNoSenseIsRefusedInWords(String ask) {
        HttpResponse<String> answer = http.json(room + "/changes", ask);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(422);
        assertThat(answer.body()).contains("problem");
    }

    @Test
    void thePartsThatAreNoLongerThereAreNoTrouble() {
        change(
                "{\"at\":0,\"taken\":[{\"kind\":\"out\",\"node\":\"gone\"},{\"kind\":\"rounds\",\"node\":\"gone\",\"rounds\":2}],"
                        + "\"ask\":{\"kind\":\"time\",\"at\":5,\"byMs\":-30000}}");
    }

    @Test
    void anAnswerForEverySectionBeforeTheRestComesWithThePage() {
        JsonNode answers = JSON.readTree(http.get(room + "/answers").body());
        assertThat(answers).hasSize(4);
        assertThat(answers.get(0).get("at").asInt()).isEqualTo(-1);
        assertThat(answers.get(3).get("lateMs").asLong()).isEqualTo(720_000);
    }

    @Test
    void anotherTeacherSeesAndChangesNothing() {
        Http other = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(other.json(room + "/changes", "{\"at\":0}").statusCode()).isEqualTo(404);
        assertThat(other.get(room + "/answers").statusCode()).isEqualTo(404);
        assertThat(other.json(room + "/live", TOLD.formatted("theirs", true)).statusCode())
                .isEqualTo(404);
        assertThat(other.get(room + "/live").statusCode()).isEqualTo(404);
        assertThat(other.post(room + "/again").statusCode()).isEqualTo(404);
        assertThat(other.json(room + "/guests", "{}").statusCode()).isEqualTo(404);
        assertThat(other.post("/classes/" + classId + "/rehearsals").statusCode())
                .isEqualTo(404);
        assertThat(other.get("/classes/" + classId + "/rehearse").statusCode()).isEqualTo(404);
    }

    @Test
    void oneDeviceTeachesUntilAnotherTakesOver() {
        assertThat(http.get(room + "/live").body()).isEqualTo("{}");
        assertThat(http.json(room + "/live", TOLD.formatted("phone", false)).body())
                .contains("\"mine\":true");
        assertThat(http.json(room + "/live", TOLD.formatted("tablet", false)).body())
                .contains("\"mine\":false");
        assertThat(http.get(room + "/live").body()).contains("\"device\":\"phone\"");
        assertThat(http.json(room + "/live", TOLD.formatted("tablet", true)).body())
                .contains("\"mine\":true");
        assertThat(http.json(room + "/live", TOLD.formatted("phone", false)).body())
                .contains("\"mine\":false");
        assertThat(http.json(room + "/live", "{\"device\":\"x\"}").statusCode()).isEqualTo(422);
        assertThat(http.json(room + "/live", "7").statusCode()).isEqualTo(422);
    }

    @Test
    void aLinkShowsWhatIsShownToWhoeverHasItAndEnds() {
        JsonNode link = JSON.readTree(http.json(room + "/guests", "{}").body());
        String path = link.get("link").asString();
        Http stranger = Http.on(app);
        assertThat(stranger.get(path + "/now").body()).isEqualTo("{\"over\":false}");
        http.json(room + "/live", TOLD.formatted("phone", false));
        assertThat(stranger.get(path + "/now").body())
                .contains("\"name\":\"Tree\"")
                .doesNotContain("said")
                .doesNotContain("device");
        assertThat(stranger.get(path + "/poses/tree/figure.svg?side=LEFT").body())
                .startsWith("<svg");
        assertThat(stranger.get(path + "/poses/nothing/figure.svg").statusCode())
                .isEqualTo(404);
        assertThat(stranger.get(path + "x/now").statusCode()).isEqualTo(404);
        assertThat(stranger.get(room).statusCode()).as("to the page to sign in").isEqualTo(302);
        app.bean(org.springframework.jdbc.core.simple.JdbcClient.class)
                .sql("update room_guest set ends_at = now() - interval '1 second'")
                .update();
        assertThat(stranger.get(path + "/now").statusCode()).isEqualTo(404);
    }

    @Test
    void onlySoManyLinks() {
        for (int i = 0; i < LiveStore.MOST_GUESTS; i++)
            assertThat(http.json(room + "/guests", "{}").statusCode()).isEqualTo(200);
        assertThat(http.json(room + "/guests", "{}").statusCode()).isEqualTo(404);
    }

    @Test
    void aClassThatEndedLongAgoIsNotTakenBack() {
        http.json(room + "/log", "{\"startedAt\":1000,\"endedAt\":600000,\"moments\":[]}");
        assertThat(Http.location(http.post(room + "/again"))).contains("/logbook/");
        long now = System.currentTimeMillis();
        String late = Http.location(http.post("/classes/" + classId + "/teach"));
        http.json(late + "/log", "{\"startedAt\":%d,\"endedAt\":%d,\"moments\":[]}".formatted(now - 600_000, now));
        assertThat(Http.location(http.post(late + "/again"))).contains("/room/");
        assertThat(http.get(late).statusCode()).isEqualTo(200);
    }

    @Test
    void aClassTakenBackAndEndedTwiceTurnsItsFlowsOnce() {
        ClassId alternating = app.newClass(
                teacher,
                "section standing",
                "flow tide, 2 rounds, first side alternates by class",
                "warrior 2, lead, in");
        String again = Http.location(http.post("/classes/" + alternating + "/teach"));
        long now = System.currentTimeMillis();
        String end = "{\"startedAt\":%d,\"endedAt\":%d,\"moments\":[]}".formatted(now - 600_000, now);
        http.json(again + "/log", end);
        http.post(again + "/again");
        http.json(again + "/log", end);
        var plan = app.bean(ClassStore.class)
                .find(teacher, alternating)
                .orElseThrow()
                .plan();
        assertThat(plan.settings().begins().word()).isEqualTo("left");
    }

    @Test
    void whatIsMarkedInARehearsalIsKeptWithinReason() {
        String long_ = "x".repeat(5_000);
        String places =
                "[{\"node\":\"n\",\"side\":null,\"name\":\"<b>%s</b>\",\"atMs\":-5,\"what\":\"stumbled\",\"words\":\"\"},null,{}]"
                        .formatted(long_);
        String page = Http.location(http.post(
                "/classes/" + classId + "/rehearsals", "places", places, "took", "99999999999", "way", "sideways"));
        assertThat(http.get(page).body())
                .contains("1 place was marked")
                .doesNotContain("<b>x")
                .doesNotContain(long_);
        String none =
                Http.location(http.post("/classes/" + classId + "/rehearsals", "places", "not json", "took", "5"));
        assertThat(http.get(none).body()).contains("Nothing was marked");
        assertThat(http.get("/classes/" + classId + "/rehearsals/" + java.util.UUID.randomUUID())
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void whatNoDatabaseKeepsBringsNothingDown() {
        String odd = "a\\u0000b\\ud800c";
        String moment = "{\"at\":1,\"words\":[\"%s\"],\"savedMs\":1}".formatted(odd);
        assertThat(http.json(
                                room + "/log",
                                "{\"startedAt\":1,\"moments\":[],\"said\":[\"%s\"],\"changes\":[%s]}"
                                        .formatted(odd, moment))
                        .statusCode())
                .isEqualTo(200);
        for (String state : new String[] {
            "{\"x\":\"%s\"}".formatted(odd), "{\"x\":1e999999}", "{\"x\":" + "[".repeat(900) + "]".repeat(900) + "}"
        }) {
            int told = http.json(
                            room + "/live",
                            "{\"device\":\"%s\",\"now\":1,\"state\":%s}".formatted(odd.substring(0, 1), state))
                    .statusCode();
            assertThat(told).as(state.substring(0, 10)).isIn(200, 422);
            assertThat(http.get(room + "/live").statusCode()).isEqualTo(200);
        }
        assertThat(http.json(room + "/live", "{\"device\":\"%s\",\"now\":1,\"state\":{}}".formatted(odd))
                        .statusCode())
                .isLessThan(500);
        String places = "[{\"node\":\"%s\",\"name\":\"%s\",\"atMs\":1,\"what\":\"stumbled\"}]".formatted(odd, odd);
        String page = Http.location(http.post("/classes/" + classId + "/rehearsals", "places", places));
        assertThat(http.get(page).statusCode()).isEqualTo(200);
        assertThat(http.post("/pace/refuse", "figure", "FIRST_SIDE", "factor", "1e99999999")
                        .statusCode())
                .isLessThan(500);
        assertThat(http.post("/pace/refuse", "figure", "FIRST_SIDE", "factor", "much")
                        .statusCode())
                .isEqualTo(400);
        assertThat(http.get("/pace").statusCode()).isEqualTo(200);
    }
}
