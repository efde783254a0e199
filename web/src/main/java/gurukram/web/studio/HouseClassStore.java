package gurukram.web.studio;

import gurukram.core.plan.NodeId;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Classes that are shared in a studio, and remarks on them. A class that is gone is shared no more. */
@Repository
class HouseClassStore {
    private static final String COLUMNS = """
            select h.id, h.class_studio_id, h.class_id, h.teacher_id, h.template, h.shared_at, c.title, c.style, c.level,
                   c.slot_minutes, t.name,
                   (select count(*) from house_remark r
                     where r.studio_id = h.studio_id and r.house_class_id = h.id and r.resolved_at is null) as open
              from house_class h
              join yoga_class c on c.studio_id = h.class_studio_id and c.id = h.class_id and c.deleted_at is null
              join teacher t on t.id = h.teacher_id
             where h.studio_id = :studio\s""";
    private static final String ALL = COLUMNS + "order by h.template desc, h.shared_at desc, h.id";
    private static final String ONE = COLUMNS + "and h.id = :id";
    private static final String SHARE = """
            insert into house_class (studio_id, id, class_studio_id, class_id, teacher_id, shared_at)
            values (:studio, :id, :home, :class, :teacher, :now) on conflict (studio_id, class_id) do nothing""";
    private static final String IS_SHARED =
            "select id from house_class where studio_id = :studio and class_id = :class";
    private static final String END = "delete from house_class where studio_id = :studio and id = :id";
    private static final String TEMPLATE =
            "update house_class set template = :yes where studio_id = :studio and id = :id";
    private static final String REMARKS = """
            select r.id, r.node, r.line, r.words, r.teacher_id, r.made_at, r.resolved_at, t.name
              from house_remark r join teacher t on t.id = r.teacher_id
             where r.studio_id = :studio and r.house_class_id = :class order by r.made_at, r.id""";
    private static final String REMARK = """
            insert into house_remark (studio_id, id, house_class_id, node, line, words, teacher_id, made_at)
            values (:studio, :id, :class, :node, :line, :words, :teacher, :now)""";
    private static final String RESOLVE = """
            update house_remark set resolved_at = :now
             where studio_id = :studio and house_class_id = :class and id = :id and resolved_at is null""";
    private static final String TAKE_BACK =
            "delete from house_remark where studio_id = :studio and house_class_id = :class and id = :id";

    /**
     * A class as it is shared.
     *
     * @param home the studio of whoever made it, {@code teacher} who that is
     * @param open how many remarks are not resolved
     */
    record Shared(
            UUID id,
            UUID home,
            ClassId classId,
            UUID teacher,
            boolean template,
            Instant sharedAt,
            String title,
            String style,
            String level,
            int minutes,
            String by,
            int open) {
        /** On whose behalf it is read. */
        Teacher maker() {
            return Teacher.named(home, teacher);
        }
    }

    /** @param line what stood there when it was made; {@code resolvedAt} null while it is open */
    record Remark(
            UUID id, NodeId node, String line, String words, UUID teacher, String by, Instant at, Instant resolvedAt) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    HouseClassStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    List<Shared> all(UUID studio) {
        return jdbc.sql(ALL)
                .param("studio", studio)
                .query(HouseClassStore::shared)
                .list();
    }

    Optional<Shared> find(UUID studio, UUID id) {
        return jdbc.sql(ONE)
                .param("studio", studio)
                .param("id", id)
                .query(HouseClassStore::shared)
                .optional();
    }

    private static Shared shared(ResultSet row, int n) throws SQLException {
        return new Shared(
                row.getObject("id", UUID.class),
                row.getObject("class_studio_id", UUID.class),
                new ClassId(row.getObject("class_id", UUID.class)),
                row.getObject("teacher_id", UUID.class),
                row.getBoolean("template"),
                row.getTimestamp("shared_at").toInstant(),
                row.getString("title"),
                row.getString("style"),
                row.getString("level"),
                row.getInt("slot_minutes"),
                row.getString("name"),
                row.getInt("open"));
    }

    /** One that is shared already stays as it is. @return its id */
    UUID share(UUID studio, Teacher maker, ClassId id) {
        jdbc.sql(SHARE)
                .param("studio", studio)
                .param("id", UUID.randomUUID())
                .param("home", maker.studio())
                .param("class", id.value())
                .param("teacher", maker.id())
                .param("now", now())
                .update();
        return shared(studio, id).orElseThrow();
    }

    Optional<UUID> shared(UUID studio, ClassId id) {
        return jdbc.sql(IS_SHARED)
                .param("studio", studio)
                .param("class", id.value())
                .query(UUID.class)
                .optional();
    }

    void end(UUID studio, UUID id) {
        jdbc.sql(END).param("studio", studio).param("id", id).update();
    }

    void template(UUID studio, UUID id, boolean yes) {
        jdbc.sql(TEMPLATE)
                .param("studio", studio)
                .param("id", id)
                .param("yes", yes)
                .update();
    }

    List<Remark> remarks(UUID studio, UUID shared) {
        return jdbc.sql(REMARKS)
                .param("studio", studio)
                .param("class", shared)
                .query((row, n) -> new Remark(
                        row.getObject("id", UUID.class),
                        new NodeId(row.getString("node")),
                        row.getString("line"),
                        row.getString("words"),
                        row.getObject("teacher_id", UUID.class),
                        row.getString("name"),
                        row.getTimestamp("made_at").toInstant(),
                        row.getTimestamp("resolved_at") == null
                                ? null
                                : row.getTimestamp("resolved_at").toInstant()))
                .list();
    }

    void remark(UUID studio, UUID shared, NodeId node, String line, String words, Teacher by) {
        jdbc.sql(REMARK)
                .param("studio", studio)
                .param("id", UUID.randomUUID())
                .param("class", shared)
                .param("node", node.value())
                .param("line", line)
                .param("words", words)
                .param("teacher", by.id())
                .param("now", now())
                .update();
    }

    void resolve(UUID studio, UUID shared, UUID id) {
        jdbc.sql(RESOLVE)
                .param("studio", studio)
                .param("class", shared)
                .param("id", id)
                .param("now", now())
                .update();
    }

    void takeBack(UUID studio, UUID shared, UUID id) {
        jdbc.sql(TAKE_BACK)
                .param("studio", studio)
                .param("class", shared)
                .param("id", id)
                .update();
    }
}
