package gurukram.core.body;

/** A side of the body, always the practitioner's own. */
public enum Side {
    RIGHT("right", "R"),
    LEFT("left", "L");

    private final String word;
    private final String letter;

    Side(String word, String letter) {
        this.word = word;
        this.letter = letter;
    }

    public Side opposite() {
        return this == RIGHT ? LEFT : RIGHT;
    }

    public String word() {
        return word;
    }

    public String letter() {
        return letter;
    }
}
