package gurukram.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A teacher's words, cut into clauses: at commas, stops, dashes, and where “and”, “then” or “while” begins something new.
 *
 * @param text as typed
 */
record Sentence(String text, List<List<Word>> clauses) {
    private static final Pattern WORD =
            Pattern.compile("\\{[^{}]*\\}|[\\p{L}\\d]+(?:[’'-][\\p{L}\\d]+)*|[,.;:!?–—\\n]");
    private static final Pattern STOP = Pattern.compile("[,.;:!?–—\\n]");
    private static final Pattern JOIN = Pattern.compile("(?i)and|then|while|as|but");

    /** @param from where it begins in the text, {@code to} behind its last letter */
    record Word(String text, int from, int to) {}

    static Sentence of(String text) {
        List<List<Word>> clauses = new ArrayList<>();
        List<Word> clause = new ArrayList<>();
        Matcher m = WORD.matcher(text);
        while (m.find()) {
            boolean ends = STOP.matcher(m.group()).matches();
            boolean joins = JOIN.matcher(m.group()).matches();
            if (ends || joins) {
                if (!clause.isEmpty()) clauses.add(List.copyOf(clause));
                clause.clear();
            }
            if (!ends && !joins) clause.add(new Word(m.group(), m.start(), m.end()));
        }
        if (!clause.isEmpty()) clauses.add(List.copyOf(clause));
        return new Sentence(text, List.copyOf(clauses));
    }
}
