package gurukram.core.body;

/** How a pose relates to the two sides of the body. */
public enum SideBehaviour {
    /** The same on both sides at once: mountain, bridge. */
    SYMMETRIC,
    /** Done on one side, then on the other: warrior 2, half pigeon. */
    TWO_SIDED,
    /** Limbs cross, and the front or top one names the side: eagle, a cross-legged seat. */
    CROSSING,
    /** The base and the twist may have different sides: a lying twist. */
    COMPOUND;

    public boolean hasSides() {
        return this == TWO_SIDED || this == COMPOUND;
    }
}
