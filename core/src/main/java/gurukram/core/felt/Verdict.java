package gurukram.core.felt;

/** What is done about it, the least first. */
public enum Verdict {
    KEEP("keep", "Stay: as it should be"),
    EASE("ease", "Ease: come a little out"),
    CHANGE("change", "Change: another shape"),
    STOP("stop", "Stop: come out now");

    private final String word;
    private final String words;

    Verdict(String word, String words) {
        this.word = word;
        this.words = words;
    }

    public String word() {
        return word;
    }

    public String words() {
        return words;
    }

    Verdict atLeast(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
