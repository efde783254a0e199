package gurukram.web.shared;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.random.RandomGenerator;

/** Secrets that programs and browsers keep; here only their hash is. */
public final class Secrets {
    private static final int BYTES = 32;

    private Secrets() {}

    /** A new one: 256 bits at random, so a plain hash of it is enough. */
    public static String make(RandomGenerator random) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    public static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
