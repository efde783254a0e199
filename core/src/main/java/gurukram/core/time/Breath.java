package gurukram.core.time;

/** The phases of a breath a moment can stand on. */
public enum Breath {
    INHALE("in"),
    EXHALE("out"),
    HOLD_IN("hold in"),
    HOLD_OUT("hold out"),
    FREE("free");

    private final String word;

    Breath(String word) {
        this.word = word;
    }

    /** The word a teacher types and reads: {@code in}, {@code out}, ... */
    public String word() {
        return word;
    }
}
