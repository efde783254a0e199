package gurukram.core.text;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A text with right and left exchanged, as for a mirrored class. Words that only look like sides (right away, what is left,
 * a right angle) stay; what is not sure to be a side stays too. Twice is the text itself.
 */
public final class TurnedWords {
    private static final Pattern SIDE = Pattern.compile(
            "(?i)(?<!\\b(?:all|is|are|be|have|has|been|time|what|nothing|that|just|quite)\\s{1,3})\\b(left|right)\\b"
                    + "(?!\\s+(?:away|now|angles?|over|out|behind|after|before|into|up|there|here|down)\\b)");

    private TurnedWords() {}

    public static String of(String text) {
        return SIDE.matcher(text).replaceAll(m -> Matcher.quoteReplacement(turned(m.group(1))));
    }

    private static String turned(String side) {
        String other = side.equalsIgnoreCase("left") ? "right" : "left";
        if (side.equals(side.toUpperCase(Locale.ROOT))) return other.toUpperCase(Locale.ROOT);
        boolean capital = Character.isUpperCase(side.charAt(0));
        return capital ? Character.toUpperCase(other.charAt(0)) + other.substring(1) : other;
    }
}
