package gurukram.core.body;

import org.jspecify.annotations.Nullable;

/**
 * Where a pose is felt, and how strongly.
 *
 * @param strength 1 (a little) to 3 (what the pose is for)
 * @param where on which side, seen from the side the pose is named by
 */
public record Felt(BodyArea area, int strength, Where where) {
    public enum Where {
        BOTH,
        OWN,
        OTHER
    }

    /** The side it is felt on in a pose done on a side; null for both. */
    public @Nullable Side on(@Nullable Side side) {
        if (side == null || where == Where.BOTH) return null;
        return where == Where.OWN ? side : side.opposite();
    }
}
