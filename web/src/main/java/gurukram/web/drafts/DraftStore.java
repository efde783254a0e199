package gurukram.web.drafts;

import gurukram.core.compose.brief.Taught;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.json.PlanJson;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Drafts a teacher is looking at; they are kept for ninety days. */
@Repository
class DraftStore {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final int DAYS_KEPT = 90;
    /** A door against filling the disk, far beyond what one teacher looks at in three months. */
    private static final int SETS_KEPT = 400;

    private static final int WEEKS_BACK = 6;
    private static final String NEW = """
            insert into draft (studio_id, id, teacher_id, set_id, ordinal, idea, brief, plan, made_at)
            values (:studio, :id, :teacher, :set, :ordinal, :idea, :brief::jsonb, :plan::jsonb, :now)""";
    private static final String ONE = """
            select id, set_id, ordinal, idea, brief, plan from draft
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String SET = """
            select id, set_id, ordinal, idea, brief, plan from draft
             where studio_id = :studio and teacher_id = :teacher and set_id = :set
             order by ordinal""";
    private static final String NEW_PLAN = """
            update draft set plan = :plan::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String OLD_SETS = """
            delete from draft
             where studio_id = :studio and teacher_id = :teacher
               and (made_at < :old
                    or set_id not in (select set_id from draft
                                       where studio_id = :studio and teacher_id = :teacher
                                       group by set_id order by max(made_at) desc limit :kept))""";
    private static final String LATELY = """
            select c.plan, max(t.started_at) as started_at
              from taught_class t
              join yoga_class c on c.studio_id = t.studio_id and c.id = t.class_id
             where t.studio_id = :studio and t.teacher_id = :teacher and t.started_at > :since and t.counts
               and (:group::uuid is null or t.group_id = :group::uuid)
             group by c.studio_id, c.id, c.plan
             order by max(t.started_at) desc
             limit 12""";
    /**
     * One draft.
     *
     * @param brief the brief as it was typed, by field
     */
    record Kept(UUID id, UUID set, int ordinal, long idea, Map<String, String> brief, ClassPlan plan) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    DraftStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Transactional
    void keep(Teacher teacher, List<Kept> drafts) {
        for (Kept draft : drafts) {
            asked(NEW, teacher)
                    .param("id", draft.id())
                    .param("set", draft.set())
                    .param("ordinal", draft.ordinal())
                    .param("idea", draft.idea())
                    .param("brief", JSON.writeValueAsString(draft.brief()))
                    .param("plan", PlanJson.write(draft.plan()))
                    .param("now", now())
                    .update();
        }
        asked(OLD_SETS, teacher)
                .param("old", now().minusDays(DAYS_KEPT))
                .param("kept", SETS_KEPT)
                .update();
    }

    Optional<Kept> find(Teacher teacher, UUID id) {
        return asked(ONE, teacher).param("id", id).query(DraftStore::kept).optional();
    }

    List<Kept> set(Teacher teacher, UUID set) {
        return asked(SET, teacher).param("set", set).query(DraftStore::kept).list();
    }

    void change(Teacher teacher, UUID id, ClassPlan plan) {
        asked(NEW_PLAN, teacher)
                .param("id", id)
                .param("plan", PlanJson.write(plan))
                .update();
    }

    /** What was taught in the last six weeks, the last first. @param group only that group's; null for all */
    List<Taught> lately(Teacher teacher, UUID group) {
        OffsetDateTime now = now();
        return asked(LATELY, teacher)
                .param("since", now.minusWeeks(WEEKS_BACK))
                .param("group", group, Types.OTHER)
                .query((row, n) -> {
                    OffsetDateTime at = row.getObject("started_at", OffsetDateTime.class);
                    int days = (int) Duration.between(at, now).toDays();
                    return Taught.of(PlanJson.read(row.getString("plan")), days);
                })
                .list();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        return new Kept(
                row.getObject("id", UUID.class),
                row.getObject("set_id", UUID.class),
                row.getInt("ordinal"),
                row.getLong("idea"),
                JSON.readValue(row.getString("brief"), new TypeReference<Map<String, String>>() {}),
                PlanJson.read(row.getString("plan")));
    }
}
