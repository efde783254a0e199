package gurukram.core.notation;

import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSettings.Counting;
import gurukram.core.plan.FlowSettings.Order;
import gurukram.core.plan.Join;
import gurukram.core.pose.Side;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what follows the word flow: {@code harbour round, 3 rounds, both sides, left first, 5 s a position}. */
final class FlowWords {
    private interface Setting extends BiFunction<FlowSettings, Matcher, FlowSettings> {}

    private static final Map<Pattern, Setting> PHRASES = phrases();

    private FlowWords() {}

    private static Map<Pattern, Setting> phrases() {
        Map<Pattern, Setting> p = new LinkedHashMap<>();
        put(
                p,
                "(?:x|×)? *(-?\\d+) *(?:rounds?|x|×|times)",
                (s, m) -> s.withRounds(FlowSettings.ROUNDS.parse(m.group(1))));
        put(p, "(?:x|×) *(-?\\d+)", (s, m) -> s.withRounds(FlowSettings.ROUNDS.parse(m.group(1))));
        put(p, "both(?: sides)?(?: each round)?|each side|two sides", (s, m) -> s.withCounting(Counting.BOTH_SIDES));
        put(p, "(?:a round is )?one side(?: each)?|one-sided", (s, m) -> s.withCounting(Counting.ONE_SIDE));
        put(p, "no sides?|symmetric", (s, m) -> s.withCounting(Counting.NO_SIDES));
        put(p, "(?:right first|right|r then l)", (s, m) -> s.withFirstSide(Side.RIGHT));
        put(p, "(?:left first|left|l then r)", (s, m) -> s.withFirstSide(Side.LEFT));
        put(p, "side first|one side first", (s, m) -> s.withOrder(Order.SIDE_FIRST));
        put(p, "each round|side by side", (s, m) -> s.withOrder(Order.EACH_ROUND));
        put(
                p,
                "separate|linked|shared?(?: *\\d+[ ]+\\d+)?|rest(?:ed)? .*",
                (s, m) -> s.withJoins(Join.parse(m.group()), s.roundJoin()));
        put(
                p,
                "(-?\\d+(?:[.,]\\d+)?) *(?:s|secs?|seconds?) *(?:a|each|per)? *(?:position|movement|half-breath|each)?",
                (s, m) -> s.withPositionMillis(millis(m.group(1))));
        return p;
    }

    private static void put(Map<Pattern, Setting> phrases, String regex, Setting setting) {
        phrases.put(Pattern.compile("(?i)" + regex), setting);
    }

    static FlowSettings read(String typed) {
        FlowSettings settings = FlowSettings.of(1);
        for (String part : typed.split("[,;]")) {
            if (!part.isBlank()) settings = read(part.strip(), settings);
        }
        return settings;
    }

    private static FlowSettings read(String part, FlowSettings settings) {
        for (Map.Entry<Pattern, Setting> phrase : PHRASES.entrySet()) {
            Matcher matcher = phrase.getKey().matcher(part);
            if (matcher.matches()) return phrase.getValue().apply(settings, matcher);
        }
        if (!settings.name().isEmpty()) {
            throw new Refused(new Problem(
                    "“" + part + "” says nothing I know about a flow.",
                    "Maybe “3 rounds”, “both sides”, “one side”, “no sides”, “left first”, “side first” or “5 s a position”.",
                    List.of()));
        }
        return settings.withName(part);
    }

    private static int millis(String seconds) {
        BigDecimal ms =
                new BigDecimal(seconds.replace(',', '.')).movePointRight(3).min(BigDecimal.valueOf(9_999_999));
        int value = ms.setScale(0, RoundingMode.HALF_UP).intValue();
        if (value < 1_000 || value > 60_000) throw new Refused("Seconds a position: from 1 to 60, please.");
        return value;
    }
}
