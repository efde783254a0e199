package gurukram.core.body;

/** Whether the feet stand along the mat or across it. */
public enum MatDirection {
    ALONG,
    ACROSS
}
