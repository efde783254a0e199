package gurukram.web.groups;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.group.Room;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.web.shared.Teacher;
import gurukram.web.support.Http;
import gurukram.web.support.TestApp;
import java.net.http.HttpResponse;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApp.Extension.class)
class GroupsTest {
    private static final String[] TUESDAY = {
        "name",
        "Tuesday early tide",
        "day",
        "TUESDAY",
        "starts",
        "7:15",
        "slot",
        "45",
        "level",
        "BEGINNER",
        "mats",
        "10",
        "style",
        "HATHA",
        "school",
        "no holds",
        "need-WRIST",
        "2",
        "need-KNEE",
        "0",
        "welcome",
        "5",
        "ask",
        "3",
        "none",
        "1",
        "room",
        ""
    };

    private final TestApp app;
    private GroupStore store;
    private Teacher teacher;
    private Http http;

    GroupsTest(TestApp app) {
        this.app = app;
    }

    @BeforeEach
    void signIn() {
        store = app.bean(GroupStore.class);
        teacher = app.newTeacher();
        http = Http.on(app).signedIn(teacher.email(), TestApp.PASSWORD);
    }

    private static String[] with(String field, String value) {
        String[] fields = TUESDAY.clone();
        for (int i = 0; i < fields.length; i += 2) if (fields[i].equals(field)) fields[i + 1] = value;
        return fields;
    }

    @Test
    void aGroupIsKeptWithItsCountsAndWithoutNames() {
        assertThat(http.post("/groups/new", TUESDAY).statusCode()).isEqualTo(302);
        Group kept = store.groups(teacher).get(0);
        assertThat(kept.startsAt()).isEqualTo(LocalTime.of(7, 15));
        assertThat(kept.needs()).isEqualTo(Map.of(Need.WRIST, 2));
        assertThat(kept.style()).isEqualTo(Style.HATHA);
        assertThat(kept.school()).isEqualTo("no holds");
        assertThat(kept.touch()).isEqualTo(new Group.Touch(5, 3, 1));
        assertThat(http.get("/groups").body())
                .contains("Tuesday early tide", "Tuesday 07:15, 45 min, beginner", "10 mats; wrist 2");
        String page = http.get("/groups/" + kept.id()).body();
        assertThat(page).contains("never who", "no\n        medical record", "value=\"no holds\"");
    }

    @Test
    void whatCannotBeKeptIsSaidBesideItAndNothingTypedIsLost() {
        Map<String, List<String>> wrong = Map.of(
                "name", List.of("", "A group needs a name"),
                "starts", List.of("half past seven", "A time such as 18:30"),
                "slot", List.of("900", "a whole number from 5 to 240"),
                "mats", List.of("0", "a whole number from 1 to 200"),
                "day", List.of("SOMEDAY", ""),
                "school", List.of("purple holds", "is no setting of a school"),
                "need-WRIST", List.of("two", "How many people"),
                "need-KNEE", List.of("11", "are more than the 10 who come"),
                "welcome", List.of("9", "13 say how they like touch, and 10 come"),
                "room", List.of("the loft", ""));
        wrong.forEach((field, typedAndSaid) -> {
            HttpResponse<String> answer = http.post("/groups/new", with(field, typedAndSaid.get(0)));
            assertThat(answer.statusCode()).as(field).isEqualTo(422);
            assertThat(answer.body()).as(field).contains(typedAndSaid.get(1), "Nothing you typed is lost");
            if (!List.of("name", "day", "room").contains(field)) {
                assertThat(answer.body()).contains("value=\"" + typedAndSaid.get(0) + "\"", "Tuesday early tide");
            }
        });
        assertThat(store.groups(teacher)).isEmpty();
    }

    @Test
    void aRoomIsKeptAndItsGroupAndClassesStayWhenItGoes() {
        HttpResponse<String> made = http.post(
                "/rooms/new",
                "name",
                "The loft",
                "mats",
                "16",
                "wall",
                "on",
                "prop-block",
                "20",
                "prop-strap",
                "",
                "prop-chair",
                "0");
        assertThat(made.statusCode()).isEqualTo(302);
        KeptRoom room = store.rooms(teacher).get(0);
        assertThat(room.room()).isEqualTo(new Room("The loft", Map.of("block", 20), true, 16));
        http.post("/groups/new", with("room", room.id().toString()));
        Group group = store.groups(teacher).get(0);
        assertThat(group.room()).isEqualTo(room.id());
        assertThat(store.people(teacher, group.id()).room()).isEqualTo(room.room());
        assertThat(http.get("/groups").body()).contains("The loft", "16 mats, a free wall; 20 blocks");

        http.post("/rooms/" + room.id(), "name", "The loft", "mats", "12", "prop-block", "6");
        assertThat(store.rooms(teacher).get(0).room()).isEqualTo(new Room("The loft", Map.of("block", 6), false, 12));
        http.post("/rooms/" + room.id() + "/remove");
        assertThat(store.rooms(teacher)).isEmpty();
        assertThat(store.people(teacher, group.id()).room()).isNull();
        http.post("/groups/" + group.id() + "/remove");
        assertThat(store.groups(teacher)).isEmpty();
    }

    @Test
    void aRoomThatCannotBeIsSaidBesideItsFields() {
        HttpResponse<String> answer = http.post("/rooms/new", "name", "", "mats", "many", "prop-block", "-1");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .contains("A room needs a name.", "value=\"many\"", "How many there are", "value=\"-1\"");
    }

    @Test
    void groupsAndRoomsBelongToTheirTeacher() {
        Teacher other = app.newTeacher();
        UUID group = store.create(other, Group.of("Elsewhere", DayOfWeek.MONDAY, LocalTime.NOON, 60, Level.BEGINNER));
        UUID room = store.create(other, new Room("Elsewhere", Map.of(), false, 8));
        assertThat(http.get("/groups/" + group).statusCode()).isEqualTo(404);
        assertThat(http.get("/rooms/" + room).statusCode()).isEqualTo(404);
        assertThat(http.post("/groups/" + group, TUESDAY).statusCode()).isEqualTo(404);
        http.post("/groups/" + group + "/remove");
        http.post("/rooms/" + room + "/remove");
        assertThat(store.groups(other)).hasSize(1);
        assertThat(store.rooms(other)).hasSize(1);
        assertThat(store.people(teacher, group)).isNull();
        http.post("/groups/new", with("room", room.toString()));
        assertThat(store.groups(teacher).get(0).room()).isNull();
    }
}
