package gurukram.web.account;

import gurukram.web.shared.Busy;
import gurukram.web.shared.Place;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Passwords are kept as Argon2 hashes, which cost time and memory on purpose. So only two are made at once, one on a machine of two processors, and few wait: the rest
 * is {@link Busy}.
 */
@Component
class Hashing implements PasswordEncoder {
    static final int AT_ONCE = Math.max(1, Math.min(2, Runtime.getRuntime().availableProcessors() - 1));
    static final int MOST_WAITING = 8;
    private static final int MOST_SECONDS = 3;
    private static final int AGAIN_IN = 5;

    private final PasswordEncoder argon = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final Semaphore hands = new Semaphore(AT_ONCE, true);

    @Override
    public String encode(CharSequence password) {
        return inTurn(() -> argon.encode(password));
    }

    @Override
    public boolean matches(CharSequence password, String hash) {
        return inTurn(() -> argon.matches(password, hash));
    }

    private <T> T inTurn(Supplier<T> hash) {
        try {
            return Place.aside(() -> inHand(hash));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy(AGAIN_IN);
        }
    }

    private <T> T inHand(Supplier<T> hash) throws InterruptedException {
        if (hands.getQueueLength() >= MOST_WAITING || !hands.tryAcquire(MOST_SECONDS, TimeUnit.SECONDS))
            throw new Busy(AGAIN_IN);
        try {
            return hash.get();
        } finally {
            hands.release();
        }
    }
}
