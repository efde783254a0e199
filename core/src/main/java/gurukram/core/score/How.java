package gurukram.core.score;

import gurukram.core.plan.manner.Stage;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a moment is done where that is not the usual.
 *
 * @param stage from 1, in a pose taught in stages; null for the whole pose; {@code staged} is what is done in it
 * @param turn from 1, where the room takes turns; null where all do it at once
 * @param waiting id of the pose the others wait in; null where nobody waits or it is not said
 * @param with what is different about the pose, carried binds among it; names of {@code Modifiers}
 * @param way how people get here, by name; null for the usual way, also where the named one does not lead here
 * @param fetchMs the part of setting up in which props are fetched
 * @param sideNames what the side names in a pose that has none by itself; empty where the pose says it
 * @param phases of a breathing pattern, one cycle: in, held, out, held, in counts as they are done; empty otherwise
 */
public record How(
        @Nullable Integer stage,
        @Nullable Stage staged,
        @Nullable Integer turn,
        @Nullable String waiting,
        List<String> with,
        @Nullable String way,
        long fetchMs,
        String sideNames,
        List<Integer> phases) {
    public static final How USUAL = new How(null, null, null, null, List.of(), null, 0, "", List.of());

    public How {
        with = List.copyOf(with);
        phases = List.copyOf(phases);
    }
}
