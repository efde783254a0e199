package gurukram.core.text;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Amounts in words as digits, so that one grammar reads both: {@code six rounds}, {@code a few breaths}, {@code a couple of
 * times}. Every letter keeps its place: what becomes shorter is filled with spaces. What stands in quotes stays.
 */
public final class NumberWords {
    /** From zero to twenty. */
    public static final List<String> NUMBERS = List.of(
            "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty"
                    .split(" "));

    private static final String UNIT =
            "(?=\\s+(?:full |deep |slow |whole |long )?(?:breaths?|b|br|rounds?|times|reps?|repetitions?|sets?|attempts?"
                    + "|tries|turns?|groups?|seconds?|secs?|minutes?|mins?|counts?|cycles?|s|min)\\b)";
    private static final Pattern NUMBER =
            Pattern.compile("(?i)(?<![\\p{L}\\d-])(" + String.join("|", NUMBERS) + ")" + UNIT);
    private static final Pattern FEW =
            Pattern.compile("(?i)(?<![\\p{L}\\d])(a few|some|several|a couple of|a couple|a pair of)" + UNIT);
    private static final Pattern ONE =
            Pattern.compile("(?i)(?<![\\p{L}\\d])(an?)(?=\\s+(?:breath|minute|round)\\b(?!\\s+(?:each|per)))"
                    + "(?<!\\bs an?)(?<!\\b(?:sec|secs|second|seconds) an?)");
    private static final Pattern HALF_MINUTE = Pattern.compile("(?i)(?<![\\p{L}\\d])half a minute");
    private static final Pattern HELD_FOR =
            Pattern.compile("(?i)(?<=[\\s,])(?:hold |held |stay |stay here |keep )?(?:it )?for(?=\\s+\\d)");
    private static final Pattern KIND =
            Pattern.compile("(?i)(?<=\\d )\\s*(?:full|deep|slow|whole|long)(?=\\s+breaths?\\b)");
    private static final int FEWEST = 3;

    private NumberWords() {}

    /** The same line with its amounts in digits. */
    public static String inDigits(String line) {
        if (line.isEmpty()) return line;
        StringBuilder all = new StringBuilder(line.length());
        int from = 0;
        while (from < line.length()) {
            int quote = line.indexOf('"', from);
            int end = quote < 0 ? line.length() : quote;
            all.append(plain(line.substring(from, end)));
            if (quote < 0) break;
            int close = line.indexOf('"', quote + 1);
            int next = close < 0 ? line.length() : close + 1;
            all.append(line, quote, next);
            from = next;
        }
        return all.toString();
    }

    private static String plain(String text) {
        String out = replaced(NUMBER, text, word -> String.valueOf(NUMBERS.indexOf(word)));
        out = replaced(FEW, out, word -> word.startsWith("a couple") || word.startsWith("a pair") ? "2" : "" + FEWEST);
        out = replaced(HALF_MINUTE, out, word -> "30 s");
        out = replaced(ONE, out, word -> "1");
        out = replaced(HELD_FOR, out, word -> "");
        return replaced(KIND, out, word -> "");
    }

    private interface Digits {
        String of(String word);
    }

    private static String replaced(Pattern pattern, String text, Digits digits) {
        Matcher m = pattern.matcher(text);
        StringBuilder out = new StringBuilder(text.length());
        int from = 0;
        while (m.find()) {
            String now = digits.of(m.group().toLowerCase(Locale.ROOT));
            out.append(text, from, m.start())
                    .append(now)
                    .append(" ".repeat(m.group().length() - now.length()));
            from = m.end();
        }
        return out.append(text, from, text.length()).toString();
    }
}
