package gurukram.core.text;

import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds phrases at the end of a text: they begin at a word and reach to the end. Gaps are spaces, commas and semicolons. */
public final class TextEnd {
    private final String text;
    private final int end;
    private final int[] starts;
    private final int words;

    public TextEnd(String text) {
        this.text = text;
        this.end = endOf(text, text.length());
        this.starts = new int[end + 1];
        int n = 0;
        for (int i = 0; i < end; i++) {
            if (!isGap(text.charAt(i)) && (i == 0 || isGap(text.charAt(i - 1)))) starts[n++] = i;
        }
        this.words = n;
    }

    private static boolean isGap(char c) {
        return c == ',' || c == ';' || Character.isWhitespace(c);
    }

    private static int endOf(String text, int end) {
        while (end > 0 && isGap(text.charAt(end - 1))) end--;
        return end;
    }

    /** The longest stretch at the end that a pattern fits as a whole. */
    public Optional<MatchResult> find(Pattern pattern) {
        Matcher matcher = pattern.matcher(text);
        for (int i = 0; i < words; i++) {
            if (matcher.region(starts[i], end).matches()) return Optional.of(matcher.toMatchResult());
        }
        return Optional.empty();
    }

    /** The text before a phrase found, without the gap between. */
    public String before(MatchResult phrase) {
        return text.substring(0, endOf(text, phrase.start()));
    }
}
