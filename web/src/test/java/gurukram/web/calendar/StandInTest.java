package gurukram.web.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Maren cannot teach on a Monday and asks Kai, whom she knows from a studio. */
@ExtendWith(TestApp.Extension.class)
class StandInTest {
    private static final Pattern DATE = Pattern.compile("/stand-ins/[0-9a-f-]{36}");

    private final TestApp app;
    private final JdbcClient jdbc;
    private final Teacher maren;
    private final Teacher kai;
    private final Http marens;
    private final Http kais;
    private final UUID studio;
    private final UUID group;
    private final LocalDate monday;
    private final String date;

    StandInTest(TestApp app) {
        this.app = app;
        jdbc = app.bean(JdbcClient.class);
        maren = teacher("Maren");
        kai = teacher("Kai");
        marens = Http.on(app).signedIn(maren.email(), TestApp.PASSWORD);
        kais = Http.on(app).signedIn(kai.email(), TestApp.PASSWORD);
        String where = Http.location(marens.post("/studios", "name", "The Ropewalk"));
        studio = UUID.fromString(where.substring("/studios/".length()));
        join(kai, "substitute");
        group = group(maren, "Low tide");
        monday = LocalDate.now().plusWeeks(1).with(TemporalAdjusters.nextOrSame(java.time.DayOfWeek.MONDAY));
        date = "/calendar/groups/" + group + "/" + monday;
    }

    private Teacher teacher(String name) {
        Teacher made = app.newTeacher();
        jdbc.sql("update teacher set name = ? where studio_id = ? and id = ?")
                .params(name, made.studio(), made.id())
                .update();
        return new Teacher(made.id(), made.studio(), made.email(), name, made.demo());
    }

    private void join(Teacher teacher, String role) {
        jdbc.sql("""
                        insert into house_member (studio_id, teacher_id, role, joined_at) values (?, ?, ?, now())
                        on conflict (studio_id, teacher_id) do update set role = excluded.role""").params(studio, teacher.id(), role).update();
    }

    private UUID group(Teacher teacher, String name) {
        UUID id = UUID.randomUUID();
        jdbc.sql("""
                        insert into class_group (studio_id, id, teacher_id, name, weekday, starts_at, slot_minutes, level, mats, needs, school,
                                                 touch_welcome, touch_ask, touch_none)
                        values (?, ?, ?, ?, 1, '18:00', 60, 'BEGINNER', 9, '{"WRIST": 2}', '', 0, 0, 0)""").params(teacher.studio(), id, teacher.id(), name).update();
        return id;
    }

    private int ask(Teacher whom) {
        return marens.post(date + "/stand-in", "whom", studio + " " + whom.id()).statusCode();
    }

    private String week(Http http, LocalDate day) {
        return http.get("/calendar/week?day=" + day).body();
    }

    /** Where the date stands for Kai. */
    private String kaisDate() {
        Matcher found = DATE.matcher(week(kais, monday));
        assertThat(found.find()).as("it stands in the week of who is asked").isTrue();
        return found.group();
    }

    private void keep(String... more) {
        List<String> fields = new java.util.ArrayList<>(List.of("starts", "18:00", "day", monday.toString()));
        for (int i = 0; i < more.length; i += 2) {
            int at = fields.indexOf(more[i]);
            if (at >= 0) fields.set(at + 1, more[i + 1]);
            else fields.addAll(List.of(more[i], more[i + 1]));
        }
        assertThat(marens.post(date, fields.toArray(String[]::new)).statusCode())
                .isEqualTo(302);
    }

    private List<String> mailed(Teacher to) {
        return jdbc.sql("select subject from outgoing_mail where recipient = ? order by made_at")
                .param(to.email())
                .query(String.class)
                .list();
    }

    @Test
    void sheIsAskedSaysYesAndTeachesTheClassThatIsPlanned() {
        ClassId tide = app.newClass(maren, "standing:", "tree, both, 5 breaths", "triangle, both, 5 breaths");
        keep("class", tide.toString());
        ask(kai);
        assertThat(week(kais, monday))
                .contains("Low tide, for " + maren.name(), "you are asked", "18:00", "there is a class for it")
                .doesNotContain("no class yet");
        assertThat(marens.get(date).body()).contains("Kai is asked", "Ask nobody");
        assertThat(week(marens, monday)).contains(kai.name() + " is asked").doesNotContain(kai.name() + " teaches it");
        assertThat(mailed(kai)).containsExactly(maren.name() + " asks you to stand in: Low tide");
        String at = kaisDate();
        String page = kais.get(at).body();
        assertThat(page)
                .contains("asks whether you can teach it", "9 mats", "wrist", "beginner", "I teach it", "For tonight");

        kais.post(at, "answer", "yes");
        assertThat(week(marens, monday)).contains(kai.name() + " teaches it").doesNotContain("is asked");
        assertThat(week(kais, monday)).doesNotContain("you are asked").contains("there is a class for it");
        assertThat(marens.get(date).body()).contains("Kai teaches it", "I teach it after all");
        assertThat(kais.get(at).body()).contains("You teach it", "I cannot after all");

        String copy = Http.location(kais.post(at + "/teach"));
        assertThat(copy).startsWith("/classes/").doesNotContain(tide.toString());
        assertThat(kais.get(copy).body()).contains("Triangle");
        assertThat(week(kais, monday)).contains(copy).doesNotContain("there is a class for it");
        assertThat(kais.get("/calendar.ics").body()).contains("Low tide\\, for");
    }

    @Test
    void theDateGoesWhereItIsMovedAndTellsWhoStandsIn() {
        ask(kai);
        String at = kaisDate();
        assertThat(week(kais, monday)).doesNotContain("no class yet");
        kais.post(at, "answer", "yes");
        assertThat(week(kais, monday)).as("none is planned: hers is waited for").contains("no class yet");
        LocalDate wednesday = monday.plusDays(2);
        keep("day", wednesday.toString(), "starts", "19:15", "substitute", kai.name());
        assertThat(kais.get(at).body()).contains("Wednesday " + wednesday.getDayOfMonth(), "19:15");
        assertThat(week(kais, monday)).contains("19:15", "moved from");
        assertThat(mailed(kai)).hasSize(2).last().asString().contains("has changed the date");
        keep("day", wednesday.toString(), "starts", "19:15", "substitute", kai.name());
        assertThat(mailed(kai)).as("what stays is not told again").hasSize(2);
        keep("day", wednesday.toString(), "starts", "19:15", "substitute", kai.name(), "cancelled", "on");
        assertThat(kais.get(at).body()).contains("It is cancelled.");
        assertThat(mailed(kai)).hasSize(3);
    }

    @Test
    void whatSheHasAtThatTimeAlreadyIsSaid() {
        group(kai, "Harbour wall");
        ask(kai);
        assertThat(week(kais, monday)).contains("are at the same time for 60 minutes");
    }

    @Test
    void noIsNoAndIsHers() {
        ask(kai);
        String at = kaisDate();
        kais.post(at, "answer", "no");
        assertThat(week(kais, monday)).doesNotContain("/stand-ins/");
        assertThat(week(marens, monday)).contains(kai.name() + " cannot");
        assertThat(marens.get(date).body()).contains("Kai cannot");
        assertThat(kais.get(at).body()).contains("You said that you cannot");
        kais.post(at, "answer", "yes");
        kais.post(at, "answer", "no");
        assertThat(week(marens, monday)).contains(kai.name() + " cannot").doesNotContain("teaches it");
        assertThat(kais.post(at, "answer", "perhaps").statusCode()).isEqualTo(400);
    }

    @Test
    void takenBackItIsTheTeachersAgain() {
        ask(kai);
        String at = kaisDate();
        kais.post(at, "answer", "yes");
        marens.post(date + "/stand-in/end");
        assertThat(kais.get(at).statusCode()).isEqualTo(404);
        assertThat(week(marens, monday)).doesNotContain(kai.name());
        assertThat(mailed(kai)).last().asString().contains("needs nobody to stand in any more");
        ask(kai);
        kais.post(kaisDate(), "answer", "yes");
        keep("substitute", "Jon");
        assertThat(week(kais, monday)).doesNotContain("/stand-ins/");
        assertThat(week(marens, monday)).contains("Jon teaches it");
    }

    @Test
    void anotherIsAskedInHerPlace() {
        Teacher ines = teacher("Ines");
        join(ines, "teacher");
        ask(kai);
        String at = kaisDate();
        kais.post(at, "answer", "yes");
        ask(ines);
        assertThat(kais.get(at).statusCode()).isEqualTo(404);
        assertThat(week(marens, monday)).contains(ines.name() + " is asked").doesNotContain("teaches it");
    }

    @Test
    void onlyWhoMayStandInIsAskedAndNobodyElseSeesTheDate() {
        Teacher guest = teacher("Jonas");
        join(guest, "guest");
        assertThat(marens.get(date).body()).contains(kai.name()).doesNotContain(guest.name());
        assertThat(ask(guest)).isEqualTo(404);
        Teacher stranger = teacher("Somebody else");
        assertThat(ask(stranger)).isEqualTo(404);
        assertThat(ask(maren)).as("herself").isEqualTo(404);
        ask(kai);
        String at = kaisDate();
        Http strangers = Http.on(app).signedIn(stranger.email(), TestApp.PASSWORD);
        assertThat(strangers.get(at).statusCode()).isEqualTo(404);
        assertThat(marens.get(at).statusCode()).isEqualTo(404);
        assertThat(strangers.post(date + "/stand-in/end").statusCode()).isEqualTo(404);
        join(kai, "guest");
        assertThat(kais.get(at).statusCode()).as("a guest stands in for nobody").isEqualTo(404);
        jdbc.sql("delete from house_member where studio_id = ? and teacher_id = ?")
                .params(studio, kai.id())
                .update();
        assertThat(kais.get(at).statusCode()).isEqualTo(404);
        assertThat(week(kais, monday)).doesNotContain("/stand-ins/");
        assertThat(kais.get("/calendar").statusCode()).isEqualTo(200);
    }

    @Test
    void aDateNobodyWillTeachIsAskedOfNobody() {
        keep("cancelled", "on");
        marens.post(date + "/stand-in", "whom", studio + " " + kai.id());
        assertThat(week(kais, monday)).doesNotContain("/stand-ins/");
        String past = "/calendar/groups/" + group + "/" + monday.minusWeeks(4);
        marens.post(past + "/stand-in", "whom", studio + " " + kai.id());
        assertThat(marens.get(past).body()).doesNotContain("is asked");
        assertThat(marens.post(date + "/stand-in", "whom", "kai").statusCode()).isEqualTo(400);
        assertThat(marens.post(date + "/stand-in", "whom", "").statusCode()).isEqualTo(302);
        assertThat(marens.post(
                                date.replace(
                                                monday.toString(),
                                                monday.plusDays(1).toString()) + "/stand-in",
                                "whom",
                                studio + " " + kai.id())
                        .statusCode())
                .as("no day of the group")
                .isEqualTo(404);
    }
}
