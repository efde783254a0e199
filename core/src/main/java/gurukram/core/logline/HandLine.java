package gurukram.core.logline;

import gurukram.core.body.Side;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A class that was taught without the room, as its teacher writes it down in one line: {@code Thursday, 62 min, left out dancer, 9
 * people}. What is not understood is a problem, never guessed at.
 *
 * @param day null when it is not said or not understood
 * @param time when it began; null when it is not said
 * @param minutes how long it took; null when it is not said or not understood
 * @param people how many came, {@code firstTimers} how many of them for the first time; null when it is not said
 * @param note what stands behind {@code note:}, as it is
 * @param problems what cannot be taken, in whole sentences
 */
public record HandLine(
        @Nullable LocalDate day,
        @Nullable LocalTime time,
        @Nullable Integer minutes,
        @Nullable Integer people,
        @Nullable Integer firstTimers,
        List<Left> leftOut,
        String note,
        List<String> problems) {
    public static final int MOST_MINUTES = 300;
    public static final int MOST_PEOPLE = 300;

    /** Something left out, as it is called. @param side null for both */
    public record Left(String name, @Nullable Side side) {}

    public HandLine {
        leftOut = List.copyOf(leftOut);
        problems = List.copyOf(problems);
    }

    /** @param today what “yesterday” counts from */
    public static HandLine read(String line, LocalDate today) {
        return new HandReader(line, today).read();
    }
}
