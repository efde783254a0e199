package gurukram.core.pose;

/** Where a pose mainly takes the spine. */
public enum SpineDirection {
    NEUTRAL,
    FORWARD,
    BACK,
    SIDE,
    TURNED
}
