package gurukram.core.course;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;

/**
 * A number that grows by the same amount from lesson to lesson until it is as much as it may be: breaths, 5 and one more each week, 10 at most.
 *
 * @param from in the first lesson
 * @param more from one lesson to the next
 * @param most never above
 */
public record Steps(int from, int more, int most) {
    public static final Limit BREATHS = new Limit("Breaths", 1, 60);
    public static final Limit MORE = new Limit("More each time", 0, 10);

    public Steps {
        BREATHS.check(from);
        MORE.check(more);
        BREATHS.check(most);
        if (most < from) throw new Refused("At most %d is less than the %d it begins with.".formatted(most, from));
    }

    /** In a lesson, from 1. */
    public int in(int lesson) {
        return after(from, lesson - 1);
    }

    /** So many lessons after one that had {@code now}. */
    int after(int now, int lessons) {
        return Math.max(now, (int) Math.min(most, now + (long) more * lessons));
    }
}
