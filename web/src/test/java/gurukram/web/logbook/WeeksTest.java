package gurukram.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.CarriedStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Classes written down by hand, put right and deleted, and what weeks of them say to the next. */
@ExtendWith(TestApp.Extension.class)
class WeeksTest {
    private final TestApp app;
    private final Teacher teacher;
    private final Http http;
    private final UUID group;
    private final ClassId classId;

    WeeksTest(TestApp app) {
        this.app = app;
        teacher = app.newTeacher();
        group = app.bean(GroupStore.class)
                .create(
                        teacher,
                        new Group(
                                null,
                                "Thursday lamplight",
                                DayOfWeek.THURSDAY,
                                LocalTime.of(18, 30),
                                60,
                                Level.BEGINNER,
                                12,
                                Map.of(Need.WRIST, 2),
                                null,
                                "",
                                new Group.Touch(0, 0, 0),
                                null));
        classId = classFor(
                group,
                "class: Harbour",
                "- 60 min, hatha, beginner",
                "- peak pose: dancer",
                "- theme: Letting the rope go",
                "section standing",
                "tree, both, 5 breaths",
                "warrior 2, both, 5 breaths",
                "warrior 1, both, 5 breaths",
                "plank, 5 breaths",
                "section peak",
                "dancer, both, 5 breaths");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private ClassId classFor(UUID group, String... lines) {
        var plan = new NotationReader(app.bean(PoseCatalogue.class), NodeNames.numbers())
                .read(String.join("\n", lines))
                .planOrRefused();
        return app.bean(ClassEditor.class).create(teacher, plan, group);
    }

    private HttpResponse<String> write(String line) {
        return http.post("/logbook/by-hand", "class", classId.toString(), "line", line);
    }

    private String kept(String line) {
        HttpResponse<String> answer = write(line);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return Http.location(answer).replaceAll("\\?.*", "");
    }

    private static String daysAgo(int days) {
        return LocalDate.now().minusDays(days).toString();
    }

    private List<String> owed() {
        return app.bean(CarriedStore.class).open(teacher, classId).stream()
                .map(CarriedStore.Carried::words)
                .toList();
    }

    @Test
    void aClassWithoutTheRoomIsWrittenDownInALine() {
        String log = kept(daysAgo(2) + ", 62 min, left out dancer, 9 people, 2 new, note: the wall from the start");
        String page = http.get(log).body();
        assertThat(page)
                .contains("18:30")
                .contains("62:00")
                .contains("Dancer, right")
                .contains("Written down afterwards")
                .contains("the wall from the start")
                .contains("value=\"9\"")
                .doesNotContain("back into the room");
        assertThat(owed()).containsExactly("Dancer was left out");
        assertThat(http.get("/").body()).contains("taught 2 days ago").contains("1 from last time");
        assertThat(http.get("/logbook").body()).contains("62:00");
        assertThat(http.get("/logbook.csv").body()).contains("3720").contains(",9,2,");
        kept(daysAgo(3) + ", 62 min, without the left side of dancer");
        assertThat(owed()).contains("Dancer left was left out: begin left next time");
        kept(daysAgo(4) + ", 58 min, skipped the peak");
        assertThat(http.get("/classes/" + classId + "/last-time").body()).contains("Announced");
    }

    @Test
    void whatIsNotUnderstoodIsAnsweredBesideTheLine() {
        for (String[] wrong : new String[][] {
            {daysAgo(2) + ", 62 min, left out headstand", "There is no “headstand” in this class"},
            {daysAgo(2) + ", 62 min, left out warrior", "“warrior” could be Warrior 2 or Warrior 1 here"},
            {daysAgo(2) + ", 62 min, left out plank on the left", "“plank” has no left side in this class"},
            {daysAgo(2) + ", 62 min, it rained <b>", "“it rained &lt;b&gt;”"},
            {"62 min, 9 people", "Which day was it?"},
            {"today 23:59, 62 min", "is not over yet"},
            {"x".repeat(4_001), "at most 4,000 letters"},
        }) {
            HttpResponse<String> answer = write(wrong[0]);
            assertThat(answer.statusCode()).as(wrong[0]).isEqualTo(422);
            assertThat(answer.body()).contains(wrong[1]);
            if (wrong[0].length() < 100)
                assertThat(answer.body()).contains("value=\"" + wrong[0].replace("<b>", "&lt;b&gt;") + "\"");
        }
        kept(daysAgo(2) + ", 62 min");
        assertThat(write(daysAgo(2) + ", 62 min").body()).contains("in the logbook at that time already");
        assertThat(http.get("/logbook").body()).containsOnlyOnce("62:00");
        assertThat(http.post("/logbook/by-hand", "class", UUID.randomUUID().toString(), "line", "today, 1 min")
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void whatIsPutRightSaysWhatItWasBefore() {
        String log = kept(daysAgo(2) + " 18:00, 62 min, 9 people");
        http.post(log + "/note", "people", "11", "firstTimers", "", "felt", "calm", "note", "");
        http.post(log + "/times", "onDay", daysAgo(3), "at", "18.15", "took", "65");
        String page = http.get(log).body();
        assertThat(page)
                .contains("people: before, “9”")
                .contains("times: before, ")
                .contains("18:00, 62:00")
                .contains("65:00")
                .doesNotContain("how it felt: before");
        http.post(log + "/times", "onDay", daysAgo(3), "at", "18:15", "took", "65");
        assertThat(http.get(log).body().split("times: before", -1))
                .as("nothing changed")
                .hasSize(2);
        for (String[] wrong : new String[][] {
            {daysAgo(-2), "18:15", "65", "not come yet"},
            {"x", "18:15", "65", "“x” is none"},
            {daysAgo(3), "25:00", "65", "“25:00” is none"},
            {daysAgo(3), "18:15", "0", "Minutes"},
        }) {
            var answer = http.post(log + "/times", "onDay", wrong[0], "at", wrong[1], "took", wrong[2]);
            assertThat(answer.statusCode()).isEqualTo(422);
            assertThat(answer.body()).contains(wrong[3]).contains("value=\"" + wrong[1] + "\"");
        }
    }

    @Test
    void whatIsDeletedOwesAndCountsNothingUntilItIsTakenBack() {
        String log = kept(daysAgo(2) + ", 62 min, left out dancer");
        assertThat(Http.location(http.post(log + "/delete"))).endsWith("/logbook");
        assertThat(owed()).isEmpty();
        assertThat(http.get(log).statusCode()).isEqualTo(404);
        assertThat(http.get("/").body()).contains("not taught yet");
        assertThat(http.get("/logbook/weeks").body()).contains("Nothing was taught");
        assertThat(http.get("/logbook").body()).contains("Deleted lately").contains("Harbour");
        assertThat(http.post(log + "/delete").statusCode()).isEqualTo(404);
        assertThat(http.post(log + "/restore").statusCode()).isEqualTo(302);
        assertThat(owed()).containsExactly("Dancer was left out");
        assertThat(http.get("/logbook").body()).doesNotContain("Deleted lately");
        assertThat(http.post(log + "/restore").statusCode()).isEqualTo(404);
    }

    @Test
    void aNoteOnARowComesBackAndCanBeTakenOut() {
        String log = kept(daysAgo(2) + ", 62 min");
        String node = http.get(log).body().replaceAll("(?s).*<option value=\"([^\"]+)\"[^>]*>Standing: Tree<.*", "$1");
        http.post(log + "/rows", "node", node, "words", "show the wall first");
        assertThat(owed()).containsExactly("Tree: show the wall first");
        String room = Http.location(http.post("/classes/" + classId + "/teach"));
        assertThat(http.get(room).body()).contains("from last time").contains("Tree: show the wall first");
        assertThat(http.get("/classes/" + classId + "/tonight").body()).contains("Tree: show the wall first");
        assertThat(http.get("/classes/" + classId + "/panel?node=" + node).body())
                .contains("Tree: show the wall first");
        assertThat(http.post(log + "/rows", "node", "nowhere", "words", "x").body())
                .contains("Choose what it is about");
        assertThat(http.post(log + "/rows", "node", node, "words", " ").statusCode())
                .isEqualTo(422);
        http.post(log + "/times", "onDay", daysAgo(3), "at", "18:15", "took", "65");
        assertThat(owed()).as("a note outlives what is read off the log").hasSize(1);
        String out = http.get(log).body().replaceAll("(?s).*action=\"([^\"]+/rows/[^\"]+/out)\".*", "$1");
        http.post(out);
        assertThat(owed()).isEmpty();
    }

    @Test
    void triesOfALadderAreKeptFromTheLog() {
        String log = kept(daysAgo(2) + ", 62 min");
        String page = http.get(log).body();
        assertThat(page).contains("Keep the tries");
        String tries = page.replaceAll("(?s).*action=\"([^\"]+/tries/[^\"]+)\".*", "$1");
        String rung = page.replaceAll("(?s).*name=\"rung\" value=\"(\\d+)\".*", "$1");
        String[] good = {"rung", rung, "tries", "3", "clean", "3", "right", "20", "left", "19", "smooth", "on"};
        http.post(tries, good);
        http.post(tries, good);
        String ladder = "/ladders/" + tries.replaceAll(".*/", "") + "/groups";
        assertThat(http.get(ladder).body().split("<span>[^<]*3 of 3 clean", -1))
                .as("once")
                .hasSize(2);
        assertThat(http.get(log).body()).contains("Kept: " + daysAgo(2) + ", rung " + rung + ": 3 of 3 clean");
        good[5] = "4";
        assertThat(http.post(tries, good).statusCode()).isEqualTo(422);
        http.post(tries + "/out");
        assertThat(http.get(ladder).body()).doesNotContain("3 of 3 clean");
    }

    @Test
    void whatWasMissedForWeeksIsOfferedAndComes() {
        for (int days : new int[] {22, 15, 8, 1}) kept(daysAgo(days) + ", 60 min, 8 people");
        String page = http.get("/logbook/weeks?group=" + group).body();
        assertThat(page)
                .contains("4 classes, 4.0 hours; 8 people came on average.")
                .contains("No twist in any of the last four classes.")
                .contains("missed=TWIST")
                .contains("Letting the rope go: 4 classes, yesterday")
                .contains("Dancer was the peak of four of four classes.")
                .contains("wrist");
        String brief = http.get("/drafts/new?group=" + group + "&missed=TWIST").body();
        assertThat(brief).contains("with a twist: ").contains("no twist in any of the last four classes");
        assertThat(brief).containsPattern("name=\"missed-TWIST\"[^>]*checked");
        String pose = brief.replaceAll("(?s).*with a twist: ([^<]+)<.*", "$1");
        String set = http.drafted("tree", 45, "group", group.toString(), "missed-TWIST", "on");
        assertThat(http.get(set).body()).contains(pose);
        assertThat(http.get("/logbook/weeks?weeks=3").statusCode()).isEqualTo(404);
        assertThat(http.get("/logbook/weeks?group=" + UUID.randomUUID()).statusCode())
                .isEqualTo(404);
        assertThat(http.get("/drafts/new?missed=NOTHING").statusCode()).isEqualTo(200);
    }

    @Test
    void whatAGroupIsOwedGoesAlongWithTheNextDraft() {
        kept(daysAgo(2) + ", 62 min, without the left side of tree");
        String words = "Tree left was left out: begin left next time";
        String brief = http.get("/drafts/lately?group=" + group).body();
        assertThat(brief).contains(words);
        String field = brief.replaceAll("(?s).*name=\"(owed-[^\"]+)\".*", "$1");
        String set = http.drafted("half-moon", 45, "group", group.toString(), field, "on");
        String draft = http.get(set).body().replaceAll("(?s).*href=\"/drafts/([0-9a-f-]{36})\".*", "$1");
        String made = Http.location(http.post("/drafts/" + draft + "/open"));
        ClassId next = new ClassId(UUID.fromString(made.replaceAll(".*/", "")));
        var plan = app.bean(ClassStore.class).find(teacher, next).orElseThrow().plan();
        assertThat(plan.settings().begins().name()).isEqualTo("LEFT");
        assertThat(owed()).as("no longer on the old one").isEmpty();
        assertThat(app.bean(CarriedStore.class).open(teacher, next))
                .extracting(CarriedStore.Carried::words)
                .containsExactly(words);
    }

    /** Logs of before summaries were kept are looked at when they are asked for. */
    @Test
    void olderLogsAreReadToo() {
        kept(daysAgo(2) + ", 62 min");
        JdbcClient jdbc = app.bean(JdbcClient.class);
        jdbc.sql("update taught_class set covered = null, plan = null where teacher_id = :t")
                .param("t", teacher.id())
                .update();
        assertThat(http.get("/logbook/weeks").body()).contains("outer hip strength");
        assertThat(jdbc.sql("select count(*) from taught_class where teacher_id = :t and covered is not null")
                        .param("t", teacher.id())
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }
}
