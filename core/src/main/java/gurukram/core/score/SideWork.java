package gurukram.core.score;

import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.List;

/**
 * Written work on one side: what the plan asks for, without setting up and without the pace.
 *
 * @param movements half-breath movements, so also positions
 * @param breaths breaths held
 * @param reps repetitions
 * @param secondsMs holds typed in seconds, in ms
 */
public record SideWork(long movements, long breaths, long reps, long secondsMs) {
    public static final SideWork NONE = new SideWork(0, 0, 0, 0);

    /** With what a moment adds. */
    public SideWork plus(Moment moment) {
        boolean held = moment.kind() == Moment.Kind.HOLD || moment.kind() == Moment.Kind.ATTEMPT;
        return new SideWork(
                movements + (moment.kind() == Moment.Kind.MOVEMENT ? 1 : 0),
                breaths + (held && moment.breaths() != null ? moment.breaths() : 0),
                reps + (moment.reps() == null ? 0 : moment.reps()),
                secondsMs + (held && moment.breaths() == null ? moment.workMs() : 0));
    }

    /** What this side has more than the other: {@code 8 breaths}, {@code 2 movements, 5 reps}; empty when nothing. */
    public String moreThan(SideWork other) {
        List<String> more = new ArrayList<>();
        if (movements > other.movements) more.add(Words.count(movements - other.movements, "movement"));
        if (breaths > other.breaths) more.add(Words.count(breaths - other.breaths, "breath"));
        if (reps > other.reps) more.add(Words.count(reps - other.reps, "rep"));
        if (secondsMs > other.secondsMs) more.add(Millis.seconds(secondsMs - other.secondsMs) + " s held");
        return String.join(", ", more);
    }
}
