package gurukram.web.teach;

import gurukram.web.shared.Teacher;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** What people said they felt in a class. */
@Repository
public class FeltStore {
    private static final String READ = """
            select sensations from taught_class where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final String KEEP = """
            update taught_class set sensations = :felt::jsonb
             where studio_id = :studio and teacher_id = :teacher and id = :id""";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /**
     * What somebody said.
     *
     * @param at the name of the pose, {@code node} its step
     * @param said {@code pinch at the side of the knee, right}
     * @param did {@code keep}, {@code ease}, {@code change} or {@code stop}
     */
    public record Noted(UUID id, String at, String node, String said, String did) {}

    private final JdbcClient jdbc;

    FeltStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public List<Noted> of(Teacher teacher, TaughtId id) {
        return asked(READ, teacher, id)
                .query(String.class)
                .optional()
                .map(json -> List.of(JSON.readValue(json, Noted[].class)))
                .orElse(List.of());
    }

    /** Adds what is new; the same again changes nothing. The class is held by whoever calls. */
    void add(Teacher teacher, TaughtId id, List<Noted> more, int most) {
        Map<UUID, Noted> all = new LinkedHashMap<>();
        of(teacher, id).forEach(one -> all.put(one.id(), one));
        int before = all.size();
        more.forEach(one -> all.putIfAbsent(one.id(), one));
        if (all.size() == before || all.size() > most) return;
        asked(KEEP, teacher, id)
                .param("felt", JSON.writeValueAsString(all.values()))
                .update();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher, TaughtId id) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("id", id.value());
    }
}
