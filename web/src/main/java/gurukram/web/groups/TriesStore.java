package gurukram.web.groups;

import gurukram.core.pose.PoseCatalogue;
import gurukram.core.progress.Standing;
import gurukram.core.progress.Tries;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What groups tried of the rungs of ladders. */
@Repository
public class TriesStore {
    private static final String NEW = """
            insert into rung_tries (studio_id, id, group_id, ladder, day, rung, tries, clean, smooth,
                                    right_seconds, left_seconds, pain, taught_id)
            select :studio, :id, g.id, :ladder, :day, :rung, :tries, :clean, :smooth, :right, :left, :pain, :taught
              from class_group g
             where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group""";
    private static final String OF_GROUP = """
            select t.ladder, t.day, t.rung, t.tries, t.clean, t.smooth, t.right_seconds, t.left_seconds, t.pain
              from rung_tries t
              join class_group g on g.studio_id = t.studio_id and g.id = t.group_id
             where t.studio_id = :studio and g.teacher_id = :teacher and t.group_id = :group
             order by t.day, t.id""";

    private static final String OF_LOG = """
            select t.ladder, t.day, t.rung, t.tries, t.clean, t.smooth, t.right_seconds, t.left_seconds, t.pain
              from rung_tries t
              join class_group g on g.studio_id = t.studio_id and g.id = t.group_id
             where t.studio_id = :studio and g.teacher_id = :teacher and t.taught_id = :taught""";
    private static final String FORGET = """
            delete from rung_tries t using class_group g
             where t.studio_id = :studio and g.studio_id = t.studio_id and g.id = t.group_id and g.teacher_id = :teacher
               and t.taught_id = :taught and t.ladder = :ladder""";

    private static final String KEPT = """
            select t.id, t.ladder, t.day, t.rung, t.tries, t.clean, t.smooth, t.right_seconds, t.left_seconds, t.pain
              from rung_tries t
              join class_group g on g.studio_id = t.studio_id and g.id = t.group_id
             where t.studio_id = :studio and g.teacher_id = :teacher and t.group_id = :group and t.ladder = :ladder
             order by t.day desc, t.id""";
    private static final String TAKE_OUT = """
            delete from rung_tries t using class_group g
             where t.studio_id = :studio and g.studio_id = t.studio_id and g.id = t.group_id and g.teacher_id = :teacher
               and t.group_id = :group and t.id = :id""";

    /** One session that was kept. */
    record Kept(UUID id, Tries tries) {}

    private final JdbcClient jdbc;

    TriesStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @return whether the group is the teacher's, so that it was kept */
    public boolean keep(Teacher teacher, UUID group, String ladder, Tries tries) {
        return keep(teacher, group, ladder, tries, null);
    }

    /** In the place of what was read off the same log before. */
    @Transactional
    public boolean keepOfLog(Teacher teacher, UUID group, String ladder, Tries tries, UUID taught) {
        forget(teacher, taught, ladder);
        return keep(teacher, group, ladder, tries, taught);
    }

    /** What was read off a log is taken out. */
    public boolean forget(Teacher teacher, UUID taught, String ladder) {
        return log(FORGET, teacher, taught).param("ladder", ladder).update() > 0;
    }

    /** What was read off a log, by ladder. */
    public Map<String, Tries> ofLog(Teacher teacher, UUID taught) {
        Map<String, Tries> byLadder = new LinkedHashMap<>();
        log(OF_LOG, teacher, taught)
                .query((row, n) -> byLadder.put(row.getString("ladder"), tries(row)))
                .list();
        return byLadder;
    }

    private JdbcClient.StatementSpec log(String sql, Teacher teacher, UUID taught) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("taught", taught);
    }

    private boolean keep(Teacher teacher, UUID group, String ladder, Tries tries, UUID taught) {
        return asked(NEW, teacher, group)
                        .param("id", UUID.randomUUID())
                        .param("ladder", ladder)
                        .param("day", tries.day())
                        .param("rung", tries.rung())
                        .param("tries", tries.tries())
                        .param("clean", tries.clean())
                        .param("smooth", tries.smooth())
                        .param("right", tries.rightSeconds(), Types.INTEGER)
                        .param("left", tries.leftSeconds(), Types.INTEGER)
                        .param("pain", tries.pain())
                        .param("taught", taught, Types.OTHER)
                        .update()
                == 1;
    }

    /** The group's tries by ladder, the oldest first. */
    public Map<String, List<Tries>> of(Teacher teacher, UUID group) {
        Map<String, List<Tries>> byLadder = new LinkedHashMap<>();
        record Row(String ladder, Tries tries) {}
        asked(OF_GROUP, teacher, group)
                .query((row, n) -> new Row(row.getString("ladder"), tries(row)))
                .list()
                .forEach(row -> byLadder.computeIfAbsent(row.ladder(), l -> new ArrayList<>())
                        .add(row.tries()));
        return byLadder;
    }

    /** A group's sessions on one ladder, the latest first. */
    List<Kept> kept(Teacher teacher, UUID group, String ladder) {
        return asked(KEPT, teacher, group)
                .param("ladder", ladder)
                .query((row, n) -> new Kept(row.getObject("id", UUID.class), tries(row)))
                .list();
    }

    /** It was wrong; false when there is no such session. */
    boolean takeOut(Teacher teacher, UUID group, UUID id) {
        return asked(TAKE_OUT, teacher, group).param("id", id).update() == 1;
    }

    /** The rung the group stands on, for each ladder it has tried something of. */
    public Map<String, Integer> rungs(Teacher teacher, UUID group, PoseCatalogue catalogue) {
        Map<String, Integer> rungs = new LinkedHashMap<>();
        of(teacher, group)
                .forEach((id, tries) -> catalogue
                        .ladder(id)
                        .ifPresent(ladder ->
                                rungs.put(id, Standing.of(ladder, tries).rung())));
        return rungs;
    }

    private static Tries tries(ResultSet row) throws SQLException {
        return new Tries(
                row.getObject("day", LocalDate.class),
                row.getInt("rung"),
                row.getInt("tries"),
                row.getInt("clean"),
                row.getBoolean("smooth"),
                row.getObject("right_seconds", Integer.class),
                row.getObject("left_seconds", Integer.class),
                row.getBoolean("pain"));
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher, UUID group) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("group", group);
    }
}
