package gurukram.web.account;

import gurukram.core.notation.words.SchoolWords;
import gurukram.core.plan.settings.School;
import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Studios and teachers. */
@Repository
public class AccountStore {
    /** Whoever practised for this copy of the app, and whom one left behind that ended meanwhile. */
    private static final String PRACTISED = """
            select studio_id from teacher
             where email >= 'practice-' and email < 'practice.' and email like 'practice-%@gurukram.invalid'
               and (email = :own or created_at < :before)""";

    private static final String BY_EMAIL = "select * from teacher where email = :email";
    private static final String NEW_STUDIO = "insert into studio (id, name, created_at) values (:id, :name, :now)";
    private static final String NEW_TEACHER = """
            insert into teacher (id, studio_id, email, name, password_hash, demo, created_at)
            values (:id, :studio, :email, :name, :hash, :demo, :now)""";
    private static final String SCHOOL = "select school from teacher where id = :id";
    private static final String NEW_SCHOOL = "update teacher set school = :school where id = :id";
    private static final String ZONE = "select zone from teacher where id = :id";
    private static final String NEW_ZONE = "update teacher set zone = :zone where id = :id";
    private static final String NAMES_IN = "select names_in from teacher where id = :id";
    private static final String NEW_NAMES_IN = "update teacher set names_in = :language where id = :id";
    private static final Set<String> ZONES = ZoneId.getAvailableZoneIds();
    private static final String END_TOKENS =
            "delete from api_token where studio_id = :studio and teacher_id = :teacher";
    private static final String NEW_EMAIL = "update teacher set email = :email where id = :id";
    private static final String NEW_HASH = "update teacher set password_hash = :hash where id = :id";

    /** How the e-mail of somebody begins who only practises before the app opens. */
    public static final String PRACTISES = "practice-";

    private static final Duration LONGEST_PRACTICE = Duration.ofMinutes(10);

    /** What those who practised left behind, in the order in which it can go. */
    private static final List<String> FORGET_PRACTISED = List.of(
            "delete from yoga_class where studio_id in (" + PRACTISED + ")",
            "delete from known_device where studio_id in (" + PRACTISED + ")",
            "delete from failed_sign_in where studio_id in (" + PRACTISED + ")",
            "delete from spring_session where principal_name in (select email from teacher where studio_id in ("
                    + PRACTISED + "))",
            "with gone as (delete from teacher where studio_id in (" + PRACTISED + ") returning studio_id) "
                    + "delete from studio where id in (select studio_id from gone)");

    /** A teacher with the hash of the password. */
    public record Account(Teacher teacher, String passwordHash) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    public AccountStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    public Optional<Account> byEmail(String email) {
        return jdbc.sql(BY_EMAIL)
                .param("email", email)
                .query(AccountStore::account)
                .optional();
    }

    /** A teacher with a studio of their own; {@code DuplicateKeyException} on {@code teacher_email_taken}. */
    @Transactional
    public Teacher register(String studioName, String email, String name, String hash, boolean demo) {
        OffsetDateTime now = OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC);
        Teacher teacher = new Teacher(UUID.randomUUID(), UUID.randomUUID(), email, name, demo);
        jdbc.sql(NEW_STUDIO)
                .param("id", teacher.studio())
                .param("name", studioName)
                .param("now", now)
                .update();
        jdbc.sql(NEW_TEACHER)
                .param("id", teacher.id())
                .param("studio", teacher.studio())
                .param("email", email)
                .param("name", name)
                .param("hash", hash)
                .param("demo", demo)
                .param("now", now)
                .update();
        return teacher;
    }

    /** Forgets who practised before the app opened. @param own the address of whoever did here; other copies may be at it */
    @Transactional
    public void removePractised(String own) {
        OffsetDateTime before =
                OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC).minus(LONGEST_PRACTICE);
        FORGET_PRACTISED.forEach(
                sql -> jdbc.sql(sql).param("own", own).param("before", before).update());
    }

    /** {@code DuplicateKeyException} where the address is taken. */
    void changeEmail(Teacher teacher, String email) {
        jdbc.sql(NEW_EMAIL).param("email", email).param("id", teacher.id()).update();
    }

    public void changePassword(Teacher teacher, String hash) {
        jdbc.sql(NEW_HASH).param("hash", hash).param("id", teacher.id()).update();
    }

    /** Takes back all tokens of the teacher's programs. */
    void endTokens(Teacher teacher) {
        jdbc.sql(END_TOKENS)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .update();
    }

    /** Where the teacher's school differs from the usual; read once a request. */
    public School school(Teacher teacher) {
        return Once.aRequest(School.class, teacher.id(), () -> readSchool(teacher));
    }

    private School readSchool(Teacher teacher) {
        return jdbc.sql(SCHOOL)
                .param("id", teacher.id())
                .query(String.class)
                .optional()
                .map(SchoolWords::read)
                .orElse(School.UNSET);
    }

    public void changeSchool(Teacher teacher, School school) {
        jdbc.sql(NEW_SCHOOL)
                .param("school", SchoolWords.write(school))
                .param("id", teacher.id())
                .update();
        Once.forget(School.class, teacher.id());
    }

    /** The teacher's own time zone; empty where none is set, or the machine no longer knows it. */
    Optional<ZoneId> zone(Teacher teacher) {
        return jdbc.sql(ZONE)
                .param("id", teacher.id())
                .query(String.class)
                .optional()
                .filter(ZONES::contains)
                .map(ZoneId::of);
    }

    /** @param zone null for none of their own; one of {@link ZoneId#getAvailableZoneIds} */
    void changeZone(Teacher teacher, ZoneId zone) {
        jdbc.sql(NEW_ZONE)
                .param("zone", zone == null ? null : zone.getId())
                .param("id", teacher.id())
                .update();
        Once.forget(ZoneId.class, teacher.id());
    }

    /** The code of the language the teacher reads pose names in, as in {@code pt}; empty for English. */
    public String namesIn(Teacher teacher) {
        return jdbc.sql(NAMES_IN)
                .param("id", teacher.id())
                .query(String.class)
                .optional()
                .orElse("");
    }

    /** @param language a code of the catalogue's; empty for English */
    void changeNamesIn(Teacher teacher, String language) {
        jdbc.sql(NEW_NAMES_IN)
                .param("language", language.isEmpty() ? null : language)
                .param("id", teacher.id())
                .update();
    }

    private static Account account(ResultSet row, int n) throws SQLException {
        Teacher teacher = new Teacher(
                row.getObject("id", UUID.class),
                row.getObject("studio_id", UUID.class),
                row.getString("email"),
                row.getString("name"),
                row.getBoolean("demo"));
        return new Account(teacher, row.getString("password_hash"));
    }
}
