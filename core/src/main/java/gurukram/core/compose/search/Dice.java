package gurukram.core.compose.search;

/**
 * Numbers that look like chance and are always the same for the same seed, stage and thing: what one stage draws does not
 * move what another draws.
 */
public record Dice(long seed, String stage) {
    public Dice of(String other) {
        return new Dice(seed, other);
    }

    /** From 0 up to, not including, 1. */
    public double at(String thing) {
        long h = mixed(seed ^ mixed(stage.hashCode() * 0x9E3779B97F4A7C15L) ^ mixed(thing.hashCode()));
        return (h >>> 11) * 0x1.0p-53;
    }

    /** One of so many, from 0. */
    public int pick(String thing, int many) {
        return (int) (at(thing) * many);
    }

    /** The finaliser of splitmix64. */
    private static long mixed(long z) {
        long a = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        long b = (a ^ (a >>> 27)) * 0x94D049BB133111EBL;
        return b ^ (b >>> 31);
    }
}
