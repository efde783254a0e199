package gurukram.web.poses;

import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Teachers' own poses, as catalogue entries in JSON. */
@Repository
class OwnPoseStore {
    private static final String OWN = """
            select pose, entry::text as entry, version, away from own_pose
             where studio_id = :studio and teacher_id = :teacher order by created_at, pose""";
    private static final String ONE = """
            select pose, entry::text as entry, version, away from own_pose
             where studio_id = :studio and teacher_id = :teacher and pose = :pose""";
    private static final String ADD = """
            insert into own_pose (studio_id, teacher_id, pose, entry, version, away, created_at, changed_at)
            values (:studio, :teacher, :pose, :entry::jsonb, 1, false, :now, :now) on conflict do nothing""";
    private static final String CHANGE = """
            update own_pose set entry = :entry::jsonb, version = version + 1, away = false, changed_at = :now
             where studio_id = :studio and teacher_id = :teacher and pose = :pose and version = :version""";
    private static final String PUT_AWAY = """
            update own_pose set away = :away, version = version + 1, changed_at = :now
             where studio_id = :studio and teacher_id = :teacher and pose = :pose""";
    private static final String FORGET =
            "delete from own_pose where studio_id = :studio and teacher_id = :teacher and pose = :pose";

    /** @param away put away: plans that hold it still find it, the browser does not offer it */
    record Row(String pose, String entry, int version, boolean away) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    OwnPoseStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    List<Row> of(Teacher teacher) {
        return mine(OWN, teacher).query(OwnPoseStore::row).list();
    }

    Optional<Row> find(Teacher teacher, String pose) {
        return mine(ONE, teacher).param("pose", pose).query(OwnPoseStore::row).optional();
    }

    /** False when the teacher has a pose of this id already. */
    boolean add(Teacher teacher, String pose, String entry) {
        return mine(ADD, teacher)
                        .param("pose", pose)
                        .param("entry", entry)
                        .param("now", now())
                        .update()
                == 1;
    }

    /** False when the pose was changed or removed since that version was read. */
    boolean change(Teacher teacher, String pose, String entry, int version) {
        return mine(CHANGE, teacher)
                        .param("pose", pose)
                        .param("entry", entry)
                        .param("version", version)
                        .param("now", now())
                        .update()
                == 1;
    }

    void putAway(Teacher teacher, String pose, boolean away) {
        mine(PUT_AWAY, teacher)
                .param("pose", pose)
                .param("away", away)
                .param("now", now())
                .update();
    }

    void forget(Teacher teacher, String pose) {
        mine(FORGET, teacher).param("pose", pose).update();
    }

    private JdbcClient.StatementSpec mine(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private static Row row(ResultSet rs, int n) throws SQLException {
        return new Row(rs.getString("pose"), rs.getString("entry"), rs.getInt("version"), rs.getBoolean("away"));
    }
}
