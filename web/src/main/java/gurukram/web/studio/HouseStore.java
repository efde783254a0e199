package gurukram.web.studio;

import gurukram.core.studio.Role;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Members of studios, those who are asked to come, and what the owner changed. Every statement names the studio. */
@Repository
class HouseStore {
    private static final Duration ASKED_FOR = Duration.ofDays(14);

    private static final String FOUND =
            "insert into studio (id, name, created_at, shared) values (:id, :name, :now, true)";
    private static final String JOIN = """
            insert into house_member (studio_id, teacher_id, role, joined_at) values (:studio, :teacher, :role, :now)
            on conflict (studio_id, teacher_id) do nothing""";
    private static final String MINE = """
            select s.id, s.name, m.role from house_member m join studio s on s.id = m.studio_id
             where m.teacher_id = :teacher order by s.name, s.id""";
    private static final String ONE = """
            select s.id, s.name, m.role from house_member m join studio s on s.id = m.studio_id
             where m.studio_id = :studio and m.teacher_id = :teacher""";
    private static final String MEMBERS = """
            select t.id, t.name, t.email, m.role, m.joined_at from house_member m join teacher t on t.id = m.teacher_id
             where m.studio_id = :studio order by m.joined_at, t.id""";
    /** Held until the transaction ends, so that two owners cannot leave at once. */
    private static final String HOLD =
            "select teacher_id, role from house_member where studio_id = :studio order by teacher_id for update";

    private static final String ROLE =
            "update house_member set role = :role where studio_id = :studio and teacher_id = :teacher";
    private static final String REMOVE = "delete from house_member where studio_id = :studio and teacher_id = :teacher";
    private static final String RULES = "select coalesce(rules, '') from studio where id = :studio";
    private static final String NEW_RULES = "update studio set rules = :rules where id = :studio and shared";
    private static final String RENAME = "update studio set name = :name where id = :studio and shared";
    private static final String ASK = """
            insert into house_invitation (studio_id, id, role, email, secret, made_at, ends_at)
            values (:studio, :id, :role, :email, :secret, :now, :ends)""";
    private static final String ASKED = """
            select id, role, email, made_at, ends_at from house_invitation
             where studio_id = :studio and ends_at > :now order by made_at desc, id""";
    private static final String BY_SECRET = """
            select i.studio_id, i.id, i.role, s.name from house_invitation i join studio s on s.id = i.studio_id
             where i.secret = :secret and i.ends_at > :now for update of i""";
    private static final String END = "delete from house_invitation where studio_id = :studio and id = :id";
    private static final String NOTE =
            "insert into house_event (studio_id, id, at, who, what) values (:studio, :id, :now, :who, :what)";
    private static final String EVENTS =
            "select at, who, what from house_event where studio_id = :studio order by at desc, id limit 50";

    private static final List<String> CLOSE = List.of(
            "delete from house_remark where studio_id = :studio",
            "delete from house_class where studio_id = :studio",
            "delete from house_invitation where studio_id = :studio",
            "delete from house_event where studio_id = :studio",
            "delete from studio where id = :studio and shared");

    /** A studio as somebody has part in it. */
    record House(UUID id, String name, Role role) {}

    record Member(UUID id, String name, String email, Role role, Instant joinedAt) {}

    record Invitation(UUID id, Role role, String email, Instant endsAt) {}

    /** One that was found by its secret. */
    record Open(UUID studio, UUID id, Role role, String name) {}

    record Event(Instant at, String who, String what) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    HouseStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    UUID found(String name) {
        UUID id = UUID.randomUUID();
        jdbc.sql(FOUND).param("id", id).param("name", name).param("now", now()).update();
        return id;
    }

    /** Whoever is in it already stays what she is; whether she came in. */
    boolean join(UUID studio, Teacher teacher, Role role) {
        return jdbc.sql(JOIN)
                        .param("studio", studio)
                        .param("teacher", teacher.id())
                        .param("role", role.word())
                        .param("now", now())
                        .update()
                > 0;
    }

    List<House> of(Teacher teacher) {
        return jdbc.sql(MINE)
                .param("teacher", teacher.id())
                .query(HouseStore::house)
                .list();
    }

    Optional<House> find(UUID studio, Teacher teacher) {
        return jdbc.sql(ONE)
                .param("studio", studio)
                .param("teacher", teacher.id())
                .query(HouseStore::house)
                .optional();
    }

    private static House house(ResultSet row, int n) throws SQLException {
        return new House(row.getObject("id", UUID.class), row.getString("name"), role(row));
    }

    private static Role role(ResultSet row) throws SQLException {
        return Role.valueOf(row.getString("role").toUpperCase(Locale.ROOT));
    }

    List<Member> members(UUID studio) {
        return jdbc.sql(MEMBERS)
                .param("studio", studio)
                .query((row, n) -> new Member(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        row.getString("email"),
                        role(row),
                        row.getTimestamp("joined_at").toInstant()))
                .list();
    }

    /** Who is an owner now, held until the transaction ends. */
    List<UUID> holdOwners(UUID studio) {
        record Held(UUID teacher, String role) {}
        return jdbc
                .sql(HOLD)
                .param("studio", studio)
                .query((row, n) -> new Held(row.getObject("teacher_id", UUID.class), row.getString("role")))
                .list()
                .stream()
                .filter(held -> held.role().equals(Role.OWNER.word()))
                .map(Held::teacher)
                .toList();
    }

    void change(UUID studio, UUID teacher, Role role) {
        jdbc.sql(ROLE)
                .param("studio", studio)
                .param("teacher", teacher)
                .param("role", role.word())
                .update();
    }

    void remove(UUID studio, UUID teacher) {
        jdbc.sql(REMOVE).param("studio", studio).param("teacher", teacher).update();
    }

    /** With all that was in it. */
    void close(UUID studio) {
        for (String sql : CLOSE) jdbc.sql(sql).param("studio", studio).update();
    }

    /** Nothing of hers is in any studio any more. */
    void forget(Teacher teacher) {
        for (String table : List.of("house_remark", "house_class", "house_member"))
            jdbc.sql("delete from " + table + " where teacher_id = :teacher")
                    .param("teacher", teacher.id())
                    .update();
    }

    /** In the words of a school's settings; empty while there are none. */
    String rules(UUID studio) {
        return jdbc.sql(RULES)
                .param("studio", studio)
                .query(String.class)
                .optional()
                .orElse("");
    }

    void changeRules(UUID studio, String rules) {
        jdbc.sql(NEW_RULES).param("studio", studio).param("rules", rules).update();
    }

    void rename(UUID studio, String name) {
        jdbc.sql(RENAME).param("studio", studio).param("name", name).update();
    }

    void ask(UUID studio, Role role, String email, byte[] secret) {
        jdbc.sql(ASK)
                .param("studio", studio)
                .param("id", UUID.randomUUID())
                .param("role", role.word())
                .param("email", email)
                .param("secret", secret)
                .param("now", now())
                .param("ends", Timestamp.from(clock.instant().plus(ASKED_FOR)))
                .update();
    }

    List<Invitation> asked(UUID studio) {
        return jdbc.sql(ASKED)
                .param("studio", studio)
                .param("now", now())
                .query((row, n) -> new Invitation(
                        row.getObject("id", UUID.class),
                        role(row),
                        row.getString("email"),
                        row.getTimestamp("ends_at").toInstant()))
                .list();
    }

    /** One that has not ended, held until the transaction ends. */
    Optional<Open> open(byte[] secret) {
        return jdbc.sql(BY_SECRET)
                .param("secret", secret)
                .param("now", now())
                .query((row, n) -> new Open(
                        row.getObject("studio_id", UUID.class),
                        row.getObject("id", UUID.class),
                        role(row),
                        row.getString("name")))
                .optional();
    }

    boolean endInvitation(UUID studio, UUID id) {
        return jdbc.sql(END).param("studio", studio).param("id", id).update() > 0;
    }

    void note(UUID studio, String who, String what) {
        jdbc.sql(NOTE)
                .param("studio", studio)
                .param("id", UUID.randomUUID())
                .param("now", now())
                .param("who", who)
                .param("what", what)
                .update();
    }

    List<Event> events(UUID studio) {
        return jdbc.sql(EVENTS)
                .param("studio", studio)
                .query((row, n) ->
                        new Event(row.getTimestamp("at").toInstant(), row.getString("who"), row.getString("what")))
                .list();
    }
}
