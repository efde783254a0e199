package gurukram.web.teach;

import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Classes gone through without people: what was marked on the way. */
@Repository
public class RehearsalStore {
    private static final int MOST_OF_A_CLASS = 20;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String KEEP = """
            insert into rehearsal (studio_id, id, teacher_id, class_id, way, at, took_ms, planned_ms, places)
            values (:studio, :id, :teacher, :class, :way, :at, :took, :planned, :places::jsonb)""";
    private static final String CLEAR = """
            delete from rehearsal where studio_id = :studio and teacher_id = :teacher and class_id = :class and id not in (
              select id from rehearsal where studio_id = :studio and teacher_id = :teacher and class_id = :class
               order by at desc limit :most)""";
    private static final String FIND = """
            select * from rehearsal
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and id = :id""";

    /**
     * A place that was marked.
     *
     * @param atMs from the beginning of the class, by its plan
     * @param what {@code stumbled}, or {@code words} for more of them than fit
     * @param words what there is to say about it; may be empty
     */
    public record Place(String node, String side, String name, long atMs, String what, String words) {}

    /** @param way {@code 1}, {@code 4}, {@code 8} times as fast, or {@code finger} */
    public record Rehearsal(UUID id, String way, Instant at, long tookMs, long plannedMs, List<Place> places) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    RehearsalStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Transactional
    UUID keep(Teacher teacher, UUID classId, String way, long tookMs, long plannedMs, List<Place> places) {
        UUID id = UUID.randomUUID();
        owned(KEEP, teacher, classId)
                .param("id", id)
                .param("way", way)
                .param("at", clock.instant().atOffset(ZoneOffset.UTC))
                .param("took", tookMs)
                .param("planned", plannedMs)
                .param("places", JSON.writeValueAsString(places))
                .update();
        owned(CLEAR, teacher, classId).param("most", MOST_OF_A_CLASS).update();
        return id;
    }

    Optional<Rehearsal> find(Teacher teacher, UUID classId, UUID id) {
        return rehearsal(owned(FIND, teacher, classId).param("id", id));
    }

    private static Optional<Rehearsal> rehearsal(JdbcClient.StatementSpec statement) {
        return statement
                .query((row, n) -> new Rehearsal(
                        row.getObject("id", UUID.class),
                        row.getString("way"),
                        row.getObject("at", OffsetDateTime.class).toInstant(),
                        row.getLong("took_ms"),
                        row.getLong("planned_ms"),
                        List.of(JSON.readValue(row.getString("places"), Place[].class))))
                .optional();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher, UUID classId) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("class", classId);
    }
}
