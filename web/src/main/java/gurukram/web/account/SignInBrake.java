package gurukram.web.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Slows guessing of passwords, per account and per address: after {@link #FREE_TRIES} failures every further try has to
 * wait, twice as long each time up to {@link #LONGEST}. Kept in the database, so every copy of the app counts the same.
 */
@Component
public class SignInBrake {
    static final int FREE_TRIES = 5;
    static final Duration LONGEST = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(24);
    private static final int MOST_DOUBLINGS = 20;

    private static final String FAILURES =
            "select failures, last_at from sign_in_failure where key in (:keys) and last_at > :since";
    private static final String FAILED = """
            insert into sign_in_failure (key, failures, last_at) values (:key, 1, :now)
            on conflict (key) do update set last_at = :now,
              failures = case when sign_in_failure.last_at > :since then sign_in_failure.failures + 1 else 1 end""";
    private static final String FORGET = "delete from sign_in_failure where key = :key";

    private final JdbcClient jdbc;
    private final Clock clock;

    public SignInBrake(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private static List<String> keys(String account, String address) {
        return List.of("account " + account, "address " + address);
    }

    /** Seconds to wait before the next try is looked at; 0 when it may be tried now. */
    public long secondsToWait(String account, String address) {
        return jdbc
                .sql(FAILURES)
                .param("keys", keys(account, address))
                .param("since", utc(clock.instant().minus(FORGOTTEN_AFTER)))
                .query((row, n) -> wait(
                        row.getInt("failures"),
                        row.getObject("last_at", OffsetDateTime.class).toInstant()))
                .list()
                .stream()
                .mapToLong(Long::longValue)
                .max()
                .orElse(0);
    }

    private long wait(int failures, Instant last) {
        if (failures < FREE_TRIES) return 0;
        long seconds = Math.min(LONGEST.toSeconds(), 1L << Math.min(failures - FREE_TRIES + 1, MOST_DOUBLINGS));
        Duration left = Duration.between(clock.instant(), last.plusSeconds(seconds));
        return left.isNegative() ? 0 : (left.toMillis() + 999) / 1000;
    }

    public void failed(String account, String address) {
        for (String key : keys(account, address)) {
            jdbc.sql(FAILED)
                    .param("key", key)
                    .param("now", utc(clock.instant()))
                    .param("since", utc(clock.instant().minus(FORGOTTEN_AFTER)))
                    .update();
        }
    }

    /** A right password forgives the account, not the address: one good account must not free a guesser of others. */
    public void succeeded(String account) {
        jdbc.sql(FORGET).param("key", "account " + account).update();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
