package gurukram.core.pose;

/** How much can go wrong; a high-risk pose has a ladder, an offered way out and a named supervisor. */
public enum Risk {
    LOW,
    MEDIUM,
    HIGH
}
