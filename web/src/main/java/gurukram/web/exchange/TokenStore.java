package gurukram.web.exchange;

import gurukram.web.shared.Demo;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Personal tokens. */
@Repository
class TokenStore {
    private static final String TOKENS = """
            select id, name, may_write, created_at, ends_at, last_used_at from api_token
             where studio_id = :studio and teacher_id = :teacher and ends_at > :now order by created_at""";
    /** Who makes two at once waits for the first, so that there are never more than there may be. */
    private static final String LOCK_TEACHER = "select id from teacher where id = :teacher for update";

    private static final String FORGET_ENDED =
            "delete from api_token where studio_id = :studio and teacher_id = :teacher and ends_at <= :now";
    private static final String COUNT =
            "select count(*) from api_token where studio_id = :studio and teacher_id = :teacher";
    private static final String NEW_TOKEN = """
            insert into api_token (studio_id, id, teacher_id, name, hash, may_write, created_at, ends_at)
            values (:studio, :id, :teacher, :name, :hash, :write, :now, :end)""";
    private static final String REVOKE =
            "delete from api_token where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String OWNER = """
            select t.id, t.studio_id, t.email, t.name, t.demo, k.may_write
              from api_token k join teacher t on t.id = k.teacher_id
             where k.hash = :hash and k.ends_at > :now and (not t.demo or :demo)""";
    /** Noted once a minute at most, so that a busy program does not write a row with every request. */
    private static final String USED = """
            update api_token set last_used_at = :now
             where hash = :hash and (last_used_at is null or last_used_at < :now - interval '1 minute')""";

    /** Whose a token is, and whether it may change something. */
    record Owner(Teacher teacher, boolean mayWrite) {}

    private final JdbcClient jdbc;
    private final Clock clock;
    private final Demo demo;

    TokenStore(JdbcClient jdbc, Clock clock, Demo demo) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.demo = demo;
    }

    List<ApiToken> of(Teacher teacher) {
        return jdbc.sql(TOKENS)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("now", now())
                .query(TokenStore::token)
                .list();
    }

    /** False when the teacher has as many as there may be. */
    @Transactional
    boolean add(Teacher teacher, String name, byte[] hash, boolean mayWrite, Duration lasts, int most) {
        OffsetDateTime now = now();
        jdbc.sql(LOCK_TEACHER).param("teacher", teacher.id()).query(UUID.class).single();
        owned(FORGET_ENDED, teacher).param("now", now).update();
        if (owned(COUNT, teacher).query(Long.class).single() >= most) return false;
        owned(NEW_TOKEN, teacher)
                .param("id", UUID.randomUUID())
                .param("name", name)
                .param("hash", hash)
                .param("write", mayWrite)
                .param("now", now)
                .param("end", now.plus(lasts))
                .update();
        return true;
    }

    /** False when the teacher has no such token. */
    boolean revoke(Teacher teacher, UUID id) {
        return owned(REVOKE, teacher).param("id", id).update() == 1;
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }

    /** Whose this token is, while it lasts; notes its use. */
    Optional<Owner> owner(byte[] hash) {
        Optional<Owner> owner = jdbc.sql(OWNER)
                .param("hash", hash)
                .param("now", now())
                .param("demo", demo.isOn())
                .query((row, n) -> new Owner(teacher(row), row.getBoolean("may_write")))
                .optional();
        if (owner.isPresent())
            jdbc.sql(USED).param("hash", hash).param("now", now()).update();
        return owner;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC);
    }

    private static ApiToken token(ResultSet row, int n) throws SQLException {
        OffsetDateTime used = row.getObject("last_used_at", OffsetDateTime.class);
        return new ApiToken(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getBoolean("may_write"),
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                row.getObject("ends_at", OffsetDateTime.class).toInstant(),
                used == null ? null : used.toInstant());
    }

    private static Teacher teacher(ResultSet row) throws SQLException {
        return new Teacher(
                row.getObject("id", UUID.class),
                row.getObject("studio_id", UUID.class),
                row.getString("email"),
                row.getString("name"),
                row.getBoolean("demo"));
    }
}
