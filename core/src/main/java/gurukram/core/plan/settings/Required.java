package gurukram.core.plan.settings;

import org.jspecify.annotations.Nullable;

/** What a document must not leave out. */
public final class Required {
    private Required() {}

    /** The value; {@link IllegalArgumentException} when it is not there. */
    public static <T> T of(@Nullable T value, String what) {
        if (value == null) throw new IllegalArgumentException(what + " is missing");
        return value;
    }
}
