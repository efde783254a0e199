package gurukram.core.practice;

import gurukram.core.body.Side;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something to know by heart, in its order.
 *
 * @param key a name that stays
 * @param title what it is
 */
public record Sequence(String key, String title, List<Place> places) {
    /**
     * One place of it.
     *
     * @param id what tells it from others: the id of a pose, or the title of a part
     * @param pose the id of the pose; null for a part of a class
     * @param more what is told with it: the breath, how much; may be empty
     */
    public record Place(
            String id,
            String words,
            @Nullable String pose,
            @Nullable Side side,
            String more) {}

    public Sequence {
        places = List.copyOf(places);
    }

    /** What it is made of: another one is another sequence, and has to be learnt anew. */
    public String print() {
        return Integer.toHexString(places.stream().map(Place::id).toList().hashCode());
    }
}
