package gurukram.core.body;

/** Where a compound pose twists to, seen from the side it is named by. */
public enum Twist {
    SAME,
    OTHER;

    public Side of(Side base) {
        return this == SAME ? base : base.opposite();
    }
}
