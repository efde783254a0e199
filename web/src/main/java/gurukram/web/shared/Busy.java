package gurukram.web.shared;

/** Too much of this at once; the same will do in a moment. Nothing was done. */
public final class Busy extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final int seconds;

    /** @param seconds when to try again */
    public Busy(int seconds) {
        super("busy, try again in " + seconds + " s", null, false, false);
        this.seconds = seconds;
    }

    public int seconds() {
        return seconds;
    }
}
