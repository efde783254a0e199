package gurukram.core.phrase;

import gurukram.core.notation.NotationReader;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.LevelLine;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** All phrases, from {@code resources/phrases}: an index of what cannot be computed, and the lines of each. */
public final class PhraseBook {
    private static final int MINUTES = 60;

    private final Map<String, Phrase> phrases = new LinkedHashMap<>();
    private final Map<Level, Map<String, PhraseLine>> lines = new EnumMap<>(Level.class);

    /** Reads all of it; {@link IllegalStateException} names a phrase that cannot be read. */
    public PhraseBook(PoseCatalogue catalogue) {
        Unfolder unfolder = new Unfolder(catalogue, Pace.defaults());
        for (Level level : Level.values()) lines.put(level, new LinkedHashMap<>());
        for (Table.Row row : Table.of("/phrases/index.txt", "|", 9)) {
            Phrase phrase = read(row, catalogue);
            phrases.put(phrase.id(), phrase);
            for (Level level : Level.values()) {
                if (!phrase.isFor(level)) continue;
                ClassPlan plan = LevelLine.of(phrase.written(), level, catalogue);
                PhraseLine line = PhraseLine.of(phrase, flow(plan), unfolder.unfold(plan, null), catalogue);
                byLevel(level).put(phrase.id(), line);
            }
        }
    }

    private Map<String, PhraseLine> byLevel(Level level) {
        return lines.computeIfAbsent(level, l -> new LinkedHashMap<>());
    }

    public List<Phrase> all() {
        return List.copyOf(phrases.values());
    }

    public Optional<Phrase> find(String id) {
        return Optional.ofNullable(phrases.get(id));
    }

    /** The phrase whose flow stands in classes under a name. */
    public Optional<Phrase> called(String flow) {
        return phrases.values().stream()
                .filter(phrase -> flow(phrase.written()).settings().name().equals(flow))
                .findFirst();
    }

    /** The phrases of a level, in the order of the book. */
    public List<PhraseLine> at(Level level) {
        return List.copyOf(byLevel(level).values());
    }

    /** Empty when the phrase is not for the level. */
    public Optional<PhraseLine> at(Level level, String id) {
        return Optional.ofNullable(byLevel(level).get(id));
    }

    private static Phrase read(Table.Row row, PoseCatalogue catalogue) {
        String id = row.cell(0);
        String[] levels = row.cell(4).split(" to ");
        SectionRole part = SectionRole.named(row.cell(5)).orElseThrow();
        String text = "class: " + row.cell(1) + "\n- " + MINUTES + " min\n" + row.cell(5) + ":\n"
                + Table.text("/phrases/lines/" + id + ".txt");
        var reading = new NotationReader(catalogue, NodeNames.numbers()).read(text);
        if (!reading.problems().isEmpty()) throw new IllegalStateException("phrase " + id + ": " + reading.problems());
        Set<Style> styles = row.list(3, " ").stream()
                .map(word -> Style.valueOf(word.toUpperCase(Locale.ROOT)))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Style.class)));
        return new Phrase(
                id,
                row.cell(1),
                Phrase.Kind.parse(row.cell(2)),
                styles,
                level(levels[0]),
                level(levels[levels.length - 1]),
                part,
                row.list(6, " "),
                row.list(7, ","),
                row.cell(8),
                reading.plan());
    }

    private static Level level(String word) {
        return Level.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private static Flow flow(ClassPlan plan) {
        List<Item> items = new ArrayList<>();
        plan.sections().forEach(section -> items.addAll(section.items()));
        if (items.size() == 1 && items.get(0) instanceof Flow flow) return flow;
        throw new IllegalStateException("a phrase is one flow: " + items);
    }
}
