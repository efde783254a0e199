package gurukram.web.account;

import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Links that were mailed, each for one use within an hour. */
@Repository
class MailedSecretStore {
    static final Duration HOLDS = Duration.ofHours(1);

    private static final String FORGET =
            "delete from mailed_secret where teacher_id = :teacher and (email is null) = :password";
    private static final String MAKE =
            "insert into mailed_secret (secret, teacher_id, email, ends_at) values (:secret, :teacher, :email, :ends)";
    private static final String FIND = """
            select t.id, t.studio_id, t.email, t.name, t.demo, m.email as wanted
              from mailed_secret m join teacher t on t.id = m.teacher_id
             where m.secret = :secret and m.ends_at > :now and (m.email is null) = :password""";
    private static final String USE = "delete from mailed_secret where secret = :secret and ends_at > :now";
    private static final String FORGET_OLD = "delete from mailed_secret where ends_at < :now";

    /** @param wanted the new address; null where it is about the password */
    record Found(Teacher teacher, String wanted) {}

    private final JdbcClient jdbc;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    MailedSecretStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    /** A new one; the one before ends. @param email the address it is about; null for the password */
    String make(Teacher teacher, String email) {
        String secret = Secrets.make(random);
        jdbc.sql(FORGET)
                .param("teacher", teacher.id())
                .param("password", email == null)
                .update();
        jdbc.sql(MAKE)
                .param("secret", Secrets.hash(secret))
                .param("teacher", teacher.id())
                .param("email", email)
                .param("ends", Timestamp.from(clock.instant().plus(HOLDS)))
                .update();
        return secret;
    }

    /** Empty where it has ended, was used or never made. @param password whether it is one for the password */
    Optional<Found> find(String secret, boolean password) {
        return jdbc.sql(FIND)
                .param("secret", Secrets.hash(secret))
                .param("now", now())
                .param("password", password)
                .query((row, n) -> new Found(
                        new Teacher(
                                row.getObject("id", UUID.class),
                                row.getObject("studio_id", UUID.class),
                                row.getString("email"),
                                row.getString("name"),
                                row.getBoolean("demo")),
                        row.getString("wanted")))
                .optional();
    }

    /** Whether it could still be used, and is not any more. */
    boolean use(String secret) {
        return jdbc.sql(USE)
                        .param("secret", Secrets.hash(secret))
                        .param("now", now())
                        .update()
                > 0;
    }

    void forgetOld() {
        jdbc.sql(FORGET_OLD).param("now", now()).update();
    }
}
