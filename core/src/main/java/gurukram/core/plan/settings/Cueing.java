package gurukram.core.plan.settings;

/** How a section is cued: explained takes longer to get people into poses, by the breath is four or more breath cues a minute. */
public enum Cueing {
    EXPLAINED("explained"),
    BY_THE_BREATH("by the breath");

    private final String word;

    Cueing(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
