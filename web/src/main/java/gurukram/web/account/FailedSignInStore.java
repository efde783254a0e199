package gurukram.web.account;

import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Sign-ins that failed, kept for the owner of the account for some weeks. */
@Repository
class FailedSignInStore {
    private static final int DAYS = 60;
    private static final String NOTE = """
            insert into failed_sign_in as f (studio_id, teacher_id, day, times, last_at, last_address)
            values (:studio, :teacher, :day, 1, :now, :address)
            on conflict (studio_id, teacher_id, day) do update
              set times = f.times + 1, last_at = :now, last_address = :address""";
    private static final String OF = """
            select times, last_at, last_address from failed_sign_in
             where studio_id = :studio and teacher_id = :teacher and day > :since order by day desc""";
    private static final String FORGET_OLD = "delete from failed_sign_in where day <= :since";

    /** The failures of one day. */
    record Day(int times, Instant last, String lastAddress) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    FailedSignInStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    void note(Teacher teacher, String address) {
        OffsetDateTime now = now();
        jdbc.sql(NOTE)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("day", now.toLocalDate())
                .param("now", now)
                .param("address", address)
                .update();
    }

    /** The latest first. */
    List<Day> of(Teacher teacher) {
        return jdbc.sql(OF)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("since", now().toLocalDate().minusDays(DAYS))
                .query((row, n) -> new Day(
                        row.getInt("times"),
                        row.getObject("last_at", OffsetDateTime.class).toInstant(),
                        row.getString("last_address")))
                .list();
    }

    void forgetOld() {
        jdbc.sql(FORGET_OLD).param("since", now().toLocalDate().minusDays(DAYS)).update();
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC);
    }
}
