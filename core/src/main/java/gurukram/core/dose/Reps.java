package gurukram.core.dose;

import com.fasterxml.jackson.annotation.JsonInclude;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Repetitions in sets, on one side.
 *
 * @param restSeconds pause between sets, not after the last
 * @param repMillis length of one repetition in ms, {@code repBreaths} in breaths; both null take the pose's own
 * @param shown the ones shown first; null when none is
 */
public record Reps(
        int reps,
        int sets,
        int restSeconds,
        @Nullable Integer repMillis,
        @Nullable Integer repBreaths,
        @Nullable Shown shown)
        implements Dose {

    /**
     * The one or two repetitions a teacher shows first.
     *
     * @param onTop whether they come on top of the number, or are the first of it and take no time of their own
     * @param millis length of one on top, ms; null takes the usual
     * @param aSide whether so many are shown on each side; otherwise on the first only
     */
    public record Shown(
            int reps,
            boolean onTop,
            @Nullable Integer millis,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean aSide) {
        public Shown(int reps, boolean onTop, @Nullable Integer millis) {
            this(reps, onTop, millis, false);
        }

        public Shown {
            SHOWN.check(reps);
            if (millis != null) REP_MILLIS.check(millis);
            if (millis != null && !onTop) {
                throw new Refused("Shown repetitions inside the number are as long as the others.");
            }
        }

        @Override
        public String toString() {
            String each = millis == null ? "" : ", " + Millis.seconds(millis) + " s a shown rep";
            return reps + (onTop ? " shown on top" : " shown inside") + (aSide ? " a side" : "") + each;
        }
    }

    public Reps {
        REPS.check(reps);
        SETS.check(sets);
        REST.check(restSeconds);
        if (repMillis != null) REP_MILLIS.check(repMillis);
        if (repBreaths != null) REP_BREATHS.check(repBreaths);
        if (repMillis != null && repBreaths != null) {
            throw new Refused("A repetition lasts so many seconds or so many breaths, not both.");
        }
        if (sets == 1) restSeconds = 0;
        if (shown != null && !shown.onTop() && shown.reps() > reps) {
            throw new Refused("More repetitions are shown inside the number than there are: %d of %d."
                    .formatted(shown.reps(), reps));
        }
    }

    /** Repetitions at the pose's own speed. */
    public Reps(int reps, int sets, int restSeconds, @Nullable Integer repMillis) {
        this(reps, sets, restSeconds, repMillis, null, null);
    }

    /** Another number of repetitions, no less than are shown inside it. */
    public Reps withReps(int other) {
        int least = shown == null || shown.onTop() ? 1 : shown.reps();
        return new Reps(Math.max(least, other), sets, restSeconds, repMillis, repBreaths, shown);
    }

    @Override
    public boolean upTo(Dose more) {
        return more instanceof Reps other
                && reps <= other.reps
                && sets <= other.sets
                && (restSeconds == other.restSeconds || sets == 1)
                && Objects.equals(extras(), other.extras());
    }

    String extras() {
        String each = "";
        if (repMillis != null) each = ", " + Millis.seconds(repMillis) + " s each";
        if (repBreaths != null) each = ", " + Words.count(repBreaths, "breath") + " each";
        return each + (shown == null ? "" : ", " + shown);
    }

    String rest() {
        return restSeconds == 0 ? "" : ", rest " + restSeconds + " s";
    }

    @Override
    public String toString() {
        return Words.count(reps, "rep") + (sets == 1 ? "" : " x " + sets) + rest() + extras();
    }
}
