package gurukram.web.poses;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.body.Side;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.drawing.Figures;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Browsing poses, and a teacher's own. */
@ExtendWith(TestApp.Extension.class)
class PosesTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;

    PosesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private PoseCatalogue mine() {
        return app.bean(Poses.class).of(teacher);
    }

    @Test
    void everyPoseAndLadderHasItsPage() {
        String browser = http.get("/poses").body();
        for (Pose pose : app.bean(PoseCatalogue.class).poses()) {
            assertThat(browser).contains("href=\"/poses/" + pose.id() + "\"");
            HttpResponse<String> page = http.get("/poses/" + pose.id());
            assertThat(page.statusCode()).as(pose.id()).isEqualTo(200);
            assertThat(page.body()).contains("Be careful", "it is no medical device");
            assertThat(http.get("/poses/" + pose.id() + "/felt.svg").statusCode())
                    .isEqualTo(200);
        }
        String ladders = http.get("/ladders").body();
        app.bean(PoseCatalogue.class).ladders().forEach(ladder -> {
            assertThat(ladders).contains("/ladders/" + ladder.id());
            assertThat(http.get("/ladders/" + ladder.id()).body()).contains("Ready when");
        });
        assertThat(http.get("/ladders/tree?pose=tree").body()).contains("aria-current=\"true\"");
    }

    @ParameterizedTest
    @CsvSource({
        "q=pigeon, half-pigeon, tree",
        "q=warior+two, warrior-2, tree",
        "family=balances, tree, boat",
        "base=PRONE, cobra, tree",
        "level=BEGINNER, tree, headstand",
        "area=HAMSTRINGS&feel=stretch, standing-fold, clams",
        "area=GLUTES&feel=work, clams, half-pigeon",
        "need=WRIST, tree, crow",
        "prop=none, mountain, half-split",
        "prop=chair, chair-seat, mountain",
        "q=tree&level=BEGINNER, tree, side-plank-tree"
    })
    void filtersLeaveWhatFits(String query, String in, String out) {
        String page = http.get("/poses?" + query).body();
        assertThat(page).contains("href=\"/poses/" + in + "\"").doesNotContain("href=\"/poses/" + out + "\"");
    }

    @Test
    void aScriptGetsOnlyWhatWasFoundAndNonsenseAnOffer() {
        HttpResponse<String> part = http.get("/poses?q=zzqqxx", "HX-Request", "true");
        assertThat(part.headers().firstValue("Vary").orElseThrow()).containsIgnoringCase("HX-Request");
        assertThat(part.body())
                .startsWith("<div id=\"found\"")
                .contains("Perhaps you mean")
                .doesNotContain("<html");
        assertThat(http.get("/poses?need=WRIST").body()).contains("wrist: You may");
        assertThat(http.get("/poses?q=%3Cscript%3Ealert(1)%3C/script%3E").body())
                .doesNotContain("<script>alert");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/poses?level=NONE", "/poses?base=sky", "/poses/tree/figure.svg?side=up"})
    void anAddressThatCannotBeIsToldSo(String path) {
        assertThat(http.get(path).statusCode()).isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/poses/nowhere",
                "/poses/nowhere/figure.svg",
                "/ladders/nowhere",
                "/poses/nowhere/own",
                "/poses/new?like=nowhere"
            })
    void whatIsNotThereIsNotFound(String path) {
        assertThat(http.get(path).statusCode()).isEqualTo(404);
    }

    @Test
    void figuresMayBeKeptForGood() {
        String address = Figures.large(mine().pose("tree"), Side.LEFT);
        HttpResponse<String> svg = http.get(address);
        assertThat(svg.headers().firstValue("Cache-Control").orElseThrow()).contains("max-age=31536000", "immutable");
        assertThat(svg.headers().firstValue("Content-Type").orElseThrow()).startsWith("image/svg+xml");
        assertThat(svg.body()).contains(">L</text>");
    }

    /** The form as the page has it, with some fields typed over. */
    private String[] form(String like, Map<String, String> typed) {
        Map<String, String> values =
                new LinkedHashMap<>(OwnPoseForm.of(mine().pose(like)).values());
        values.put("like", like);
        values.putAll(typed);
        List<String> fields = new ArrayList<>();
        values.forEach((name, value) -> {
            fields.add(name);
            fields.add(value);
        });
        return fields.toArray(String[]::new);
    }

    @Test
    void aPoseIsMadeOnesOwnAndGoesBack() {
        assertThat(http.get("/poses/tree/own").body()).contains("Your tree", "type=\"range\"");
        Map<String, String> typed = Map.of(
                "name",
                "Tree by the window",
                "dose1",
                "7 breaths",
                "effort",
                "4",
                "leg2Upper",
                "-60",
                "caution0need",
                "KNEE",
                "caution0severity",
                "BLOCKED",
                "caution0change",
                "stand on both feet");
        HttpResponse<String> saved = http.post("/poses/tree/own", form("tree", typed));
        assertThat(saved.statusCode()).as(saved.body()).isEqualTo(302);
        Pose mine = mine().pose("tree");
        assertThat(mine.name()).isEqualTo("Tree by the window");
        assertThat(mine.doseFor(Level.INTERMEDIATE)).hasToString("7 breaths");
        assertThat(mine.caution(Need.KNEE).orElseThrow().first()).isEqualTo("stand on both feet");
        assertThat(mine.figure())
                .isNotEqualTo(app.bean(PoseCatalogue.class).pose("tree").figure());
        assertThat(app.bean(Poses.class).of(app.newTeacher()).pose("tree").name())
                .as("private")
                .isEqualTo("Tree");

        // a class of the teacher's takes the name, the dose and the length of it
        ClassId id = app.newClass(teacher, "section standing");
        String line =
                http.post("/classes/" + id + "/line", "line", "tree by the window, both", "version", "1")
                                .statusCode() + "";
        assertThat(line).isEqualTo("302");
        assertThat(http.get("/classes/" + id).body()).contains("Tree by the window", "7 breaths");
        assertThat(http.get("/classes/" + id + "/text").body()).contains("tree by the window, both, 7 breaths");

        assertThat(http.post("/poses/tree/own", form("tree", Map.of("version", "9")))
                        .statusCode())
                .as("an old page")
                .isEqualTo(422);
        assertThat(http.post("/poses/tree/away").statusCode()).isEqualTo(302);
        assertThat(mine().pose("tree").name()).isEqualTo("Tree");
        assertThat(http.get("/classes/" + id).body()).contains("Tree");
    }

    @Test
    void aNewVariationHasItsHintItsTiesAndItsEnd() {
        Map<String, String> typed = Map.of("name", "Half mon", "sanskrit", "", "also", "");
        HttpResponse<String> hint = http.post("/poses/new", form("half-moon", typed));
        assertThat(hint.statusCode()).isEqualTo(422);
        assertThat(hint.body()).contains("This seems to be there already", "value=\"Half mon\"");

        Map<String, String> rope = Map.of("name", "Half moon on a rope", "sanskrit", "", "also", "rope moon");
        assertThat(http.post("/poses/new", form("half-moon", rope)).statusCode())
                .isEqualTo(302);
        String id = "own-half-moon-on-a-rope";
        assertThat(mine().pose("half-moon").ties().harder()).contains(id);
        assertThat(mine().pose(id).ties().easier()).containsExactly("half-moon");
        assertThat(http.get("/poses?q=rope+moon").body()).contains("/poses/" + id, "yours");
        assertThat(http.get("/poses/" + id).body()).contains("Put it away");
        assertThat(http.post("/poses/new", form("half-moon", rope)).body())
                .contains("You have a pose of this name already");

        ClassId plan = app.newClass(teacher, "section standing");
        assertThat(http.post("/classes/" + plan + "/line", "line", "rope moon, both", "version", "1")
                        .statusCode())
                .isEqualTo(302);
        assertThat(http.post("/poses/" + id + "/away").statusCode()).isEqualTo(302);
        assertThat(http.get("/poses?q=rope+moon").body()).doesNotContain("/poses/" + id + "\"");
        assertThat(http.get("/classes/" + plan).body()).as("plans keep it").contains("Half moon on a rope");
        Http other = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(other.get("/poses/" + id).statusCode()).isEqualTo(404);
        assertThat(other.post("/poses/" + id + "/away").statusCode()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name||What is it called?",
                "name|Warrior 2|already means Warrior 2",
                "dose1|lots|“lots” is not a dose",
                "effort|9|Effort must be a number from 1 to 5",
                "enter|stand on the left leg|would be wrong on the other side",
                "enter|stand on one leg|its way in must say {lead}",
                "leaveBrief||A cue is empty",
                "align|this cures ankles|states a benefit as a fact",
                "level|SKY|Level: “sky” is none of",
                "name|rest|would be read as something else",
                "name|end flow|would be read as something else",
                "name|section standing|would be read as something else",
                "name|- note: x|would be read as something else",
                "name|木|needs some plain letters",
                "also|end flow, rest|would be read as something else",
                "caution0need|TAIL|Choose the need from the list"
            })
    void whatIsWrongStandsAtItsFieldAndNothingTypedIsLost(String field, String value, String words) {
        Map<String, String> typed = new HashMap<>(Map.of("sanskrit", "Rajju vṛkṣāsana", "caution0change", "hold on"));
        typed.put(field, value == null ? "" : value);
        HttpResponse<String> answer = http.post("/poses/tree/own", form("tree", typed));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains(words, "Rajju vṛkṣāsana", "hold on");
        assertThat(mine().pose("tree").sanskrit()).isEqualTo("Vṛkṣāsana");
    }

    @Test
    void thePictureFollowsTheSlidersAndTakesAnyNonsense() {
        String still = http.post("/poses/tree/picture", form("tree", Map.of())).body();
        String moved = http.post("/poses/tree/picture", form("tree", Map.of("head", "40")))
                .body();
        assertThat(still).startsWith("<svg").isNotEqualTo(moved);
        assertThat(http.post("/poses/tree/picture", form("tree", Map.of("head", "many")))
                        .body())
                .isEqualTo(still);
        assertThat(http.post("/poses/tree/picture", "armUpper", "999", "legLower", "-999")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void aVariationOfAnOwnVariationIsKeptToo() {
        Map<String, String> first = Map.of("name", "Tree on a plank", "sanskrit", "", "also", "");
        assertThat(http.post("/poses/new", form("tree", first)).statusCode()).isEqualTo(302);
        Map<String, String> second = Map.of("name", "Tree on two planks", "sanskrit", "", "also", "", "really", "yes");
        assertThat(http.post("/poses/new", form("own-tree-on-a-plank", second)).statusCode())
                .isEqualTo(302);
        assertThat(http.get("/poses/own-tree-on-2-planks").statusCode()).isEqualTo(200);
        assertThat(mine().pose("own-tree-on-a-plank").ties().harder()).containsExactly("own-tree-on-2-planks");
    }
}
