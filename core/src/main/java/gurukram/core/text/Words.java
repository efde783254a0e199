package gurukram.core.text;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Folding of names, so that what is typed and what is written in the catalogue meet. */
public final class Words {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Map<String, String> NUMERALS =
            Map.of("i", "1", "ii", "2", "iii", "3", "one", "1", "two", "2", "three", "3", "iv", "4", "four", "4");

    private Words() {}

    /**
     * Lower case, without diacritics and punctuation, numerals as digits, single spaces:
     * {@code "Vīrabhadrāsana II"} becomes {@code "virabhadrasana 2"}. Folding twice changes nothing.
     */
    public static String fold(String typed) {
        StringBuilder folded = new StringBuilder(typed.length());
        StringBuilder word = new StringBuilder();
        String plain = withoutMarks(typed).toLowerCase(Locale.ROOT);
        for (int i = 0; i < plain.length(); i++) {
            char c = plain.charAt(i);
            if (c == '\'' || c == '’') continue;
            if ((c >= 'a' && c <= 'z') || (c >= '0' && c <= '9')) word.append(c);
            else add(folded, word);
        }
        add(folded, word);
        return folded.toString();
    }

    private static String withoutMarks(String typed) {
        if (typed.chars().allMatch(c -> c < 128)) return typed;
        return MARKS.matcher(Normalizer.normalize(typed, Normalizer.Form.NFD)).replaceAll("");
    }

    private static void add(StringBuilder folded, StringBuilder word) {
        if (word.isEmpty()) return;
        if (!folded.isEmpty()) folded.append(' ');
        String plain = word.toString();
        folded.append(NUMERALS.getOrDefault(plain, plain));
        word.setLength(0);
    }

    /** Edits (insert, delete, replace, swap of neighbours) that lead from one text to the other. */
    public static int distance(String a, String b) {
        int[] before = new int[b.length() + 1];
        int[] last = new int[b.length() + 1];
        int[] now = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) last[j] = j;
        for (int i = 1; i <= a.length(); i++) {
            char c = a.charAt(i - 1);
            now[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                char d = b.charAt(j - 1);
                int nearest = Math.min(Math.min(last[j], now[j - 1]) + 1, last[j - 1] + (c == d ? 0 : 1));
                boolean crossed = i > 1 && j > 1 && c == b.charAt(j - 2) && a.charAt(i - 2) == d;
                now[j] = crossed ? Math.min(nearest, before[j - 2] + 1) : nearest;
            }
            int[] free = before;
            before = last;
            last = now;
            now = free;
        }
        return last[b.length()];
    }

    /** With a capital first. */
    public static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** {@code 1 breath}, {@code 2 breaths}. */
    public static String count(long n, String one) {
        return n + " " + (n == 1 ? one : one + "s");
    }
}
