package gurukram.core.time;

/** The phases of a breath a moment can stand on. */
public enum Breath {
    INHALE("in"),
    EXHALE("out"),
    HOLD_IN("held in"),
    HOLD_OUT("held out"),
    FREE("natural");

    private final String word;

    Breath(String word) {
        this.word = word;
    }

    /** The word a teacher types and reads: {@code in}, {@code out}, ... */
    public String word() {
        return word;
    }

    public boolean isHeld() {
        return this == HOLD_IN || this == HOLD_OUT;
    }
}
