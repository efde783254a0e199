package gurukram.web.studio;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.studio.Deed;
import gurukram.core.studio.Rights;
import gurukram.core.studio.Role;
import gurukram.web.account.AccountStore;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A studio of several teachers, and who may do what in it. */
@ExtendWith(TestApp.Extension.class)
class HousesTest {
    private static final Pattern LINK = Pattern.compile("/come/[\\w-]{43}");

    private static final LocalDate MONDAY =
            LocalDate.now().plusWeeks(1).with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY));

    private final TestApp app;
    private Teacher maren;
    private Http owner;
    private UUID studio;

    HousesTest(TestApp app) {
        this.app = app;
    }

    private Http signedIn(Teacher teacher) {
        return Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    @BeforeEach
    void found() {
        maren = app.newTeacher();
        owner = signedIn(maren);
        String where = Http.location(owner.post("/studios", "name", "The Ropewalk"));
        studio = UUID.fromString(where.substring("/studios/".length()));
    }

    private String link(String email) {
        String body = app.bean(JdbcClient.class)
                .sql("select body from outgoing_mail where recipient = ? order by made_at desc limit 1")
                .param(email)
                .query(String.class)
                .single();
        Matcher link = LINK.matcher(body);
        assertThat(link.find()).as(body).isTrue();
        return link.group();
    }

    private record Somebody(Teacher teacher, Http http) {}

    private Somebody come(Role role) {
        Teacher teacher = app.newTeacher();
        var asked = owner.post("/studios/" + studio + "/invitations", "email", teacher.email(), "role", role.word());
        assertThat(asked.headers().firstValue("Location"))
                .as("no address of anybody in an address")
                .contains("/studios/" + studio);
        Http http = signedIn(teacher);
        String link = link(teacher.email());
        assertThat(http.get(link).body()).contains("You are asked to come to The Ropewalk", role.words());
        assertThat(Http.location(http.post(link))).isEqualTo("/studios/" + studio);
        assertThat(http.get(link).statusCode()).as("a link is for one").isEqualTo(404);
        return new Somebody(teacher, http);
    }

    private ClassId harbour(Teacher teacher) {
        return app.newClass(teacher, "standing:", "tree, both, 5 breaths", "triangle, both, 5 breaths");
    }

    private String shared(Http http, ClassId id) {
        return Http.location(http.post("/classes/" + id + "/share-in-studio", "studio", studio.toString()));
    }

    /** Every role tries every deed; what the table allows is done, and to everybody else the page is not there. */
    @Test
    void everyRoleAndEveryDeed() {
        Map<Role, Somebody> people = new EnumMap<>(Role.class);
        for (Role role : Role.values()) people.put(role, come(role));
        String where = shared(owner, harbour(maren));
        UUID shared = UUID.fromString(where.substring(where.lastIndexOf('/') + 1));
        for (Role role : Role.values()) {
            Somebody who = people.get(role);
            for (Deed deed : Deed.values()) {
                if (deed == Deed.LEAVE || deed == Deed.HAND_OVER) continue;
                int status = tried(deed, who, where, shared);
                boolean may = Rights.may(role, deed);
                assertThat(status < 400).as("%s %s: %d", role, deed, status).isEqualTo(may);
                if (!may) assertThat(status).as("%s %s", role, deed).isEqualTo(404);
            }
        }
        for (Role role : Role.values()) {
            Somebody who = people.get(role);
            int status = who.http()
                    .post("/studios/" + studio + "/members/" + maren.id() + "/hand-over")
                    .statusCode();
            assertThat(status < 400).as("%s hands over", role).isEqualTo(role == Role.OWNER);
        }
        Http stranger = signedIn(app.newTeacher());
        assertThat(stranger.get(where).statusCode()).isEqualTo(404);
        assertThat(stranger.get("/studios/" + studio).statusCode()).isEqualTo(404);
        assertThat(stranger.post(where + "/copy").statusCode()).isEqualTo(404);
    }

    /** What comes of it as a status; what it made or ended is made anew for the next. */
    private int tried(Deed deed, Somebody who, String where, UUID shared) {
        Http http = who.http();
        String at = "/studios/" + studio;
        return switch (deed) {
            case SEE_MEMBERS -> http.get(at).body().contains("Who is in it") ? 200 : 404;
            case INVITE ->
                http.post(at + "/invitations", "email", "new@b.example", "role", "guest")
                        .statusCode();
            case END_INVITATION -> {
                owner.post(at + "/invitations", "email", "gone@b.example", "role", "guest");
                UUID asked = app.bean(HouseStore.class).asked(studio).stream()
                        .filter(one -> one.email().equals("gone@b.example"))
                        .findFirst()
                        .orElseThrow()
                        .id();
                yield http.post(at + "/invitations/" + asked + "/end").statusCode();
            }
            case CHANGE_ROLE -> {
                Teacher other = another();
                yield http.post(at + "/members/" + other.id() + "/role", "role", "teacher")
                        .statusCode();
            }
            case REMOVE_MEMBER -> {
                Teacher other = another();
                yield http.post(at + "/members/" + other.id() + "/out").statusCode();
            }
            case RENAME -> http.post(at + "/name", "name", "The Ropewalk").statusCode();
            case SEE_RECORD -> http.get(at).body().contains("What happened") ? 200 : 404;
            case READ_CLASS -> http.get(where).statusCode();
            case SHARE_CLASS ->
                http.post("/classes/" + harbour(who.teacher()) + "/share-in-studio", "studio", studio.toString())
                        .statusCode();
            case END_SHARE -> {
                String other = shared(owner, harbour(maren));
                yield http.post(other + "/end").statusCode();
            }
            case MAKE_TEMPLATE -> http.post(where + "/template", "yes", "yes").statusCode();
            case COPY_CLASS -> http.post(where + "/copy").statusCode();
            case TEACH_CLASS -> http.post(where + "/teach").statusCode();
            case SEE_NEEDS -> http.get(where + "/tonight.pdf").statusCode();
            case ASK_TO_STAND_IN -> {
                // a substitute has nobody to ask there: it is as if the others were not in it
                UUID group = group(who.teacher());
                yield http.post(
                                "/calendar/groups/%s/%s/stand-in".formatted(group, MONDAY),
                                "whom",
                                studio + " " + maren.id())
                        .statusCode();
            }
            case STAND_IN -> {
                UUID group = group(maren);
                app.bean(JdbcClient.class)
                        .sql("""
                        insert into stand_in (studio_id, id, teacher_id, group_id, day, house_id, substitute_id, answer, asked_at)
                        values (?, ?, ?, ?, ?, ?, ?, 'asked', now())""")
                        .params(
                                maren.studio(),
                                group,
                                maren.id(),
                                group,
                                MONDAY,
                                studio,
                                who.teacher().id())
                        .update();
                yield http.post("/stand-ins/" + group, "answer", "yes").statusCode();
            }
            case REMARK ->
                http.post(where + "/remarks", "node", node(where), "words", "Longer?")
                        .statusCode();
            case RESOLVE_REMARK ->
                http.post(where + "/remarks/" + remarked(where, shared) + "/resolve")
                        .statusCode();
            case TAKE_BACK_REMARK ->
                http.post(where + "/remarks/" + remarked(where, shared) + "/out")
                        .statusCode();
            case SEE_SHELF -> http.get(at + "/shelf").statusCode();
            case PUT_ON_SHELF ->
                http.post(at + "/shelf", "what", "room " + room(who.teacher())).statusCode();
            case TAKE_FROM_SHELF ->
                http.post(at + "/shelf/" + onShelf() + "/take").statusCode();
            case CHANGE_ON_SHELF -> {
                // hers under the same key: only who put it there may put another in its place
                UUID key = app.bean(JdbcClient.class)
                        .sql("select cast(key as uuid) from house_thing where studio_id = ? and id = ?")
                        .params(studio, onShelf())
                        .query(UUID.class)
                        .single();
                room(who.teacher(), key);
                yield http.post(at + "/shelf", "what", "room " + key).statusCode();
            }
            case CLEAR_SHELF -> http.post(at + "/shelf/" + onShelf() + "/away").statusCode();
            case SET_RULES -> http.post(at + "/rules").statusCode();
            case TAKE_RULES -> http.post(at + "/rules/take").statusCode();
            case LEAVE, HAND_OVER -> throw new IllegalStateException("tried by itself");
        };
    }

    private UUID group(Teacher teacher) {
        UUID id = UUID.randomUUID();
        app.bean(JdbcClient.class)
                .sql("""
                        insert into class_group (studio_id, id, teacher_id, name, weekday, starts_at, slot_minutes, level, mats, needs, school,
                                                 touch_welcome, touch_ask, touch_none)
                        values (?, ?, ?, 'Low tide', 1, '18:00', 60, 'BEGINNER', 9, '{}', '', 0, 0, 0)""")
                .params(teacher.studio(), id, teacher.id())
                .update();
        return id;
    }

    private UUID room(Teacher teacher) {
        UUID id = UUID.randomUUID();
        room(teacher, id);
        return id;
    }

    private void room(Teacher teacher, UUID id) {
        app.bean(JdbcClient.class)
                .sql("""
                        insert into room (studio_id, id, teacher_id, name, mats, wall, props) values (?, ?, ?, ?, 12, true, '{}')
                        on conflict (studio_id, id) do update set name = excluded.name""")
                .params(teacher.studio(), id, teacher.id(), "Loft " + UUID.randomUUID())
                .update();
    }

    /** A room the owner put there. */
    private UUID onShelf() {
        UUID key = room(maren);
        owner.post("/studios/" + studio + "/shelf", "what", "room " + key);
        return app.bean(JdbcClient.class)
                .sql("select id from house_thing where studio_id = ? and key = ?")
                .params(studio, key.toString())
                .query(UUID.class)
                .single();
    }

    private Teacher another() {
        Teacher other = app.newTeacher();
        app.bean(HouseStore.class).join(studio, other, Role.GUEST);
        return other;
    }

    private String node(String where) {
        Matcher row =
                Pattern.compile("id=\"at-([\\w-]+)\"").matcher(owner.get(where).body());
        row.find();
        row.find();
        return row.group(1);
    }

    private UUID remarked(String where, UUID shared) {
        owner.post(where + "/remarks", "node", node(where), "words", "One more breath?");
        List<HouseClassStore.Remark> all = app.bean(HouseClassStore.class).remarks(studio, shared);
        return all.get(all.size() - 1).id();
    }

    @Test
    void aSubstituteHasACopyOfHerOwnAndTheMakersClassStays() {
        ClassId harbour = harbour(maren);
        String where = shared(owner, harbour);
        Somebody ines = come(Role.SUBSTITUTE);
        String copy = Http.location(ines.http().post(where + "/teach"));
        assertThat(copy).startsWith("/classes/").doesNotContain(harbour.toString());
        assertThat(ines.http().get(copy).body()).contains("Triangle");
        assertThat(ines.http().get("/classes/" + harbour).statusCode())
                .as("the maker's own")
                .isEqualTo(404);
        assertThat(ines.http().get(where).body())
                .contains("Stand in and teach it")
                .doesNotContain("End sharing");
        assertThat(shared(owner, harbour)).as("shared once").isEqualTo(where);
        assertThat(signedIn(app.newTeacher())
                        .post("/classes/" + harbour + "/share-in-studio", "studio", studio.toString())
                        .statusCode())
                .isEqualTo(404);
        owner.post(copyOf(harbour) + "/delete");
        assertThat(owner.get("/studios/" + studio).statusCode()).isEqualTo(200);
    }

    private static String copyOf(ClassId id) {
        return "/classes/" + id;
    }

    @Test
    void remarksStandAtTheirLinesAndSayWhatStoodThere() {
        ClassId harbour = harbour(maren);
        String where = shared(owner, harbour);
        Somebody jo = come(Role.TEACHER);
        String node = node(where);
        jo.http().post(where + "/remarks", "node", node, "words", "Longer, for the beginners?");
        assertThat(owner.get(where).body())
                .contains("Longer, for the beginners?", "Seen to")
                .doesNotContain("It stood:");
        assertThat(owner.get("/studios/" + studio).body()).contains("1 remark open");
        assertThat(jo.http()
                        .post(where + "/remarks", "node", node, "words", " ")
                        .statusCode())
                .isEqualTo(422);
        assertThat(jo.http()
                        .post(where + "/remarks", "node", "nowhere", "words", "x")
                        .statusCode())
                .isEqualTo(404);
        HouseClassStore store = app.bean(HouseClassStore.class);
        UUID shared = UUID.fromString(where.substring(where.lastIndexOf('/') + 1));
        UUID remark = store.remarks(studio, shared).get(0).id();
        owner.post(where + "/remarks/" + remark + "/resolve");
        assertThat(owner.get(where).body()).contains("seen to");
        assertThat(owner.get("/studios/" + studio).body()).doesNotContain("remark open");
        jo.http().post(where + "/remarks/" + remark + "/out");
        assertThat(store.remarks(studio, shared)).isEmpty();
    }

    @Test
    void aStudioKeepsAnOwnerAndGoesWithItsLast() {
        Somebody jo = come(Role.TEACHER);
        assertThat(owner.post("/studios/" + studio + "/leave").statusCode()).isEqualTo(422);
        assertThat(owner.post("/studios/" + studio + "/members/" + maren.id() + "/role", "role", "guest")
                        .statusCode())
                .isEqualTo(422);
        assertThat(owner.post("/account/delete", "password", TestApp.PASSWORD).body())
                .contains("hand it over first");
        owner.post("/studios/" + studio + "/members/" + jo.teacher().id() + "/hand-over");
        assertThat(jo.http().get("/studios/" + studio).body())
                .contains("Ask somebody to come", "handed the studio over");
        owner.post("/studios/" + studio + "/leave");
        assertThat(owner.get("/studios/" + studio).statusCode()).isEqualTo(404);
        jo.http().post("/studios/" + studio + "/leave");
        assertThat(app.bean(JdbcClient.class)
                        .sql("select count(*) from studio where id = ?")
                        .param(studio)
                        .query(Long.class)
                        .single())
                .isZero();
    }

    @Test
    void whoeverDeletesHerAccountIsGoneFromEveryStudio() {
        Somebody jo = come(Role.TEACHER);
        String where = shared(jo.http(), harbour(jo.teacher()));
        jo.http().post(where + "/remarks", "node", node(where), "words", "Mine");
        UUID alone = app.bean(HouseStore.class).found("Only Jo's");
        app.bean(HouseStore.class).join(alone, jo.teacher(), Role.OWNER);
        assertThat(jo.http()
                        .post("/account/delete", "password", TestApp.PASSWORD)
                        .statusCode())
                .isEqualTo(302);
        assertThat(owner.get("/studios/" + studio).body())
                .contains("Who is in it")
                .doesNotContain(jo.teacher().email());
        assertThat(owner.get(where).statusCode()).isEqualTo(404);
        assertThat(app.bean(JdbcClient.class)
                        .sql("select count(*) from studio where id = ?")
                        .param(alone)
                        .query(Long.class)
                        .single())
                .as("nobody is in it any more")
                .isZero();
    }

    @Test
    void whatIsTypedWronglyIsSaid() {
        assertThat(owner.post("/studios", "name", " ").body()).contains("A studio has a name.");
        assertThat(owner.post("/studios/" + studio + "/invitations", "email", "no mail", "role", "teacher")
                        .body())
                .contains("“no mail” is no e-mail address.");
        assertThat(owner.post("/studios/" + studio + "/invitations", "email", "a@b.example", "role", "admin")
                        .statusCode())
                .isEqualTo(400);
        assertThat(owner.get("/come/" + "x".repeat(43)).statusCode()).isEqualTo(404);
        assertThat(owner.get("/studios/" + UUID.randomUUID()).statusCode()).isEqualTo(404);
    }

    @Test
    void whoReviewsSeesWhatThereIsToLookAtByTheStudiosRules() {
        Somebody kai = come(Role.TEACHER);
        Somebody guest = come(Role.GUEST);
        ClassId lopsided = app.newClass(maren, "standing:", "tree, right, 5 breaths", "triangle, both, 5 breaths");
        String where = shared(owner, lopsided);
        assertThat(kai.http().get(where).body())
                .contains("to look at</h2>", "href=\"#at-", "for your information</summary>");
        assertThat(owner.get(where).body()).contains("to look at</h2>");
        assertThat(guest.http().get(where).body()).doesNotContain("to look at</h2>");
        app.bean(AccountStore.class).changeSchool(maren, SchoolWords.read("soft knees"));
        owner.post("/studios/" + studio + "/rules");
        assertThat(kai.http().get(where).body()).contains("to look at, by the studio’s rules</h2>");
    }

    @Test
    void whereNoMailIsSentTheOwnerPassesTheLinkOnHerself() {
        try (TestApp silent = TestApp.another("--gurukram.mail=none")) {
            Http there = Http.on(silent).signedIn(maren.email(), TestApp.PASSWORD);
            there.post("/studios/" + studio + "/invitations", "email", "kai@b.example", "role", "teacher");
            Matcher link = LINK.matcher(there.get("/studios/" + studio).body());
            assertThat(link.find()).isTrue();
            assertThat(owner.get(link.group()).body()).contains("You are asked to come");
            assertThat(LINK.matcher(there.get("/studios/" + studio).body()).find())
                    .as("shown once")
                    .isFalse();
            there.post("/forgotten", "email", maren.email());
            assertThat(app.bean(JdbcClient.class)
                            .sql("select count(*) from outgoing_mail where recipient in ('kai@b.example', ?)")
                            .param(maren.email())
                            .query(Long.class)
                            .single())
                    .as("nothing lies about that nobody sends")
                    .isZero();
        }
    }
}
