package gurukram.core.notation.line;

import gurukram.core.notation.words.GuardWords;
import gurukram.core.notation.words.Parts;
import gurukram.core.plan.Link;
import gurukram.core.plan.When;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The head of a link: {@code link [, guards] [, in place of the last]}, as in {@code link, rounds 3-4, in place of the
 * last}; its steps follow, up to {@code end link}.
 */
public final class LinkLine {
    private static final Pattern LINK = Pattern.compile("(?i)link\\b[\\s,:]*(.*)");
    private static final Pattern REPLACES =
            Pattern.compile("(?i)(?:in place of|instead of|replaces)(?: the)? last(?: movement)?");
    private static final Pattern FOLLOWS = Pattern.compile("(?i)(?:after|behind|follows)(?: the)? last(?: movement)?");

    /** What the line says. */
    public record Head(When when, boolean replacesLast) {}

    private LinkLine() {}

    public static Optional<Head> read(String line) {
        Matcher link = LINK.matcher(line);
        if (!link.matches()) return Optional.empty();
        boolean replaces = false;
        List<String> guards = new ArrayList<>();
        for (Parts.Part part : Parts.of(link.group(1)).parts()) {
            if (REPLACES.matcher(part.text()).matches()) replaces = true;
            else if (FOLLOWS.matcher(part.text()).matches()) replaces = false;
            else if (guard(part).isPresent()) guards.add(part.text());
            else throw unknown(part).within(part.span()).shifted(link.start(1));
        }
        When when = guards.isEmpty()
                ? When.ALWAYS
                : GuardWords.read(String.join(", ", guards)).orElseThrow();
        return Optional.of(new Head(when, replaces));
    }

    private static Optional<When> guard(Parts.Part part) {
        return GuardWords.read(part.text());
    }

    private static Refused unknown(Parts.Part part) {
        return new Refused(Problem.of(
                "“" + part.text() + "” says nothing I know about a link.",
                "Maybe “rounds 3-4”, “second pass” or “in place of the last”."));
    }

    public static String write(Link link) {
        String guards = GuardWords.write(link.when());
        return "link" + (guards.isEmpty() ? "" : ", " + guards) + (link.replacesLast() ? ", in place of the last" : "");
    }
}
