package gurukram.core.body;

/** Where a pose mainly takes the spine. */
public enum SpineDirection {
    NEUTRAL,
    FORWARD,
    BACK,
    SIDE,
    TURNED
}
