package gurukram.web.shared;

import java.math.BigInteger;
import java.security.SecureRandom;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the app is open: while it practises for its first visitors, it answers to itself alone. */
@Component
public final class Opening {
    public static final String HEADER = "X-Practice";

    private final String secret = new BigInteger(128, new SecureRandom()).toString(36);
    private volatile boolean open;

    /** @param seconds how long it practises; open at once when that is nothing */
    public Opening(@Value("${gurukram.warm-up}") int seconds) {
        open = seconds == 0;
    }

    /** What its own requests carry. */
    public String secret() {
        return secret;
    }

    public boolean isOpenFor(String practice) {
        return open || secret.equals(practice);
    }

    public void open() {
        open = true;
    }
}
