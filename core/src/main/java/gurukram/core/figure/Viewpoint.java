package gurukram.core.figure;

/** Where a figure is seen from. */
public enum Viewpoint {
    /** From its right side: it faces the reader's right, and its right limbs are near. */
    SIDE(0),
    /** From its left side: it faces the reader's left, and its left limbs are near. */
    LEFT_SIDE(0),
    FRONT(1),
    BACK(-1),
    /** Lying on the back, seen from above, head up the page; turned over with a turn of -1. */
    ABOVE(1);

    private final double turn;

    Viewpoint(double turn) {
        this.turn = turn;
    }

    /** How far the chest faces the reader where a figure does not say: 1 fully, 0 seen edgewise, -1 away. */
    public double turn() {
        return turn;
    }

    public boolean isEdgewise() {
        return this == SIDE || this == LEFT_SIDE;
    }

    /** 1 where it faces the reader's right, -1 where it faces the left. */
    double forward() {
        return this == LEFT_SIDE ? -1 : 1;
    }

    /** Where the face looks when the crown points to {@code crown}, seen edgewise. */
    public double face(double crown) {
        return crown - 90 * forward();
    }
}
