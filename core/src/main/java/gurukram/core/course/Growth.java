package gurukram.core.course;

import gurukram.core.text.Limit;
import gurukram.core.text.Refused;

/**
 * What grows in a course.
 *
 * @param breaths how long the peak is held
 * @param fromRounds rounds of the main flow in the first lesson, {@code toRounds} in the last
 * @param modes whether the flow goes from learning over the breath to silence
 * @param alone whether people go from watching over being led to doing it alone
 * @param lighterEvery every so many lessons one is lighter; 0 for none
 */
public record Growth(Steps breaths, int fromRounds, int toRounds, boolean modes, boolean alone, int lighterEvery) {
    public static final Limit ROUNDS = new Limit("Rounds", 1, 12);
    public static final Limit LIGHTER = new Limit("Lighter every so many", 2, 12);
    public static final Growth USUAL = new Growth(new Steps(5, 1, 10), 2, 4, true, true, 4);

    public Growth {
        ROUNDS.check(fromRounds);
        ROUNDS.check(toRounds);
        if (toRounds < fromRounds)
            throw new Refused("From %d rounds to %d: rounds do not grow down.".formatted(fromRounds, toRounds));
        if (lighterEvery != 0) LIGHTER.check(lighterEvery);
    }

    /** Whether a lesson, from 1, is a lighter one. */
    public boolean isLighter(int lesson) {
        return lighterEvery > 0 && lesson % lighterEvery == 0;
    }
}
