package gurukram.web.plans;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.json.PlanJson;
import gurukram.web.shared.RequestKey;
import gurukram.web.shared.Teacher;
import java.sql.Array;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Classes with their history. Every statement names the studio and the teacher: somebody else's class is not there. */
@Repository
public class ClassStore {
    /** A whole snapshot stands in every so many revisions, so that history can be read without replaying all of it. */
    static final int SNAPSHOT_EVERY = 50;

    private static final String SUMMARIES = """
            select c.id, c.title, c.theme, c.style, c.level, c.slot_minutes, c.length_ms, c.group_id, c.changed_at,
                   (select max(t.started_at) from taught_class t
                     where t.studio_id = c.studio_id and t.class_id = c.id and t.counts) as last_taught
              from yoga_class c
             where c.studio_id = :studio and c.teacher_id = :teacher and c.deleted_at is null
             order by c.changed_at desc""";
    private static final String CLASS = """
            select c.*, u.label as undo_label, r.label as redo_label
              from yoga_class c
              left join revision u on u.studio_id = c.studio_id and u.class_id = c.id and u.seq = c.head
                   and u.parent is not null
              left join revision r on r.studio_id = c.studio_id and r.class_id = c.id
                   and r.seq = c.redo[cardinality(c.redo)]
             where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :id and c.deleted_at is null""";
    private static final String VERSION = """
            select version from yoga_class
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";
    private static final String NEW_CLASS = """
            insert into yoga_class (studio_id, id, teacher_id, group_id, title, theme, style, level, slot_minutes,
                                    length_ms, plan, head, version, created_at, changed_at, made_key)
            values (:studio, :id, :teacher, :group, :title, :theme, :style, :level, :slot,
                    :length, :plan::jsonb, 0, 1, :now, :now, :key)
            on conflict (studio_id, teacher_id, made_key) where made_key is not null do nothing""";
    private static final String FORGET_KEY = """
            update yoga_class set made_key = null
             where studio_id = :studio and teacher_id = :teacher and made_key = :key and deleted_at is not null""";
    private static final String MADE_BY =
            "select id from yoga_class where studio_id = :studio and teacher_id = :teacher and made_key = :key";
    private static final String NEW_REVISION = """
            insert into revision (studio_id, class_id, seq, parent, edit, inverse, label, at, snapshot)
            values (:studio, :id, :seq, :parent, :edit::jsonb, :inverse::jsonb, :label, :now, :snapshot::jsonb)""";
    private static final String NEXT_SEQ =
            "select max(seq) + 1 from revision where studio_id = :studio and class_id = :id";
    private static final String MOVE_HEAD = """
            update yoga_class
               set plan = :plan::jsonb, head = :head, redo = :redo, version = version + 1, changed_at = :now,
                   title = :title, theme = :theme, style = :style, level = :level, slot_minutes = :slot,
                   length_ms = :length
             where studio_id = :studio and id = :id and version = :version""";
    private static final String NOTE_MOVE = """
            insert into head_move (studio_id, class_id, version, kind, seq, nodes, line_at, key)
            values (:studio, :id, :version, :kind, :seq, :nodes, :at,
              case when exists (select 1 from head_move where studio_id = :studio and class_id = :id and key = cast(:key as uuid))
                then null else cast(:key as uuid) end)""";
    private static final String DONE =
            "select line_at from head_move where studio_id = :studio and class_id = :id and key = :key";
    /** The revision a class stood on at a version. */
    private static final String HEAD_AT = """
            select case when m.kind = 'undo' then r.parent else m.seq end
              from head_move m join revision r on r.studio_id = m.studio_id and r.class_id = m.class_id and r.seq = m.seq
             where m.studio_id = :studio and m.class_id = :id and m.version = :version""";

    private static final String MOVED_SINCE = """
            select distinct unnest(nodes) from head_move
             where studio_id = :studio and class_id = :id and version > :version""";
    private static final String REVISION =
            "select parent, edit, inverse from revision where studio_id = :studio and class_id = :id and seq = :seq";
    private static final String HISTORY = """
            select seq, parent, label, at from revision
             where studio_id = :studio and class_id = :id order by seq desc limit :most""";
    /** From a revision back to the nearest snapshot at or before it. */
    private static final String BACK_TO_SNAPSHOT = """
            with recursive back as (
                select seq, parent, edit, snapshot from revision
                 where studio_id = :studio and class_id = :id and seq = :seq
                union all
                select r.seq, r.parent, r.edit, r.snapshot from revision r join back b on r.seq = b.parent
                 where r.studio_id = :studio and r.class_id = :id and b.snapshot is null)
            select edit, snapshot from back order by seq""";

    private static final String GROUP_OF = """
            select group_id from yoga_class
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";
    private static final String SET_GROUP = """
            update yoga_class set group_id = (
                select id from class_group where studio_id = :studio and teacher_id = :teacher and id = :group)
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";
    private static final String DELETE = """
            update yoga_class set deleted_at = :now
             where studio_id = :studio and teacher_id = :teacher and id = :id and deleted_at is null""";

    /** A stored edit with its inverse; the parent is the revision before it. */
    record Revision(int parent, PlanEdit edit, PlanEdit inverse) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    public ClassStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    public List<ClassSummary> summaries(Teacher teacher) {
        return owned(SUMMARIES, teacher).query(ClassStore::summary).list();
    }

    public Optional<StoredClass> find(Teacher teacher, ClassId id) {
        return owned(CLASS, teacher)
                .param("id", id.value())
                .query(ClassStore::stored)
                .optional();
    }

    /** Which version it is; empty when it is not there. */
    public Optional<Integer> version(Teacher teacher, ClassId id) {
        return owned(VERSION, teacher)
                .param("id", id.value())
                .query(Integer.class)
                .optional();
    }

    /** The class, held against other edits until the transaction ends. */
    Optional<StoredClass> lock(Teacher teacher, ClassId id) {
        return owned(CLASS + " for update of c", teacher)
                .param("id", id.value())
                .query(ClassStore::stored)
                .optional();
    }

    /** Asked again with the same {@link RequestKey}, it is the class made the first time. */
    @Transactional
    public ClassId create(Teacher teacher, ClassPlan plan, long lengthMs, UUID group) {
        return create(teacher, plan, lengthMs, group, RequestKey.now());
    }

    /** @param key what the class is found by when it is asked for again; null for nothing */
    @Transactional
    public ClassId create(Teacher teacher, ClassPlan plan, long lengthMs, UUID group, UUID key) {
        ClassId id = new ClassId(UUID.randomUUID());
        // one that was put away since is not it
        if (key != null) owned(FORGET_KEY, teacher).param("key", key).update();
        int made = described(jdbc.sql(NEW_CLASS), plan, lengthMs)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("teacher", teacher.id())
                .param("group", group)
                .param("now", now())
                .param("key", key, Types.OTHER)
                .update();
        if (made == 0)
            return owned(MADE_BY, teacher)
                    .param("key", key)
                    .query((row, n) -> new ClassId(row.getObject(1, UUID.class)))
                    .single();
        revision(teacher, id, 0, null, null, null, "made", PlanJson.write(plan));
        return id;
    }

    /**
     * Writes a new revision and stands the class on it; what was undone before stays in history but can no longer be
     * redone. Answers the class as it now is.
     */
    StoredClass edit(Teacher teacher, StoredClass before, ClassPlan after, long lengthMs, PlanEdit edit, String label) {
        return edit(teacher, before, after, lengthMs, edit, label, null);
    }

    /** @param at where the next typed line goes; null when that stays as it is */
    StoredClass edit(
            Teacher teacher,
            StoredClass before,
            ClassPlan after,
            long lengthMs,
            PlanEdit edit,
            String label,
            NodeId at) {
        int seq = jdbc.sql(NEXT_SEQ)
                .param("studio", teacher.studio())
                .param("id", before.id().value())
                .query(Integer.class)
                .single();
        String snapshot = seq % SNAPSHOT_EVERY == 0 ? PlanJson.write(after) : null;
        PlanEdit inverse = edit.inverse(before.plan());
        revision(
                teacher,
                before.id(),
                seq,
                before.head(),
                PlanJson.write(edit),
                PlanJson.write(inverse),
                label,
                snapshot);
        moveHead(
                teacher,
                before,
                after,
                lengthMs,
                seq,
                List.of(),
                new Move("edit", seq, edit.touches(before.plan()), at));
        return new StoredClass(before.id(), after, seq, List.of(), before.version() + 1, label, null, clock.instant());
    }

    /** How a head was moved; {@code at} is where the next typed line goes, null when that stays as it is. */
    record Move(String kind, int seq, Set<NodeId> nodes, NodeId at) {
        Move(String kind, int seq, Set<NodeId> nodes) {
            this(kind, seq, nodes, null);
        }
    }

    /** What was done for a request before, with where the next typed line goes. */
    record Done(NodeId at) {}

    /** What was done for this request when it came the first time. */
    Optional<Done> done(Teacher teacher, ClassId id) {
        UUID key = RequestKey.now();
        if (key == null) return Optional.empty();
        return jdbc.sql(DONE)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("key", key)
                .query((row, n) -> new Done(row.getString(1) == null ? null : new NodeId(row.getString(1))))
                .optional();
    }

    /** The plan as it was at a version; empty when there is none such. */
    Optional<ClassPlan> planAtVersion(Teacher teacher, ClassId id, int version) {
        if (version == 1) return planAt(teacher, id, 0);
        return jdbc.sql(HEAD_AT)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("version", version)
                .query(Integer.class)
                .optional()
                .flatMap(seq -> planAt(teacher, id, seq));
    }

    void moveHead(
            Teacher teacher,
            StoredClass before,
            ClassPlan after,
            long lengthMs,
            int head,
            List<Integer> redo,
            Move move) {
        int moved = described(jdbc.sql(MOVE_HEAD), after, lengthMs)
                .param("head", head)
                .param("redo", redo.stream().mapToInt(Integer::intValue).toArray())
                .param("now", now())
                .param("studio", teacher.studio())
                .param("id", before.id().value())
                .param("version", before.version())
                .update();
        if (moved != 1) throw new IllegalStateException("the class moved although it was locked");
        jdbc.sql(NOTE_MOVE)
                .param("studio", teacher.studio())
                .param("id", before.id().value())
                .param("version", before.version() + 1)
                .param("kind", move.kind())
                .param("seq", move.seq())
                .param("nodes", move.nodes().stream().map(NodeId::value).toArray(String[]::new))
                .param("at", move.at() == null ? null : move.at().value())
                .param("key", RequestKey.now(), Types.OTHER)
                .update();
    }

    Revision revision(Teacher teacher, ClassId id, int seq) {
        return jdbc.sql(REVISION)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("seq", seq)
                .query((row, n) -> new Revision(
                        row.getInt("parent"),
                        PlanJson.readEdit(row.getString("edit")),
                        PlanJson.readEdit(row.getString("inverse"))))
                .single();
    }

    /** The group a class is for; null when it has none. */
    public UUID group(Teacher teacher, ClassId id) {
        return owned(GROUP_OF, teacher)
                .param("id", id.value())
                .query((row, n) -> row.getObject("group_id", UUID.class))
                .list()
                .stream()
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** @param group one of the teacher's own; null, or any other, leaves the class without a group */
    public void setGroup(Teacher teacher, ClassId id, UUID group) {
        owned(SET_GROUP, teacher)
                .param("id", id.value())
                .param("group", group, Types.OTHER)
                .update();
    }

    /** One state of a class in its history; {@code parent} is the one before it, null for the first. */
    public record Past(int seq, Integer parent, String label, Instant at) {}

    /** The latest states of a class, the newest first. */
    public List<Past> history(Teacher teacher, ClassId id, int most) {
        return jdbc.sql(HISTORY)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("most", most)
                .query((row, n) -> new Past(
                        row.getInt("seq"),
                        row.getObject("parent", Integer.class),
                        row.getString("label"),
                        instant(row, "at")))
                .list();
    }

    /** The plan as it was at a state of its history; empty when there is none such. */
    public Optional<ClassPlan> planAt(Teacher teacher, ClassId id, int seq) {
        record Link(String edit, String snapshot) {}
        List<Link> back = jdbc.sql(BACK_TO_SNAPSHOT)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("seq", seq)
                .query((row, n) -> new Link(row.getString("edit"), row.getString("snapshot")))
                .list();
        if (back.isEmpty()) return Optional.empty();
        ClassPlan plan = PlanJson.read(back.get(0).snapshot());
        for (Link link : back.subList(1, back.size())) {
            plan = PlanJson.readEdit(link.edit()).applyTo(plan);
        }
        return Optional.of(plan);
    }

    /** Nodes touched by any move of the head after a version. */
    Set<NodeId> movedSince(Teacher teacher, ClassId id, int version) {
        return jdbc
                .sql(MOVED_SINCE)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("version", version)
                .query(String.class)
                .list()
                .stream()
                .map(NodeId::new)
                .collect(Collectors.toSet());
    }

    /** Takes a class off the list; what was taught with it stays in the logbook. */
    public boolean delete(Teacher teacher, ClassId id) {
        return owned(DELETE, teacher)
                        .param("id", id.value())
                        .param("now", now())
                        .update()
                == 1;
    }

    private void revision(
            Teacher teacher,
            ClassId id,
            int seq,
            Integer parent,
            String edit,
            String inverse,
            String label,
            String plan) {
        jdbc.sql(NEW_REVISION)
                .param("studio", teacher.studio())
                .param("id", id.value())
                .param("seq", seq)
                .param("parent", parent)
                .param("edit", edit)
                .param("inverse", inverse)
                .param("label", label)
                .param("now", now())
                .param("snapshot", plan)
                .update();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static JdbcClient.StatementSpec described(JdbcClient.StatementSpec sql, ClassPlan plan, long lengthMs) {
        return sql.param("title", plan.settings().title())
                .param("theme", plan.settings().theme().title())
                .param("style", plan.settings().style().name())
                .param("level", plan.settings().level().name())
                .param("slot", plan.settings().slotMinutes())
                .param("length", lengthMs)
                .param("plan", PlanJson.write(plan));
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private static StoredClass stored(ResultSet row, int n) throws SQLException {
        return new StoredClass(
                new ClassId(row.getObject("id", UUID.class)),
                PlanJson.read(row.getString("plan")),
                row.getInt("head"),
                integers(row.getArray("redo")),
                row.getInt("version"),
                row.getString("undo_label"),
                row.getString("redo_label"),
                instant(row, "changed_at"));
    }

    private static List<Integer> integers(Array array) throws SQLException {
        return Arrays.asList((Integer[]) array.getArray());
    }

    private static ClassSummary summary(ResultSet row, int n) throws SQLException {
        return new ClassSummary(
                new ClassId(row.getObject("id", UUID.class)),
                row.getString("title"),
                row.getString("theme"),
                row.getString("style").toLowerCase(Locale.ROOT),
                row.getString("level").toLowerCase(Locale.ROOT),
                row.getInt("slot_minutes"),
                row.getLong("length_ms"),
                row.getObject("group_id", UUID.class),
                instant(row, "changed_at"),
                instant(row, "last_taught"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime time = row.getObject(column, OffsetDateTime.class);
        return time == null ? null : time.toInstant();
    }
}
