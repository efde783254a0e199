package gurukram.web.logbook;

import gurukram.web.shared.Teacher;
import gurukram.web.teach.CoveredLog;
import gurukram.web.teach.TaughtId;
import gurukram.web.teach.TaughtStore.Said;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The classes that were taught, as a logbook: found, looked back on, put right, deleted. */
@Repository
class LogbookStore {
    /** So long a class that was deleted can be taken back. */
    static final Duration KEPT = Duration.ofDays(30);

    private static final String FOUND = """

             where t.studio_id = :studio and t.teacher_id = :teacher and t.started_at is not null and t.deleted_at is null
               and t.started_at < coalesce(cast(:before as timestamptz), 'infinity')
               and (:like = '' or t.title ilike :like or t.level ilike :like or t.note ilike :like or t.felt ilike :like or t.changes::text ilike :like)
             order by t.started_at desc limit :most""";
    private static final String HEADING =
            "select t.id, t.title, t.level, t.planned_ms, t.started_at, t.ended_at, t.counts, t.people from taught_class t";
    private static final String BEGUN = HEADING + FOUND;
    private static final String ROWS = """
            select t.id, t.title, t.level, t.planned_ms, t.started_at, t.ended_at, t.counts, t.note,
                   t.people, t.first_timers, t.felt, coalesce(sum(m.paused_ms), 0) as paused, count(*) filter (where m.outcome = 'skipped') as left_out
              from (select * from taught_class t
""" + FOUND + """
                   ) t left join taught_moment m on m.studio_id = :studio and m.taught_id = t.id
             group by t.id, t.title, t.level, t.planned_ms, t.started_at, t.ended_at, t.counts, t.note,
                      t.people, t.first_timers, t.felt
             order by t.started_at desc""";
    private static final String OVER = """
            select id, title, level, started_at, ended_at, planned_ms, slot_ms, people, covered from taught_class
             where studio_id = :studio and teacher_id = :teacher and counts and ended_at is not null
               and started_at >= :from and (cast(:group as uuid) is null or group_id = :group)
             order by started_at""";
    private static final String AFTERWARDS = """
            update taught_class set note = :note, felt = :felt, people = :people, first_timers = :new
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";
    private static final String TIMES = """
            update taught_class set started_at = :started, ended_at = :ended
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";
    private static final String DELETE = """
            update taught_class set deleted_at = :now
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null and started_at is not null""";
    private static final String RESTORE = """
            update taught_class set deleted_at = null
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is not null""";
    private static final String DELETED = HEADING + """

             where t.studio_id = :studio and t.teacher_id = :teacher and t.deleted_at > :since order by t.deleted_at desc limit 20""";
    private static final String PURGE =
            "delete from taught_class where studio_id = :studio and teacher_id = :teacher and deleted_at <= :since";
    private static final String CORRECTED = """
            insert into taught_correction (studio_id, id, taught_id, at, words)
            select :studio, :new, t.id, :now, :words from taught_class t
             where t.studio_id = :studio and t.teacher_id = :teacher and t.id = :id""";
    private static final String CORRECTIONS = """
            select c.at, c.words from taught_correction c
              join taught_class t on t.studio_id = c.studio_id and t.id = c.taught_id
             where t.studio_id = :studio and t.teacher_id = :teacher and t.id = :id order by c.at, c.id""";

    private final JdbcClient jdbc;
    private final Clock clock;

    LogbookStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * What is looked for in the logbook.
     *
     * @param words in the title, the level, the note or what was changed on the way; empty for all
     * @param before null for the latest
     */
    record Search(String words, Instant before, int most) {
        static Search latest(int most) {
            return new Search("", null, most);
        }

        String like() {
            if (words.isBlank()) return "";
            return "%" + words.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
        }
    }

    /**
     * One line of the logbook.
     *
     * @param endedAt null while it is not finished
     * @param people how many came; null when that was not said
     */
    record Heading(
            TaughtId id,
            String title,
            String level,
            long plannedMs,
            Instant startedAt,
            Instant endedAt,
            boolean counts,
            Integer people) {
        /** How long it really was, ms; null while it is not finished. */
        Long realMs() {
            return endedAt == null ? null : Duration.between(startedAt, endedAt).toMillis();
        }
    }

    /** @param pausedMs all pauses together, {@code leftOut} how many moments were left out */
    record Row(Heading heading, Said said, long pausedMs, int leftOut) {}

    /**
     * A class that is over.
     *
     * @param slotMs how long it may last; null when that is not known
     * @param summary what it had in it; null when that was not looked at yet
     */
    record Over(
            TaughtId id,
            String title,
            String level,
            Instant startedAt,
            long realMs,
            long plannedMs,
            Long slotMs,
            Integer people,
            CoveredLog.Summary summary) {
        Over with(CoveredLog.Summary looked) {
            return new Over(id, title, level, startedAt, realMs, plannedMs, slotMs, people, looked);
        }
    }

    /** Something that was put right. */
    record Correction(Instant at, String words) {}

    /** What has begun, latest first, without its scripts. */
    List<Heading> begun(Teacher teacher, Search search) {
        return searched(BEGUN, teacher, search).query(LogbookStore::heading).list();
    }

    /** The same with what a table says beside. */
    List<Row> rows(Teacher teacher, Search search) {
        return searched(ROWS, teacher, search)
                .query((row, n) -> new Row(
                        heading(row, n),
                        new Said(
                                row.getObject("people", Integer.class),
                                row.getObject("first_timers", Integer.class),
                                row.getString("felt"),
                                row.getString("note")),
                        row.getLong("paused"),
                        row.getInt("left_out")))
                .list();
    }

    /** What counts and is over since a time, the oldest first. @param group only that group's; null for all */
    List<Over> over(Teacher teacher, UUID group, Instant from) {
        return owned(OVER, teacher)
                .param("group", group, Types.OTHER)
                .param("from", utc(from))
                .query(LogbookStore::over)
                .list();
    }

    private static Over over(ResultSet row, int n) throws SQLException {
        Instant began = row.getObject("started_at", OffsetDateTime.class).toInstant();
        Instant ended = row.getObject("ended_at", OffsetDateTime.class).toInstant();
        String covered = row.getString("covered");
        return new Over(
                new TaughtId(row.getObject("id", UUID.class)),
                row.getString("title"),
                row.getString("level"),
                began,
                Duration.between(began, ended).toMillis(),
                row.getLong("planned_ms"),
                row.getObject("slot_ms", Long.class),
                row.getObject("people", Integer.class),
                covered == null ? null : CoveredLog.read(covered));
    }

    private JdbcClient.StatementSpec searched(String sql, Teacher teacher, Search search) {
        return owned(sql, teacher)
                .param("like", search.like())
                .param("before", utc(search.before()), Types.TIMESTAMP_WITH_TIMEZONE)
                .param("most", search.most());
    }

    /** What the teacher says of it when it is over; false when there is no such class. */
    boolean afterwards(Teacher teacher, TaughtId id, Said said) {
        return owned(AFTERWARDS, teacher)
                        .param("id", id.value())
                        .param("note", said.note())
                        .param("felt", said.felt())
                        .param("people", said.people(), Types.INTEGER)
                        .param("new", said.firstTimers(), Types.INTEGER)
                        .update()
                == 1;
    }

    boolean times(Teacher teacher, TaughtId id, Instant started, Instant ended) {
        return owned(TIMES, teacher)
                        .param("id", id.value())
                        .param("started", utc(started))
                        .param("ended", utc(ended))
                        .update()
                == 1;
    }

    /** It is in no list any more; what was deleted long ago goes for good. */
    boolean delete(Teacher teacher, TaughtId id) {
        owned(PURGE, teacher).param("since", utc(clock.instant().minus(KEPT))).update();
        return owned(DELETE, teacher)
                        .param("id", id.value())
                        .param("now", utc(clock.instant()))
                        .update()
                == 1;
    }

    boolean restore(Teacher teacher, TaughtId id) {
        return owned(RESTORE, teacher).param("id", id.value()).update() == 1;
    }

    /** What can be taken back. */
    List<Heading> deleted(Teacher teacher) {
        return owned(DELETED, teacher)
                .param("since", utc(clock.instant().minus(KEPT)))
                .query(LogbookStore::heading)
                .list();
    }

    /** @param words what it said before and what it says now */
    void corrected(Teacher teacher, TaughtId id, String words) {
        owned(CORRECTED, teacher)
                .param("id", id.value())
                .param("new", UUID.randomUUID())
                .param("now", utc(clock.instant()))
                .param("words", words)
                .update();
    }

    List<Correction> corrections(Teacher teacher, TaughtId id) {
        return owned(CORRECTIONS, teacher)
                .param("id", id.value())
                .query((row, n) ->
                        new Correction(row.getObject("at", OffsetDateTime.class).toInstant(), row.getString("words")))
                .list();
    }

    private static Heading heading(ResultSet row, int n) throws SQLException {
        OffsetDateTime ended = row.getObject("ended_at", OffsetDateTime.class);
        return new Heading(
                new TaughtId(row.getObject("id", UUID.class)),
                row.getString("title"),
                row.getString("level"),
                row.getLong("planned_ms"),
                row.getObject("started_at", OffsetDateTime.class).toInstant(),
                ended == null ? null : ended.toInstant(),
                row.getBoolean("counts"),
                row.getObject("people", Integer.class));
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant == null ? null : instant.atOffset(ZoneOffset.UTC);
    }
}
