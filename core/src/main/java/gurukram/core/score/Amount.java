package gurukram.core.score;

/**
 * How much was done.
 *
 * @param ms work, without transitions and setting up
 * @param holds holds and attempts
 * @param reps repetitions
 * @param movements half-breath movements
 */
public record Amount(long ms, int holds, int reps, int movements) {
    public static final Amount NONE = new Amount(0, 0, 0, 0);

    static Amount of(Moment m) {
        boolean held = m.kind() == Moment.Kind.HOLD || m.kind() == Moment.Kind.ATTEMPT;
        return new Amount(
                m.workMs(), held ? 1 : 0, m.reps() == null ? 0 : m.reps(), m.kind() == Moment.Kind.MOVEMENT ? 1 : 0);
    }

    Amount plus(Amount other) {
        return new Amount(ms + other.ms, holds + other.holds, reps + other.reps, movements + other.movements);
    }
}
