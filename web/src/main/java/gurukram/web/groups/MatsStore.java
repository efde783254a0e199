package gurukram.web.groups;

import gurukram.core.progress.Mats;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** How many mats of a group worked on which rung of a ladder, class by class. */
@Repository
public class MatsStore {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String OF_GROUP = """
            select m.id, m.day, m.on_rung from rung_mats m
              join class_group g on g.studio_id = m.studio_id and g.id = m.group_id
             where m.studio_id = :studio and g.teacher_id = :teacher and m.group_id = :group and m.ladder = :ladder
             order by m.day desc limit 30""";
    private static final String ALL = """
            select m.day, m.on_rung from rung_mats m
              join class_group g on g.studio_id = m.studio_id and g.id = m.group_id
             where m.studio_id = :studio and g.teacher_id = :teacher and m.group_id = :group""";
    private static final String KEEP = """
            insert into rung_mats (studio_id, id, group_id, ladder, day, on_rung)
            select :studio, :id, g.id, :ladder, :day, :rungs::jsonb from class_group g
             where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group
            on conflict (studio_id, group_id, ladder, day) do update set on_rung = excluded.on_rung""";
    private static final String OUT = """
            delete from rung_mats m using class_group g
             where m.studio_id = :studio and g.studio_id = m.studio_id and g.id = m.group_id and g.teacher_id = :teacher
               and m.group_id = :group and m.id = :id""";

    /** One class that was counted. */
    record Kept(UUID id, Mats mats) {}

    private final JdbcClient jdbc;

    MatsStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The latest first. */
    List<Kept> of(Teacher teacher, UUID group, String ladder) {
        return asked(OF_GROUP, teacher, group)
                .param("ladder", ladder)
                .query((row, n) -> new Kept(row.getObject("id", UUID.class), mats(row)))
                .list();
    }

    /** What was counted last, in words; empty where nothing was. */
    public Optional<String> lately(Teacher teacher, UUID group, String ladder) {
        return of(teacher, group, ladder).stream()
                .findFirst()
                .map(kept -> kept.mats().words());
    }

    /** Throws something when what is kept of a group cannot be read. */
    public void check(Teacher teacher, UUID group) {
        asked(ALL, teacher, group).query((row, n) -> mats(row)).list();
    }

    private static Mats mats(ResultSet row) throws SQLException {
        return new Mats(
                row.getObject("day", LocalDate.class),
                JSON.readValue(row.getString("on_rung"), new TypeReference<Map<Integer, Integer>>() {}));
    }

    /** In the place of what was counted that day before; false when the group is not there. */
    boolean keep(Teacher teacher, UUID group, String ladder, Mats mats) {
        return asked(KEEP, teacher, group)
                        .param("id", UUID.randomUUID())
                        .param("ladder", ladder)
                        .param("day", mats.day())
                        .param("rungs", JSON.writeValueAsString(mats.onRung()))
                        .update()
                == 1;
    }

    boolean takeOut(Teacher teacher, UUID group, UUID id) {
        return asked(OUT, teacher, group).param("id", id).update() == 1;
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher, UUID group) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("group", group);
    }
}
