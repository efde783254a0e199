package gurukram.core.course;

/** How much people do without being led: first they watch, then they are led, then they do it alone. */
public enum Alone {
    WATCHED("watched", "who watch first", "Watched: show the whole of it first, then everybody does it with you."),
    LED("led", "who are led", "Led: no showing; say each position on its breath."),
    ALONE(
            "alone",
            "who do it alone",
            "Alone: say its name, the side and the rounds, then be quiet; everybody on their own breath.");

    private final String word;
    private final String words;
    private final String note;

    Alone(String word, String words, String note) {
        this.word = word;
        this.words = words;
        this.note = note;
    }

    public String word() {
        return word;
    }

    /** Behind “people”. */
    public String words() {
        return words;
    }

    /** What it asks of the teacher: stands at the flow. */
    public String note() {
        return note;
    }
}
