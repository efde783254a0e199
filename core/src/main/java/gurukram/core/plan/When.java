package gurukram.core.plan;

import gurukram.core.text.Refused;

/**
 * On which passes of a flow something happens.
 *
 * @param fromRound first round, from 1; {@code toRound} the last, null for all that follow
 * @param pass the first or second pass of a two-sided round only; null for both
 */
public record When(int fromRound, Integer toRound, Integer pass) {
    public static final When ALWAYS = new When(1, null, null);

    public When {
        if (fromRound < 1) throw new Refused("Rounds count from 1.");
        if (toRound != null && toRound < fromRound) {
            throw new Refused("Rounds %d to %d: the first comes after the last.".formatted(fromRound, toRound));
        }
        if (pass != null && pass != 1 && pass != 2) throw new Refused("A round has a first and a second pass.");
    }

    public static When rounds(int from, int to) {
        return new When(from, to, null);
    }

    /** @param passOfRound 1 or 2 */
    public boolean holds(int round, int passOfRound) {
        return round >= fromRound && (toRound == null || round <= toRound) && (pass == null || pass == passOfRound);
    }
}
