package gurukram.web.plans;

import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What is carried over from the last time a class was taught or rehearsed. */
@Repository
public class CarriedStore {
    private static final String FORGET = """
            delete from carried where studio_id = :studio and teacher_id = :teacher and source_id = :source
               and settled_at is null and kind <> 'note'""";
    private static final String NOTE = """
            insert into carried (studio_id, id, teacher_id, class_id, source_id, kind, node, words, at)
            select :studio, :id, :teacher, c.id, :source, 'note', :node, :words, :at from yoga_class c
             where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class
               and (select count(*) from carried o where o.studio_id = :studio and o.source_id = :source) < 100""";
    private static final String NOTES = """
            select id, kind, node, words, at from carried
             where studio_id = :studio and teacher_id = :teacher and source_id = :source and kind = 'note' and settled_at is null
             order by at, id""";
    private static final String OF_GROUP = """
            select r.id, r.kind, r.node, r.words, r.at, r.class_id, c.title from carried r
              join yoga_class c on c.studio_id = r.studio_id and c.id = r.class_id
             where r.studio_id = :studio and r.teacher_id = :teacher and c.group_id = :group and c.deleted_at is null
               and r.settled_at is null
             order by r.at desc, r.kind, r.id limit 20""";
    private static final String KEEP = """
            insert into carried (studio_id, id, teacher_id, class_id, source_id, kind, node, words, at)
            select :studio, :id, :teacher, c.id, :source, :kind, :node, :words, :at from yoga_class c
             where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class
               and not exists (select 1 from carried o where o.studio_id = :studio and o.source_id = :source
                                  and o.kind = :kind and o.words = :words)""";
    private static final String OPEN = """
            select id, kind, node, words, at from (
              select distinct on (kind, words) id, kind, node, words, at from carried
               where studio_id = :studio and teacher_id = :teacher and class_id = :class and settled_at is null
               order by kind, words, at desc) once
             order by at desc, kind, id limit 100""";
    private static final String COUNTS = """
            select class_id, count(distinct (kind, words)) as n from carried
             where studio_id = :studio and teacher_id = :teacher and settled_at is null group by class_id""";
    private static final String SETTLE = """
            update carried set settled_at = :now, done = :done
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and settled_at is null
               and (kind, words) = (select kind, words from carried where studio_id = :studio and id = :id)""";
    private static final String TAKE_BACK = """
            update carried set settled_at = null, done = null
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and id = :id""";

    /**
     * @param kind {@code side}, {@code said}, {@code props}, {@code place}, {@code left} or {@code note}
     * @param node the step it is about; null for the whole class
     */
    public record Carried(UUID id, String kind, String node, String words, Instant at) {}

    /** With the class that owes it. */
    public record OfClass(Carried carried, ClassId classId, String title) {}

    /** @param node the step it is about; null for the whole class */
    public record News(String kind, String node, String words) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    CarriedStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * What a log or a rehearsal leaves over, instead of what it left over when it was told before; what was settled stays so.
     *
     * @param source which log or rehearsal
     */
    @Transactional
    public void keep(Teacher teacher, UUID classId, UUID source, List<News> news) {
        owned(FORGET, teacher).param("source", source).update();
        for (News one : news)
            owned(KEEP, teacher)
                    .param("id", UUID.randomUUID())
                    .param("class", classId)
                    .param("source", source)
                    .param("kind", one.kind())
                    .param("node", one.node())
                    .param("words", one.words())
                    .param("at", now())
                    .update();
    }

    /** What is neither done nor dismissed, latest first; what several logs owe is told once. */
    public List<Carried> open(Teacher teacher, ClassId classId) {
        return owned(OPEN, teacher)
                .param("class", classId.value())
                .query(CarriedStore::carried)
                .list();
    }

    /** A note on a step, of the log it came from; false when there is no such class, or when there are too many. */
    public boolean note(Teacher teacher, UUID classId, UUID source, String node, String words) {
        return owned(NOTE, teacher)
                        .param("id", UUID.randomUUID())
                        .param("class", classId)
                        .param("source", source)
                        .param("node", node)
                        .param("words", words)
                        .param("at", now())
                        .update()
                == 1;
    }

    /** The notes of a log that are still open. */
    public List<Carried> notes(Teacher teacher, UUID source) {
        return owned(NOTES, teacher)
                .param("source", source)
                .query(CarriedStore::carried)
                .list();
    }

    /** What the classes of a group owe, latest first. */
    public List<OfClass> ofGroup(Teacher teacher, UUID group) {
        return owned(OF_GROUP, teacher)
                .param("group", group)
                .query((row, n) -> new OfClass(
                        carried(row, n), new ClassId(row.getObject("class_id", UUID.class)), row.getString("title")))
                .list();
    }

    private static Carried carried(ResultSet row, int n) throws SQLException {
        return new Carried(
                row.getObject("id", UUID.class),
                row.getString("kind"),
                row.getString("node"),
                row.getString("words"),
                row.getObject("at", OffsetDateTime.class).toInstant());
    }

    /** How much is open, by class. */
    public Map<UUID, Integer> counts(Teacher teacher) {
        Map<UUID, Integer> counts = new HashMap<>();
        owned(COUNTS, teacher)
                .query((row, n) -> counts.put(row.getObject("class_id", UUID.class), row.getInt("n")))
                .list();
        return counts;
    }

    /** It, and the same owed by other logs. @param done false when it is dismissed */
    public boolean settle(Teacher teacher, ClassId classId, UUID id, boolean done) {
        return owned(SETTLE, teacher)
                        .param("class", classId.value())
                        .param("id", id)
                        .param("done", done)
                        .param("now", now())
                        .update()
                > 0;
    }

    public boolean takeBack(Teacher teacher, ClassId classId, UUID id) {
        return owned(TAKE_BACK, teacher)
                        .param("class", classId.value())
                        .param("id", id)
                        .update()
                == 1;
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }
}
