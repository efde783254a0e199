package gurukram.core.plan.manner;

import gurukram.core.pose.Ways;
import gurukram.core.text.Limit;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.time.Millis;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A named way into a pose from the one before: {@code rocking up}, {@code jumping}.
 *
 * @param name one of {@link Ways}
 * @param millis what it takes, where the teacher typed it; null for the usual
 */
public record Way(String name, @Nullable Integer millis) {
    public static final Limit MILLIS = new Limit("Milliseconds of a way", 0, 120_000);

    public Way {
        String asked = name;
        name = Ways.shipped()
                .named(name)
                .map(Ways.Known::name)
                .orElseThrow(() -> new Refused(new Problem(
                        "“" + asked + "” is no way I know from pose to pose.",
                        "I know: " + String.join(", ", Ways.shipped().names()) + ".",
                        List.of())));
        if (millis != null) MILLIS.check(millis);
    }

    @Override
    public String toString() {
        return "by " + name + (millis == null ? "" : ", " + Millis.seconds(millis) + " s");
    }
}
