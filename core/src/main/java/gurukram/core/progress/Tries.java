package gurukram.core.progress;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.time.LocalDate;

/**
 * What a group tried of one rung in one session.
 *
 * @param rung counted from 1
 * @param tries how often, {@code clean} how many of them were clean
 * @param smooth whether the breath stayed smooth
 * @param rightSeconds how long the right side was held, {@code leftSeconds} the left; null where that was not noted
 * @param pain whether anybody reported pain
 */
public record Tries(
        LocalDate day,
        int rung,
        int tries,
        int clean,
        boolean smooth,
        Integer rightSeconds,
        Integer leftSeconds,
        boolean pain) {
    public static final Limit TRIES = new Limit("Tries", 1, 50);
    public static final Limit CLEAN = new Limit("Clean tries", 0, 50);
    public static final Limit SECONDS = new Limit("Seconds a side", 1, 600);
    public static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);
    public static final LocalDate LAST_DAY = LocalDate.of(2100, 12, 31);
    private static final int PERCENT_APART = 20;

    public Tries {
        if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) throw new Refused("A day between 2000 and 2100, please.");
        TRIES.check(tries);
        CLEAN.check(clean);
        if (clean > tries) throw new Refused("%d clean tries are more than the %d there were.".formatted(clean, tries));
        if (rightSeconds != null) SECONDS.check(rightSeconds);
        if (leftSeconds != null) SECONDS.check(leftSeconds);
        if ((rightSeconds == null) != (leftSeconds == null))
            throw new Refused("Give the seconds of both sides, or of none.");
    }

    /** Whether both sides were held about as long: within a fifth of the longer one. */
    boolean isEven() {
        if (rightSeconds == null) return true;
        int longer = Math.max(rightSeconds, leftSeconds);
        return 100 * (longer - Math.min(rightSeconds, leftSeconds)) <= PERCENT_APART * longer;
    }
}
