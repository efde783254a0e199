package gurukram.core.compose.brief;

/** What the teacher wants otherwise in a draft. */
public enum Wish {
    /** nothing harder than a middling effort, and the peak one rung lower */
    GENTLER("gentler"),
    /** no weight on the hands */
    NO_WRISTS("no wrists tonight"),
    /** sitting and lying instead of standing, where there is a choice */
    MORE_FLOOR("more floor");

    private final String words;

    Wish(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
