package gurukram.web.sheets;

import gurukram.web.plans.ClassId;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Links to classes for people who do not sign in. Only a sum of the secret is kept: nobody can read a link off the database. */
@Repository
class SharedStore {
    static final int MOST_A_CLASS = 20;

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String CLEAR = "delete from shared_class where ends_at < :now";
    private static final String MAKE = """
            insert into shared_class (hash, studio_id, id, teacher_id, class_id, shows, made_at, ends_at)
            select :hash, :studio, :id, :teacher, c.id, :shows::jsonb, :now, :ends from yoga_class c
             where c.studio_id = :studio and c.teacher_id = :teacher and c.id = :class and c.deleted_at is null
               and (select count(*) from shared_class s where s.studio_id = :studio and s.class_id = c.id) < :most""";
    private static final String OF_CLASS = """
            select id, shows, made_at, ends_at from shared_class
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and ends_at > :now order by made_at desc, id""";
    private static final String END = """
            delete from shared_class
             where studio_id = :studio and teacher_id = :teacher and class_id = :class and id = :id""";
    private static final String FIND = """
            select studio_id, teacher_id, class_id, shows from shared_class where hash = :hash and ends_at > :now""";

    /**
     * What of a class is shown.
     *
     * @param home whether it is a sheet for home, else the class as its teacher teaches it
     * @param parts sections by their place from 0; all of them when it is empty
     * @param notes whether notes, the theme's words and the lines for needs are shown too
     * @param by the teacher's name; empty unless it is wished
     */
    record Shows(boolean home, Set<String> parts, boolean notes, boolean words, String by, String often) {}

    record Link(UUID id, Shows shows, Instant madeAt, Instant endsAt) {}

    /** What a secret opens. */
    record Opened(Teacher teacher, ClassId classId, Shows shows) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    SharedStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** False when there is no such class, or when it has too many links. */
    @Transactional
    boolean make(Teacher teacher, ClassId classId, String secret, Shows shows, Instant ends) {
        jdbc.sql(CLEAR).param("now", utc(clock.instant())).update();
        return owned(MAKE, teacher, classId)
                        .param("hash", Secrets.hash(secret))
                        .param("id", UUID.randomUUID())
                        .param("shows", JSON.writeValueAsString(shows))
                        .param("now", utc(clock.instant()))
                        .param("ends", utc(ends))
                        .param("most", MOST_A_CLASS)
                        .update()
                == 1;
    }

    List<Link> of(Teacher teacher, ClassId classId) {
        return owned(OF_CLASS, teacher, classId)
                .param("now", utc(clock.instant()))
                .query((row, n) -> new Link(
                        row.getObject("id", UUID.class),
                        JSON.readValue(row.getString("shows"), Shows.class),
                        row.getObject("made_at", OffsetDateTime.class).toInstant(),
                        row.getObject("ends_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    boolean end(Teacher teacher, ClassId classId, UUID id) {
        return owned(END, teacher, classId).param("id", id).update() == 1;
    }

    Optional<Opened> open(String secret) {
        return jdbc.sql(FIND)
                .param("hash", Secrets.hash(secret))
                .param("now", utc(clock.instant()))
                .query((row, n) -> new Opened(
                        Teacher.named(row.getObject("studio_id", UUID.class), row.getObject("teacher_id", UUID.class)),
                        new ClassId(row.getObject("class_id", UUID.class)),
                        JSON.readValue(row.getString("shows"), Shows.class)))
                .optional();
    }

    private JdbcClient.StatementSpec owned(String sql, Teacher teacher, ClassId classId) {
        return jdbc.sql(sql)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("class", classId.value());
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
