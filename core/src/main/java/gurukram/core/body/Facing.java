package gurukram.core.body;

/** Where the chest looks: to the front end of the mat, to its long side, to the back end, up or down. */
public enum Facing {
    FRONT,
    LONG,
    BACK,
    UP,
    DOWN
}
