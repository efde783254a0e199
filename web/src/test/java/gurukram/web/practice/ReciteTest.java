package gurukram.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.practice.Slips;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Reciting until it is known, and slips in a class. */
@ExtendWith(TestApp.Extension.class)
class ReciteTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    ReciteTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private Recite.Standing standing(String key) {
        return app.bean(Recite.class).find(teacher, key);
    }

    /** Recites what is missing; {@code wrong} is passed over, from 1. */
    private String recite(String key, int... wrong) {
        Recite.Standing standing = standing(key);
        List<String> fields = new ArrayList<>(
                List.of("key", key, "tries", "" + standing.knowing().tries()));
        for (int at : standing.knowing().missing(standing.sequence())) {
            boolean left = java.util.Arrays.stream(wrong).anyMatch(n -> n == at + 1);
            fields.addAll(List.of(
                    "p" + (at + 1),
                    left ? "" : standing.sequence().places().get(at).words()));
        }
        var answer = http.post("/practice/recite/one", fields.toArray(String[]::new));
        assertThat(answer.statusCode()).isEqualTo(302);
        return http.get("/practice/recite/one?told=yes&key=" + key).body();
    }

    @Test
    void twelveOfTwelveTwiceAloneIsKnown() {
        String key = "twelve/b";
        assertThat(recite(key, 5)).contains("11 of 12, 91.7 %", "The same once more", "was missing");
        assertThat(recite(key)).contains("12 of 12, 100 %", "two of three are missing");
        recite(key);
        assertThat(recite(key)).contains("once more, and you know it");
        assertThat(recite(key)).contains("You know it.");
        assertThat(http.get("/practice/recite").body()).contains("is-known");
        http.post("/practice/recite/again", "key", key);
        assertThat(standing(key).knowing().isKnown()).isFalse();
    }

    @Test
    void wordsNobodyKnowsAreAskedAboutBeforeAnythingIsCounted() {
        var answer = http.post(
                "/practice/recite/one",
                "key",
                "twelve/b",
                "tries",
                "0",
                "p2",
                "upword arms",
                "p5",
                "plonk",
                "p8",
                "xqzw");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("I know no “xqzw”", "value=\"upword arms\"");
        assertThat(standing("twelve/b").knowing().tries()).isZero();
        assertThat(http.get("/practice/recite/one?key=twelve/z").statusCode()).isEqualTo(404);
        assertThat(http.get("/practice/recite/one?key=class/x/parts").statusCode())
                .isEqualTo(404);
        assertThat(http.get("/practice/recite/one?key=flow/none").statusCode()).isEqualTo(404);
        assertThat(http.post("/practice/recite/one", "key", "twelve/b", "tries", "x")
                        .statusCode())
                .isEqualTo(400);
    }

    @Test
    void theSameSentTwiceCountsOnce() {
        http.post("/practice/recite/one", "key", "twelve/a", "tries", "0", "p2", "raised arms");
        http.post("/practice/recite/one", "key", "twelve/a", "tries", "0", "p2", "raised arms");
        assertThat(standing("twelve/a").knowing().tries()).isEqualTo(1);
    }

    private ClassId tonight() {
        return app.newClass(
                teacher,
                "warm-up:",
                "cat, 3 breaths",
                "child's pose, 5 breaths",
                "standing:",
                "tree, both, 5 breaths",
                "triangle, both, 5 breaths",
                "warrior 2, both, 5 breaths",
                "floor:",
                "bridge, 5 breaths",
                "lying twist, both, 5 breaths",
                "rest:",
                "savasana, 5 min");
    }

    @Test
    void aClassIsLearntPartByPartAndWhatIsChangedIsLearntAnew() {
        ClassId id = tonight();
        String page = http.get("/classes/" + id + "/learn").body();
        assertThat(page).contains("0 of 4 known", "The parts in their order", "Standing");
        String key = "class/" + id + "/parts";
        for (int i = 0; i < 4; i++) recite(key);
        assertThat(http.get("/classes/" + id + "/learn").body()).contains("1 of 4 known");
        Recite recite = app.bean(Recite.class);
        for (Recite.Standing one : recite.ofClass(teacher, id))
            while (!standing(one.sequence().key()).knowing().isKnown())
                recite(one.sequence().key());
        assertThat(http.get("/classes/" + id + "/learn").body()).contains("You know all of it.");
        assertThat(http.get("/classes/" + UUID.randomUUID() + "/learn").statusCode())
                .isEqualTo(404);
        ClassId empty = app.newClass(teacher);
        assertThat(http.get("/classes/" + empty + "/learn").body()).contains("nothing to learn");
    }

    @Test
    void slipsAreFoundMissedOrFalse() {
        for (String of : List.of("", tonight().toString())) {
            String where = Http.location(http.post("/practice/slips", "class", of, "many", "3"));
            UUID id = UUID.fromString(where.substring(where.lastIndexOf('/') + 1));
            SlipsStore.Kept kept = app.bean(SlipsStore.class).find(teacher, id).orElseThrow();
            assertThat(kept.put().slips()).hasSize(3);
            assertThat(http.get(where).body())
                    .contains("3 slips are in it")
                    .doesNotContain(kept.put().slips().get(0).told());
            String first = kept.put().slips().get(0).nodes().get(0).value();
            http.post(where, "node", first, "node", "nowhere");
            String told = http.get(where).body();
            assertThat(told).contains("1 of 3 found, 33.3 %; 2 missed; 0 where nothing is wrong.", "Found.", "Missed.");
            for (Slips.Kind kind :
                    kept.put().slips().stream().map(SlipsStore.Slip::kind).toList())
                assertThat(told).containsIgnoringCase(kind.words());
            http.post(where);
            assertThat(http.get(where).body()).as("once only").contains("1 of 3 found");
        }
        assertThat(http.get("/practice/slips").body()).contains("1 of 3");
        assertThat(http.post("/practice/slips", "many", "900").statusCode()).isEqualTo(400);
        assertThat(http.post("/practice/slips", "class", "x", "many", "3").statusCode())
                .isEqualTo(404);
        assertThat(http.get("/practice/slips/" + UUID.randomUUID()).statusCode())
                .isEqualTo(404);
    }
}
