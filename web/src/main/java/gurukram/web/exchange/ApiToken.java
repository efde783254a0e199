package gurukram.web.exchange;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Base64;
import java.util.UUID;
import java.util.random.RandomGenerator;

/**
 * A personal token, as it is listed: the token itself is shown once, when it is made, and only its hash is kept.
 *
 * @param mayWrite whether it may change classes; else it only reads them
 * @param lastUsedAt null when it was never used
 */
record ApiToken(UUID id, String name, boolean mayWrite, Instant createdAt, Instant endsAt, Instant lastUsedAt) {
    private static final int BYTES = 32;
    private static final String MARK = "gk_";

    /** A new token: 256 bits at random, so a plain hash of it is enough. */
    static String make(RandomGenerator random) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return MARK + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    static byte[] hash(String token) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
