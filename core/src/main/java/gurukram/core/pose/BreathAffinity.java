package gurukram.core.pose;

import java.util.Locale;

/** The half-breath a pose is entered on: opening on the inhale, folding on the exhale, or either. */
public enum BreathAffinity {
    IN,
    OUT,
    EITHER;

    /** {@code in}, {@code out}, {@code either}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** {@code inhale}, {@code exhale}, {@code breathe}. */
    public String spoken() {
        return this == IN ? "inhale" : this == OUT ? "exhale" : "breathe";
    }
}
