package gurukram.core.notation.words;

import gurukram.core.plan.settings.SideRule;
import gurukram.core.text.Refused;
import gurukram.core.text.Span;
import gurukram.core.text.TextEnd;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Collects the side phrases at the end of a line: {@code both, left first}, {@code lead, twist to the other side}. */
public final class SideWords {
    private static final Pattern TWIST = atEnd("twist(?:ing)?(?: to)?(?: the)? (same|other|opposite)(?: side)?");
    private static final String LEFT = "(?:left first|from the left|starting left|l then r|left then right)";
    private static final String RIGHT = "(?:right first|from the right|starting right|r then l|right then left)";

    private static final Pattern BEGINS = atEnd(LEFT + "|" + RIGHT);
    private static final Set<String> BEGINNING =
            Set.of("both", "alternating", "alternating a side", "two directions, both sides", "crossing");
    private static final Map<Pattern, String> PHRASES = phrases();

    private @Nullable String rule;
    private @Nullable String said;
    private @Nullable Boolean twistSame;
    private @Nullable Boolean leftFirst;

    private static Map<Pattern, String> phrases() {
        Map<Pattern, String> phrases = new LinkedHashMap<>();
        withFirst(phrases, "(?:alternating|side to side),? (?:on )?(?:a|each|per) side", "alternating a side");
        withFirst(phrases, "(?:alternating|side to side)(?:,? in all)?", "alternating");
        withFirst(
                phrases,
                "(?:in )?(?:two|both) directions,? (?:on )?(?:both sides|each side|both)",
                "two directions, both sides");
        put(phrases, "(?:in )?(?:two|both) directions", "two directions");
        withFirst(phrases, "cross(?:ing|ed)", "crossing");
        put(phrases, "(?:both(?: sides)?|each side),? " + LEFT, "both, left first");
        put(phrases, "(?:both(?: sides)?|each side),? " + RIGHT, "both");
        put(phrases, "both sides|both|each side|two sides|l and r|r and l|l/r|r/l", "both");
        put(phrases, "(?:on the )?right(?: side)?(?: only)?|r", "right");
        put(phrases, "(?:on the )?left(?: side)?(?: only)?|l", "left");
        put(phrases, "(?:on the )?lead(?:ing)?(?: side)?", "lead");
        put(phrases, "(?:on the )?other(?: side)?", "other");
        put(phrases, "no sides?|symmetric|cent(?:re|er)", "none");
        return phrases;
    }

    private static void withFirst(Map<Pattern, String> phrases, String regex, String rule) {
        put(phrases, "(?:" + regex + "),? " + LEFT, rule + SideRule.LEFT_FIRST);
        put(phrases, "(?:" + regex + ")(?:,? " + RIGHT + ")?", rule);
    }

    private static void put(Map<Pattern, String> phrases, String regex, String rule) {
        phrases.put(atEnd(regex), rule);
    }

    private static Pattern atEnd(String regex) {
        return Pattern.compile("(?i)(?:" + regex + ")");
    }

    /** Takes which side begins from the end where a whole name is left before it; null otherwise. */
    public @Nullable String takeBeginning(String text, Predicate<String> isName) {
        TextEnd end = new TextEnd(text);
        Optional<MatchResult> begins = end.find(BEGINS);
        if (begins.isEmpty() || !isName.test(end.before(begins.get()))) return null;
        leftFirst = begins.get().group().matches("(?i)" + LEFT);
        return end.before(begins.get());
    }

    /** Takes a side phrase from the end: answers the text before it, or null when none stands there. */
    public @Nullable String takeFromEnd(String text) {
        TextEnd end = new TextEnd(text);
        Optional<MatchResult> twist = end.find(TWIST);
        if (twist.isPresent()) {
            twistSame = twist.get().group(1).equalsIgnoreCase("same");
            return end.before(twist.get());
        }
        Optional<MatchResult> begins = end.find(BEGINS);
        boolean longest = begins.isPresent()
                && PHRASES.keySet().stream()
                        .map(end::find)
                        .flatMap(Optional::stream)
                        .noneMatch(other -> other.start() <= begins.get().start());
        if (longest) {
            leftFirst = begins.get().group().matches("(?i)" + LEFT);
            return end.before(begins.get());
        }
        for (Map.Entry<Pattern, String> phrase : PHRASES.entrySet()) {
            Optional<MatchResult> found = end.find(phrase.getKey());
            if (found.isEmpty()) continue;
            take(phrase.getValue(), found.get());
            return end.before(found.get());
        }
        return null;
    }

    private void take(String meaning, MatchResult found) {
        if (rule != null && !rule.equals(meaning)) {
            throw new Refused("“" + found.group() + "” and “" + said + "” are two sides; keep one.")
                    .within(new Span(found.start(), found.end()));
        }
        rule = meaning;
        said = found.group();
    }

    public boolean hasTwist() {
        return twistSame != null;
    }

    /** The rule that was said, with its twist; which side begins may stand apart from it. */
    public Optional<SideRule> rule() {
        return Optional.ofNullable(words()).map(words -> withTwist(SideRule.parse(words)));
    }

    private @Nullable String words() {
        if (leftFirst == null) return rule;
        if (rule == null) return leftFirst ? "both" + SideRule.LEFT_FIRST : "both";
        if (rule.endsWith(SideRule.LEFT_FIRST) == leftFirst && rule.endsWith(SideRule.LEFT_FIRST)) return rule;
        if (!BEGINNING.contains(rule))
            throw new Refused("“%s” and which side begins do not go together; keep one.".formatted(said));
        return leftFirst ? rule + SideRule.LEFT_FIRST : rule;
    }

    /** A twist laid over a rule that was not said. */
    public SideRule withTwist(SideRule base) {
        return twistSame == null ? base : new SideRule.Compound(base, twistSame);
    }
}
