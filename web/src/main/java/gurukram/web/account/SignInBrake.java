package gurukram.web.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Slows guessing. A try takes its place before anything is looked at, and gives it back when it was right: however many come at
 * once, only as many get through as may. After some free failures every further try has to wait, twice as long each time.
 *
 * <p>A browser that has signed in before is counted for itself, so that nobody elsewhere can lock its owner out. Kept in the
 * database: every copy of the app counts the same.
 */
@Component
public class SignInBrake {
    /** Failures that cost nothing: of one account from one address, of one account from anywhere, from one address. */
    static final int FREE_TRIES = 5;

    static final int FREE_FROM_ANYWHERE = 20;
    /** A house of many teachers has one address. */
    static final int FREE_OF_ADDRESS = 100;

    static final int FREE_ON_KNOWN_DEVICE = 10;
    static final int FREE_REGISTRATIONS = 20;
    static final Duration LONGEST = Duration.ofMinutes(15);
    /** Of one account from anywhere: its owner may be among those who try. */
    static final Duration LONGEST_FROM_ANYWHERE = Duration.ofSeconds(30);

    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(24);
    private static final Duration ADDRESS_FORGOTTEN_AFTER = Duration.ofHours(1);

    private static final String TAKE = """
            insert into sign_in_failure as f (key, failures, last_at) values (:key, 1, :now)
            on conflict (key) do update
              set failures = case when f.last_at > :since then f.failures + 1 else 1 end, last_at = :now
              where f.last_at <= :since or f.failures < :free
                 or f.last_at + make_interval(secs => least(:longest, power(2, least(f.failures - :free + 1, 20)))) <= :now
            returning failures""";
    private static final String LEFT = """
            select last_at + make_interval(secs => least(:longest, power(2, least(failures - :free + 1, 20))))
              from sign_in_failure where key = :key""";
    private static final String FORGET = "delete from sign_in_failure where key = :key";
    private static final String GIVE_BACK =
            "update sign_in_failure set failures = greatest(0, failures - 1) where key = :key";
    private static final String FORGET_OLD = "delete from sign_in_failure where last_at < :since";

    private final JdbcClient jdbc;
    private final Clock clock;
    private final TransactionTemplate together;

    public SignInBrake(JdbcClient jdbc, Clock clock, PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.together = new TransactionTemplate(transactions);
    }

    /** What is counted, and how much of it is free. */
    private record Count(String key, int free, Duration longest, Duration forgottenAfter) {}

    /** A try at an account from an address; {@code device} is the hash of a browser its owner has signed in with. */
    public record Try(String account, String address, Optional<String> device) {
        private List<Count> counts() {
            if (device.isPresent())
                return List.of(new Count(
                        "device " + device.get() + " " + account, FREE_ON_KNOWN_DEVICE, LONGEST, FORGOTTEN_AFTER));
            return List.of(
                    new Count("account " + account, FREE_FROM_ANYWHERE, LONGEST_FROM_ANYWHERE, FORGOTTEN_AFTER),
                    new Count("address " + address, FREE_OF_ADDRESS, LONGEST, ADDRESS_FORGOTTEN_AFTER),
                    new Count("from " + address + " " + account, FREE_TRIES, LONGEST, FORGOTTEN_AFTER));
        }
    }

    /** Takes the place of a try. Seconds to wait when there is none; 0 when it may go on. */
    public long take(Try one) {
        return take(one.counts());
    }

    /** The right password forgives the account; the address only this try: one good account must not free a guesser of others. */
    public void right(Try one) {
        for (Count count : one.counts()) {
            String sql = count.key().startsWith("address ") ? GIVE_BACK : FORGET;
            jdbc.sql(sql).param("key", count.key()).update();
        }
    }

    /** Somebody signed in says their present password. Seconds to wait, or 0. */
    public long takePresentPassword(String account) {
        return take(List.of(presentPassword(account)));
    }

    public void rightPresentPassword(String account) {
        jdbc.sql(FORGET).param("key", presentPassword(account).key()).update();
    }

    private static Count presentPassword(String account) {
        return new Count("present password " + account, FREE_TRIES, LONGEST, FORGOTTEN_AFTER);
    }

    /** An account is made from an address. Seconds to wait, or 0. */
    long takeRegistration(String address) {
        Duration hour = ADDRESS_FORGOTTEN_AFTER;
        return take(List.of(new Count("register " + address, FREE_REGISTRATIONS, LONGEST, hour)));
    }

    /** A token nobody has was sent from an address. Seconds to wait, or 0. */
    public long takeUnknownToken(String address) {
        Duration hour = ADDRESS_FORGOTTEN_AFTER;
        return take(List.of(new Count("token " + address, FREE_OF_ADDRESS, LONGEST, hour)));
    }

    private long take(List<Count> counts) {
        Long wait = together.execute(status -> {
            long longest = 0;
            for (Count count : counts) longest = Math.max(longest, take(count));
            if (longest > 0) status.setRollbackOnly();
            return longest;
        });
        return wait == null ? 0 : wait;
    }

    private long take(Count count) {
        Instant now = clock.instant();
        boolean taken = jdbc.sql(TAKE)
                .param("key", count.key())
                .param("now", utc(now))
                .param("since", utc(now.minus(count.forgottenAfter())))
                .param("free", count.free())
                .param("longest", (double) count.longest().toSeconds())
                .query(Integer.class)
                .optional()
                .isPresent();
        return taken ? 0 : left(count, now);
    }

    private long left(Count count, Instant now) {
        Instant open = jdbc.sql(LEFT)
                .param("key", count.key())
                .param("free", count.free())
                .param("longest", (double) count.longest().toSeconds())
                .query((row, n) -> row.getObject(1, OffsetDateTime.class).toInstant())
                .single();
        return Math.max(1, (Duration.between(now, open).toMillis() + 999) / 1000);
    }

    /** Forgets what no longer counts. */
    void forgetOld() {
        jdbc.sql(FORGET_OLD)
                .param("since", utc(clock.instant().minus(FORGOTTEN_AFTER)))
                .update();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
