package gurukram.core.compose.search;

/**
 * Numbers that look like chance and are always the same for the same seed, stage and thing: what one stage draws does not
 * move what another draws.
 */
public record Dice(long seed, String stage, long home, double turn) {
    /** How far a stage turns from idea to idea: parts of a turn that have nothing in common, so that what meets again in one stage does not in another. */
    private static final double[] TURNS = {
        0.6180339887, 0.4142135624, 0.7320508076, 0.3819660113, 0.5857864376, 0.6457513111, 0.3027756377
    };

    private static final long FAR = 31;
    /** How far each try of an idea is from the one before, in turns. */
    private static final double TRY = 0.21;

    public Dice(long seed, String stage) {
        this(seed, stage, seed, 0);
    }

    /** For one try of an idea for a brief. @param brief what the ideas of one brief have in common */
    public static Dice ofIdea(String brief, long idea, int tryNumber) {
        return new Dice(idea * FAR + tryNumber, "draft", brief.hashCode(), idea + TRY * tryNumber);
    }

    public Dice of(String other) {
        return new Dice(seed, other, home, turn);
    }

    /**
     * From 0 up to, not including, 1, turned on from idea to idea: what is near the top for one idea is far from it for the next, and
     * each thing is in the upper third for a third of the ideas.
     */
    public double turning(String thing) {
        double from = new Dice(home, stage).at(thing) + turn * TURNS[Math.floorMod(stage.hashCode(), TURNS.length)];
        return from - Math.floor(from);
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
