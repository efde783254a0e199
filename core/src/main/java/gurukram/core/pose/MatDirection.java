package gurukram.core.pose;

/** Whether the feet stand along the mat or across it. */
public enum MatDirection {
    ALONG,
    ACROSS
}
