package gurukram.web.account;

import gurukram.web.shared.Once;
import gurukram.web.shared.Teacher;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/**
 * In which time zone a teacher reads times: the one set in the account, otherwise {@code gurukram.zone}, otherwise the
 * machine's. Every time a page shows goes through here.
 */
@Service
public class Zones {
    private final AccountStore accounts;
    private final ZoneId usual;
    private final Clock clock;

    Zones(AccountStore accounts, Clock clock, @Value("${gurukram.zone:}") String usual) {
        this.accounts = accounts;
        this.clock = clock;
        this.usual = usual.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(usual);
    }

    /** The zone of who has set none. */
    public ZoneId usual() {
        return usual;
    }

    /** Read once a request. */
    public ZoneId of(Teacher teacher) {
        return Once.aRequest(
                ZoneId.class, teacher.id(), () -> accounts.zone(teacher).orElse(usual));
    }

    public ZonedDateTime at(Teacher teacher, Instant time) {
        return time.atZone(of(teacher));
    }

    public LocalDate today(Teacher teacher) {
        return LocalDate.ofInstant(clock.instant(), of(teacher));
    }
}
