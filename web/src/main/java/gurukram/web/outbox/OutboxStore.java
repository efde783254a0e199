package gurukram.web.outbox;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Mail that waits. It is written in the transaction of what it tells of: both are there or neither. */
@Repository
public class OutboxStore {
    private static final String WRITE = """
            insert into outgoing_mail (id, recipient, subject, body, made_at, next_at)
            values (:id, :to, :subject, :body, :now, :now)""";
    /** Of several copies of the app each takes others, and what one takes no other takes for a while. */
    private static final String TAKE = """
            update outgoing_mail set tries = tries + 1, next_at = :later where id = any (array
            (select id from outgoing_mail where next_at <= :now order by next_at limit :most for update skip locked))
            returning id, recipient, subject, body, tries""";

    private static final String GONE = "delete from outgoing_mail where id = :id";
    private static final String AGAIN = "update outgoing_mail set next_at = :at where id = :id";
    private static final String FORGET_OLD = "delete from outgoing_mail where made_at < :since";
    private static final Duration TAKEN_FOR = Duration.ofMinutes(2);

    /** @param tries how often it was tried, this time included */
    public record Mail(UUID id, String recipient, String subject, String body, int tries) {}

    private final JdbcClient jdbc;
    private final Clock clock;

    OutboxStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    public void send(String to, String subject, String body) {
        jdbc.sql(WRITE)
                .param("id", UUID.randomUUID())
                .param("to", to)
                .param("subject", subject)
                .param("body", body)
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    List<Mail> take(int most) {
        return jdbc.sql(TAKE)
                .param("now", Timestamp.from(clock.instant()))
                .param("later", Timestamp.from(clock.instant().plus(TAKEN_FOR)))
                .param("most", most)
                .query((row, n) -> new Mail(
                        row.getObject("id", UUID.class),
                        row.getString("recipient"),
                        row.getString("subject"),
                        row.getString("body"),
                        row.getInt("tries")))
                .list();
    }

    void forgetOld(Duration age) {
        jdbc.sql(FORGET_OLD)
                .param("since", Timestamp.from(clock.instant().minus(age)))
                .update();
    }

    void gone(Mail mail) {
        jdbc.sql(GONE).param("id", mail.id()).update();
    }

    void again(Mail mail, Duration in) {
        jdbc.sql(AGAIN)
                .param("id", mail.id())
                .param("at", Timestamp.from(clock.instant().plus(in)))
                .update();
    }
}
