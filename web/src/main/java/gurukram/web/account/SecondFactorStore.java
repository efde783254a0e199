package gurukram.web.account;

import gurukram.web.shared.Teacher;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Second factors of teachers. */
@Repository
class SecondFactorStore {
    private static final String BEGIN = """
            insert into second_factor (teacher_id, secret, made_at) values (:teacher, :secret, :now)
            on conflict (teacher_id) do update set secret = excluded.secret, made_at = excluded.made_at
             where not second_factor.confirmed""";
    private static final String FIND = "select secret, confirmed from second_factor where teacher_id = :teacher";
    /** A code is taken once: only one that comes after the last that was. */
    private static final String TAKE = """
            update second_factor set last_counter = :counter where teacher_id = :teacher and last_counter < :counter""";

    private static final String CONFIRM =
            "update second_factor set confirmed = true, recovery = :recovery where teacher_id = :teacher";
    private static final String RECOVER = """
            update second_factor set recovery = array_remove(recovery, :code)
             where teacher_id = :teacher and :code = any(recovery)""";
    private static final String LEFT =
            "select coalesce(array_length(recovery, 1), 0) from second_factor where teacher_id = :teacher";
    private static final String END = "delete from second_factor where teacher_id = :teacher";

    record Factor(byte[] secret, boolean confirmed) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    SecondFactorStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** One that is on stays as it is. */
    void begin(Teacher teacher, byte[] secret) {
        jdbc.sql(BEGIN)
                .param("teacher", teacher.id())
                .param("secret", secret)
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    Optional<Factor> find(Teacher teacher) {
        return jdbc.sql(FIND)
                .param("teacher", teacher.id())
                .query((row, n) -> new Factor(row.getBytes("secret"), row.getBoolean("confirmed")))
                .optional();
    }

    boolean take(Teacher teacher, long counter) {
        return jdbc.sql(TAKE)
                        .param("teacher", teacher.id())
                        .param("counter", counter)
                        .update()
                > 0;
    }

    void confirm(Teacher teacher, List<byte[]> recovery) {
        jdbc.sql(CONFIRM)
                .param("teacher", teacher.id())
                .param("recovery", recovery.toArray(byte[][]::new))
                .update();
    }

    /** Whether it was one of those for the day the telephone is lost; it is used up. */
    boolean recover(Teacher teacher, byte[] code) {
        return jdbc.sql(RECOVER)
                        .param("teacher", teacher.id())
                        .param("code", code)
                        .update()
                > 0;
    }

    int left(Teacher teacher) {
        return jdbc.sql(LEFT)
                .param("teacher", teacher.id())
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    void end(Teacher teacher) {
        jdbc.sql(END).param("teacher", teacher.id()).update();
    }
}
