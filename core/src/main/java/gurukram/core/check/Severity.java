package gurukram.core.check;

/** How much a finding matters, the worst first. */
public enum Severity {
    MUST("must mend"),
    LOOK("should look"),
    INFO("for your information");

    private final String words;

    Severity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
