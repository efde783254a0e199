package gurukram.core.compose.brief;

/**
 * A pose that could have stood in the draft and does not.
 *
 * @param pose its id
 * @param why in the teacher's words
 */
public record LeftOut(String pose, Why why, String words) {
    /** What stands against it. */
    public enum Why {
        LEVEL,
        NEED,
        PROPS,
        RISK,
        ASKED
    }
}
