package gurukram.web.practice;

import gurukram.core.practice.Knowing;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** How well sequences are known, and what was recited last. */
@Repository
class ReciteStore {
    private static final String ALL = """
            select key, title, print, stage, whole, tries, said, last_on from practice_order
             where studio_id = :studio and teacher_id = :teacher order by last_on desc, key""";
    private static final String HOLD = """
            select key, title, print, stage, whole, tries, said, last_on from practice_order
             where studio_id = :studio and teacher_id = :teacher and key = :key for update""";
    private static final String PUT = """
            insert into practice_order (studio_id, id, teacher_id, key, title, print, stage, whole, tries, said, last_on)
            values (:studio, :id, :teacher, :key, :title, :print, :stage, :whole, :tries, :said::jsonb, :today)
            on conflict (studio_id, teacher_id, key)
            do update set title = excluded.title, print = excluded.print, stage = excluded.stage, whole = excluded.whole,
                          tries = excluded.tries, said = excluded.said, last_on = excluded.last_on""";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** @param said what was typed last, place by place; it was asked for at the places that are not null */
    record Kept(Knowing knowing, String title, List<String> said, LocalDate lastOn) {}

    private final JdbcClient jdbc;

    ReciteStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    List<Kept> all(Teacher teacher) {
        return asked(ALL, teacher).query(ReciteStore::kept).list();
    }

    Optional<Kept> hold(Teacher teacher, String key) {
        return asked(HOLD, teacher).param("key", key).query(ReciteStore::kept).optional();
    }

    void put(Teacher teacher, Kept kept) {
        Knowing knowing = kept.knowing();
        asked(PUT, teacher)
                .param("id", UUID.randomUUID())
                .param("key", knowing.key())
                .param("title", kept.title())
                .param("print", knowing.print())
                .param("stage", knowing.stage().name().toLowerCase(Locale.ROOT))
                .param("whole", knowing.whole())
                .param("tries", knowing.tries())
                .param("said", JSON.writeValueAsString(kept.said()))
                .param("today", kept.lastOn())
                .update();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static Kept kept(ResultSet row, int n) throws SQLException {
        return new Kept(
                new Knowing(
                        row.getString("key"),
                        row.getString("print"),
                        Knowing.Stage.valueOf(row.getString("stage").toUpperCase(Locale.ROOT)),
                        row.getInt("whole"),
                        row.getInt("tries")),
                row.getString("title"),
                List.of(JSON.readValue(row.getString("said"), String[].class)),
                row.getObject("last_on", LocalDate.class));
    }
}
