package gurukram.web.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.catalogue.OwnPose;
import gurukram.core.notation.words.SchoolWords;
import gurukram.core.pose.PoseCatalogue;
import gurukram.web.account.AccountStore;
import gurukram.web.poses.OwnWords;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What belongs to a studio: put there by one, taken by another, changed, and still there when she goes. */
@ExtendWith(TestApp.Extension.class)
class ShelfTest {
    private final TestApp app;
    private final JdbcClient jdbc;
    private final Teacher maren;
    private final Teacher kai;
    private final Http marens;
    private final Http kais;
    private final String shelf;

    ShelfTest(TestApp app) {
        this.app = app;
        jdbc = app.bean(JdbcClient.class);
        maren = app.newTeacher();
        kai = app.newTeacher();
        marens = Http.on(app).signedIn(maren.email(), TestApp.PASSWORD);
        kais = Http.on(app).signedIn(kai.email(), TestApp.PASSWORD);
        String studio = Http.location(marens.post("/studios", "name", "The Ropewalk"));
        jdbc.sql("insert into house_member (studio_id, teacher_id, role, joined_at) values (?, ?, 'teacher', now())")
                .params(UUID.fromString(studio.substring("/studios/".length())), kai.id())
                .update();
        shelf = studio + "/shelf";
    }

    private String studio() {
        return shelf.replace("/shelf", "");
    }

    private UUID room(Teacher teacher, String name) {
        UUID id = UUID.randomUUID();
        jdbc.sql(
                        "insert into room (studio_id, id, teacher_id, name, mats, wall, props) values (?, ?, ?, ?, 12, true, '{\"block\": 9}')")
                .params(teacher.studio(), id, teacher.id(), name)
                .update();
        return id;
    }

    private UUID group(Teacher teacher, String name, UUID room) {
        UUID id = UUID.randomUUID();
        jdbc.sql("""
                        insert into class_group (studio_id, id, teacher_id, name, weekday, starts_at, slot_minutes, level, mats, needs, school,
                                                 touch_welcome, touch_ask, touch_none, room_id)
                        values (?, ?, ?, ?, 1, '18:00', 60, 'BEGINNER', 9, '{}', '', 0, 0, 0, ?)""").params(teacher.studio(), id, teacher.id(), name, room).update();
        return id;
    }

    private UUID flow(Teacher teacher, String name, String line) {
        UUID id = UUID.randomUUID();
        jdbc.sql(
                        "insert into my_flow (studio_id, teacher_id, id, name, text, created_at) values (?, ?, ?, ?, ?, now())")
                .params(
                        teacher.studio(),
                        teacher.id(),
                        id,
                        name,
                        "flow " + name + ", 2 rounds, both sides\n  " + line + ", in\nend flow")
                .update();
        return id;
    }

    /** Tree, called something else. */
    private void own(Teacher teacher, String id, String name) {
        OwnPose pose = OwnPose.like(app.bean(PoseCatalogue.class).pose("tree"))
                .put("id", id)
                .put("name", name);
        jdbc.sql("""
                        insert into own_pose (studio_id, teacher_id, pose, entry, version, away, created_at, changed_at)
                        values (?, ?, ?, cast(? as jsonb), 1, false, now(), now())""")
                .params(teacher.studio(), teacher.id(), id, pose.toString())
                .update();
    }

    private HttpResponse<String> put(Http by, String what) {
        return by.post(shelf, "what", what);
    }

    /** Where the button beside a name leads. */
    private static String way(Http by, String shelf, String label) {
        Matcher found = Pattern.compile("action=\"([^\"]+)\"[^>]*>(?:<input[^>]*>)*<button[^>]*aria-label=\""
                        + Pattern.quote(label) + "\"")
                .matcher(by.get(shelf).body());
        assertThat(found.find()).as(label).isTrue();
        return found.group(1);
    }

    private String take(Http by, String label) {
        HttpResponse<String> answer = by.post(way(by, shelf, label));
        return answer.statusCode() == 302 ? by.get(shelf).body() : answer.body();
    }

    @Test
    void aGroupAndItsRoomAreTakenAndWhatHappensInItStaysWithWhoeverTeachesIt() {
        UUID room = room(maren, "Upper room");
        UUID group = group(maren, "Monday quiet", room);
        put(marens, "group " + group);
        put(marens, "room " + room);
        assertThat(take(kais, "Take it: Monday quiet")).contains("“Monday quiet” is yours now.", "you have it");
        assertThat(kais.get("/groups").body()).contains("Monday quiet");
        assertThat(kais.get("/groups/" + group).statusCode()).isEqualTo(200);
        assertThat(roomOf(group)).as("the room is not hers yet").isNull();
        jdbc.sql("""
                        insert into rung_tries (studio_id, id, group_id, ladder, day, rung, tries, clean, smooth, pain)
                        values (?, gen_random_uuid(), ?, 'crow', '2026-11-02', 1, 3, 2, true, false)""").params(kai.studio(), group).update();
        take(kais, "Take it: Upper room");
        jdbc.sql("update class_group set mats = 11 where studio_id = ? and id = ?")
                .params(maren.studio(), group)
                .update();
        put(marens, "group " + group);
        assertThat(kais.get(shelf).body()).contains("changed since you took it");
        take(kais, "Take the newer one: Monday quiet");
        assertThat(roomOf(group)).isEqualTo(room);
        assertThat(jdbc.sql("select mats from class_group where studio_id = ? and id = ?")
                        .params(kai.studio(), group)
                        .query(Integer.class)
                        .single())
                .isEqualTo(11);
        assertThat(jdbc.sql("select count(*) from rung_tries where studio_id = ? and group_id = ?")
                        .params(kai.studio(), group)
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    private UUID roomOf(UUID group) {
        return jdbc.sql("select room_id from class_group where studio_id = ? and id = ?")
                .params(kai.studio(), group)
                .query(UUID.class)
                .optional()
                .orElse(null);
    }

    @Test
    void aFlowThatNeedsAPoseOfHersSaysSoToBoth() {
        own(maren, "own-mast", "Mast");
        put(marens, "flow " + flow(maren, "rigging", "mast"));
        assertThat(marens.get(shelf).body()).contains("It has poses of your own");
        assertThat(take(kais, "Take it: rigging")).contains("It has poses you do not have");
        put(marens, "pose own-mast");
        assertThat(take(kais, "Take it: Mast")).contains("“Mast” is yours now.");
        assertThat(kais.get("/poses/own-mast").body()).contains("Mast");
    }

    @Test
    void aPoseOfOnesOwnIsNotTakenTheirPlace() {
        own(maren, "tree", "Tree, studio");
        own(kai, "tree", "Tree, mine");
        put(marens, "pose tree");
        assertThat(take(kais, "Take it: Tree, studio")).contains("You have a pose of that name that is not the studio");
        assertThat(kais.get("/poses/tree").body()).contains("Tree, mine");
    }

    @Test
    void wordsComeTogetherAndOnesOwnStay() {
        OwnWords words = app.bean(OwnWords.class);
        words.keep(maren, "anchor: tree\nquay: chair 2");
        words.keep(kai, "anchor: mountain");
        put(marens, "words words");
        assertThat(take(kais, "Take it: Words for themes"))
                .contains("One line is yours now.", "Yours for “anchor” stay as they are.");
        assertThat(words.typed(kai)).isEqualTo("anchor: mountain\nquay: chair 2");
        put(kais, "words words");
        assertThat(jdbc.sql("select content ->> 'words' from house_thing where kind = 'words' and put_by = ?")
                        .param(kai.id())
                        .query(String.class)
                        .single())
                .isEqualTo("anchor: mountain\nquay: chair 2");
        assertThat(marens.get(shelf).body()).contains("changed since you took it");
    }

    @Test
    void whatIsThereStaysWhenWhoeverPutItThereGoes() {
        UUID room = room(kai, "Boat shed");
        put(kais, "room " + room);
        assertThat(kais.post("/account/delete", "password", TestApp.PASSWORD).statusCode())
                .isEqualTo(302);
        assertThat(marens.get(shelf).body()).contains("Boat shed", "of somebody who has gone");
        assertThat(take(marens, "Take it: Boat shed")).contains("“Boat shed” is yours now.");
        marens.post(way(marens, shelf, "Off the shelf: Boat shed"));
        assertThat(marens.get(shelf).body()).contains("Nothing lies here yet.");
        assertThat(marens.get("/rooms/" + room).body()).as("hers stays").contains("Boat shed");
        assertThat(marens.get(studio()).body()).contains("took the room “Boat shed” off the shelf");
    }

    @Test
    void whatIsChosenWrongIsAnsweredAtItsPlace() {
        UUID room = room(maren, "Upper room");
        assertThat(put(marens, "").body()).contains("Choose something of yours first.");
        assertThat(put(marens, "castle " + room).statusCode()).isEqualTo(400);
        assertThat(put(kais, "room " + room).statusCode()).as("not hers").isEqualTo(404);
        assertThat(put(marens, "room x\u0000").statusCode()).isEqualTo(404);
        put(marens, "room " + room);
        assertThat(put(marens, "room " + room).statusCode()).isEqualTo(302);
        assertThat(marens.get(shelf).body()).contains("The studio has it as it is.");
        assertThat(kais.post(shelf + "/" + UUID.randomUUID() + "/take").statusCode())
                .isEqualTo(404);
    }

    @Test
    void theStudiosRulesAreTakenAndOnesOwnOfBeforeAreTold() {
        AccountStore accounts = app.bean(AccountStore.class);
        assertThat(kais.get(studio()).body()).contains("None of its own").doesNotContain("Go by them");
        accounts.changeSchool(maren, SchoolWords.read("no holds, soft knees"));
        accounts.changeSchool(kai, SchoolWords.read("locked knees"));
        marens.post(studio() + "/rules");
        String page = kais.get(studio()).body();
        assertThat(page)
                .contains("no holds", "soft knees", "not yours", "Go by them")
                .doesNotContain("Make mine");
        kais.post(studio() + "/rules/take");
        assertThat(kais.get(studio()).body()).contains("Yours were: locked knees.", "You go by them.");
        assertThat(SchoolWords.write(accounts.school(kai))).isEqualTo("no holds, soft knees");
        accounts.changeSchool(maren, SchoolWords.read("soft knees"));
        marens.post(studio() + "/rules");
        assertThat(marens.get(studio()).body()).contains("changed the studio’s rules; before: no holds, soft knees");
    }
}
