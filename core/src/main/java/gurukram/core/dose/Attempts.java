package gurukram.core.dose;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Tries at something not yet mastered, with rests between them.
 *
 * @param each how long one lasts: breaths, seconds or counts
 * @param turns in how many turns the room does it; 1 for all at once
 * @param waiting id of the pose in which the others wait; null where nobody waits or it does not matter
 */
public record Attempts(
        int attempts,
        Dose each,
        int restSeconds,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) int turns,
        @Nullable String waiting)
        implements Dose {
    public Attempts {
        ATTEMPTS.check(attempts);
        REST.check(restSeconds);
        if (attempts == 1) restSeconds = 0;
        if (turns == 0) turns = 1;
        TURNS.check(turns);
        if (turns == 1 && waiting != null)
            throw new Refused("Nobody waits unless the room takes turns, as in “in 2 turns”.");
        if (!(each instanceof Breaths || each instanceof Seconds || each instanceof Counts)) {
            throw new Refused("An attempt lasts so many breaths, seconds or counts.");
        }
    }

    public Attempts(int attempts, Dose each, int restSeconds) {
        this(attempts, each, restSeconds, 1, null);
    }

    public Attempts withAttempts(int other) {
        return new Attempts(other, each, restSeconds, turns, waiting);
    }

    /** A dose in the place of this one, whose words leave out the pose others wait in: it keeps it where it has turns. */
    public Dose keepingWaiting(Dose other) {
        boolean takes = other instanceof Attempts tries && tries.turns() > 1 && tries.waiting() == null;
        return takes ? ((Attempts) other).withWaiting(waiting) : other;
    }

    public Attempts withWaiting(@Nullable String pose) {
        return new Attempts(attempts, each, restSeconds, turns, pose);
    }

    @Override
    public boolean upTo(Dose more) {
        return more instanceof Attempts other
                && attempts <= other.attempts
                && each.equals(other.each)
                && turns == other.turns
                && Objects.equals(waiting, other.waiting)
                && (restSeconds == other.restSeconds || attempts == 1);
    }

    @Override
    public String toString() {
        return Words.count(attempts, "attempt") + rest();
    }

    String rest() {
        String rest = restSeconds == 0 ? "" : ", rest " + restSeconds + " s";
        return " of " + each + rest + (turns == 1 ? "" : ", in " + turns + " turns");
    }
}
