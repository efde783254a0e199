package gurukram.web.shelf;

import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What lies on the shelf of a studio, and which version of it somebody took. */
@Repository
class ShelfStore {
    private static final String COLUMNS = """
            select h.id, h.kind, h.key, h.name, h.about, h.version, h.put_by, coalesce(t.name, '') as by, h.put_at, k.version as mine
              from house_thing h
              left join teacher t on t.id = h.put_by
              left join house_taken k on k.studio_id = :home and k.teacher_id = :teacher
                                     and k.house_id = h.studio_id and k.thing_id = h.id
             where h.studio_id = :studio\s""";
    private static final String ALL = COLUMNS + "order by h.kind, lower(h.name), h.id";
    private static final String ONE = COLUMNS + "and h.id = :id";
    private static final String CONTENT =
            "select content::text from house_thing where studio_id = :studio and id = :id";
    private static final String BY_KEY = """
            select id, put_by, content::text as content from house_thing
             where studio_id = :studio and kind = :kind and key = :key for update""";
    private static final String COUNT = "select count(*) from house_thing where studio_id = :studio";
    private static final String NEW = """
            insert into house_thing (studio_id, id, kind, key, name, about, content, version, put_by, put_at)
            values (:studio, :id, :kind, :key, :name, :about, cast(:content as jsonb), 1, :teacher, :now)""";
    private static final String CHANGE = """
            update house_thing set name = :name, about = :about, content = cast(:content as jsonb), version = version + 1, put_by = :teacher, put_at = :now
             where studio_id = :studio and id = :id and content <> cast(:content as jsonb)""";
    private static final String AWAY = "delete from house_thing where studio_id = :studio and id = :id";
    private static final String TOOK = """
            insert into house_taken (studio_id, teacher_id, house_id, thing_id, version, taken_at)
            select :home, :teacher, studio_id, id, version, :now from house_thing where studio_id = :studio and id = :id
            on conflict (studio_id, teacher_id, house_id, thing_id)
            do update set version = excluded.version, taken_at = excluded.taken_at""";

    /**
     * Something on the shelf.
     *
     * @param about what it is in a few words; may be empty
     * @param by who put it there; empty when she is gone
     * @param mine the version that whoever looks has; 0 when she took none
     */
    record Thing(
            UUID id,
            ThingKind kind,
            String key,
            String name,
            String about,
            int version,
            UUID putBy,
            String by,
            Instant at,
            int mine) {
        boolean isNewer() {
            return mine > 0 && mine < version;
        }
    }

    /** What lies there under a key. */
    record There(UUID id, UUID putBy, String content) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    ShelfStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    List<Thing> all(UUID studio, Teacher looks) {
        return looking(ALL, studio, looks).query(ShelfStore::thing).list();
    }

    Optional<Thing> find(UUID studio, UUID id, Teacher looks) {
        return looking(ONE, studio, looks)
                .param("id", id)
                .query(ShelfStore::thing)
                .optional();
    }

    private JdbcClient.StatementSpec looking(String sql, UUID studio, Teacher looks) {
        return jdbc.sql(sql)
                .param("studio", studio)
                .param("home", looks.studio())
                .param("teacher", looks.id());
    }

    private static Thing thing(ResultSet row, int n) throws SQLException {
        return new Thing(
                row.getObject("id", UUID.class),
                ThingKind.of(row.getString("kind")),
                row.getString("key"),
                row.getString("name"),
                row.getString("about"),
                row.getInt("version"),
                row.getObject("put_by", UUID.class),
                row.getString("by"),
                row.getTimestamp("put_at").toInstant(),
                row.getInt("mine"));
    }

    String content(UUID studio, UUID id) {
        return jdbc.sql(CONTENT)
                .param("studio", studio)
                .param("id", id)
                .query(String.class)
                .single();
    }

    int count(UUID studio) {
        return jdbc.sql(COUNT).param("studio", studio).query(Integer.class).single();
    }

    /** What lies there under a key, held until the transaction is over. */
    Optional<There> under(UUID studio, ThingKind kind, String key) {
        return jdbc.sql(BY_KEY)
                .param("studio", studio)
                .param("kind", kind.word())
                .param("key", key)
                .query((row, n) -> new There(
                        row.getObject("id", UUID.class), row.getObject("put_by", UUID.class), row.getString("content")))
                .optional();
    }

    UUID put(UUID studio, Teacher by, ThingKind kind, String key, String name, String about, String content) {
        UUID id = UUID.randomUUID();
        jdbc.sql(NEW)
                .param("studio", studio)
                .param("id", id)
                .param("kind", kind.word())
                .param("key", key)
                .param("name", name)
                .param("about", about)
                .param("content", content)
                .param("teacher", by.id())
                .param("now", now())
                .update();
        return id;
    }

    /** False when it is the same as it was. */
    boolean change(UUID studio, UUID id, Teacher by, String name, String about, String content) {
        return jdbc.sql(CHANGE)
                        .param("studio", studio)
                        .param("id", id)
                        .param("name", name)
                        .param("about", about)
                        .param("content", content)
                        .param("teacher", by.id())
                        .param("now", now())
                        .update()
                == 1;
    }

    void away(UUID studio, UUID id) {
        jdbc.sql(AWAY).param("studio", studio).param("id", id).update();
    }

    void took(UUID studio, UUID id, Teacher who) {
        jdbc.sql(TOOK)
                .param("studio", studio)
                .param("id", id)
                .param("home", who.studio())
                .param("teacher", who.id())
                .param("now", now())
                .update();
    }
}
