package gurukram.core.time;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Durations as whole milliseconds: every derived duration is rounded once, half up, when it is made; sums are exact. */
public final class Millis {
    public static final int SECOND = 1_000;
    public static final int MINUTE = 60 * SECOND;

    private Millis() {}

    /** Milliseconds times exact factors, rounded half up once at the end. */
    public static long times(long ms, BigDecimal... factors) {
        BigDecimal product = BigDecimal.valueOf(ms);
        for (BigDecimal factor : factors) product = product.multiply(factor);
        return product.setScale(0, RoundingMode.HALF_UP).longValueExact();
    }

    /** Half of a duration, rounded half up to a whole millisecond. */
    public static long half(long ms) {
        return (ms + 1) / 2;
    }

    /** Minutes and seconds, with one decimal only when it is not zero: {@code 8:24}, {@code 8:20.4}. */
    public static String show(long ms) {
        if (ms < 0) return "-" + show(-ms);
        long tenths = (ms + 50) / 100;
        long seconds = tenths / 10 % 60;
        // by hand: a page shows hundreds of these, and a format costs more than all the rest of a row
        String whole = tenths / 600 + (seconds < 10 ? ":0" : ":") + seconds;
        return tenths % 10 == 0 ? whole : whole + "." + tenths % 10;
    }

    /** Minutes and whole seconds, rounded half up, for places where tenths would only distract: {@code 8:20}. */
    public static String showWhole(long ms) {
        return show(whole(ms));
    }

    /** Whole seconds, rounded half up, as ms. */
    public static long whole(long ms) {
        return Math.floorDiv(ms + 500L, SECOND) * SECOND;
    }

    /** Seconds without a needless fraction: {@code 5}, {@code 2.5}, {@code 3.276}. */
    public static String seconds(long ms) {
        return BigDecimal.valueOf(ms, 3).stripTrailingZeros().toPlainString();
    }

    /** {@code about 7 min}; under half a minute, {@code about 20 s}. */
    public static String aboutMinutes(long ms) {
        long minutes = (ms + MINUTE / 2) / MINUTE;
        return minutes == 0 ? "about " + (ms / SECOND + 5) / 10 * 10 + " s" : "about " + minutes + " min";
    }
}
