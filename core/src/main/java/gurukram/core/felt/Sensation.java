package gurukram.core.felt;

import gurukram.core.body.Side;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says.
 *
 * @param side which of two it is; null where there is one only, or on both alike
 */
public record Sensation(How how, Spot spot, @Nullable Side side) {
    /** How it feels. */
    public enum How {
        STRETCH("stretch", "it stretches"),
        WORK("work", "it works"),
        PINCH("pinch", "it pinches"),
        TINGLE("tingle", "it tingles, or is numb"),
        SHARP("sharp", "it is sharp"),
        PRESSURE("pressure", "it presses, or I am dizzy"),
        NOTHING("nothing", "I feel nothing");

        private final String word;
        private final String said;

        How(String word, String said) {
            this.word = word;
            this.said = said;
        }

        public String word() {
            return word;
        }

        /** As somebody says it. */
        public String said() {
            return said;
        }

        public static Optional<How> find(String word) {
            return Arrays.stream(values())
                    .filter(how -> how.word.equals(word.toLowerCase(Locale.ROOT)))
                    .findFirst();
        }
    }

    public Sensation {
        if (!spot.sided()) side = null;
    }

    /** {@code pinch at the side of the knee, right}. */
    public String words() {
        return how.word() + " " + spot.at() + (side == null ? "" : ", " + side.word());
    }
}
