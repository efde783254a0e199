package gurukram.core.pose;

/** The three levels a class can be unfolded for. */
public enum Level {
    BEGINNER,
    INTERMEDIATE,
    ADVANCED;

    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
