package gurukram.core;

/** How many made-up examples a test takes; fewer where the code is made wrong on purpose and each test runs many times. */
public final class Seeds {
    private static final int MOST = Integer.getInteger("gurukram.seeds", Integer.MAX_VALUE);

    private Seeds() {}

    /** So many, or all of them with {@code ./gurukram test --full}. */
    public static int of(int usual, int all) {
        return of("yes".equals(System.getenv("GURUKRAM_FULL")) ? all : usual);
    }

    public static int of(int usual) {
        return Math.min(usual, MOST);
    }
}
