package gurukram.web.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A second factor: six digits a telephone makes from a secret and the time (RFC 6238), each taken once. */
@Service
class SecondFactor {
    /** So many codes there are for the day the telephone is lost. */
    static final int RECOVERY = 8;

    private static final int SECRET_BYTES = 20;
    private static final int RECOVERY_LETTERS = 10;
    /** Letters nobody mistakes for each other. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final String BASE32 = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final Duration STEP = Duration.ofSeconds(30);

    private final SecondFactorStore store;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator(STEP);

    SecondFactor(SecondFactorStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    boolean isOn(Teacher teacher) {
        return store.find(teacher).filter(SecondFactorStore.Factor::confirmed).isPresent();
    }

    /** The secret of one that is begun and not confirmed, in letters; empty where there is none. */
    Optional<String> begun(Teacher teacher) {
        return store.find(teacher).filter(factor -> !factor.confirmed()).map(factor -> base32(factor.secret()));
    }

    int recoveryLeft(Teacher teacher) {
        return store.left(teacher);
    }

    void begin(Teacher teacher) {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        store.begin(teacher, secret);
    }

    /** What a telephone reads the secret from. */
    static String address(Teacher teacher, String secret) {
        String who = URLEncoder.encode("Gurukram:" + teacher.email(), StandardCharsets.UTF_8);
        return "otpauth://totp/%s?secret=%s&issuer=Gurukram".formatted(who, secret);
    }

    /** From now on it is asked for. @return codes for the day the telephone is lost, told this once; empty where the code is wrong */
    @Transactional
    public List<String> confirm(Teacher teacher, String code) {
        if (begun(teacher).isEmpty() || !isCode(teacher, code)) return List.of();
        List<String> recovery = new ArrayList<>();
        List<byte[]> kept = new ArrayList<>();
        for (int i = 0; i < RECOVERY; i++) {
            StringBuilder one = new StringBuilder();
            for (int k = 0; k < RECOVERY_LETTERS; k++) one.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
            recovery.add(one.toString());
            kept.add(Secrets.hash(one.toString()));
        }
        store.confirm(teacher, kept);
        return recovery;
    }

    /** Whether it is a code of now, or one for the day the telephone is lost; it is used up then. */
    @Transactional
    public boolean takes(Teacher teacher, String typed) {
        String code = typed.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
        return isCode(teacher, code) || store.recover(teacher, Secrets.hash(code));
    }

    /** The clock of a telephone may be half a minute off either way. */
    private boolean isCode(Teacher teacher, String typed) {
        String code = typed.replaceAll("\\s", "");
        if (!code.matches("\\d{6}")) return false;
        Optional<SecondFactorStore.Factor> factor = store.find(teacher);
        if (factor.isEmpty()) return false;
        SecretKeySpec key = new SecretKeySpec(factor.get().secret(), codes.getAlgorithm());
        Instant now = clock.instant();
        for (int step = -1; step <= 1; step++) {
            Instant at = now.plus(STEP.multipliedBy(step));
            try {
                if (codes.generateOneTimePasswordString(key, at).equals(code))
                    return store.take(teacher, at.getEpochSecond() / STEP.toSeconds());
            } catch (InvalidKeyException e) {
                throw new IllegalStateException(e);
            }
        }
        return false;
    }

    void end(Teacher teacher) {
        store.end(teacher);
    }

    static String base32(byte[] bytes) {
        StringBuilder text = new StringBuilder();
        int buffer = 0;
        int bits = 0;
        for (byte one : bytes) {
            buffer = buffer << 8 | one & 0xff;
            bits += 8;
            while (bits >= 5) {
                text.append(BASE32.charAt(buffer >> bits - 5 & 31));
                bits -= 5;
            }
        }
        if (bits > 0) text.append(BASE32.charAt(buffer << 5 - bits & 31));
        return text.toString();
    }
}
