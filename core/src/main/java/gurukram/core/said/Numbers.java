package gurukram.core.said;

import gurukram.core.text.NumberWords;
import gurukram.core.text.Remembered;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Numbers in a text and what they count. */
public final class Numbers {
    private static final List<String> SMALL = NumberWords.NUMBERS.subList(0, 20);
    private static final List<String> TENS = List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty");
    private static final List<String> UNITS =
            List.of("breaths", "seconds", "minutes", "counts", "rounds", "sets", "reps");
    private static final List<String> BETWEEN = List.of(
            "full", "slow", "long", "deep", "good", "whole", "quiet", "easy", "even", "complete", "soft", "more");
    /** Before a number: it is of a part of the whole. */
    private static final List<String> PARTLY = List.of(
            "last", "first", "next", "every", "after", "another", "within", "other", "these", "those", "than", "about",
            "in");
    /** Behind what is counted: something else comes then. */
    private static final List<String> AND_THEN = List.of("then", "before", "later", "after", "apart");

    private Numbers() {}

    /**
     * @param half half of one: half a minute
     * @param unit as in the lexicon: {@code breaths}; else the word that follows, as written
     * @param known whether the unit is one of the lexicon
     * @param more whether so many more are meant
     * @param partly whether it is of a part of the whole: the last two breaths, two breaths and then
     * @param from where it stands in the text, {@code to} the end of the unit
     */
    public record Counted(
            int number, boolean half, String unit, boolean known, boolean more, boolean partly, int from, int to) {
        public double amount() {
            return half ? 0.5 : number;
        }
    }

    private static final Remembered<String, List<Counted>> READ = new Remembered<>(Numbers::read);

    public static List<Counted> in(String text) {
        return READ.of(text);
    }

    private static List<Counted> read(String text) {
        List<Counted> all = new ArrayList<>();
        List<Sentence.Word> words = new ArrayList<>();
        Sentence.of(text).clauses().forEach(words::addAll);
        for (int i = 0; i < words.size(); i++) counted(words, i, text).ifPresent(all::add);
        return List.copyOf(all);
    }

    private static Optional<Counted> counted(List<Sentence.Word> words, int i, String text) {
        String word = words.get(i).text().toLowerCase(Locale.ROOT);
        boolean half = word.equals("half") && i + 1 < words.size() && isOne(words.get(i + 1));
        boolean once = word.equals("once") || word.equals("twice") || word.equals("thrice");
        int number = half ? 0 : once ? List.of("", "once", "twice", "thrice").indexOf(word) : number(words, i);
        if (once)
            return Optional.of(new Counted(
                    number,
                    false,
                    "reps",
                    true,
                    false,
                    isPartly(words, i),
                    words.get(i).from(),
                    words.get(i).to()));
        if (number < 0 && !half) return Optional.empty();
        if (i > 0 && low(words, i - 1).equals("half")) return Optional.empty();
        if (i > 0 && (number(words, i - 1) >= 0 && TENS.contains(low(words, i - 1)))) return Optional.empty();
        int at = i + (half ? 2 : isTensAndOne(words, i) ? 2 : 1);
        boolean more = false;
        while (at < words.size() && BETWEEN.contains(low(words, at)))
            more |= low(words, at++).equals("more");
        if (at >= words.size()) return Optional.empty();
        for (String unit : UNITS) {
            var entry = Lexicon.shipped().at(words, at, unit);
            if (entry.isEmpty()) continue;
            int last = at + entry.get().words().size() - 1;
            boolean then = last + 1 < words.size() && AND_THEN.contains(low(words, last + 1));
            return Optional.of(new Counted(
                    Math.max(number, 0),
                    half,
                    unit,
                    true,
                    more,
                    then
                            || isPartly(words, i)
                            || isCommaThen(text, words.get(last).to()),
                    words.get(i).from(),
                    words.get(last).to()));
        }
        return Optional.of(new Counted(
                Math.max(number, 0),
                half,
                low(words, at),
                false,
                more,
                isPartly(words, i),
                words.get(i).from(),
                words.get(at).to()));
    }

    private static boolean isCommaThen(String text, int end) {
        return text.substring(end).toLowerCase(Locale.ROOT).matches("(?s)\\s*,?\\s*(?:and )?then\\b.*");
    }

    private static boolean isPartly(List<Sentence.Word> words, int i) {
        for (int k = i - 1; k >= 0 && k >= i - 2; k--) {
            if (PARTLY.contains(low(words, k))) return true;
            if (!List.of("the", "your").contains(low(words, k))) return false;
        }
        return false;
    }

    private static boolean isOne(Sentence.Word word) {
        return word.text().equalsIgnoreCase("a");
    }

    private static String low(List<Sentence.Word> words, int i) {
        return words.get(i).text().toLowerCase(Locale.ROOT);
    }

    private static boolean isTensAndOne(List<Sentence.Word> words, int i) {
        return TENS.contains(low(words, i))
                && i + 1 < words.size()
                && SMALL.indexOf(low(words, i + 1)) > 0
                && SMALL.indexOf(low(words, i + 1)) < 10;
    }

    /** The number a word is, up to 999; -1 for no number. */
    private static int number(List<Sentence.Word> words, int i) {
        String word = low(words, i);
        if (word.matches("\\d{1,3}")) return Integer.parseInt(word);
        if (word.matches("(?:twenty|thirty|forty|fifty)-\\w+")) {
            String[] parts = word.split("-");
            int one = SMALL.indexOf(parts[1]);
            return one > 0 && one < 10 ? TENS.indexOf(parts[0]) * 10 + one : -1;
        }
        int small = SMALL.indexOf(word);
        if (small >= 0) return small;
        int tens = word.isEmpty() ? -1 : TENS.indexOf(word);
        if (tens < 2) return word.equals("a") && isUnitOfTime(words, i + 1) ? 1 : -1;
        return tens * 10 + (isTensAndOne(words, i) ? SMALL.indexOf(low(words, i + 1)) : 0);
    }

    /** “a minute”, “one full minute”; a breath is also said in passing. */
    private static boolean isUnitOfTime(List<Sentence.Word> words, int i) {
        int at = i;
        while (at < words.size() && BETWEEN.contains(low(words, at))) at++;
        return at < words.size() && Lexicon.shipped().at(words, at, "minutes").isPresent();
    }
}
