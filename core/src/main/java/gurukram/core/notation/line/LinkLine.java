package gurukram.core.notation.line;

import gurukram.core.notation.words.GuardWords;
import gurukram.core.notation.words.Parts;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

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

    private static final Pattern BETWEEN = Pattern.compile("(?i)between (?:the )?(?:two )?sides\\s*[:,]?\\s+(.+)");

    /** A line for a pose that stands between the sides only. */
    public record Between(When when, String step) {}

    private LinkLine() {}

    /**
     * {@code between the sides: downward dog, 3 breaths}: a link behind the first side, not behind the second. Empty when it is
     * no such line; {@link Refused} outside flows of two sides.
     */
    public static Optional<Between> between(String line, @Nullable Flow flow) {
        Matcher between = BETWEEN.matcher(line);
        if (!between.matches()) return Optional.empty();
        if (flow == null) throw new Refused("Between the sides of what? It stands in a flow of both sides.");
        FlowSides sides = flow.settings().sides();
        if (sides.counting() != FlowSides.Counting.BOTH_SIDES || sides.effectiveOrder() == FlowSides.Order.POSE_BY_POSE)
            throw new Refused(Problem.of(
                    "This flow does not do one side and then the other, so nothing stands between them.",
                    "As in “flow, 3 rounds, both sides”."));
        When first = When.ALWAYS.withPass(1);
        boolean once = sides.effectiveOrder() == FlowSides.Order.SIDE_FIRST;
        return Optional.of(new Between(once ? first.with(Rounds.LAST) : first, between.group(1)));
    }

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
