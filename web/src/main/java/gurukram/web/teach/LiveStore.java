package gurukram.web.teach;

import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Where classes stand right now, and who may look on. */
@Repository
class LiveStore {
    /** A device that was not heard of for longer has no say any more. */
    static final Duration HEARD = Duration.ofSeconds(30);

    static final int MOST_GUESTS = 20;

    private static final String TELL = """
            insert into room_live (studio_id, taught_id, device, state, course, told_at)
            select :studio, t.id, :device, cast(:state as text), cast(:course as text), :now from taught_class t
             where t.studio_id = :studio and t.teacher_id = :teacher and t.id = :id
            on conflict (studio_id, taught_id) do update
               set device = excluded.device, state = excluded.state, course = coalesce(excluded.course, room_live.course),
                   told_at = excluded.told_at
             where :takeOver or room_live.device = excluded.device or room_live.told_at < :heard""";
    private static final String IS_OF =
            "select 1 from taught_class where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String LOOK = """
            select l.device, l.state, l.course, l.told_at from room_live l
              join taught_class t on t.studio_id = l.studio_id and t.id = l.taught_id
             where l.studio_id = :studio and t.teacher_id = :teacher and l.taught_id = :id""";
    private static final String INVITE = """
            insert into room_guest (hash, studio_id, taught_id, ends_at)
            select :hash, :studio, t.id, :ends from taught_class t
             where t.studio_id = :studio and t.teacher_id = :teacher and t.id = :id
               and (select count(*) from room_guest g where g.studio_id = :studio and g.taught_id = t.id) < :most""";
    private static final String CLEAR = "delete from room_guest where ends_at < :now";
    private static final String GUEST = """
            select t.studio_id, t.teacher_id, t.id, t.title, t.ended_at, l.state, l.told_at from room_guest g
              join taught_class t on t.studio_id = g.studio_id and t.id = g.taught_id
              left join room_live l on l.studio_id = g.studio_id and l.taught_id = g.taught_id
             where g.hash = :hash and g.ends_at > :now""";

    /**
     * What a device told last.
     *
     * @param state as it told it, {@code course} how the class goes on; null when it never left its script
     */
    record Live(String device, String state, String course, Instant toldAt) {}

    /** @param state null before the class begins, {@code toldAt} with it */
    record Guest(UUID studio, UUID teacher, UUID taught, String title, boolean over, String state, Instant toldAt) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    LiveStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Whether the class is this teacher's. */
    boolean isOf(Teacher teacher, TaughtId id) {
        return of(IS_OF, teacher, id).query(Integer.class).optional().isPresent();
    }

    /** False when another device teaches this class. */
    boolean tell(Teacher teacher, TaughtId id, String device, boolean takeOver, String state, String course) {
        Instant now = clock.instant();
        return of(TELL, teacher, id)
                        .param("device", device)
                        .param("takeOver", takeOver)
                        .param("state", state)
                        .param("course", course)
                        .param("now", utc(now))
                        .param("heard", utc(now.minus(HEARD)))
                        .update()
                == 1;
    }

    Optional<Live> look(Teacher teacher, TaughtId id) {
        return of(LOOK, teacher, id)
                .query((row, n) -> new Live(
                        row.getString("device"),
                        row.getString("state"),
                        row.getString("course"),
                        row.getObject("told_at", OffsetDateTime.class).toInstant()))
                .optional();
    }

    /** Whoever has the secret may look on until then; false when there are too many links already, or no such class. */
    @Transactional
    boolean invite(Teacher teacher, TaughtId id, String secret, Instant until) {
        jdbc.sql(CLEAR).param("now", utc(clock.instant())).update();
        return of(INVITE, teacher, id)
                        .param("hash", Secrets.hash(secret))
                        .param("ends", utc(until))
                        .param("most", MOST_GUESTS)
                        .update()
                == 1;
    }

    Optional<Guest> guest(String secret) {
        return jdbc.sql(GUEST)
                .param("hash", Secrets.hash(secret))
                .param("now", utc(clock.instant()))
                .query((row, n) -> {
                    OffsetDateTime told = row.getObject("told_at", OffsetDateTime.class);
                    return new Guest(
                            row.getObject("studio_id", UUID.class),
                            row.getObject("teacher_id", UUID.class),
                            row.getObject("id", UUID.class),
                            row.getString("title"),
                            row.getObject("ended_at") != null,
                            row.getString("state"),
                            told == null ? null : told.toInstant());
                })
                .optional();
    }

    private JdbcClient.StatementSpec of(String sql, Teacher teacher, TaughtId id) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("id", id.value());
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
