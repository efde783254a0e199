package gurukram.core.said;

import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The words the reader knows, from {@code resources/said/lexicon.txt}: of several that begin alike the longest counts. */
final class Lexicon {
    /** @param kind what sort of word, {@code value} which of its sort; empty where there is one only */
    record Entry(String kind, String value, List<String> words) {}

    private static final Lexicon SHIPPED = new Lexicon();

    private final Map<String, List<Entry>> byFirst = new LinkedHashMap<>();
    private final List<Entry> all = new ArrayList<>();

    private Lexicon() {
        for (Table.Row row : Table.of("/said/lexicon.txt", "|", 3)) {
            for (String phrase : row.list(2, ";")) {
                Entry entry = new Entry(row.cell(0), row.cell(1), List.of(phrase.split(" ")));
                all.add(entry);
                byFirst.computeIfAbsent(entry.words().get(0), w -> new ArrayList<>())
                        .add(entry);
            }
        }
        byFirst.values()
                .forEach(list -> list.sort(
                        Comparator.comparing((Entry entry) -> entry.words().size())
                                .reversed()));
    }

    static Lexicon shipped() {
        return SHIPPED;
    }

    List<Entry> all() {
        return all;
    }

    /** The longest entry of a kind that begins at a word. */
    Optional<Entry> at(List<Sentence.Word> words, int i, String kind) {
        return byFirst.getOrDefault(words.get(i).text().toLowerCase(Locale.ROOT), List.of()).stream()
                .filter(entry -> entry.kind().equals(kind) && matches(words, i, entry.words()))
                .findFirst();
    }

    private static boolean matches(List<Sentence.Word> words, int at, List<String> wanted) {
        if (at + wanted.size() > words.size()) return false;
        for (int k = 0; k < wanted.size(); k++) {
            if (!words.get(at + k).text().equalsIgnoreCase(wanted.get(k))) return false;
        }
        return true;
    }
}
