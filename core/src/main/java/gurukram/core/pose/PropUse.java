package gurukram.core.pose;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A thing a pose is helped by, for one person.
 *
 * @param prop one of {@code block, strap, wall, blanket, bolster, chair}
 * @param number how many, 1 to 9
 * @param standIn what does as well; empty when nothing is named
 */
public record PropUse(String prop, int number, String standIn) {
    private static final Pattern TEXT =
            Pattern.compile("(block|strap|wall|blanket|bolster|chair) ([1-9])(?: (?:or )?(.+))?");

    /** Reads {@code block 2 or thick books}; {@link IllegalArgumentException} for anything else. */
    public static PropUse parse(String text) {
        Matcher m = TEXT.matcher(text.strip());
        if (!m.matches()) throw new IllegalArgumentException("“" + text + "” is not a prop with its number");
        return new PropUse(m.group(1), Integer.parseInt(m.group(2)), m.group(3) == null ? "" : m.group(3));
    }

    public String words() {
        boolean many = number > 1;
        String counted = prop.equals("wall") ? "a wall" : number + " " + prop + (many ? "s" : "");
        return standIn.isEmpty() ? counted : counted + " or " + standIn;
    }
}
