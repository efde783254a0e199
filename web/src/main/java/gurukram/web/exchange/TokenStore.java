package gurukram.web.exchange;

import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Personal tokens. */
@Repository
class TokenStore {
    private static final String TOKENS = """
            select id, name, created_at, last_used_at from api_token
             where studio_id = :studio and teacher_id = :teacher order by created_at""";
    private static final String NEW_TOKEN = """
            insert into api_token (studio_id, id, teacher_id, name, hash, created_at)
            values (:studio, :id, :teacher, :name, :hash, :now)""";
    private static final String REVOKE =
            "delete from api_token where studio_id = :studio and teacher_id = :teacher and id = :id";
    private static final String OWNER = """
            select t.id, t.studio_id, t.email, t.name, t.demo
              from api_token k join teacher t on t.id = k.teacher_id where k.hash = :hash""";
    /** Noted once a minute at most, so that a busy program does not write a row with every request. */
    private static final String USED = """
            update api_token set last_used_at = :now
             where hash = :hash and (last_used_at is null or last_used_at < :now - interval '1 minute')""";

    private final JdbcClient jdbc;
    private final Clock clock;

    TokenStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    List<ApiToken> of(Teacher teacher) {
        return jdbc.sql(TOKENS)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .query(TokenStore::token)
                .list();
    }

    void add(Teacher teacher, String name, byte[] hash) {
        jdbc.sql(NEW_TOKEN)
                .param("studio", teacher.studio())
                .param("id", UUID.randomUUID())
                .param("teacher", teacher.id())
                .param("name", name)
                .param("hash", hash)
                .param("now", now())
                .update();
    }

    void revoke(Teacher teacher, UUID id) {
        jdbc.sql(REVOKE)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("id", id)
                .update();
    }

    /** Whose token this is; notes its use. */
    Optional<Teacher> owner(byte[] hash) {
        Optional<Teacher> owner =
                jdbc.sql(OWNER).param("hash", hash).query(TokenStore::teacher).optional();
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
                row.getObject("created_at", OffsetDateTime.class).toInstant(),
                used == null ? null : used.toInstant());
    }

    private static Teacher teacher(ResultSet row, int n) throws SQLException {
        return new Teacher(
                row.getObject("id", UUID.class),
                row.getObject("studio_id", UUID.class),
                row.getString("email"),
                row.getString("name"),
                row.getBoolean("demo"));
    }
}
