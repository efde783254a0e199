package gurukram.core.score;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a moment is done where that is not the usual.
 *
 * @param stage from 1, in a pose taught in stages; null for the whole pose
 * @param turn from 1, where the room takes turns; null where all do it at once
 * @param with what is different about the pose, carried binds among it; names of {@code Modifiers}
 * @param way how people get here, by name; null for the usual way, also where the named one does not lead here
 * @param fetchMs the part of setting up in which props are fetched
 */
public record How(
        @Nullable Integer stage,
        @Nullable Integer turn,
        List<String> with,
        @Nullable String way,
        long fetchMs) {
    public static final How USUAL = new How(null, null, List.of(), null, 0);

    public How {
        with = List.copyOf(with);
    }
}
