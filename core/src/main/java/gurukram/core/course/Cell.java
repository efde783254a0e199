package gurukram.core.course;

import gurukram.core.plan.settings.Mode;
import org.jspecify.annotations.Nullable;

/**
 * What one lesson of a course is to have.
 *
 * @param n which lesson, from 1
 * @param rung where on the ladder of the peak, from 1; null where the course has no ladder
 * @param breaths how long the peak is held
 * @param rounds of the main flow
 * @param newFlow whether its main flow is another than the lesson's before; else the same goes on and grows
 * @param theme its words; empty for none
 */
public record Cell(
        int n,
        @Nullable Integer rung,
        int breaths,
        int rounds,
        Mode mode,
        Alone alone,
        boolean lighter,
        boolean newFlow,
        String theme) {
    private static final int LESS_BREATHS = 2;

    /** The breaths the lesson really has: two less in a lighter one. */
    public int heldBreaths() {
        return lighter ? Math.max(1, breaths - LESS_BREATHS) : breaths;
    }

    /** The rounds the lesson really has: one less in a lighter one. */
    public int doneRounds() {
        return lighter ? Math.max(1, rounds - 1) : rounds;
    }
}
