package gurukram.web.groups;

import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.web.groups.Group.Touch;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Weekly groups and rooms. */
@Repository
public class GroupStore {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String GROUPS = """
            select id, name, weekday, starts_at, slot_minutes, level, mats, needs, style, school,
                   touch_welcome, touch_ask, touch_none, room_id
              from class_group
             where studio_id = :studio and teacher_id = :teacher
             order by weekday, starts_at, name""";
    private static final String GROUP = """
            select id, name, weekday, starts_at, slot_minutes, level, mats, needs, style, school,
                   touch_welcome, touch_ask, touch_none, room_id
              from class_group
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String NEW_GROUP = """
            insert into class_group (studio_id, id, teacher_id, name, weekday, starts_at, slot_minutes, level, mats, needs,
                                     style, school, touch_welcome, touch_ask, touch_none, room_id)
            values (:studio, :id, :teacher, :name, :weekday, :starts, :slot, :level, :mats, :needs::jsonb,
                    :style, :school, :welcome, :ask, :none,
                    (select id from room where studio_id = :studio and teacher_id = :teacher and id = :room))""";
    private static final String CHANGED_GROUP = """
            update class_group
               set name = :name, weekday = :weekday, starts_at = :starts, slot_minutes = :slot, level = :level, mats = :mats,
                   needs = :needs::jsonb, style = :style, school = :school, touch_welcome = :welcome, touch_ask = :ask,
                   touch_none = :none,
                   room_id = (select id from room where studio_id = :studio and teacher_id = :teacher and id = :room)
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String GROUP_OF_NO_CLASS = """
            update yoga_class set group_id = null
             where studio_id = :studio and teacher_id = :teacher and group_id = :id""";
    private static final String GROUP_OF_NO_COURSE = """
            update course set group_id = null
             where studio_id = :studio and teacher_id = :teacher and group_id = :id""";
    private static final String GROUP_GONE = """
            delete from class_group where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String BOOKED = """
            select booked, first_timers from meeting
             where studio_id = :studio and teacher_id = :teacher and group_id = :id and coalesce(on_day, day) = :day
               and not cancelled and booked is not null""";
    private static final String ROOMS = """
            select id, name, mats, wall, props from room
             where studio_id = :studio and teacher_id = :teacher
             order by name, id""";
    private static final String NEW_ROOM = """
            insert into room (studio_id, id, teacher_id, name, mats, wall, props)
            values (:studio, :id, :teacher, :name, :mats, :wall, :props::jsonb)""";
    private static final String CHANGED_ROOM = """
            update room set name = :name, mats = :mats, wall = :wall, props = :props::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String ROOM_OF_NO_GROUP = """
            update class_group set room_id = null
             where studio_id = :studio and teacher_id = :teacher and room_id = :id""";
    private static final String ROOM_GONE = """
            delete from room where studio_id = :studio and teacher_id = :teacher and id = :id""";

    private final JdbcClient jdbc;

    public GroupStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public List<Group> groups(Teacher teacher) {
        return asked(GROUPS, teacher).query(GroupStore::group).list();
    }

    /** Empty when it is not there, or not the teacher's. */
    public Optional<Group> group(Teacher teacher, UUID id) {
        return asked(GROUP, teacher).param("id", id).query(GroupStore::group).optional();
    }

    public List<KeptRoom> rooms(Teacher teacher) {
        return asked(ROOMS, teacher).query(GroupStore::room).list();
    }

    public Optional<KeptRoom> room(Teacher teacher, UUID id) {
        return rooms(teacher).stream().filter(room -> room.id().equals(id)).findFirst();
    }

    /** The people and their room as checks know them; null without a group. */
    public People people(Teacher teacher, UUID id) {
        Group group = id == null ? null : group(teacher, id).orElse(null);
        if (group == null) return null;
        Room room = group.room() == null
                ? null
                : room(teacher, group.room()).map(KeptRoom::room).orElse(null);
        return new People(group.mats(), group.needs(), room);
    }

    /** How many mats are booked on a day. @param firstTimers how many of them come for the first time */
    public record Booked(int mats, int firstTimers) {}

    /** Empty where nothing is known of that day's bookings. */
    public Optional<Booked> booked(Teacher teacher, UUID id, LocalDate day) {
        return asked(BOOKED, teacher)
                .param("id", id)
                .param("day", day)
                .query((row, n) -> new Booked(row.getInt("booked"), row.getInt("first_timers")))
                .optional();
    }

    /** The people of a day: as many as have booked, where that is known; with what the group usually brings. */
    public People people(Teacher teacher, UUID id, LocalDate day) {
        People usual = people(teacher, id);
        if (usual == null) return null;
        int most = usual.needs().values().stream().mapToInt(n -> n).max().orElse(0);
        return booked(teacher, id, day)
                // whoever brings a need may be among those who come
                .map(booked -> new People(Math.max(1, Math.max(most, booked.mats())), usual.needs(), usual.room()))
                .orElse(usual);
    }

    public UUID create(Teacher teacher, Group group) {
        UUID id = UUID.randomUUID();
        with(asked(NEW_GROUP, teacher), group).param("id", id).update();
        return id;
    }

    /** Nothing happens when it is no longer there. */
    public void change(Teacher teacher, Group group) {
        with(asked(CHANGED_GROUP, teacher), group).param("id", group.id()).update();
    }

    /** Its classes stay, for nobody in particular; false when the teacher has no such group. */
    @Transactional
    public boolean remove(Teacher teacher, UUID id) {
        asked(GROUP_OF_NO_CLASS, teacher).param("id", id).update();
        asked(GROUP_OF_NO_COURSE, teacher).param("id", id).update();
        return asked(GROUP_GONE, teacher).param("id", id).update() == 1;
    }

    public UUID create(Teacher teacher, Room room) {
        UUID id = UUID.randomUUID();
        with(asked(NEW_ROOM, teacher), room).param("id", id).update();
        return id;
    }

    public void change(Teacher teacher, KeptRoom kept) {
        with(asked(CHANGED_ROOM, teacher), kept.room()).param("id", kept.id()).update();
    }

    /** False when the teacher has no such room. */
    @Transactional
    public boolean removeRoom(Teacher teacher, UUID id) {
        asked(ROOM_OF_NO_GROUP, teacher).param("id", id).update();
        return asked(ROOM_GONE, teacher).param("id", id).update() == 1;
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static JdbcClient.StatementSpec with(JdbcClient.StatementSpec statement, Group group) {
        return statement
                .param("name", group.name())
                .param("weekday", group.day().getValue())
                .param("starts", group.startsAt())
                .param("slot", group.slotMinutes())
                .param("level", group.level().name())
                .param("mats", group.mats())
                .param("needs", JSON.writeValueAsString(group.needs()))
                .param("style", group.style() == null ? null : group.style().name(), Types.VARCHAR)
                .param("school", group.school())
                .param("welcome", group.touch().welcome())
                .param("ask", group.touch().ask())
                .param("none", group.touch().none())
                .param("room", group.room(), Types.OTHER);
    }

    private static JdbcClient.StatementSpec with(JdbcClient.StatementSpec statement, Room room) {
        return statement
                .param("name", room.name())
                .param("mats", room.mats())
                .param("wall", room.wall())
                .param("props", JSON.writeValueAsString(room.props()));
    }

    private static Group group(ResultSet row, int n) throws SQLException {
        Map<Need, Integer> needs = JSON.readValue(row.getString("needs"), new TypeReference<Map<Need, Integer>>() {});
        String style = row.getString("style");
        return new Group(
                row.getObject("id", UUID.class),
                row.getString("name"),
                DayOfWeek.of(row.getInt("weekday")),
                row.getObject("starts_at", LocalTime.class),
                row.getInt("slot_minutes"),
                Level.valueOf(row.getString("level")),
                row.getInt("mats"),
                needs.isEmpty() ? Map.of() : new EnumMap<>(needs),
                style == null ? null : Style.valueOf(style),
                row.getString("school"),
                new Touch(row.getInt("touch_welcome"), row.getInt("touch_ask"), row.getInt("touch_none")),
                row.getObject("room_id", UUID.class));
    }

    private static KeptRoom room(ResultSet row, int n) throws SQLException {
        Map<String, Integer> props =
                JSON.readValue(row.getString("props"), new TypeReference<Map<String, Integer>>() {});
        Room room = new Room(row.getString("name"), props, row.getBoolean("wall"), row.getInt("mats"));
        return new KeptRoom(row.getObject("id", UUID.class), room);
    }
}
