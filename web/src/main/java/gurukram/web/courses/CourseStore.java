package gurukram.web.courses;

import gurukram.core.course.Cell;
import gurukram.core.course.Course;
import gurukram.core.course.Days;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.json.PlanJson;
import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.web.plans.ClassId;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Courses and their lessons. */
@Repository
class CourseStore {
    static final int MOST_COURSES = 200;

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String OF_TEACHER = """
            select id, group_id, course, days, changes, before from course
             where studio_id = :studio and teacher_id = :teacher
             order by made_at desc, id""";
    private static final String ONE = """
            select id, group_id, course, days, changes, before from course
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    /** Waits for who changes the same course. */
    private static final String HOLD = """
            select id from course where studio_id = :studio and teacher_id = :teacher and id = :id for update""";

    private static final String NEW = """
            insert into course (studio_id, id, teacher_id, group_id, title, course, days, changes, made_at)
            select :studio, :id, :teacher, :group::uuid, :title, :course::jsonb, :days::jsonb, :changes::jsonb, :now
             where (select count(*) from course where studio_id = :studio and teacher_id = :teacher) < :most""";
    private static final String CHANGED = """
            update course set group_id = :group::uuid, title = :title, course = :course::jsonb, days = :days::jsonb, changes = :changes::jsonb, before = :before::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String GONE =
            "delete from course where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String LESSONS = """
            select l.n, l.class_id, l.cell, l.flow, l.whole, l.words, c.title, c.length_ms, c.head > 0 as edited,
                   (select max(t.started_at) from taught_class t
                     where t.studio_id = l.studio_id and t.class_id = l.class_id and t.counts) as taught_at
              from lesson l
              join course k on k.studio_id = l.studio_id and k.id = l.course_id
              join yoga_class c on c.studio_id = l.studio_id and c.id = l.class_id
             where l.studio_id = :studio and k.teacher_id = :teacher and l.course_id = :id
               and c.teacher_id = :teacher and c.deleted_at is null
             order by l.n""";
    private static final String ALL_LESSONS = """
            select l.course_id, l.n, l.class_id, c.head > 0 as edited,
                   exists (select 1 from taught_class t
                            where t.studio_id = l.studio_id and t.class_id = l.class_id and t.counts) as taught
              from lesson l
              join course k on k.studio_id = l.studio_id and k.id = l.course_id
              join yoga_class c on c.studio_id = l.studio_id and c.id = l.class_id
             where l.studio_id = :studio and k.teacher_id = :teacher and c.teacher_id = :teacher and c.deleted_at is null""";
    private static final String PUT = """
            insert into lesson (studio_id, course_id, n, class_id, cell, flow, whole, words)
            select :studio, k.id, :n, :class, :cell::jsonb, :flow, :whole::jsonb, :words::jsonb from course k
             where k.studio_id = :studio and k.teacher_id = :teacher and k.id = :id
            on conflict (studio_id, course_id, n)
            do update set class_id = excluded.class_id, cell = excluded.cell, flow = excluded.flow,
                          whole = excluded.whole, words = excluded.words""";
    private static final String NO_LESSONS = """
            delete from lesson l using course k
             where l.studio_id = :studio and k.studio_id = l.studio_id and k.id = l.course_id and k.teacher_id = :teacher
               and l.course_id = :id""";
    private static final String PUT_BACK = """
            insert into lesson (studio_id, course_id, n, class_id, cell, flow, whole, words)
            select :studio, k.id, :n, c.id, :cell::jsonb, :flow, :whole::jsonb, :words::jsonb from course k, yoga_class c
             where k.studio_id = :studio and k.teacher_id = :teacher and k.id = :id
               and c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class""";
    private static final String DROP = """
            delete from lesson l using course k
             where l.studio_id = :studio and k.studio_id = l.studio_id and k.id = l.course_id and k.teacher_id = :teacher
               and l.course_id = :id and l.n = :n""";
    /** Two moves, since no two lessons may have the same number in between. */
    private static final int ASIDE = 1_000;

    private static final String MOVE = """
            update lesson l set n = l.n + :by, cell = jsonb_set(l.cell, '{n}', to_jsonb(l.n + :by)) from course k
             where l.studio_id = :studio and k.studio_id = l.studio_id and k.id = l.course_id and k.teacher_id = :teacher
               and l.course_id = :id and l.n > :n""";

    private final JdbcClient jdbc;
    private final Clock clock;

    CourseStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The latest first. */
    List<KeptCourse> courses(Teacher teacher) {
        return asked(OF_TEACHER, teacher).query(CourseStore::course).list();
    }

    Optional<KeptCourse> find(Teacher teacher, UUID id) {
        return asked(ONE, teacher).param("id", id).query(CourseStore::course).optional();
    }

    /** Empty when the teacher has too many. */
    Optional<UUID> create(Teacher teacher, UUID group, Course course, Days days) {
        UUID id = UUID.randomUUID();
        int made = with(NEW, teacher, new KeptCourse(id, group, course, days, List.of()))
                .param("now", clock.instant().atOffset(ZoneOffset.UTC))
                .param("most", MOST_COURSES)
                .update();
        return made == 1 ? Optional.of(id) : Optional.empty();
    }

    void hold(Teacher teacher, UUID id) {
        asked(HOLD, teacher).param("id", id).query(UUID.class).optional();
    }

    void change(Teacher teacher, KeptCourse kept) {
        with(CHANGED, teacher, kept).update();
    }

    /** Its lessons are these and no others; what lost its class in between has none. */
    @Transactional
    public void lessons(Teacher teacher, UUID id, List<KeptCourse.Row> rows) {
        asked(NO_LESSONS, teacher).param("id", id).update();
        for (KeptCourse.Row row : rows)
            asked(PUT_BACK, teacher)
                    .param("id", id)
                    .param("n", row.n())
                    .param("class", row.classId())
                    .param("cell", JSON.writeValueAsString(row.cell()))
                    .param("flow", row.flow(), Types.VARCHAR)
                    .param("whole", row.whole(), Types.VARCHAR)
                    .param("words", JSON.writeValueAsString(row.words()))
                    .update();
    }

    /** Its classes stay; false when there is no such course. */
    boolean remove(Teacher teacher, UUID id) {
        return asked(GONE, teacher).param("id", id).update() == 1;
    }

    /** Those that were drafted and whose class is still there, in their order. */
    List<KeptLesson> lessons(Teacher teacher, UUID id) {
        return asked(LESSONS, teacher)
                .param("id", id)
                .query(CourseStore::lesson)
                .list();
    }

    /** A lesson of some course. */
    record Short(UUID course, int n, ClassId classId, boolean edited, boolean taught) {}

    /** Those of all the teacher's courses. */
    List<Short> lessons(Teacher teacher) {
        return asked(ALL_LESSONS, teacher)
                .query((row, n) -> new Short(
                        row.getObject("course_id", UUID.class),
                        row.getInt("n"),
                        new ClassId(row.getObject("class_id", UUID.class)),
                        row.getBoolean("edited"),
                        row.getBoolean("taught")))
                .list();
    }

    void put(Teacher teacher, UUID id, Cell cell, ClassId made, Flow whole, List<String> words) {
        asked(PUT, teacher)
                .param("id", id)
                .param("n", cell.n())
                .param("class", made.value())
                .param("cell", JSON.writeValueAsString(cell))
                .param("flow", whole == null ? null : whole.id().value(), Types.VARCHAR)
                .param("whole", written(whole), Types.VARCHAR)
                .param("words", JSON.writeValueAsString(words))
                .update();
    }

    /** A lesson falls out, and those behind it move up. */
    @Transactional
    public void drop(Teacher teacher, UUID id, int n) {
        asked(DROP, teacher).param("id", id).param("n", n).update();
        asked(MOVE, teacher).param("id", id).param("n", n).param("by", ASIDE).update();
        asked(MOVE, teacher)
                .param("id", id)
                .param("n", ASIDE)
                .param("by", -ASIDE - 1)
                .update();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private JdbcClient.StatementSpec with(String sql, Teacher teacher, KeptCourse kept) {
        return asked(sql, teacher)
                .param("id", kept.id())
                .param("group", kept.group(), Types.OTHER)
                .param("title", kept.course().title())
                .param("course", JSON.writeValueAsString(kept.course()))
                .param("days", JSON.writeValueAsString(kept.days()))
                .param("changes", JSON.writeValueAsString(kept.changes()))
                .param("before", kept.before() == null ? null : JSON.writeValueAsString(kept.before()), Types.VARCHAR);
    }

    private static KeptCourse course(ResultSet row, int n) throws SQLException {
        return new KeptCourse(
                row.getObject("id", UUID.class),
                row.getObject("group_id", UUID.class),
                JSON.readValue(row.getString("course"), Course.class),
                JSON.readValue(row.getString("days"), Days.class),
                JSON.readValue(row.getString("changes"), new TypeReference<ArrayList<KeptCourse.Change>>() {}),
                row.getString("before") == null
                        ? null
                        : JSON.readValue(row.getString("before"), KeptCourse.Before.class));
    }

    /** A flow is written as the class that holds nothing else. */
    static String written(Flow flow) {
        if (flow == null) return null;
        Section alone = Section.of(new NodeId("alone"), SectionRole.STANDING, flow);
        return PlanJson.write(ClassPlan.of(ClassSettings.of("alone", 60, Style.VINYASA, Level.BEGINNER), alone));
    }

    private static Flow read(String written) {
        if (written == null) return null;
        return (Flow) PlanJson.read(written).sections().get(0).items().get(0);
    }

    private static KeptLesson lesson(ResultSet row, int n) throws SQLException {
        OffsetDateTime taught = row.getObject("taught_at", OffsetDateTime.class);
        Instant at = taught == null ? null : taught.toInstant();
        return new KeptLesson(
                row.getInt("n"),
                new ClassId(row.getObject("class_id", UUID.class)),
                JSON.readValue(row.getString("cell"), Cell.class),
                row.getString("flow"),
                read(row.getString("whole")),
                JSON.readValue(row.getString("words"), new TypeReference<ArrayList<String>>() {}),
                row.getString("title"),
                row.getLong("length_ms"),
                row.getBoolean("edited"),
                at);
    }
}
