package gurukram.web.drafts;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.ClassSummary;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(TestApp.Extension.class)
class DraftsTest {
    private static final List<String> BRIEF = List.of(
            "peak",
            "half-moon",
            "theme",
            "",
            "sentence",
            "",
            "minutes",
            "45",
            "style",
            "VINYASA",
            "level",
            "INTERMEDIATE",
            "first",
            "RIGHT",
            "flavour",
            "STEADY",
            "lately",
            "vary",
            "in",
            "",
            "out",
            "");

    private final TestApp app;
    private Teacher teacher;
    private Http http;
    private DraftStore store;

    DraftsTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        store = app.bean(DraftStore.class);
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private static String[] brief(String... changes) {
        List<String> fields = new ArrayList<>(BRIEF);
        for (int i = 0; i < changes.length; i += 2) {
            int at = fields.indexOf(changes[i]);
            if (at % 2 == 0 && at >= 0) fields.set(at + 1, changes[i + 1]);
            else fields.addAll(Arrays.asList(changes[i], changes[i + 1]));
        }
        return fields.toArray(new String[0]);
    }

    private String draft(String... changes) {
        HttpResponse<String> answer = http.post("/drafts", brief(changes));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return Http.location(answer);
    }

    /** The addresses of the drafts on the page of a set. */
    private List<String> drafts(String set) {
        Matcher m = Pattern.compile("class=\"class-name\" href=\"(/drafts/[0-9a-f-]{36})\"")
                .matcher(http.get(set).body());
        List<String> found = new ArrayList<>();
        while (m.find()) found.add(m.group(1));
        return found;
    }

    private ClassPlan plan(String draft) {
        return store.find(teacher, UUID.fromString(draft.substring("/drafts/".length())))
                .orElseThrow()
                .plan();
    }

    @Test
    void whereAShortClassFlowsLessThanIsUsualItSaysWhy() {
        String less = "less than is usual, as 30 minutes leave no more beside what leads to the peak";
        String set = draft("peak", "bird-of-paradise", "minutes", "30", "level", "ADVANCED");
        assertThat(http.get(set).body()).contains(less);
        assertThat(http.get(drafts(set).get(0)).body()).contains("in flows, the rest held");
        assertThat(http.get(draft("minutes", "60")).body()).doesNotContain("less than is usual");
    }

    @Test
    void theBriefHasADefaultForEverythingAndPeaksAreDrawn() {
        String page = http.get("/drafts/new").body();
        assertThat(page).contains("Half moon", "figure.svg", "no peak: the theme leads", "value=\"60\"");
        assertThat(http.get("/drafts/new?peak=dancer").body()).containsPattern("value=\"dancer\" checked");
        assertThat(http.get("/").body()).contains("/drafts/new");
        assertThat(http.get("/ladders/dancer").body()).contains("/drafts/new?peak=dancer");
    }

    @Test
    void aBriefGivesThreeDraftsThatAreTrulyDifferent() {
        String set = draft();
        String page = http.get(set).body();
        assertThat(page).contains("Idea 1", "Idea 3", "demands prepared", "45 min vinyasa, intermediate");
        List<String> drafts = drafts(set);
        assertThat(drafts).hasSize(3);
        assertThat(plan(drafts.get(0))).isNotEqualTo(plan(drafts.get(1)));
    }

    @Test
    void threeOtherIdeasAreOthers() {
        String set = draft();
        List<ClassPlan> before = drafts(set).stream().map(this::plan).toList();
        String more = Http.location(http.post(set + "/more"));
        assertThat(more).isNotEqualTo(set);
        assertThat(drafts(more))
                .hasSize(3)
                .allSatisfy(draft -> assertThat(before).doesNotContain(plan(draft)));
    }

    @Test
    void aDraftTellsWhyEachPoseIsThereAndWhatPreparesWhat() {
        String page = http.get(drafts(draft()).get(0)).body();
        assertThat(page)
                .contains(
                        "asked for by half moon",
                        "What half moon asks for",
                        "one leg balance",
                        "3 of 3",
                        "The peak: asks for",
                        "class=\"right-bar\"",
                        "Again, but");
        assertThat(page).doesNotContain("not prepared yet");
    }

    @Test
    void openingADraftMakesAClassOfIt() {
        String draft = drafts(draft("theme", "Stand on little")).get(1);
        HttpResponse<String> answer = http.post(draft + "/open");
        assertThat(Http.location(answer)).startsWith("/classes/");
        String page = http.get(Http.location(answer)).body();
        assertThat(page).contains("Stand on little", "Half moon");
        String node = Pattern.compile("data-node=\"([^\"]+)\"[^>]*data-name=\"Half moon\"|data-name=\"Half moon\"")
                        .matcher(page)
                        .find()
                ? "there"
                : "";
        assertThat(node).isEqualTo("there");
    }

    @Test
    void whatCannotBeTakenIsSaidBesideItAndNothingTypedIsLost() {
        Map<String, List<String>> wrong = Map.of(
                "minutes", List.of("soon", "a whole number from 10 to 120"),
                "peak", List.of("no-such-pose", "There is no such pose to lead to."),
                "in", List.of("hafl moon", "I know no pose called “hafl moon”. Maybe: Half moon"),
                "out", List.of("half moon", "The peak itself cannot be left out."),
                "style", List.of("DISCO", "Please choose one of the list."),
                "level", List.of("", "Please choose one of the list."),
                "group", List.of(UUID.randomUUID().toString(), "Something here cannot be taken yet"),
                "theme", List.of("x".repeat(200), "A theme"));
        wrong.forEach((field, typedAndSaid) -> {
            HttpResponse<String> answer = http.post("/drafts", brief(field, typedAndSaid.get(0)));
            assertThat(answer.statusCode()).as(field).isEqualTo(422);
            assertThat(answer.body()).as(field).contains(typedAndSaid.get(1), "Nothing you typed is lost");
            if (List.of("minutes", "in", "out", "theme").contains(field))
                assertThat(answer.body()).contains("value=\"" + typedAndSaid.get(0) + "\"");
        });
        assertThat(http.post("/drafts", brief("peak", "")).body()).contains("Choose a peak, or give the class a theme");
        assertThat(http.post("/drafts", brief("in", "tree", "out", "tree")).body())
                .contains("A pose cannot be both in and out.");
    }

    @Test
    void lettersThatCannotBeKeptDoNoHarm() {
        assertThat(drafts(draft("theme", "Har\u0000bour\u0007 light"))).hasSize(3);
        HttpResponse<String> answer = http.post("/drafts", brief("first", "UP"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Please choose one of the list.");
    }

    @Test
    void aThemeAloneLeadsSomewhere() {
        String set = draft("peak", "", "theme", "Like a mast in the wind", "style", "HATHA");
        String page = http.get(drafts(set).get(0)).body();
        assertThat(page)
                .contains(
                        "Like a mast in the wind",
                        "Meets the theme: ",
                        "What will you say when they fold?".toLowerCase());
        assertThat(plan(drafts(set).get(0)).settings().peak()).isNotNull();
    }

    @Test
    void aPeakThatIsNotAllowedSaysWhichRungItLeadsToAndWhy() {
        String set = draft("peak", "handstand", "level", "BEGINNER");
        assertThat(http.get(set).body()).contains("Handstand: it is for advanced classes.");
        String supervised = draft("peak", "crow", "supervised", "on");
        assertThat(http.get(supervised).body()).contains("<span>Crow, ").doesNotContain("four mats.");
    }

    @Test
    void whatIsLockedStaysWhenAWishIsGranted() {
        String draft = drafts(draft("minutes", "60")).get(0);
        Flow flow = flow(plan(draft));
        http.post(draft + "/lock", "part", flow.id().value());
        assertThat(http.get(draft).body()).contains(">Locked<");
        String gentler = Http.location(http.post(draft + "/wish", "wish", "GENTLER"));
        assertThat(flow(plan(gentler)).steps()).isEqualTo(flow.steps());
        assertThat(http.get(gentler).body()).contains("Half moon: you asked for something gentler.");
        assertThat(plan(gentler).settings().peak()).isEqualTo("half-moon-block");

        String shorter = Http.location(http.post(gentler + "/wish", "wish", "SHORTER"));
        assertThat(plan(shorter).settings().slotMinutes()).isEqualTo(45);
        String back = Http.location(http.post(shorter + "/wish", "wish", "GENTLER"));
        assertThat(plan(back).settings().peak()).isEqualTo("half-moon");
        http.post(back + "/lock", "part", flow.id().value());
        assertThat(http.get(back).body()).doesNotContain(">Locked<");
    }

    private static Flow flow(ClassPlan plan) {
        return plan.sections().stream()
                .filter(section -> section.role() == SectionRole.STANDING)
                .flatMap(section -> section.items().stream())
                .filter(Flow.class::isInstance)
                .map(Flow.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void noWristsTonightPutsNoWeightOnTheHands() {
        String draft = Http.location(http.post(drafts(draft()).get(0) + "/wish", "wish", "NO_WRISTS"));
        plan(draft).walk(node -> {
            if (node instanceof Step step && step.pose() != null)
                assertThat(app.bean(PoseCatalogue.class).pose(step.pose()).wristLoad())
                        .as(step.pose())
                        .isFalse();
        });
        assertThat(http.get(draft).body()).contains("Left out, and why", "it puts weight on the hands");
    }

    @Test
    void draftsBelongToTheirTeacherAndOldOnesGo() {
        String set = draft();
        String draft = drafts(set).get(0);
        Http other = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(other.get(draft).statusCode()).isEqualTo(404);
        assertThat(other.get(set).statusCode()).isEqualTo(404);
        assertThat(other.post(draft + "/open").statusCode()).isEqualTo(404);
        assertThat(other.post(draft + "/lock", "part", "x").statusCode()).isEqualTo(404);
        assertThat(http.post(draft + "/wish", "wish", "LOUDER").statusCode()).isEqualTo(404);
        assertThat(http.post(draft + "/lock", "part", "nowhere").statusCode()).isEqualTo(404);
        assertThat(http.get("/drafts/not-a-draft").statusCode()).isIn(400, 404);
        for (int i = 0; i < 12; i++) http.post(draft + "/wish", "wish", "GENTLER");
        assertThat(http.get(set).statusCode()).as("thirteen sets later").isEqualTo(200);
        JdbcClient jdbc = app.bean(JdbcClient.class);
        String older = "update draft set made_at = made_at - make_interval(days => :days) where set_id = :set";
        UUID id = UUID.fromString(set.substring(set.lastIndexOf('/') + 1));
        jdbc.sql(older).param("days", 89).param("set", id).update();
        http.post(draft + "/wish", "wish", "GENTLER");
        assertThat(http.get(set).statusCode()).as("89 days later").isEqualTo(200);
        jdbc.sql(older).param("days", 2).param("set", id).update();
        http.post(draft + "/wish", "wish", "GENTLER");
        assertThat(http.get(set).statusCode()).as("91 days later").isEqualTo(404);
    }

    @Test
    void aGroupGivesItsSlotItsNeedsAndItsRung() {
        GroupStore groups = app.bean(GroupStore.class);
        Group tuesday = Group.of("Tuesday tide", DayOfWeek.TUESDAY, LocalTime.of(18, 0), 45, Level.INTERMEDIATE);
        UUID id = groups.create(teacher, tuesday);
        assertThat(http.get("/drafts/new?group=" + id).body()).contains("Tuesday tide", "value=\"45\"");
        String ladder = "/ladders/dancer/groups";
        String[] tries = {
            "group", id.toString(), "rung", "4", "day", "2026-03-02", "tries", "3", "clean", "3", "smooth", "on"
        };
        assertThat(http.post(ladder, tries).statusCode()).isEqualTo(302);
        assertThat(http.get(ladder).body())
                .contains(
                        "rung 4 of 7", "One good session on rung 4", "2026-03-02, rung 4: 3 of 3 clean, breath smooth");
        String out = http.get(ladder).body().replaceAll("(?s).*action=\"([^\"]+/out)\".*", "$1");
        assertThat(http.post(out).statusCode()).isEqualTo(302);
        assertThat(http.get(ladder).body()).contains("rung 1 of 7").doesNotContain("3 of 3 clean");
        assertThat(http.post(out).statusCode()).isEqualTo(404);
        http.post(ladder, tries);
        String set = draft("peak", "dancer", "group", id.toString());
        assertThat(http.get(set).body()).contains("Dancer: the group stands on rung 4.");
        String opened = Http.location(http.post(drafts(set).get(0) + "/open"));
        ClassSummary made = app.bean(ClassStore.class).summaries(teacher).get(0);
        assertThat(opened).isEqualTo("/classes/" + made.id());
        assertThat(made.group()).isEqualTo(id);
    }

    @Test
    void triesThatCannotBeAreSaidBesideTheirFields() {
        UUID id = app.bean(GroupStore.class)
                .create(teacher, Group.of("Noon", DayOfWeek.MONDAY, LocalTime.NOON, 60, Level.BEGINNER));
        Map<String, List<String>> wrong = Map.of(
                "rung", List.of("9", "from 1 to 8"),
                "day", List.of("+999999999-01-01", "A day between 2000 and 2100"),
                "tries", List.of("0", "from 1 to 50"),
                "clean", List.of("7", "7 clean tries are more than the 3 there were"),
                "right", List.of("12", "both sides"),
                "group", List.of("nobody", "Please choose a group."));
        wrong.forEach((field, typedAndSaid) -> {
            List<String> fields = new ArrayList<>(
                    List.of("group", id.toString(), "rung", "2", "day", "2026-03-02", "tries", "3", "clean", "3"));
            int at = fields.indexOf(field);
            if (at >= 0) fields.set(at + 1, typedAndSaid.get(0));
            else fields.addAll(List.of(field, typedAndSaid.get(0)));
            HttpResponse<String> answer = http.post("/ladders/crow/groups", fields.toArray(new String[0]));
            assertThat(answer.statusCode()).as(field).isEqualTo(422);
            assertThat(answer.body()).as(field).contains(typedAndSaid.get(1));
        });
        assertThat(http.get("/ladders/nowhere/groups").statusCode()).isEqualTo(404);
    }

    @Test
    void anExistingClassIsLedToAPeakAndDrawnAgain() {
        ClassId id = app.newClass(
                teacher,
                "section arrive",
                "easy seat, 1 min open",
                "section standing",
                "warrior 2, both, 5 breaths",
                "triangle, both, 5 breaths",
                "section rest",
                "final rest, 300 s",
                "section close",
                "closing seat, 4 breaths");
        assertThat(http.get("/drafts/from/" + id).body()).contains("Lead me there", "Half moon");
        String led = Http.location(http.post("/drafts/from/" + id + "/lead", "peak", "tree"));
        assertThat(http.get(led).body()).contains("What tree asks for", "Warrior 2", "The peak: asks for");
        HttpResponse<String> nowhere = http.post("/drafts/from/" + id + "/lead", "peak", "");
        assertThat(nowhere.statusCode()).isEqualTo(422);
        assertThat(nowhere.body()).contains("Choose a peak to lead to.");
        String gentler = Http.location(http.post("/drafts/from/" + id + "/wish", "wish", "MORE_FLOOR"));
        assertThat(http.get(gentler).statusCode()).isEqualTo(200);
        Http other = Http.on(app).signedIn(app.newTeacher().email(), TestApp.PASSWORD);
        assertThat(other.get("/drafts/from/" + id).statusCode()).isEqualTo(404);
        assertThat(other.post("/drafts/from/" + id + "/lead", "peak", "tree").statusCode())
                .isEqualTo(404);
    }

    @Test
    void ownWordsForThemesAreKeptAndUnderstood() {
        HttpResponse<String> wrong = http.post("/poses/words", "words", "driftwood: hafl moon");
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(wrong.body()).contains("Line 1", "hafl moon", "driftwood");
        assertThat(http.post("/poses/words", "words", "driftwood: bow 3, spine extension 2")
                        .statusCode())
                .isEqualTo(302);
        assertThat(http.get("/poses/words").body()).contains("driftwood: bow 3");
        String draft = drafts(draft("peak", "", "theme", "Driftwood")).get(0);
        assertThat(http.get(draft).body()).contains("Meets the theme: driftwood.");
    }

    @Test
    void aPhraseIsFoundInTheBookAndAnotherTakesItsPlace() {
        String draft = drafts(draft("minutes", "60")).get(0);
        Flow flow = flow(plan(draft));
        String page = http.get(draft).body();
        assertThat(page).contains("In the phrase book: ", "Another phrase instead of ");
        http.post(draft + "/phrase", "part", flow.id().value());
        Flow other = flow(plan(draft));
        assertThat(other.id()).isEqualTo(flow.id());
        assertThat(other.settings().name()).isNotEqualTo(flow.settings().name());
        http.post(draft + "/lock", "part", flow.id().value());
        http.post(draft + "/phrase", "part", flow.id().value());
        assertThat(flow(plan(draft)).settings().name())
                .as("what is locked stays")
                .isEqualTo(other.settings().name());
        assertThat(http.post(draft + "/phrase", "part", "nothing").statusCode()).isEqualTo(404);
    }

    @Test
    void whileABriefIsWrittenItSaysWhereItWillLead() {
        String crow =
                "/drafts/outlook?minutes=60&style=VINYASA&level=INTERMEDIATE&first=RIGHT&flavour=STEADY&peak=crow";
        assertThat(http.get(crow).body())
                .contains("It leads to crow, feet down, and not to crow itself.", "at most four mats", "Ideas: ");
        assertThat(http.get(crow + "&supervised=on").body()).contains("It leads to crow.");
        assertThat(http.get(crow + "&theme=Marmalade+on+the+tide").body())
                .contains("<q>marmalade</q>", "Teach them")
                .doesNotContain("<q>tide</q>");
        assertThat(http.get(crow.replace("minutes=60", "minutes=soon")).body())
                .as("nothing is said while something cannot be taken")
                .doesNotContain("It leads");
    }
}
