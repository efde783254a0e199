package gurukram.web.exchange;

import gurukram.web.shared.Secrets;
import java.time.Instant;
import java.util.UUID;
import java.util.random.RandomGenerator;

/**
 * A personal token, as it is listed: the token itself is shown once, when it is made, and only its hash is kept.
 *
 * @param mayWrite whether it may change classes; else it only reads them
 * @param lastUsedAt null when it was never used
 */
record ApiToken(UUID id, String name, boolean mayWrite, Instant createdAt, Instant endsAt, Instant lastUsedAt) {
    private static final String MARK = "gk_";

    static String make(RandomGenerator random) {
        return MARK + Secrets.make(random);
    }
}
