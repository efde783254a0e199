package gurukram.web.courses;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.course.Cell;
import gurukram.core.course.Steps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.account.Zones;
import gurukram.web.courses.Courses.Look;
import gurukram.web.groups.Group;
import gurukram.web.groups.GroupStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassStore;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Courses, as a teacher goes through them. */
@ExtendWith(TestApp.Extension.class)
class CoursesTest {
    private final TestApp app;
    private Teacher teacher;
    private Http http;
    private UUID group;
    private LocalDate today;

    CoursesTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
        today = app.bean(Zones.class).today(teacher).with(TemporalAdjusters.nextOrSame(DayOfWeek.THURSDAY));
        group = app.bean(GroupStore.class)
                .create(
                        teacher,
                        new Group(
                                null,
                                "Thursday evening",
                                DayOfWeek.THURSDAY,
                                LocalTime.of(18, 30),
                                60,
                                Level.INTERMEDIATE,
                                12,
                                Map.of(),
                                null,
                                "",
                                new Group.Touch(0, 0, 0),
                                null));
    }

    private String[] form(String... changes) {
        List<String> fields = new ArrayList<>(List.of(
                "title",
                "",
                "group",
                group.toString(),
                "rhythm",
                "WEEKLY",
                "lessons",
                "6",
                "minutes",
                "",
                "first",
                today.toString(),
                "aim",
                "PEAK",
                "peak",
                "half-moon",
                "start",
                "3",
                "breaths",
                "5",
                "more",
                "1",
                "most",
                "10",
                "rounds",
                "2",
                "to-rounds",
                "4",
                "modes",
                "on",
                "alone",
                "on",
                "lighter",
                "4",
                "themes",
                ""));
        for (int i = 0; i < changes.length; i += 2) {
            int at = fields.indexOf(changes[i]);
            if (at % 2 == 0 && at >= 0) fields.set(at + 1, changes[i + 1]);
            else fields.addAll(Arrays.asList(changes[i], changes[i + 1]));
        }
        return fields.toArray(new String[0]);
    }

    private UUID made(String... changes) {
        HttpResponse<String> answer = http.post("/courses/new", form(changes));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return UUID.fromString(Http.location(answer).replaceFirst(".*/courses/", ""));
    }

    private Look look(UUID course) {
        return app.bean(Courses.class).look(teacher, course);
    }

    private String told(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return http.get(Http.location(answer)).body();
    }

    private String draft(UUID course, int n) {
        return told(http.post("/courses/" + course + "/lessons/" + n + "/draft"));
    }

    private ClassPlan plan(UUID course, int n) {
        return app.bean(ClassStore.class)
                .find(teacher, look(course).drafted().get(n).classId())
                .orElseThrow()
                .plan();
    }

    private void taught(UUID course, int n, int rung, String... more) {
        Look look = look(course);
        LocalDate day = look.days().get(n - 1);
        HttpResponse<String> log = http.post(
                "/logbook/by-hand", "class", look.drafted().get(n).classId().toString(), "line", day + ", 61 min");
        assertThat(log.statusCode()).as(log.body()).isEqualTo(302);
        List<String> tries = new ArrayList<>(List.of(
                "group",
                group.toString(),
                "rung",
                "" + rung,
                "day",
                day.toString(),
                "tries",
                "3",
                "clean",
                "3",
                "right",
                "",
                "left",
                "",
                "smooth",
                "on"));
        tries.addAll(List.of(more));
        assertThat(http.post("/ladders/half-moon/groups", tries.toArray(new String[0]))
                        .statusCode())
                .isEqualTo(302);
    }

    @Test
    void sixWeeksToHalfMoonWithAWeekMissedAndPain() {
        LocalDate first =
                today.with(TemporalAdjusters.previous(DayOfWeek.THURSDAY)).minusWeeks(7);
        UUID course = made("first", first.toString());
        assertThat(http.get("/courses/" + course).body())
                .contains(
                        "Half moon",
                        "Thursday evening",
                        "By the plan it comes to the pose itself.",
                        "not in the logbook");

        draft(course, 1);
        taught(course, 1, 3);
        draft(course, 2);
        taught(course, 2, 3);
        assertThat(look(course).stands()).as("two good classes on rung 3").isEqualTo(4);

        String missed = told(http.post("/courses/" + course + "/lessons/3/missed", "then", "off"));
        assertThat(missed)
                .contains("did not take place and is put off", "and what follows moves with it", "The course ends on");
        assertThat(look(course).days().get(2)).isEqualTo(first.plusWeeks(3));
        assertThat(look(course).days().get(5)).isEqualTo(first.plusWeeks(6));

        draft(course, 3);
        taught(course, 3, 4);
        draft(course, 4);
        taught(course, 4, 4);
        assertThat(look(course).cells().get(4).rung()).isEqualTo(5);
        told(http.post("/courses/" + course + "/draft"));
        taught(course, 5, 5, "pain", "on");

        Look after = look(course);
        assertThat(after.stands()).isEqualTo(4);
        assertThat(after.cells().get(5).rung())
                .as("all that follows steps back")
                .isEqualTo(4);
        assertThat(http.get("/courses/" + course).body())
                .contains("Drafted before this:", "has rung 4 instead of rung 5");
        draft(course, 6);

        PoseCatalogue poses = app.bean(gurukram.web.poses.Poses.class).of(teacher);
        Look end = look(course);
        assertThat(end.drafted()).hasSize(6);
        List<String> flow = null;
        assertThat(end.drafted().values().stream().map(KeptLesson::classId).distinct())
                .as("each its own class")
                .hasSize(6);
        for (int n = 1; n <= 6; n++) {
            ClassPlan plan = plan(course, n);
            assertThat(app.bean(ClassEditor.class)
                            .unfolderOf(teacher)
                            .unfold(plan, null)
                            .totalMs())
                    .as("week " + n)
                    .isBetween(3_570_000L, 3_630_000L);
            Flow main =
                    (Flow) plan.find(new NodeId(end.drafted().get(n).flow())).orElseThrow();
            if (flow == null) flow = main.poses();
            assertThat(main.poses()).as("the same flow grows").isEqualTo(flow);
            Cell cell = end.drafted().get(n).cell();
            assertThat(main.settings().rounds()).isEqualTo(cell.doneRounds());
            assertThat(poses.ladder("half-moon")
                            .orElseThrow()
                            .rungOf(plan.settings().peak()))
                    .isBetween(1, cell.rung());
            assertThat(plan.settings().starts()).isEqualTo("18:30");
        }
        assertThat(plan(course, 6).settings().peak()).isNotEqualTo("half-moon");
        byte[] sheet = http.bytes("/courses/" + course + "/overview.pdf");
        assertThat(new String(sheet, 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    @Test
    void twentyOneDaysOfTenMinutesHaveTheirDayAreaAndPercent() {
        String page = http.get("/courses/new?kind=days").body();
        assertThat(page).contains("hips, shoulders", "value=\"21\"", "value=\"10\"");
        UUID course = made(
                "rhythm",
                "DAILY",
                "lessons",
                "21",
                "minutes",
                "10",
                "first",
                "2027-03-01",
                "aim",
                "THEME",
                "theme",
                "a little every day",
                "themes",
                "hips, shoulders, twists",
                "lighter",
                "");
        String shown = http.get("/courses/" + course).body();
        assertThat(shown).contains("Day 3 of 21, 14.3 %", "Wed 3 March", "twists");
        draft(course, 3);
        ClassPlan plan = plan(course, 3);
        assertThat(plan.settings().title()).isEqualTo("A little every day, day 3 of 21");
        assertThat(plan.settings().theme().title()).isEqualTo("twists");
        assertThat(look(course).drafted().get(3).lengthMs()).isBetween(570_000L, 630_000L);
    }

    @Test
    void aSalutationIsKnownAloneAtTheEnd() {
        UUID course = made("aim", "SALUTATION", "salutation", "salutation a", "lessons", "4", "lighter", "");
        draft(course, 1);
        draft(course, 4);
        for (int n : new int[] {1, 4}) {
            Flow flow = (Flow) plan(course, n)
                    .find(new NodeId(look(course).drafted().get(n).flow()))
                    .orElseThrow();
            assertThat(flow.settings().name()).isEqualTo("salutation A");
            assertThat(flow.settings().rounds())
                    .isEqualTo(look(course).cells().get(n - 1).rounds());
        }
        Flow last = (Flow) plan(course, 4)
                .find(new NodeId(look(course).drafted().get(4).flow()))
                .orElseThrow();
        assertThat(last.texts().note()).contains("Alone:");
    }

    @Test
    void twelvePositionsAreLearntToo() {
        UUID course = made("aim", "SALUTATION", "salutation", "twelve positions B", "lessons", "4", "lighter", "");
        draft(course, 1);
        Flow flow = (Flow) plan(course, 1)
                .find(new NodeId(look(course).drafted().get(1).flow()))
                .orElseThrow();
        assertThat(flow.steps()).hasSize(12);
        assertThat(http.get("/").body()).contains("This week");
        assertThat(http.post("/courses/new", form("aim", "SALUTATION", "salutation", "twelve positions Z"))
                        .body())
                .contains("Choose the salutation");
    }

    @Test
    void aCellIsChangedAndWhatFollowsChangesWithIt() {
        UUID course = made();
        String told = told(http.post(
                "/courses/" + course + "/lessons/3",
                "day",
                today.plusWeeks(2).toString(),
                "rung",
                "",
                "breaths",
                "5",
                "rounds",
                "",
                "mode",
                "",
                "alone",
                "",
                "load",
                "",
                "theme",
                "harbour lights"));
        assertThat(told).contains("Week 3 has 5 breaths instead of 7 breaths", "harbour lights", "Changed by you");
        assertThat(look(course).cells().get(5).breaths()).isEqualTo(8);
        String wrong = http.post("/courses/" + course + "/lessons/3", "day", "soon", "breaths", "many", "theme", "x")
                .body();
        assertThat(wrong).contains("“soon” is no day.", "a whole number from 1 to 60", "value=\"many\"");
        assertThat(http.post(
                                "/courses/" + course + "/lessons/3",
                                "day",
                                today.toString(),
                                "theme",
                                "harbour lights",
                                "breaths",
                                "5")
                        .body())
                .contains("That is not after the week before it.");
    }

    @Test
    void aWeekThatFellOutCanBeLeftOut() {
        UUID course = made("lessons", "5");
        told(http.post("/courses/" + course + "/draft"));
        assertThat(look(course).drafted().get(5).title()).isEqualTo("Half moon, week 5 of 5");
        assertThat(http.get("/").body())
                .contains("Half moon, week 1 of 5", "4 classes more stand in your courses")
                .doesNotContain("week 2 of 5", "week 5 of 5");
        String classOfFour = look(course).drafted().get(4).classId().toString();
        String told = told(http.post("/courses/" + course + "/lessons/3/missed", "then", "out"));
        assertThat(told).contains("There are 4 weeks instead of 5.", "It still ends on");
        assertThat(look(course).drafted().get(3).classId().toString()).isEqualTo(classOfFour);
        assertThat(look(course).drafted()).hasSize(4);
        assertThat(told(http.post("/courses/" + course + "/back")))
                .contains("Taken back.", "There are 5 weeks instead of 4.");
        assertThat(look(course).drafted()).hasSize(5);
        assertThat(look(course).drafted().get(4).classId().toString()).isEqualTo(classOfFour);
        assertThat(look(course).days().get(2)).isEqualTo(today.plusWeeks(2));
        assertThat(http.post("/courses/" + course + "/back").body()).contains("There is nothing to take back.");
    }

    @Test
    void aWeekPutOffByMistakeIsTakenBackWithWhatWasDraftedSince() {
        UUID course = made();
        told(http.post("/courses/" + course + "/lessons/2/missed", "then", "off"));
        draft(course, 1);
        assertThat(look(course).days().get(1)).isEqualTo(today.plusWeeks(2));
        told(http.post("/courses/" + course + "/back"));
        assertThat(look(course).days().get(1)).isEqualTo(today.plusWeeks(1));
        assertThat(look(course).drafted()).containsKey(1);
    }

    @Test
    void aClassChangedByHandIsNotLostWhenItIsDraftedAgain() {
        UUID course = made();
        draft(course, 1);
        var first = look(course).drafted().get(1).classId();
        draft(course, 1);
        assertThat(app.bean(ClassStore.class).find(teacher, first))
                .as("nobody had touched it")
                .isEmpty();
        var second = look(course).drafted().get(1).classId();
        HttpResponse<String> edited =
                http.post("/classes/" + second + "/edit", "version", "0", "line", "mountain, 3 breaths");
        assertThat(edited.statusCode()).isNotEqualTo(500);
        app.bean(JdbcClient.class)
                .sql("update yoga_class set head = 1 where id = ?")
                .param(second.value())
                .update();
        assertThat(look(course).drafted().get(1).edited()).isTrue();
        draft(course, 1);
        assertThat(app.bean(ClassStore.class).find(teacher, second))
                .as("it stays beside the new one")
                .isPresent();
    }

    @Test
    void aHolidayPutsOffAndWhatIsTaughtStays() {
        UUID course = made("first", today.toString());
        String told = told(http.post(
                "/courses/" + course + "/holiday",
                "from",
                today.plusDays(7).toString(),
                "to",
                today.plusDays(14).toString()));
        assertThat(told).contains("Nothing from", "Week 2 is on");
        assertThat(look(course).days().get(1)).isEqualTo(today.plusWeeks(3));
        assertThat(http.post("/courses/" + course + "/holiday", "from", "", "to", "")
                        .body())
                .contains("Choose a day.");
        assertThat(http.post(
                                "/courses/" + course + "/holiday",
                                "from",
                                today.plusDays(3).toString(),
                                "to",
                                today.toString())
                        .body())
                .contains("The holiday ends before it begins.");
    }

    @Test
    void whatCannotBeIsSaidAtItsFieldAndNothingIsLost() {
        HttpResponse<String> answer = http.post(
                "/courses/new",
                form(
                        "lessons",
                        "40",
                        "most",
                        "3",
                        "to-rounds",
                        "1",
                        "group",
                        "nobody",
                        "peak",
                        "",
                        "first",
                        "later",
                        "title",
                        "My <course>"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .contains(
                        "from 4 to 12",
                        "At most 3 is less than the 5",
                        "rounds do not grow down",
                        "Choose whom the course is for.",
                        "Choose the pose it leads to.",
                        "“later” is no day.",
                        "My &lt;course&gt;");
    }

    @Test
    void aCourseOfWeeksIsOnTheDayOfItsGroup() {
        HttpResponse<String> answer =
                http.post("/courses/new", form("first", today.plusDays(1).toString()));
        assertThat(answer.body())
                .contains(
                        "is not the day “Thursday evening” meets",
                        today.plusWeeks(1).toString());
        assertThat(made("first", today.plusDays(1).toString(), "rhythm", "DAILY", "lessons", "7"))
                .isNotNull();
    }

    @Test
    void thePeakIsHeldAsItUsuallyIsUnlessSomebodySaysOtherwise() {
        UUID course = made("breaths", "", "most", "");
        assertThat(look(course).kept().course().growth().breaths()).isEqualTo(new Steps(2, 1, 5));
        assertThat(http.get("/courses/" + course).body()).doesNotContain("usually held");
        assertThat(http.get("/courses/" + made()).body())
                .contains("Half moon is usually held 2 to 5 breaths at this level; this course comes to 10.");
    }

    @Test
    void whatIsNotForTheGroupIsSaidOnTheCourse() {
        UUID course = made("peak", "crow");
        assertThat(http.get("/courses/" + course).body()).contains("Crow: first tries want a teacher who watches");
    }

    @Test
    void aCourseOfAGroupThatIsGoneSaysSo() {
        UUID course = made();
        told(http.post("/courses/" + course + "/lessons/1/missed", "then", "off"));
        http.post("/groups/" + group + "/remove");
        assertThat(http.get("/courses/" + course).body()).contains("Its group is gone.");
        told(http.post("/courses/" + course + "/back"));
        assertThat(look(course).group())
                .as("nor does it come back with what is taken back")
                .isNull();
        assertThat(http.post("/courses/" + course + "/lessons/1/draft").body())
                .contains("The group of this course is gone");
        assertThat(http.post("/courses/" + course + "/remove").statusCode()).isEqualTo(302);
        assertThat(http.get("/courses/" + course).statusCode()).isEqualTo(404);
    }

    @Test
    void aCourseToAPoseThatIsGoneSaysSo() {
        UUID course = made();
        app.bean(JdbcClient.class)
                .sql("update course set course = jsonb_set(course, '{aim,value}', '\"my-lost-pose\"') where id = ?")
                .param(course)
                .update();
        assertThat(http.get("/courses/" + course).statusCode()).isEqualTo(200);
        assertThat(http.get("/calendar").statusCode()).isEqualTo(200);
        assertThat(http.get("/courses/" + course + "/change").statusCode()).isEqualTo(200);
        assertThat(http.post("/courses/" + course + "/lessons/1/draft").body())
                .contains("The pose this course leads to is gone.");
    }

    @Test
    void nothingLeadsBeyondWhereTheGroupStandsWhenItIsDraftedAhead() {
        UUID course = made("start", "1", "lessons", "12");
        told(http.post("/courses/" + course + "/lessons/12/draft"));
        Look look = look(course);
        assertThat(look.cells().get(11).rung()).isGreaterThan(1);
        assertThat(plan(course, 12).settings().peak()).isEqualTo("triangle");
        assertThat(look.drafted().get(12).words().get(0))
                .contains("the group stands on 1, and the class leads no higher");
    }
}
