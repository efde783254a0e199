package gurukram.core.said;

import gurukram.core.text.Claims;
import gurukram.core.text.Remembered;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Ways of speaking that are pointed at, from {@code resources/said/manner.txt}. */
public final class Phrases {
    private record Known(Pattern pattern, String advice) {}

    private static final List<Known> MANNER = Table.of("/said/manner.txt", "\n", 1).stream()
            .map(row -> row.cell(0))
            .map(line -> new Known(
                    Pattern.compile(
                            "\\b(?:" + line.substring(0, line.lastIndexOf('|')) + ")\\b",
                            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE),
                    line.substring(line.lastIndexOf('|') + 1)))
            .toList();

    private static final Remembered<String, List<Found>> READ = new Remembered<>(Phrases::read);

    private Phrases() {}

    /** @param words as typed, {@code advice} what to say instead */
    public record Found(String words, String advice, int from) {}

    /** In the order of the text. */
    public static List<Found> manner(String text) {
        return READ.of(text);
    }

    private static List<Found> read(String text) {
        List<Found> found = new ArrayList<>();
        for (Known known : MANNER) {
            Matcher m = known.pattern().matcher(text);
            if (m.find() && !Claims.isDenied(text, m.start()))
                found.add(new Found(m.group(), known.advice(), m.start()));
        }
        found.sort(Comparator.comparing(Found::from));
        return List.copyOf(found);
    }
}
