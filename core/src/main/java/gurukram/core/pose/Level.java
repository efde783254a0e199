package gurukram.core.pose;

import java.util.Locale;

/** The three levels a class can be unfolded for. */
public enum Level {
    BEGINNER,
    INTERMEDIATE,
    ADVANCED;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
