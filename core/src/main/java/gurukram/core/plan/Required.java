package gurukram.core.plan;

/** What a document must not leave out. */
final class Required {
    private Required() {}

    /** The value; {@link IllegalArgumentException} when it is not there. */
    static <T> T of(T value, String what) {
        if (value == null) throw new IllegalArgumentException(what + " is missing");
        return value;
    }
}
