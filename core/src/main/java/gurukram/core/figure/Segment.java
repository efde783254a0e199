package gurukram.core.figure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The direction of one bone.
 *
 * @param degrees direction in the picture
 * @param shown share of the bone's length that is seen, above 0 and at most 1; less where it points at the reader
 */
public record Segment(double degrees, double shown) {
    private static final Pattern TEXT = Pattern.compile("(-?\\d+(?:\\.\\d+)?)(?:\\*(0?\\.\\d+|1))?");

    public Segment {
        if (!(shown > 0 && shown <= 1)) throw new IllegalArgumentException("a share seen is above 0 and at most 1");
    }

    /** {@code 170} or {@code 170*.6}; null when it is neither. */
    static @Nullable Segment parse(String text) {
        Matcher m = TEXT.matcher(text);
        if (!m.matches()) return null;
        double shown = m.group(2) == null ? 1 : Double.parseDouble(m.group(2));
        return shown > 0 ? new Segment(Double.parseDouble(m.group(1)), shown) : null;
    }

    /** Seen in a mirror that stands on the middle line. */
    Segment mirrored() {
        return new Segment(180 - degrees, shown);
    }

    Segment turned(double by) {
        return new Segment(degrees + by, shown);
    }

    @Override
    public String toString() {
        String angle = Numbers.plain(degrees);
        return shown == 1 ? angle : angle + "*" + Numbers.plain(shown);
    }
}
