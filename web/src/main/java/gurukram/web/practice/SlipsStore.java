package gurukram.web.practice;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.practice.Slips.Kind;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Classes with slips in them, and what a teacher saw. */
@Repository
class SlipsStore {
    /** Older ones are let go. */
    private static final int MOST = 40;

    private static final String MAKE = """
            insert into practice_slips (studio_id, id, teacher_id, title, plan, slips, made_at)
            values (:studio, :id, :teacher, :title, :plan::jsonb, :slips::jsonb, :now)""";
    private static final String PRUNE = """
            delete from practice_slips where studio_id = :studio and teacher_id = :teacher and id not in
            (select id from practice_slips where studio_id = :studio and teacher_id = :teacher order by made_at desc limit :most)""";
    private static final String FIND = """
            select id, title, plan, slips, marked, found, missed, wrong, made_at from practice_slips
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String DONE = """
            select id, title, found, missed, wrong, made_at from practice_slips
             where studio_id = :studio and teacher_id = :teacher and marked is not null order by made_at desc limit 10""";
    private static final String MARK = """
            update practice_slips set marked = :marked::jsonb, found = :found, missed = :missed, wrong = :wrong
             where studio_id = :studio and teacher_id = :teacher and id = :id and marked is null""";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** @param nodes where it may be marked */
    record Slip(Kind kind, List<NodeId> nodes, String told) {}

    /** @param others places where the checks say something that was not put in, with what they say */
    record Put(List<Slip> slips, List<Other> others) {}

    record Other(NodeId node, String told) {}

    /** @param marked null until the teacher has looked */
    record Kept(UUID id, String title, ClassPlan plan, Put put, List<NodeId> marked) {}

    /** @param of how many there were */
    record Done(UUID id, String title, int found, int of, int wrong, Instant at) {}

    private final JdbcClient jdbc;

    SlipsStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    UUID make(Teacher teacher, String title, ClassPlan plan, Put put, Instant now) {
        UUID id = UUID.randomUUID();
        asked(MAKE, teacher)
                .param("id", id)
                .param("title", title)
                .param("plan", PlanJson.write(plan))
                .param("slips", JSON.writeValueAsString(put))
                .param("now", Timestamp.from(now))
                .update();
        asked(PRUNE, teacher).param("most", MOST).update();
        return id;
    }

    Optional<Kept> find(Teacher teacher, UUID id) {
        return asked(FIND, teacher).param("id", id).query(SlipsStore::kept).optional();
    }

    /** Once only. */
    void mark(Teacher teacher, UUID id, List<NodeId> marked, int found, int missed, int wrong) {
        asked(MARK, teacher)
                .param("id", id)
                .param("marked", JSON.writeValueAsString(marked))
                .param("found", found)
                .param("missed", missed)
                .param("wrong", wrong)
                .update();
    }

    List<Done> done(Teacher teacher) {
        return asked(DONE, teacher)
                .query((row, n) -> new Done(
                        row.getObject("id", UUID.class),
                        row.getString("title"),
                        row.getInt("found"),
                        row.getInt("found") + row.getInt("missed"),
                        row.getInt("wrong"),
                        row.getTimestamp("made_at").toInstant()))
                .list();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        String marked = row.getString("marked");
        return new Kept(
                row.getObject("id", UUID.class),
                row.getString("title"),
                PlanJson.read(row.getString("plan")),
                put(row.getString("slips")),
                marked == null ? null : List.of(JSON.readValue(marked, NodeId[].class)));
    }

    /** What {@link #make} wrote; a Jackson exception for anything else. */
    static Put put(String json) {
        return JSON.readValue(json, Put.class);
    }
}
