package gurukram.core.course;

import gurukram.core.plan.settings.Mode;
import gurukram.core.text.Plain;
import org.jspecify.annotations.Nullable;

/**
 * What the teacher wants otherwise in one lesson; null leaves it to the course. All but the load holds on in the lessons that follow.
 *
 * @param rung from 1
 * @param newFlow whether another main flow begins here
 */
public record Own(
        @Nullable Integer rung,
        @Nullable Integer breaths,
        @Nullable Integer rounds,
        @Nullable Mode mode,
        @Nullable Alone alone,
        @Nullable Boolean lighter,
        @Nullable Boolean newFlow,
        @Nullable String theme) {
    public static final Own NOTHING = new Own(null, null, null, null, null, null, null, null);
    private static final int MOST_LETTERS = 80;

    public Own {
        if (breaths != null) Steps.BREATHS.check(breaths);
        if (rounds != null) Growth.ROUNDS.check(rounds);
        if (theme != null) theme = Plain.line(theme, "A theme", MOST_LETTERS);
        if (theme != null && theme.isEmpty()) theme = null;
        if (newFlow != null && !newFlow) newFlow = null;
    }

    boolean isNothing() {
        return equals(NOTHING);
    }
}
