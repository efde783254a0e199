package gurukram.core.calendar;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * Something on a day at a time.
 *
 * @param key a name for it
 * @param what it is, in words
 * @param from when it begins, {@code to} when it ends, by the clock on the wall
 * @param room where, by id; null where nobody knows
 * @param mine whether the teacher must be there
 */
public record Planned(
        String key,
        String what,
        LocalDateTime from,
        LocalDateTime to,
        @Nullable String room,
        boolean mine) {
    public Planned {
        if (to.isBefore(from)) throw new IllegalArgumentException(what + " ends before it begins");
    }
}
