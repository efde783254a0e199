package gurukram.core.pose;

/** How long it takes to get people into a pose before its count begins. */
public enum Complexity {
    SIMPLE,
    MEDIUM,
    COMPLEX,
    /** A complex pose explained from the beginning. */
    FULLY_EXPLAINED
}
