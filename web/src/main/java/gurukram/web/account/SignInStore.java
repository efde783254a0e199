package gurukram.web.account;

import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who came in and who tried to, kept for the owner of the account for some weeks. */
@Repository
class SignInStore {
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

    private static final String CAME = """
            insert into came_in (studio_id, teacher_id, id, at, browser, how)
            values (:studio, :teacher, :id, :now, :browser, :how)""";
    private static final String CAME_LATELY = """
            select at, browser, how from came_in
             where studio_id = :studio and teacher_id = :teacher and at > :since order by at desc limit :most""";
    private static final String FORGET_CAME = "delete from came_in where at <= :since";
    private static final int MOST = 50;

    /** By what somebody showed who she is. */
    enum How {
        PASSWORD("with the password"),
        CODE("with password and code"),
        PASSKEY("with a passkey");

        private final String words;

        How(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** @param browser in words, as in {@code Firefox on Linux} */
    record Came(Instant at, String browser, How how) {}

    /** The failures of one day. */
    record Day(int times, Instant last, String lastAddress) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    SignInStore(JdbcClient jdbc, Clock clock) {
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

    void came(Teacher teacher, String browser, How how) {
        jdbc.sql(CAME)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("id", UUID.randomUUID())
                .param("now", now())
                .param("browser", browser)
                .param("how", how.name().toLowerCase(Locale.ROOT))
                .update();
    }

    /** The latest first, fifty at most. */
    List<Came> lately(Teacher teacher) {
        return jdbc.sql(CAME_LATELY)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("since", now().minusDays(DAYS))
                .param("most", MOST)
                .query((row, n) -> new Came(
                        row.getObject("at", OffsetDateTime.class).toInstant(),
                        row.getString("browser"),
                        How.valueOf(row.getString("how").toUpperCase(Locale.ROOT))))
                .list();
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
        jdbc.sql(FORGET_CAME).param("since", now().minusDays(DAYS)).update();
        jdbc.sql(FORGET_OLD).param("since", now().toLocalDate().minusDays(DAYS)).update();
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC);
    }
}
