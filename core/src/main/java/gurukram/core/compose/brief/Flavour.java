package gurukram.core.compose.brief;

/** How a class is meant to feel. */
public enum Flavour {
    /** an even effort, long enough in each pose */
    STEADY("steady"),
    /** balances and poses that are met less often */
    PLAYFUL("playful"),
    /** more work, shorter stretches */
    STRONG("strong"),
    /** low to the floor, long and quiet */
    RESTFUL("restful");

    private final String word;

    Flavour(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
