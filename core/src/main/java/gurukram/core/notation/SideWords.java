package gurukram.core.notation;

import gurukram.core.plan.SideRule;
import gurukram.core.text.Refused;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Collects the side phrase at the end of a line. */
final class SideWords {
    private static final Map<Pattern, String> PHRASES = phrases();

    private String rule;
    private String said;

    private static Map<Pattern, String> phrases() {
        Map<Pattern, String> phrases = new LinkedHashMap<>();
        put(phrases, "(?:alternating|side to side),? (?:left first|from the left)", "alternating, left first");
        put(phrases, "(?:alternating|side to side)(?:,? (?:right first|from the right))?", "alternating");
        put(phrases, "(?:both(?: sides)?,? )?(?:left first|l then r|left then right)", "both, left first");
        put(phrases, "(?:both(?: sides)?,? )?(?:right first|r then l|right then left)", "both");
        put(phrases, "both sides|both|each side|two sides|l and r|r and l|l/r|r/l", "both");
        put(phrases, "(?:on the )?right(?: side)?(?: only)?|r", "right");
        put(phrases, "(?:on the )?left(?: side)?(?: only)?|l", "left");
        put(phrases, "(?:on the )?lead(?:ing)?(?: side)?", "lead");
        put(phrases, "(?:on the )?other(?: side)?", "other");
        put(phrases, "no sides?|symmetric|cent(?:re|er)", "none");
        return phrases;
    }

    private static void put(Map<Pattern, String> phrases, String regex, String rule) {
        phrases.put(Pattern.compile("(?i)(?:^|[\\s,;]+)(?:" + regex + ")[\\s,;]*$"), rule);
    }

    /** Takes a side phrase from the end: answers the text before it, or null when none stands there. */
    String takeFromEnd(String text) {
        for (Map.Entry<Pattern, String> phrase : PHRASES.entrySet()) {
            Matcher matcher = phrase.getKey().matcher(text);
            if (!matcher.find()) continue;
            String now = matcher.group().replaceAll("^[\\s,;]+|[\\s,;]+$", "");
            if (rule != null && !rule.equals(phrase.getValue())) {
                throw new Refused("“" + now + "” and “" + said + "” are two sides; keep one.");
            }
            rule = phrase.getValue();
            said = now;
            return text.substring(0, matcher.start()).strip();
        }
        return null;
    }

    Optional<SideRule> rule() {
        return Optional.ofNullable(rule).map(SideRule::parse);
    }
}
