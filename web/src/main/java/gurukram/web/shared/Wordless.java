package gurukram.web.shared;

import java.sql.SQLException;

/**
 * An error as it may stand in the log: what it is and where it came from, at every cause, and no words of it, which may be what somebody
 * typed. Of the database's errors the code is told.
 */
final class Wordless extends Exception {
    private static final long serialVersionUID = 1L;
    private static final int DEEPEST = 20;

    private Wordless(Throwable error, Throwable cause) {
        super(name(error), cause, false, true);
        setStackTrace(error.getStackTrace());
    }

    static Throwable of(Throwable error) {
        return of(error, 0);
    }

    private static Throwable of(Throwable error, int depth) {
        Throwable cause = error.getCause();
        boolean last = cause == null || cause == error || depth > DEEPEST;
        return new Wordless(error, last ? null : of(cause, depth + 1));
    }

    private static String name(Throwable error) {
        String name = error.getClass().getName();
        return error instanceof SQLException sql ? name + " " + sql.getSQLState() : name;
    }

    @Override
    public String toString() {
        return getMessage();
    }
}
