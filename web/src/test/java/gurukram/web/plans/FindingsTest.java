package gurukram.web.plans;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the checks find, on the class page, in its panel, on paper and in the dry run. */
@ExtendWith(TestApp.Extension.class)
class FindingsTest {
    private final TestApp app;
    private Teacher teacher;
    private ClassId id;
    private Http http;

    FindingsTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void write() {
        teacher = app.newTeacher();
        id = app.newClass(
                teacher,
                "section standing",
                "tree, right, 4 breaths",
                "chair, 4 breaths",
                "section rest",
                "final rest, 5 min",
                "section close",
                "easy seat, 1 min open");
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private String page() {
        return http.get("/classes/" + id).body();
    }

    private static String found(String pattern, String in) {
        Matcher found = Pattern.compile(pattern).matcher(in);
        assertThat(found.find()).as(pattern).isTrue();
        return found.group(1);
    }

    private String row(String name) {
        return found("data-row=\"([^\"]+)\" data-name=\"" + name + "\"", page());
    }

    private String version() {
        return found("id=\"version\" name=\"version\" value=\"(\\d+)\"", page());
    }

    private String key(String rule) {
        return found(
                "data-mends=\"(" + rule + "\\.[^\"]*)\"",
                http.get("/classes/" + id + "/panel?node=checks").body());
    }

    private HttpResponse<String> mend(String finding, String label) {
        return http.htmx(
                "/classes/" + id + "/mend",
                "finding",
                finding,
                "mend",
                label,
                "version",
                version(),
                "view",
                "INTERMEDIATE");
    }

    @Test
    void theHeadCountsAndTheRowIsMarked() {
        assertThat(page()).contains("1 to mend", "data-rows=\"" + row("Tree"));
        assertThat(page())
                .containsPattern("row-mark w-must\"[^>]*data-open-panel=\"" + row("Tree")
                        + "\"[^>]*must mend: Tree is done on the right only");
        assertThat(http.get("/classes/" + id + "/panel?node=" + row("Tree")).body())
                .contains("Tree is done on the right only: 4 breaths.");
        assertThat(http.get("/classes/" + id + "/panel?node=" + row("Chair")).body())
                .doesNotContain("finding-what");
    }

    @Test
    void aMendIsShownBeforeItIsTakenAndCanBeTakenBack() {
        String finding = key("sides-uneven");
        String mends = http.get("/classes/" + id + "/mends?finding=" + finding).body();
        assertThat(mends)
                .contains(
                        "Do it on both sides, right first",
                        "<del>tree, right, 4 breaths</del>",
                        "<ins>tree, both, 4 breaths</ins>");
        HttpResponse<String> taken = mend(finding, "Do it on both sides, right first");
        assertThat(taken.statusCode()).isEqualTo(200);
        assertThat(taken.body()).doesNotContain("row-mark w-must").contains("data-name=\"Tree\"");
        assertThat(page()).doesNotContain("1 to mend").contains("title=\"mend: Do it on both sides, right first\"");
        http.htmx("/classes/" + id + "/undo", "version", version(), "view", "");
        assertThat(page()).contains("1 to mend");
    }

    @Test
    void aMendThatIsNoLongerOnOfferIsRefusedInWords() {
        String finding = key("sides-uneven");
        HttpResponse<String> other = mend(finding, "Do it on three sides");
        assertThat(other.statusCode()).isEqualTo(422);
        assertThat(other.body()).contains("no longer on offer");
        mend(finding, "Do it on both sides, right first");
        assertThat(mend(finding, "Do it on both sides, right first").statusCode())
                .isEqualTo(422);
        assertThat(http.get("/classes/" + id + "/mends?finding=" + finding).body())
                .contains("it is yours");
    }

    @Test
    void aCheckIsMutedWithAReasonAndSpeaksAgain() {
        http.htmx(
                "/classes/" + id + "/mute",
                "rule",
                "sides-uneven",
                "at",
                row("Tree"),
                "why",
                "sore knee",
                "version",
                version(),
                "view",
                "");
        assertThat(page()).doesNotContain("1 to mend");
        String panel = http.get("/classes/" + id + "/panel?node=checks").body();
        assertThat(panel).contains("1 kept silent", "Because: sore knee");
        assertThat(http.get("/classes/" + id + "/report").body()).contains("Because: sore knee");
        http.htmx(
                "/classes/" + id + "/unmute",
                "rule",
                "sides-uneven",
                "at",
                row("Tree"),
                "version",
                version(),
                "view",
                "");
        assertThat(page()).contains("1 to mend");
        http.htmx("/classes/" + id + "/mute", "rule", "sides-uneven", "at", "class", "version", version(), "view", "");
        assertThat(page()).doesNotContain("1 to mend");
        http.htmx(
                "/classes/" + id + "/unmute", "rule", "sides-uneven", "at", "class", "version", version(), "view", "");
        assertThat(page()).contains("1 to mend");
    }

    @Test
    void aMuteThatCannotBeIsRefusedAndNothingIsLost() {
        HttpResponse<String> unknown = http.htmx(
                "/classes/" + id + "/mute",
                "rule",
                "no-such",
                "at",
                "class",
                "why",
                "so",
                "version",
                version(),
                "view",
                "");
        assertThat(unknown.statusCode()).isEqualTo(422);
        assertThat(unknown.body()).contains("no check called", "You typed “so”");
        HttpResponse<String> gone = http.htmx(
                "/classes/" + id + "/mute", "rule", "sides-uneven", "at", "n999", "version", version(), "view", "");
        assertThat(gone.statusCode()).isEqualTo(422);
    }

    @Test
    void theGroupsNeedsAreChecked() {
        UUID group = app.bean(GroupStore.class)
                .create(
                        teacher,
                        new Group(
                                null,
                                "Friday",
                                DayOfWeek.FRIDAY,
                                LocalTime.NOON,
                                60,
                                Level.BEGINNER,
                                8,
                                Map.of(Need.KNEE, 2),
                                null,
                                "",
                                Group.Touch.UNKNOWN,
                                null));
        assertThat(http.get("/classes/" + id + "/panel?node=checks").body()).doesNotContain("For knee (2)");
        http.htmx("/classes/" + id + "/group", "value", "" + group);
        assertThat(http.get("/classes/" + id + "/panel?node=checks").body())
                .contains("For knee (2) a change is wanted at");
    }

    @Test
    void theReportAndTheDryRunSayTheSame() {
        String report = http.get("/classes/" + id + "/report").body();
        assertThat(report)
                .contains("1 to mend", "Tree, at 0:00", "Tree is done on the right only", "no medical device");
        String run = http.get("/classes/" + id + "/dry-run").body();
        assertThat(run)
                .contains("Tree is done on the right only")
                .containsPattern("data-at=\"0\"[^>]*data-pose=\"Tree\"");
        Http stranger = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        for (String path : new String[] {"report", "dry-run", "fit", "mends?finding=x"}) {
            assertThat(stranger.get("/classes/" + id + "/" + path).statusCode())
                    .as(path)
                    .isEqualTo(404);
        }
    }

    // --- fitting

    private String fit(String query) {
        return http.get("/classes/" + id + "/fit" + query).body();
    }

    @Test
    void fittingShowsWhatWouldChangeAndDoesItWhenAsked() {
        String shown = fit("?minutes=9&late=0&usual=on&open=on");
        assertThat(shown).contains("Fit <span>", "<th scope=\"row\">", "instead of", "Take it");
        HttpResponse<String> taken = http.htmx(
                "/classes/" + id + "/fit",
                "version",
                version(),
                "view",
                "",
                "minutes",
                "9",
                "late",
                "0",
                "usual",
                "on",
                "open",
                "on");
        assertThat(taken.statusCode()).isEqualTo(200);
        assertThat(page()).contains("value=\"9\"", "title=\"fit to 9:00\"");
        assertThat(fit("?minutes=9&late=0&usual=on&open=on")).contains("It fits as it is");
    }

    @Test
    void whatCannotBeDoneIsSaidWithByHowMuchAndWhatWouldHelp() {
        assertThat(fit("?minutes=240&late=0&usual=on"))
                .contains("It cannot be done with that", "misses 240:00 by")
                .doesNotContain("Take it");
        assertThat(http.htmx(
                                "/classes/" + id + "/fit",
                                "version",
                                version(),
                                "view",
                                "",
                                "minutes",
                                "240",
                                "late",
                                "0",
                                "usual",
                                "on")
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    void aNumberThatIsNoneIsSaidAtItsPlaceAndKept() {
        HttpResponse<String> answer = http.get("/classes/" + id + "/fit?minutes=an+hour&late=0&rounds=on");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .contains("value=\"an hour\"", "Minutes: a whole number")
                .containsPattern("name=\"rounds\"[^>]*checked");
        assertThat(http.get("/classes/" + id + "/fit?minutes=60&late=-5").body())
                .contains("Seconds late");
        assertThat(http.get("/classes/" + id + "/fit?minutes=5&late=900").body())
                .contains("nothing left of the class");
    }

    @Test
    void aLateStartSaysWhatRemains() {
        assertThat(fit("?minutes=8&late=20&usual=on&open=on")).contains("Before the rest there are", "remain");
    }

    @Test
    void roundsThatFillATimeAreOfferedOnBothSidesOfIt() {
        ClassId flow = app.newClass(
                teacher,
                "section salutations",
                "flow tide, 4 rounds, one side, 4 s a position",
                "raised arms, in",
                "standing fold, out",
                "end flow");
        String node = found(
                "data-row=\"([^\"]+)\" data-name=\"tide\"",
                http.get("/classes/" + flow).body());
        String rounds = http.get("/classes/" + flow + "/rounds?flow=" + node + "&minutes=1")
                .body();
        assertThat(rounds)
                .contains("1 min would be 7.50 rounds.", "data-set-rounds=\"6\"", "data-set-rounds=\"8\"", "1:04");
        assertThat(http.get("/classes/" + flow + "/rounds?flow=" + node + "&minutes=x")
                        .statusCode())
                .isEqualTo(422);
        assertThat(http.get("/classes/" + flow + "/rounds?flow=gone&minutes=5").body())
                .contains("no longer there");
    }

    @Test
    void aShorterCopyEndsOnTheMinute() {
        ClassId hour = app.newClass(
                teacher,
                "section standing",
                "chair, 8 breaths",
                "goddess, 8 breaths",
                "triangle, both, 8 breaths",
                "section rest",
                "bound angle, 60 breaths",
                "final rest, 4 min");
        HttpResponse<String> copied = http.post("/classes/" + hour + "/copy", "title", "Shorter", "slot", "17");
        String copy = http.get(Http.location(copied)).body();
        assertThat(copy).contains("Shorter").containsPattern("head-length fits");
    }
}
