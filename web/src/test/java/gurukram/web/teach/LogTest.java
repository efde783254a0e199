package gurukram.web.teach;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The log as the room's page sends it. */
@ExtendWith(TestApp.Extension.class)
class LogTest {
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;
    private final ClassId classId;
    private final TaughtId id;

    LogTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        classId = app.newClass(teacher, "section standing", "tree, both, 5 breaths");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        String room = Http.location(http.post("/classes/" + classId + "/teach"));
        id = TaughtId.of(room.substring(room.lastIndexOf('/') + 1));
    }

    private int log(String body) {
        return http.json("/room/" + id + "/log", body).statusCode();
    }

    @Test
    void sendingTheSameTwiceStoresOnceAndTheEndComesLater() {
        String moment =
                "{\"id\":\"%s\",\"ordinal\":1,\"startedAt\":2000,\"endedAt\":9000,\"pausedMs\":1000,\"count\":4,\"outcome\":\"done\"}"
                        .formatted(UUID.randomUUID());
        String body = "{\"startedAt\":1000,\"endedAt\":null,\"moments\":[%s]}".formatted(moment);
        assertThat(log(body)).isEqualTo(200);
        assertThat(log(body)).isEqualTo(200);
        TaughtStore store = app.bean(TaughtStore.class);
        assertThat(store.entries(teacher, id)).singleElement().satisfies(entry -> {
            assertThat(entry.side()).isEqualTo("left");
            assertThat(entry.count()).isEqualTo(4);
            assertThat(entry.startedAt().toEpochMilli()).isEqualTo(2000);
        });
        assertThat(store.find(teacher, id).orElseThrow().endedAt()).isNull();
        assertThat(log("{\"startedAt\":5000,\"endedAt\":10000,\"moments\":[]}")).isEqualTo(200);
        TaughtStore.Taught taught = store.find(teacher, id).orElseThrow();
        assertThat(taught.startedAt().toEpochMilli())
                .as("the first start stands")
                .isEqualTo(1000);
        assertThat(taught.endedAt().toEpochMilli()).isEqualTo(10_000);
    }

    @Test
    void aFlowThatAlternatesFromClassToClassBeginsOnTheOtherSideNextTime() {
        ClassId alternating = app.newClass(
                teacher,
                "section standing",
                "flow tide, 2 rounds, first side alternates by class",
                "warrior 2, lead, in");
        String room = Http.location(http.post("/classes/" + alternating + "/teach"));
        String end = "{\"startedAt\":1000,\"endedAt\":99000,\"moments\":[]}";
        List<Integer> answers = IntStream.range(0, 4)
                .parallel()
                .mapToObj(i -> http.json(room + "/log", end).statusCode())
                .toList();
        assertThat(answers).containsOnly(200);
        var plan = app.bean(ClassStore.class)
                .find(teacher, alternating)
                .orElseThrow()
                .plan();
        assertThat(plan.settings().begins()).as("turned once").isEqualTo(Side.LEFT);
        assertThat(http.get("/classes/" + alternating).body()).contains("taught: begins left next time");
    }

    @Test
    void whatEndsWithinASecondWasOnlyTriedOut() {
        ClassId alternating = app.newClass(
                teacher,
                "section standing",
                "flow tide, 2 rounds, first side alternates by class",
                "warrior 2, lead, in",
                "end flow",
                "tree, both, 8 breaths");
        String room = Http.location(http.post("/classes/" + alternating + "/teach"));
        http.json(room + "/log", "{\"startedAt\":1000,\"endedAt\":1900,\"moments\":[]}");
        var plan = app.bean(ClassStore.class)
                .find(teacher, alternating)
                .orElseThrow()
                .plan();
        assertThat(plan.settings().begins()).as("begins as before").isEqualTo(Side.RIGHT);
        assertThat(app.bean(ClassStore.class).summaries(teacher))
                .allSatisfy(summary -> assertThat(summary.lastTaught()).isNull());
        assertThat(http.get("/logbook").body()).contains("only tried out");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "[]",
                "{",
                "{\"startedAt\":1}",
                "{\"moments\":[]}",
                "{\"startedAt\":\"soon\",\"moments\":[]}",
                "{\"startedAt\":1,\"moments\":[null]}",
                "{\"startedAt\":1,\"moments\":[{}]}",
                "{\"startedAt\":1,\"moments\":[{\"id\":\"00000000-0000-0000-0000-000000000001\",\"ordinal\":99,\"startedAt\":1,\"endedAt\":2,\"outcome\":\"done\"}]}",
                "{\"startedAt\":1,\"moments\":[{\"id\":\"00000000-0000-0000-0000-000000000001\",\"ordinal\":0,\"startedAt\":2,\"endedAt\":3,\"count\":-1,\"outcome\":\"done\"}]}",
                "{\"startedAt\":1,\"moments\":[{\"id\":\"00000000-0000-0000-0000-000000000001\",\"ordinal\":0,\"startedAt\":1,\"endedAt\":2,\"outcome\":\"lost\"}]}"
            })
    void whatIsNoLogIsRefusedNotStored(String body) {
        assertThat(log(body)).isEqualTo(422);
        assertThat(app.bean(TaughtStore.class).find(teacher, id).orElseThrow().startedAt())
                .isNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"startedAt\":-5,\"moments\":[]}",
                "{\"startedAt\":5,\"endedAt\":4,\"moments\":[]}",
                "{\"startedAt\":9000000000000000,\"moments\":[]}",
                "{\"startedAt\":1,\"sentAt\":-9223372036854775808,\"moments\":[]}",
                "{\"startedAt\":1,\"jumped\":true,\"moments\":[]}",
                "{\"startedAt\":1,\"moments\":[{\"id\":\"00000000-0000-0000-0000-000000000001\",\"ordinal\":0,\"startedAt\":3,\"endedAt\":2,\"outcome\":\"done\"}]}",
                "{\"startedAt\":1,\"endedAt\":9000000000000,\"moments\":[]}"
            })
    void aClockThatIsWrongIsTakenWithAMark(String body) {
        assertThat(log(body)).isEqualTo(200);
        assertThat(app.bean(TaughtStore.class).find(teacher, id).orElseThrow().odd())
                .isTrue();
        assertThat(http.get("/logbook/" + id).body()).contains("The clock of the device jumped or was wrong");
    }

    @Test
    void aDeviceThatIsADayAheadIsPutRight() {
        long now = Instant.now().toEpochMilli();
        long ahead = now + Duration.ofDays(1).toMillis();
        String moment =
                "{\"id\":\"%s\",\"ordinal\":0,\"startedAt\":%d,\"endedAt\":%d,\"pausedMs\":9999999,\"outcome\":\"done\"}"
                        .formatted(UUID.randomUUID(), ahead - 60_000, ahead - 30_000);
        assertThat(log("{\"startedAt\":%d,\"endedAt\":%d,\"sentAt\":%d,\"moments\":[%s]}"
                        .formatted(ahead - 60_000, ahead, ahead, moment)))
                .isEqualTo(200);
        TaughtStore store = app.bean(TaughtStore.class);
        TaughtStore.Taught taught = store.find(teacher, id).orElseThrow();
        assertThat(taught.startedAt()).isBetween(Instant.ofEpochMilli(now - 150_000), Instant.ofEpochMilli(now));
        assertThat(Duration.between(taught.startedAt(), taught.endedAt())).isEqualTo(Duration.ofMinutes(1));
        assertThat(store.entries(teacher, id)).singleElement().satisfies(entry -> {
            assertThat(Duration.between(entry.startedAt(), entry.endedAt())).isEqualTo(Duration.ofSeconds(30));
            assertThat(entry.pausedMs()).isEqualTo(30_000);
        });
    }

    @Test
    void theSameIdInAnotherClassIsAnotherMoment() {
        String moment = "{\"id\":\"%s\",\"ordinal\":0,\"startedAt\":2000,\"endedAt\":9000,\"outcome\":\"done\"}"
                .formatted(UUID.randomUUID());
        String body = "{\"startedAt\":1000,\"moments\":[%s]}".formatted(moment);
        assertThat(log(body)).isEqualTo(200);
        String room = Http.location(http.post("/classes/" + classId + "/teach"));
        assertThat(http.json(room + "/log", body).statusCode()).isEqualTo(200);
        TaughtId other = TaughtId.of(room.substring(room.lastIndexOf('/') + 1));
        assertThat(app.bean(TaughtStore.class).entries(teacher, other)).hasSize(1);
    }

    @Test
    void roomsThatAreOpenedAndNeverBegunDoNotPileUp() {
        for (int i = 0; i < TaughtStore.MOST_NOT_BEGUN + 5; i++) http.post("/classes/" + classId + "/teach");
        assertThat(app.bean(JdbcClient.class)
                        .sql("select count(*) from taught_class where teacher_id = :id")
                        .param("id", teacher.id())
                        .query(Long.class)
                        .single())
                .isEqualTo(TaughtStore.MOST_NOT_BEGUN);
    }

    @Test
    void whatWasTaughtStaysAsItWasWhenTheClassChanges() {
        Script before =
                app.bean(TaughtStore.class).find(teacher, id).orElseThrow().script();
        http.get("/classes/" + classId);
        http.htmx("/classes/" + classId + "/line", "line", "chair", "version", "1");
        http.post("/classes/" + classId + "/delete");
        assertThat(app.bean(TaughtStore.class).find(teacher, id).orElseThrow().script())
                .isEqualTo(before);
        assertThat(log("{\"startedAt\":1000,\"endedAt\":2000,\"moments\":[]}")).isEqualTo(200);
        assertThat(http.get("/logbook/" + id).body()).contains("Test class").doesNotContain("open the class");
    }

    @Test
    void aScriptInThePageCannotEndItsElement() {
        Script script = new Script(
                "</script><script>alert(1)</script>",
                "beginner",
                0,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                0L,
                "19:30",
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        assertThat(script.json()).doesNotContain("<", ">");
        assertThat(Script.parse(script.json())).isEqualTo(script);
    }
}
