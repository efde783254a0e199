package gurukram.web.calendar;

import gurukram.web.calendar.StandIn.Answer;
import gurukram.web.shared.Teacher;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who was asked to stand in on which dates. Whoever left the studio both were in is asked no more. */
@Repository
class StandInStore {
    private static final String COLUMNS = """
            select s.studio_id, s.id, s.teacher_id, t.name as by_name, s.group_id, s.day, s.house_id, s.substitute_id, u.name, u.email,
                   s.answer, s.copy_id
              from stand_in s
              join teacher t on t.studio_id = s.studio_id and t.id = s.teacher_id
              join teacher u on u.id = s.substitute_id
              join house_member a on a.studio_id = s.house_id and a.teacher_id = s.teacher_id
              join house_member b on b.studio_id = s.house_id and b.teacher_id = s.substitute_id\s""";
    private static final String OF = COLUMNS + """
             where s.studio_id = :studio and s.teacher_id = :teacher and s.day between :from and :to order by s.day, s.id""";
    private static final String FOR = COLUMNS + """
             where s.substitute_id = :teacher and s.day between :from and :to and s.answer <> 'no' order by s.day, s.id""";
    private static final String ONE = COLUMNS + "where s.substitute_id = :teacher and s.id = :id";
    private static final String ASK = """
            insert into stand_in (studio_id, id, teacher_id, group_id, day, house_id, substitute_id, answer, asked_at)
            select :studio, :id, :teacher, g.id, :day, :house, :substitute, 'asked', :now
              from class_group g where g.studio_id = :studio and g.teacher_id = :teacher and g.id = :group
            on conflict (studio_id, group_id, day)
            do update set id = excluded.id, house_id = excluded.house_id, substitute_id = excluded.substitute_id, answer = 'asked',
                          copy_id = null, asked_at = excluded.asked_at""";
    private static final String ANSWER = """
            update stand_in set answer = :answer where studio_id = :studio and id = :id and substitute_id = :substitute""";
    private static final String COPY = """
            update stand_in set copy_id = :copy where studio_id = :studio and id = :id and substitute_id = :substitute""";
    private static final String END =
            "delete from stand_in where studio_id = :studio and teacher_id = :teacher and id = :id";

    private final JdbcClient jdbc;
    private final Clock clock;

    StandInStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** For her groups, by the days they usually meet. */
    List<StandIn> of(Teacher teacher, LocalDate from, LocalDate to) {
        return jdbc.sql(OF)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("from", from)
                .param("to", to)
                .query(StandInStore::standIn)
                .list();
    }

    Optional<StandIn> of(Teacher teacher, UUID group, LocalDate day) {
        return of(teacher, day, day).stream()
                .filter(one -> one.group().equals(group))
                .findFirst();
    }

    /** For others, but what she said no to. */
    List<StandIn> by(Teacher teacher, LocalDate from, LocalDate to) {
        return jdbc.sql(FOR)
                .param("teacher", teacher.id())
                .param("from", from)
                .param("to", to)
                .query(StandInStore::standIn)
                .list();
    }

    /** One she was asked for. */
    Optional<StandIn> find(Teacher teacher, UUID id) {
        return jdbc.sql(ONE)
                .param("teacher", teacher.id())
                .param("id", id)
                .query(StandInStore::standIn)
                .optional();
    }

    /** In the place of whoever was asked before. */
    void ask(Teacher teacher, UUID group, LocalDate day, UUID house, UUID substitute) {
        jdbc.sql(ASK)
                .param("studio", teacher.studio())
                .param("id", UUID.randomUUID())
                .param("teacher", teacher.id())
                .param("group", group)
                .param("day", day)
                .param("house", house)
                .param("substitute", substitute)
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    /** False where she is not asked any more. */
    boolean answer(StandIn one, Answer answer) {
        return jdbc.sql(ANSWER)
                        .param("answer", answer.name().toLowerCase(Locale.ROOT))
                        .param("studio", one.home())
                        .param("id", one.id())
                        .param("substitute", one.substitute())
                        .update()
                > 0;
    }

    void copy(StandIn one, UUID copy) {
        jdbc.sql(COPY)
                .param("copy", copy)
                .param("studio", one.home())
                .param("id", one.id())
                .param("substitute", one.substitute())
                .update();
    }

    void end(StandIn one) {
        jdbc.sql(END)
                .param("studio", one.home())
                .param("teacher", one.teacher())
                .param("id", one.id())
                .update();
    }

    private static StandIn standIn(ResultSet row, int n) throws SQLException {
        return new StandIn(
                row.getObject("studio_id", UUID.class),
                row.getObject("id", UUID.class),
                row.getObject("teacher_id", UUID.class),
                row.getString("by_name"),
                row.getObject("group_id", UUID.class),
                row.getObject("day", LocalDate.class),
                row.getObject("house_id", UUID.class),
                row.getObject("substitute_id", UUID.class),
                row.getString("name"),
                row.getString("email"),
                Answer.valueOf(row.getString("answer").toUpperCase(Locale.ROOT)),
                row.getObject("copy_id", UUID.class));
    }
}
