package gurukram.web.poses;

import gurukram.web.shared.Teacher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The teacher's own words for themes, as they were typed. */
@Repository
class OwnWordsStore {
    private static final String WORDS =
            "select words from theme_words where studio_id = :studio and teacher_id = :teacher";
    private static final String NEW_WORDS = """
            insert into theme_words (studio_id, teacher_id, words) values (:studio, :teacher, :words)
            on conflict (studio_id, teacher_id) do update set words = excluded.words""";

    private final JdbcClient jdbc;

    OwnWordsStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Empty when there are none. */
    String words(Teacher teacher) {
        return asked(WORDS, teacher).query(String.class).optional().orElse("");
    }

    void change(Teacher teacher, String words) {
        asked(NEW_WORDS, teacher).param("words", words).update();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }
}
