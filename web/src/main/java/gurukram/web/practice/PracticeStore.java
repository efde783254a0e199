package gurukram.web.practice;

import gurukram.core.practice.Card;
import gurukram.web.shared.Teacher;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Cards of questions a teacher was asked. */
@Repository
class PracticeStore {
    private static final String ALL = """
            select key, box, due, right_count, wrong_count, first_on, last_on from practice_card
             where studio_id = :studio and teacher_id = :teacher order by key""";
    private static final String HOLD = """
            select key, box, due, right_count, wrong_count, first_on, last_on from practice_card
             where studio_id = :studio and teacher_id = :teacher and key = :key for update""";
    private static final String PUT = """
            insert into practice_card (studio_id, id, teacher_id, key, box, due, right_count, wrong_count, first_on, last_on)
            values (:studio, :id, :teacher, :key, :box, :due, :right, :wrong, :today, :today)
            on conflict (studio_id, teacher_id, key)
            do update set box = excluded.box, due = excluded.due, right_count = excluded.right_count,
                          wrong_count = excluded.wrong_count, last_on = excluded.last_on""";

    /** @param firstOn the day it was asked first, {@code lastOn} last */
    record Kept(Card card, LocalDate firstOn, LocalDate lastOn) {}

    private final JdbcClient jdbc;

    PracticeStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    List<Kept> all(Teacher teacher) {
        return asked(ALL, teacher).query(PracticeStore::kept).list();
    }

    /** Held against another answer until the transaction ends. */
    Optional<Kept> hold(Teacher teacher, String key) {
        return asked(HOLD, teacher).param("key", key).query(PracticeStore::kept).optional();
    }

    void put(Teacher teacher, Card card, LocalDate today) {
        asked(PUT, teacher)
                .param("id", UUID.randomUUID())
                .param("key", card.key())
                .param("box", card.box())
                .param("due", card.due())
                .param("right", card.right())
                .param("wrong", card.wrong())
                .param("today", today)
                .update();
    }

    private JdbcClient.StatementSpec asked(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    private static Kept kept(java.sql.ResultSet row, int n) throws java.sql.SQLException {
        return new Kept(
                new Card(
                        row.getString("key"),
                        row.getInt("box"),
                        row.getObject("due", LocalDate.class),
                        row.getInt("right_count"),
                        row.getInt("wrong_count")),
                row.getObject("first_on", LocalDate.class),
                row.getObject("last_on", LocalDate.class));
    }
}
