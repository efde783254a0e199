package gurukram.core.text;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The places of a side-true cue: {@code {lead}}, {@code {other}}, {@code {twist}}, {@code {name}}, {@code {knees}}, {@code {breath}} and
 * {@code {you may step / step}}. A cue has no word for a side of its own, so that it cannot name the wrong one.
 */
public final class CuePlaces {
    /** Where “inhale, ” or “exhale, ” stands; nothing where the breath goes on or is natural. */
    public static final String BREATH = "{breath}";

    private static final Pattern PLACE = Pattern.compile("\\{([^{}]*)\\}");
    private static final Pattern BARE_SIDE = Pattern.compile("(?i)\\b(?:left|right)\\b(?! angle)");

    private CuePlaces() {}

    /** {@link Refused} when a text names a side by itself or has a place nobody knows. */
    public static void check(String text) {
        Matcher bare = BARE_SIDE.matcher(text);
        if (bare.find()) {
            throw new Refused(Problem.of(
                    "“" + bare.group() + "” would be wrong on the other side.",
                    "Write {lead}, {other} or {twist} for it."));
        }
        Matcher place = PLACE.matcher(text);
        while (place.find()) {
            String name = place.group(1);
            if (!isKnown(name)) {
                throw new Refused(Problem.of(
                        "There is no “{" + name + "}”.",
                        "Places are {lead}, {other}, {twist}, {name}, {knees}, {breath} and {you may step / step}."));
            }
        }
    }

    /** The first place in a text that nobody knows, as written; empty when all are known. */
    public static Optional<String> unknown(String text) {
        Matcher place = PLACE.matcher(text);
        while (place.find()) if (!isKnown(place.group(1))) return Optional.of(place.group());
        return Optional.empty();
    }

    private static boolean isKnown(String name) {
        return name.contains("/") || name.matches("lead|other|twist|name|knees|breath");
    }

    /** Whether it speaks of a side, so that it only fits poses that have one. */
    public static boolean isSided(String text) {
        return text.contains("{lead}") || text.contains("{other}") || text.contains("{twist}");
    }

    /** All places of a text, for filling in. */
    public static Matcher in(String text) {
        return PLACE.matcher(text);
    }
}
