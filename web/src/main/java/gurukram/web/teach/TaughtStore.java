package gurukram.web.teach;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.json.PlanJson;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
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

/** Classes as they were taught, moment by moment. */
@Repository
public class TaughtStore {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** A class that was ended by accident can be taken back for so long. */
    public static final Duration TAKEN_BACK_WITHIN = Duration.ofHours(3);

    static final int MOST_A_DAY = 60;
    static final int MOST_NOT_BEGUN = 20;

    private static final String OPEN = """
            insert into taught_class (studio_id, id, teacher_id, class_id, title, level, planned_ms, script, opened_at,
                                      plan, class_version, by_hand, slot_ms, group_id)
            values (:studio, :id, :teacher, :class, :title, :level, :planned, :script::jsonb, :now, :plan::jsonb, :version, :hand, :slot,
                    (select group_id from yoga_class where studio_id = :studio and id = :class))""";
    /** Rooms that were opened and never begun: the latest few stay. */
    private static final String CLEAR = """
            delete from taught_class where studio_id = :studio and teacher_id = :teacher and started_at is null and id not in (
              select id from taught_class where studio_id = :studio and teacher_id = :teacher and started_at is null
               order by opened_at desc limit :most)""";

    private static final String OPENED_SINCE = """
            select count(*) from taught_class
             where studio_id = :studio and teacher_id = :teacher and opened_at > :since and started_at is not null
               and not by_hand""";
    private static final String FIND =
            "select * from taught_class where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null";
    private static final String LESSONS = """
            select * from taught_class
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and ended_at is not null and counts
             order by started_at desc limit :most""";
    private static final String TIMES = """
            update taught_class set started_at = coalesce(started_at, :started), ended_at = coalesce(:ended, ended_at)
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String REACHED = """
            select case outcome when 'back' then ordinal else ordinal + 1 end from taught_moment
             where studio_id = :studio and taught_id = :taught order by ended_at desc, ordinal desc limit 1""";
    private static final String COVERED = """
            update taught_class set covered = :covered::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String ENTRY_COUNT =
            "select count(*) from taught_moment where studio_id = :studio and taught_id = :taught";
    private static final String CLOCK = """
            update taught_class set shift_ms = :shift, odd_clock = odd_clock or :odd
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String SAID = """
            update taught_class set said = array(select distinct unnest(said || cast(:said as text[])) order by 1)
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String CHANGES = """
            update taught_class set changes = :changes::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String REOPEN = """
            update taught_class set ended_at = null
             where studio_id = :studio and teacher_id = :teacher and id = :id and ended_at > :since and not by_hand""";
    private static final String END_TOLD = """
            update taught_class set end_told = true
             where studio_id = :studio and teacher_id = :teacher and id = :id and not end_told""";
    private static final String ENTRY = """
            insert into taught_moment (studio_id, id, taught_id, ordinal, node, side, started_at, ended_at, paused_ms,
                                       done_count, outcome, pause_reason, waited, planned_ms)
            values (:studio, :id, :taught, :ordinal, :node, :side, :started, :ended, :paused, :count, :outcome, :reason,
                    :waited, :planned)
            on conflict (studio_id, taught_id, id) do nothing""";
    private static final String ENTRIES = """
            select * from taught_moment where studio_id = :studio and taught_id = :taught order by started_at, ordinal""";

    /**
     * A class in the room or in the logbook.
     *
     * @param startedAt null before it begins
     * @param endedAt null while it goes on
     * @param shiftMs how far its times were put forward; null before it begins
     * @param odd whether the device's clock was wrong or jumped
     * @param said the names of the words of the theme that were said
     * @param afterwards what the teacher says of it
     * @param plan what it was opened with, and {@code version} of its class; null for classes of older versions
     * @param changes how it left its plan
     * @param byHand whether it was written down afterwards, without the room: no time of a moment is known
     * @param group which group it was taught to; null for none
     * @param counts whether it really was taught: what ends within a minute, or half of a shorter plan, was only tried out
     */
    public record Taught(
            TaughtId id,
            UUID classId,
            String title,
            String level,
            long plannedMs,
            Script script,
            Instant startedAt,
            Instant endedAt,
            Long shiftMs,
            boolean odd,
            boolean byHand,
            UUID group,
            boolean counts,
            List<String> said,
            Said afterwards,
            ClassPlan plan,
            Integer version,
            List<Change> changes) {
        /** How long it really was, ms; null while it is not over. */
        public Long realMs() {
            return endedAt == null ? null : Duration.between(startedAt, endedAt).toMillis();
        }
    }

    /**
     * What the teacher says of it when it is over.
     *
     * @param people how many came, {@code firstTimers} how many for the first time; null when she does not say
     * @param felt how it felt to them
     */
    public record Said(Integer people, Integer firstTimers, String felt, String note) {
        public static final Said NOTHING = new Said(null, null, "", "");
    }

    /**
     * One way it left its plan.
     *
     * @param at when it was taken, ms since 1970
     * @param words what changed, line by line
     * @param savedMs how much shorter it made the class
     */
    public record Change(long at, List<String> words, long savedMs) {}

    /**
     * What really happened in one moment; the id is made by the page.
     *
     * @param ordinal place of the moment in the script, from 0
     * @param pausedMs part of the time in which the class was paused
     * @param count breaths, repetitions or movements done; null where nothing is counted
     * @param outcome {@code done}, {@code skipped} or {@code back}
     * @param waited whether the room waited for the teacher's hand, so that its length is hers; null when that is not known
     * @param plannedMs how long it was to be when it was done; null when that is not known
     * @param reason why it was paused, one of {@link LogPost#REASONS}; null when nobody said
     */
    public record Entry(
            UUID id,
            int ordinal,
            String node,
            String side,
            Instant startedAt,
            Instant endedAt,
            long pausedMs,
            Integer count,
            String outcome,
            String reason,
            Boolean waited,
            Long plannedMs) {
        /** With no reason to pause. */
        public Entry(
                UUID id,
                int ordinal,
                String node,
                String side,
                Instant startedAt,
                Instant endedAt,
                long pausedMs,
                Integer count,
                String outcome) {
            this(id, ordinal, node, side, startedAt, endedAt, pausedMs, count, outcome, null, null, null);
        }

        public boolean isDone() {
            return outcome.equals("done");
        }

        /** How long it really took, pauses left out, ms. */
        public long realMs() {
            return Duration.between(startedAt, endedAt).toMillis() - pausedMs;
        }
    }

    private final JdbcClient jdbc;
    private final Clock clock;

    public TaughtStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * A room for a class, its plan and score frozen; empty when so many were taught within a day that it is no teaching any more.
     *
     * @param version of the class
     */
    @Transactional
    public Optional<TaughtId> open(Teacher teacher, UUID classId, int version, ClassPlan plan, Script script) {
        long today = owned(OPENED_SINCE, teacher)
                .param("since", utc(clock.instant().minus(Duration.ofDays(1))))
                .query(Long.class)
                .single();
        if (today >= MOST_A_DAY) return Optional.empty();
        owned(CLEAR, teacher).param("most", MOST_NOT_BEGUN - 1).update();
        return Optional.of(insert(teacher, classId, version, plan, script, false));
    }

    /** A class that is written down afterwards. */
    public TaughtId byHand(Teacher teacher, UUID classId, int version, ClassPlan plan, Script script) {
        return insert(teacher, classId, version, plan, script, true);
    }

    private TaughtId insert(Teacher teacher, UUID classId, int version, ClassPlan plan, Script script, boolean byHand) {
        TaughtId id = new TaughtId(UUID.randomUUID());
        owned(OPEN, teacher)
                .param("id", id.value())
                .param("class", classId)
                .param("version", version)
                .param("plan", PlanJson.write(plan))
                .param("title", script.title())
                .param("level", script.level())
                .param("planned", script.totalMs())
                .param("script", script.json())
                .param("now", utc(clock.instant()))
                .param("hand", byHand)
                .param("slot", script.slotMs(), Types.BIGINT)
                .update();
        return id;
    }

    public Optional<Taught> find(Teacher teacher, TaughtId id) {
        return owned(FIND, teacher)
                .param("id", id.value())
                .query(TaughtStore::taught)
                .optional();
    }

    /** Held against other posts of its log until the transaction ends. */
    Optional<Taught> lock(Teacher teacher, TaughtId id) {
        return owned(FIND + " for update", teacher)
                .param("id", id.value())
                .query(TaughtStore::taught)
                .optional();
    }

    /** The last times a class was really taught, latest first. */
    public List<Taught> lessons(Teacher teacher, UUID classId, int most) {
        return owned(LESSONS, teacher)
                .param("class", classId)
                .param("most", most)
                .query(TaughtStore::taught)
                .list();
    }

    private static Said saidOf(ResultSet row) throws SQLException {
        return new Said(
                row.getObject("people", Integer.class),
                row.getObject("first_timers", Integer.class),
                row.getString("felt"),
                row.getString("note"));
    }

    /** Stores what is new among the entries; sending the same again changes nothing. */
    @Transactional
    public void log(Teacher teacher, TaughtId id, Instant startedAt, Instant endedAt, List<Entry> entries) {
        owned(TIMES, teacher)
                .param("id", id.value())
                .param("started", utc(startedAt))
                .param("ended", utc(endedAt), Types.TIMESTAMP_WITH_TIMEZONE)
                .update();
        for (Entry entry : entries) {
            jdbc.sql(ENTRY)
                    .param("studio", teacher.studio())
                    .param("id", entry.id())
                    .param("taught", id.value())
                    .param("ordinal", entry.ordinal())
                    .param("node", entry.node())
                    .param("side", entry.side())
                    .param("started", utc(entry.startedAt()))
                    .param("ended", utc(entry.endedAt()))
                    .param("paused", entry.pausedMs())
                    .param("count", entry.count())
                    .param("outcome", entry.outcome())
                    .param("reason", entry.reason(), Types.VARCHAR)
                    .param("waited", entry.waited(), Types.BOOLEAN)
                    .param("planned", entry.plannedMs(), Types.BIGINT)
                    .update();
        }
    }

    /** The moment of the script it has come to, by its log. */
    int reached(Teacher teacher, TaughtId id) {
        return jdbc.sql(REACHED)
                .param("studio", teacher.studio())
                .param("taught", id.value())
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    /** What it had in it. */
    public void keepCovered(Teacher teacher, TaughtId id, CoveredLog.Summary summary) {
        owned(COVERED, teacher)
                .param("id", id.value())
                .param("covered", CoveredLog.write(summary))
                .update();
    }

    /** How many entries a class has. */
    long entryCount(Teacher teacher, TaughtId id) {
        return jdbc.sql(ENTRY_COUNT)
                .param("studio", teacher.studio())
                .param("taught", id.value())
                .query(Long.class)
                .single();
    }

    /** These words of the theme were said too. */
    void said(Teacher teacher, TaughtId id, List<String> said) {
        owned(SAID, teacher)
                .param("id", id.value())
                .param("said", said.toArray(String[]::new))
                .update();
    }

    /** How it left its plan, all of it. */
    void keepChanges(Teacher teacher, TaughtId id, List<Change> changes) {
        owned(CHANGES, teacher)
                .param("id", id.value())
                .param("changes", JSON.writeValueAsString(changes))
                .update();
    }

    /** It was ended by accident and goes on; false when that is too long ago. */
    boolean reopen(Teacher teacher, TaughtId id) {
        return owned(REOPEN, teacher)
                        .param("id", id.value())
                        .param("since", utc(clock.instant().minus(TAKEN_BACK_WITHIN)))
                        .update()
                == 1;
    }

    /** Whether its end is news: the first time that is asked, and never again. */
    boolean tellEnd(Teacher teacher, TaughtId id) {
        return owned(END_TOLD, teacher).param("id", id.value()).update() == 1;
    }

    /** @param odd whether the device's clock was wrong or jumped; once it was, it stays so */
    void keepClock(Teacher teacher, TaughtId id, long shiftMs, boolean odd) {
        owned(CLOCK, teacher)
                .param("id", id.value())
                .param("shift", shiftMs)
                .param("odd", odd)
                .update();
    }

    public List<Entry> entries(Teacher teacher, TaughtId id) {
        return jdbc.sql(ENTRIES)
                .param("studio", teacher.studio())
                .param("taught", id.value())
                .query((row, n) -> new Entry(
                        row.getObject("id", UUID.class),
                        row.getInt("ordinal"),
                        row.getString("node"),
                        row.getString("side"),
                        instant(row, "started_at"),
                        instant(row, "ended_at"),
                        row.getLong("paused_ms"),
                        row.getObject("done_count", Integer.class),
                        row.getString("outcome"),
                        row.getString("pause_reason"),
                        row.getObject("waited", Boolean.class),
                        row.getObject("planned_ms", Long.class)))
                .list();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static Taught taught(ResultSet row, int n) throws SQLException {
        String plan = row.getString("plan");
        return new Taught(
                new TaughtId(row.getObject("id", UUID.class)),
                row.getObject("class_id", UUID.class),
                row.getString("title"),
                row.getString("level"),
                row.getLong("planned_ms"),
                Script.parse(row.getString("script")),
                instant(row, "started_at"),
                instant(row, "ended_at"),
                row.getObject("shift_ms", Long.class),
                row.getBoolean("odd_clock"),
                row.getBoolean("by_hand"),
                row.getObject("group_id", UUID.class),
                row.getBoolean("counts"),
                List.of((String[]) row.getArray("said").getArray()),
                saidOf(row),
                plan == null ? null : PlanJson.read(plan),
                row.getObject("class_version", Integer.class),
                List.of(JSON.readValue(row.getString("changes"), Change[].class)));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime time = row.getObject(column, OffsetDateTime.class);
        return time == null ? null : time.toInstant();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant == null ? null : instant.atOffset(ZoneOffset.UTC);
    }
}
