package gurukram.core.craft;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One measure of a class with what is usual for its style and level.
 *
 * @param value null where the class has nothing to measure
 * @param shown the value in words
 * @param least usual from here, {@code most} up to there; both null where nothing is usual
 */
public record Measure(
        Kind kind,
        @Nullable Double value,
        String shown,
        @Nullable Double least,
        @Nullable Double most) {
    /** What is measured; the words are those of the page. */
    public enum Kind {
        FLOW_SHARE("Time in flows", "of the practice without arriving and rest; chains of one round do not count"),
        FLOWS("Flows", "of two rounds or more"),
        QUOTES(
                "Flows that begin alike",
                "pairs in a row that share their first two moves, so that the room knows the way"),
        GROWTH("How a third round grows", "times as long as the first, on the average"),
        EQUAL_ROUNDS("Rounds like the one before", "in flows of three rounds; each could add something"),
        HELD_IN_FLOWS("Holds inside flows", "where a round ends in staying"),
        SIDE_RUN("Holds on a side before it changes", "on the average"),
        LEG_CHANGES("Changes of leg", "from hold to hold"),
        BASE_CHANGES("Changes of base", "from hold to hold: standing, sitting, lying …"),
        SHAPES("Different shapes", "poses without their sides"),
        COUNTABLE("Doses a mouth counts", "1, 2, 3, 5, 8, 10 breaths; 5, 8, 10 times"),
        MEDIAN_HOLD("A usual hold", "in breaths, the middle one"),
        HOME("Coming home", "times the dog, the mountain or the child is held"),
        WAVES("Waves of effort", "up to the peak; effort as it is over three minutes"),
        PEAK_AT("The peak comes at", "of the class"),
        WARM_UP("Warm-up", "of the class"),
        COOL_DOWN("Cool-down", "of the class, with the floor before it"),
        PASSIVE("Let go in the cool-down", "of its holds are passive"),
        REST("Rest", "minutes"),
        FIRST_DEEP("Deep or on one leg, new in half a breath", "poses met for the first time today in a movement"),
        FIRST_STRONG("Strong, new in half a breath", "other poses met so; everyday ones do not count"),
        THREADS("Lines of the theme", "on the way");

        private final String words;
        private final String about;

        Kind(String words, String about) {
            this.words = words;
            this.about = about;
        }

        public String words() {
            return words;
        }

        public String about() {
            return about;
        }
    }

    /** How far it is beside the usual, as a part of the nearer edge (of 1 at the least); 0 where it is as usual. */
    public double away() {
        if (isUsual()) return 0;
        double edge = Objects.requireNonNull(least != null && known() < least ? least : most);
        return Math.abs(known() - edge) / Math.max(1, edge);
    }

    private double known() {
        return Objects.requireNonNull(value);
    }

    /** Whether it is as usual; a measure without a value or without a range is. */
    public boolean isUsual() {
        return value == null || (least == null || value >= least) && (most == null || value <= most);
    }
}
