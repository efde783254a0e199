package gurukram.core.compose.idea;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.compose.brief.Focus;
import gurukram.core.pose.Pose;
import gurukram.core.text.Table;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** All ideas, from {@code resources/phrases/concepts.txt}. */
public final class Concepts {
    private static final List<Concept> ALL = read();
    /** Of a brief's ideas, the first so many are taken in turn: enough that three at a time are never the same. */
    private static final int CHOICE = 6;

    private static final int THEME = 6;

    private Concepts() {}

    public static List<Concept> all() {
        return ALL;
    }

    /**
     * The ideas a class to a peak can have, the best first: those made of what the peak asks for or of what the theme comes to,
     * whose shapes the group can do.
     *
     * @param peak null when the class leads to none
     * @param words of the theme
     * @param possible whether a pose may be planned
     */
    public static List<Concept> towards(@Nullable Pose peak, Focus focus, String words, Predicate<String> possible) {
        List<Concept> fitting = ALL.stream()
                .filter(concept -> concept.small().stream().anyMatch(possible)
                        && concept.lying().stream().anyMatch(possible)
                        && concept.held().stream().anyMatch(possible))
                .sorted(Comparator.comparingDouble((Concept concept) -> -points(concept, peak, focus, words))
                        .thenComparing(Concept::id))
                .toList();
        return fitting.subList(0, Math.min(CHOICE, fitting.size()));
    }

    private static double points(Concept concept, @Nullable Pose peak, Focus focus, String words) {
        double points = 0;
        if (peak != null) {
            for (ActionUse use : peak.actions()) if (concept.actions().contains(use.action())) points += use.demands();
            if (concept.held().contains(peak.id()) || concept.breath().contains(peak.id())) points += 1;
        }
        for (Action action : concept.actions()) points += focus.actions().getOrDefault(action, 0);
        Set<String> said = new LinkedHashSet<>(List.of(Words.fold(words).split(" ")));
        for (String theme : concept.themes()) if (said.contains(theme)) points += THEME;
        return points;
    }

    private static List<Concept> read() {
        List<Concept> all = new ArrayList<>();
        for (String block : Table.text("/phrases/concepts.txt").split("\\n\\s*\\n")) {
            Map<String, String> fields = new LinkedHashMap<>();
            block.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .forEach(line -> {
                        String[] parts = line.split(": ", 2);
                        fields.put(parts[0], parts[1].strip());
                    });
            if (!fields.isEmpty()) all.add(concept(fields));
        }
        return List.copyOf(all);
    }

    private static Concept concept(Map<String, String> fields) {
        Set<Action> actions = new LinkedHashSet<>();
        for (String word : list(fields, "actions", ","))
            actions.add(Action.valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_')));
        return new Concept(
                field(fields, "id"),
                field(fields, "name"),
                actions,
                list(fields, "small", ","),
                list(fields, "breath", ","),
                list(fields, "held", ","),
                list(fields, "lying", ","),
                Set.copyOf(list(fields, "themes", ",")),
                field(fields, "sentence"),
                field(fields, "open"),
                field(fields, "close"),
                list(fields, "threads", "\\|"));
    }

    private static String field(Map<String, String> fields, String name) {
        return Objects.requireNonNull(fields.get(name), "an idea has its " + name + ": " + fields);
    }

    private static List<String> list(Map<String, String> fields, String name, String between) {
        return Arrays.stream(field(fields, name).split(between))
                .map(String::strip)
                .toList();
    }
}
