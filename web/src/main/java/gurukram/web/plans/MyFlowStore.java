package gurukram.web.plans;

import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Flows a teacher keeps to put into other classes, each as text. */
@Repository
public class MyFlowStore {
    private static final String OF = """
            select id, name, text from my_flow
             where studio_id = :studio and teacher_id = :teacher order by lower(name), created_at""";
    private static final String ONE =
            "select id, name, text from my_flow where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String KEEP = """
            insert into my_flow (studio_id, teacher_id, id, name, text, created_at)
            values (:studio, :teacher, :id, :name, :text, :now)""";
    private static final String FORGET =
            "delete from my_flow where studio_id = :studio and teacher_id = :teacher and id = :id";

    private final JdbcClient jdbc;
    private final Clock clock;

    MyFlowStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A kept flow; {@code text} as it was written. */
    public record MyFlow(UUID id, String name, String text) {}

    public List<MyFlow> of(Teacher teacher) {
        return owned(OF, teacher).query(MyFlow.class).list();
    }

    public Optional<MyFlow> find(Teacher teacher, UUID id) {
        return owned(ONE, teacher).param("id", id).query(MyFlow.class).optional();
    }

    public void keep(Teacher teacher, String name, String text) {
        owned(KEEP, teacher)
                .param("id", UUID.randomUUID())
                .param("name", name)
                .param("text", text)
                .param("now", clock.instant().atOffset(ZoneOffset.UTC))
                .update();
    }

    public void forget(Teacher teacher, UUID id) {
        owned(FORGET, teacher).param("id", id).update();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }
}
