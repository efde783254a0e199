package gurukram.core.notation.words;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as they stand in lines. */
public final class Numbers {
    public static final String DECIMAL = "(-?\\d{1,9}(?:[.,]\\d{1,9})?)";
    public static final String SECONDS = "(?:s|secs?|seconds?)";
    private static final BigDecimal MOST = BigDecimal.valueOf(999_999_999);

    private Numbers() {}

    /** Seconds with decimals as ms; {@link Refused} in seconds when outside the limit. */
    public static int millis(String seconds, Limit limit, String what) {
        BigDecimal ms = new BigDecimal(seconds.replace(',', '.'))
                .movePointRight(3)
                .min(MOST)
                .max(MOST.negate())
                .setScale(0, RoundingMode.HALF_UP);
        int value = ms.intValue();
        if (value >= limit.least() && value <= limit.most()) return value;
        throw new Refused("%s: from %s to %s, please; %s is not."
                .formatted(what, shown(limit.least()), shown(limit.most()), seconds));
    }

    private static String shown(int ms) {
        return Millis.seconds(ms);
    }
}
