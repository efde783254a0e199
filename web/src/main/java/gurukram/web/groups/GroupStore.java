package gurukram.web.groups;

import gurukram.web.shared.Teacher;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Weekly groups. */
@Repository
public class GroupStore {
    private static final String GROUPS = """
            select id, name, weekday, starts_at, slot_minutes, level from class_group
             where studio_id = :studio and teacher_id = :teacher
             order by weekday, starts_at""";
    private static final String NEW_GROUP = """
            insert into class_group (studio_id, id, teacher_id, name, weekday, starts_at, slot_minutes, level)
            values (:studio, :id, :teacher, :name, :weekday, :starts, :slot, :level)""";

    private final JdbcClient jdbc;

    public GroupStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public List<Group> groups(Teacher teacher) {
        return jdbc.sql(GROUPS)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .query((row, n) -> new Group(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        DayOfWeek.of(row.getInt("weekday")),
                        row.getObject("starts_at", LocalTime.class),
                        row.getInt("slot_minutes"),
                        row.getString("level")))
                .list();
    }

    public UUID create(Teacher teacher, String name, DayOfWeek day, LocalTime startsAt, int slot, String level) {
        UUID id = UUID.randomUUID();
        jdbc.sql(NEW_GROUP)
                .param("studio", teacher.studio())
                .param("id", id)
                .param("teacher", teacher.id())
                .param("name", name)
                .param("weekday", day.getValue())
                .param("starts", startsAt)
                .param("slot", slot)
                .param("level", level)
                .update();
        return id;
    }
}
