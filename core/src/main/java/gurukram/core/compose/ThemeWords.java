package gurukram.core.compose;

import gurukram.core.body.Action;
import gurukram.core.body.BodyArea;
import gurukram.core.compose.brief.Focus;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Problem;
import gurukram.core.text.Refused;
import gurukram.core.text.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the words of a theme come to in poses: names of poses, areas of the body, actions and families through the catalogue;
 * moods, images and everyday words through a small vocabulary that a teacher can extend.
 *
 * <p>The vocabulary has a line for each group of words, {@code anchor, mooring: leg-strength 2, ankles-feet}; what stands
 * behind the colon is an action, an area, a family or a pose, with a weight of 1 to 3 (1 when none is given).
 */
public final class ThemeWords {
    public static final int MOST_LINES = 200;
    private static final int MOST_WEIGHT = 3;
    private static final int SHORTEST = 4;
    private static final Set<String> SMALL = Set.of(
            "about", "after", "again", "also", "and", "before", "between", "class", "each", "every", "from", "have",
            "here", "into", "just", "like", "little", "more", "most", "never", "once", "only", "other", "ours", "over",
            "some", "than", "that", "their", "them", "then", "there", "these", "they", "this", "those", "through",
            "towards", "until", "upon", "very", "what", "when", "where", "which", "while", "with", "without", "your");

    private final PoseCatalogue catalogue;
    private final Map<String, List<Part>> entries = new LinkedHashMap<>();
    private final Set<String> families = new LinkedHashSet<>();

    private record Part(String what, int weight) {}

    private ThemeWords(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
        catalogue.poses().forEach(pose -> families.add(pose.family()));
    }

    /** The vocabulary that ships with the app. */
    public static ThemeWords shipped(PoseCatalogue catalogue) {
        try (InputStream in = ThemeWords.class.getResourceAsStream("/compose/themes.txt")) {
            String text = new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
            return new ThemeWords(catalogue).reading(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The same with a teacher's own lines, which win over the shipped ones.
     *
     * @throws Refused where a line cannot be understood, with its number
     */
    public ThemeWords and(String lines) {
        ThemeWords more = new ThemeWords(catalogue);
        more.entries.putAll(entries);
        return more.reading(lines);
    }

    private ThemeWords reading(String text) {
        String[] lines = text.split("\\R");
        if (lines.length > MOST_LINES) throw new Refused("At most " + MOST_LINES + " lines of your own words.");
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].replaceAll("#.*", "").strip();
            if (!line.isEmpty()) line(line, i + 1);
        }
        return this;
    }

    private void line(String line, int number) {
        int colon = line.indexOf(':');
        if (colon < 1 || line.substring(colon + 1).isBlank())
            throw refused(
                    number,
                    "“" + line + "” has no colon with poses, areas or actions behind it.",
                    "As in “anchor: leg strength 2, tree”.");
        List<Part> parts = new ArrayList<>();
        for (String typed : line.substring(colon + 1).split(",")) parts.add(part(typed.strip(), number));
        for (String word : line.substring(0, colon).split(",")) {
            String folded = Words.fold(word);
            if (!folded.isEmpty()) entries.put(folded, parts);
        }
    }

    private Part part(String typed, int number) {
        // “warrior 2” is a pose, not a warrior of weight 2
        boolean numbered = catalogue.named(typed).isPresent();
        String what = numbered ? typed : typed.replaceAll("\\s+[0-9]+$", "");
        String rest = typed.substring(what.length()).strip();
        int weight = rest.isEmpty() ? 1 : Integer.parseInt(rest.length() > 2 ? "9" : rest);
        if (weight < 1 || weight > MOST_WEIGHT)
            throw refused(number, "“" + typed + "”: a weight goes from 1 to 3.", "");
        if (action(what) == null
                && area(what) == null
                && !families.contains(family(what))
                && catalogue.named(what).isEmpty())
            throw refused(
                    number,
                    "“" + what + "” is no pose, area, action or family.",
                    "Maybe the pose " + catalogue.nearest(what, 1).get(0).name() + ".");
        return new Part(what, weight);
    }

    private static Refused refused(int line, String what, String advice) {
        return new Refused(Problem.of("Line " + line + ": " + what, advice));
    }

    private static @Nullable Action action(String words) {
        String name = hyphened(words);
        for (Action action : Action.values()) if (action.word().equals(name)) return action;
        return null;
    }

    private static @Nullable BodyArea area(String words) {
        String name = hyphened(words).replace("-and-", "-");
        for (BodyArea area : BodyArea.values()) {
            if (area != BodyArea.KNEES
                    && (area.word().equals(name) || area.word().equals(name + "s"))) return area;
        }
        return null;
    }

    private static String hyphened(String words) {
        return words.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", "-");
    }

    private static String family(String words) {
        return Words.fold(words);
    }

    /** What is understood of a text; {@link Focus#NONE} when nothing is. The longest words are looked for first. */
    public Focus in(String text) {
        String left = " " + Words.fold(text) + " ";
        Found found = new Found();
        for (String word : known()) {
            String spaced = " " + word + " ";
            if (!left.contains(spaced)) continue;
            left = left.replace(spaced, " | ");
            found.words.add(word);
            if (entries.containsKey(word)) entries.get(word).forEach(part -> found.add(part.what(), part.weight()));
            else found.add(word, 2);
        }
        return found.focus();
    }

    /** Words of a text that say something to people and nothing to the vocabulary, in their order; small words are none. */
    public List<String> unknown(String text) {
        String left = " " + Words.fold(text) + " ";
        for (String word : known()) left = left.replace(" " + word + " ", " | ");
        return Arrays.stream(left.strip().split(" +"))
                .filter(word -> word.length() >= SHORTEST && !SMALL.contains(word))
                .distinct()
                .toList();
    }

    private List<String> known() {
        Set<String> known = new LinkedHashSet<>(entries.keySet());
        for (Action action : Action.values()) known.add(action.words());
        for (BodyArea area : BodyArea.values())
            if (area != BodyArea.KNEES) known.add(area.word().replace('-', ' '));
        families.forEach(family -> known.add(family.toLowerCase(Locale.ROOT)));
        catalogue.poses().forEach(pose -> known.add(Words.fold(pose.name())));
        List<String> sorted = new ArrayList<>(known);
        sorted.sort(Comparator.comparing((String word) -> -word.length()).thenComparing(word -> word));
        return sorted;
    }

    private final class Found {
        private final Map<Action, Integer> actions = new EnumMap<>(Action.class);
        private final Map<BodyArea, Integer> areas = new EnumMap<>(BodyArea.class);
        private final Map<String, Integer> families = new LinkedHashMap<>();
        private final Map<String, Integer> poses = new LinkedHashMap<>();
        private final List<String> words = new ArrayList<>();

        void add(String what, int weight) {
            Action action = action(what);
            BodyArea area = area(what);
            if (action != null) actions.merge(action, weight, Math::max);
            else if (area != null) areas.merge(area, weight, Math::max);
            else if (ThemeWords.this.families.contains(family(what)))
                families.merge(family(what), 2 * weight, Math::max);
            else catalogue.named(what).map(Pose::id).ifPresent(id -> poses.merge(id, weight, Math::max));
        }

        Focus focus() {
            return words.isEmpty() ? Focus.NONE : new Focus(actions, areas, families, poses, words);
        }
    }
}
