package gurukram.core.dose;

import gurukram.core.text.Refused;
import gurukram.core.text.Words;

/**
 * Tries at something not yet mastered, with rests between them.
 *
 * @param each how long one lasts: breaths, seconds or counts
 */
public record Attempts(int attempts, Dose each, int restSeconds) implements Dose {
    public Attempts {
        ATTEMPTS.check(attempts);
        REST.check(restSeconds);
        if (attempts == 1) restSeconds = 0;
        if (!(each instanceof Breaths || each instanceof Seconds || each instanceof Counts)) {
            throw new Refused("An attempt lasts so many breaths, seconds or counts.");
        }
    }

    @Override
    public boolean upTo(Dose more) {
        return more instanceof Attempts other
                && attempts <= other.attempts
                && each.equals(other.each)
                && (restSeconds == other.restSeconds || attempts == 1);
    }

    @Override
    public String toString() {
        return Words.count(attempts, "attempt") + rest();
    }

    String rest() {
        return " of " + each + (restSeconds == 0 ? "" : ", rest " + restSeconds + " s");
    }
}
