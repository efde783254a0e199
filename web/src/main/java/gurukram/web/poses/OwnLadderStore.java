package gurukram.web.poses;

import gurukram.core.pose.Ladder;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Teachers' own ladders. */
@Repository
public class OwnLadderStore {
    static final int MOST = 100;
    /** What the id of a teacher's own ladder begins with; none that ships has it. */
    static final String OWN = "own-";

    private static final Logger LOG = LoggerFactory.getLogger(OwnLadderStore.class);
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String ALL = """
            select ladder, entry::text as entry, version from own_ladder
             where studio_id = :studio and teacher_id = :teacher order by ladder""";
    private static final String ADD = """
            insert into own_ladder (studio_id, teacher_id, ladder, entry, version, changed_at)
            select :studio, :teacher, :ladder, :entry::jsonb, 1, :now
             where (select count(*) from own_ladder where studio_id = :studio and teacher_id = :teacher) < :most
            on conflict do nothing""";
    private static final String CHANGE = """
            update own_ladder set entry = :entry::jsonb, version = version + 1, changed_at = :now
             where studio_id = :studio and teacher_id = :teacher and ladder = :ladder and version = :version""";
    private static final String REMOVE =
            "delete from own_ladder where studio_id = :studio and teacher_id = :teacher and ladder = :ladder";

    /** @param version grows with every change */
    record Kept(Ladder ladder, int version) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    OwnLadderStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** By their names; one that cannot be read is left out, and that is logged. */
    List<Kept> of(Teacher teacher) {
        record Row(String id, String entry, int version) {}
        List<Kept> all = new ArrayList<>();
        for (Row row : mine(ALL, teacher)
                .query((found, n) ->
                        new Row(found.getString("ladder"), found.getString("entry"), found.getInt("version")))
                .list()) {
            try {
                all.add(new Kept(read(row.entry()), row.version()));
            } catch (JacksonException | IllegalArgumentException e) {
                LOG.warn("an own ladder cannot be read: {}", e.getClass().getSimpleName());
            }
        }
        return all;
    }

    /** A ladder as it is kept; an unchecked exception when it is damaged. */
    public static Ladder read(String entry) {
        Ladder ladder = JSON.readValue(entry, Ladder.class);
        boolean whole = ladder.id() != null
                && ladder.id().startsWith(OWN)
                && ladder.name() != null
                && ladder.level() != null
                && ladder.back() != null
                && ladder.wayOut() != null
                && !ladder.rungs().isEmpty()
                && ladder.rungs().stream().allMatch(OwnLadderStore::isWhole);
        if (!whole) throw new IllegalArgumentException("a damaged ladder");
        return ladder;
    }

    private static boolean isWhole(Ladder.Rung rung) {
        return rung.does() != null && rung.dose() != null && rung.ready() != null && rung.with() != null;
    }

    Optional<Kept> find(Teacher teacher, String id) {
        return of(teacher).stream()
                .filter(kept -> kept.ladder().id().equals(id))
                .findFirst();
    }

    /** False when there are too many, or one of that name. */
    boolean add(Teacher teacher, Ladder ladder) {
        return with(ADD, teacher, ladder).param("most", MOST).update() == 1;
    }

    /** False when it was changed or taken away since that version was read. */
    boolean change(Teacher teacher, Ladder ladder, int version) {
        return with(CHANGE, teacher, ladder).param("version", version).update() == 1;
    }

    boolean remove(Teacher teacher, String id) {
        return mine(REMOVE, teacher).param("ladder", id).update() == 1;
    }

    private JdbcClient.StatementSpec with(String sql, Teacher teacher, Ladder ladder) {
        return mine(sql, teacher)
                .param("ladder", ladder.id())
                .param("entry", JSON.writeValueAsString(ladder))
                .param("now", clock.instant().atOffset(ZoneOffset.UTC));
    }

    private JdbcClient.StatementSpec mine(String sql, Teacher teacher) {
        return jdbc.sql(sql).param("studio", teacher.studio()).param("teacher", teacher.id());
    }
}
