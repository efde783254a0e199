package gurukram.web.plans.page;

/**
 * Something the teacher is told above the spine.
 *
 * @param again when not null, the request to send again to have it the typed way after all
 */
public record Notice(String words, Again again) {
    /** A field edit that lost to another window's. */
    public record Again(String node, String field, String of, String value) {}

    public static final Notice NONE = new Notice("", null);

    static Notice of(String words) {
        return new Notice(words, null);
    }
}
