package gurukram.core.pose;

/**
 * What a teacher says for a pose; side-true, with places such as {@code {lead}} for sides.
 *
 * @param enter the way in
 * @param align what to look after while in it
 * @param leave the way out
 */
public record PoseCues(Wording enter, Wording align, Wording leave) {
    /** One thing said, in full and in few words. */
    public record Wording(String full, String brief) {}
}
