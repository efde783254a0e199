package gurukram.core.caution;

import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * The rules that cautions come from, as they stand in {@code resources/cautions}, and what is known of needs and mechanisms. General
 * teaching knowledge, on the careful side; {@link #READ} says when the poses were last read by it.
 */
public final class Rulebook {
    /** When every pose's mechanisms and overrides were last read, by the rules of {@code mechanisms.tsv}. */
    public static final String READ = "2026-11";

    /**
     * A need as a teacher meets it.
     *
     * @param ask what she may ask
     * @param sendTo whom to send people to; empty where nobody is needed
     */
    public record NeedGuide(String name, String ask, String sendTo) {}

    /** What a mechanism is, and what it is not. */
    public record MechanismGuide(String group, String definition, String notThis) {}

    private static final Rulebook SHIPPED = new Rulebook();

    private final Map<Need, Map<Mechanism, List<Rule>>> rules = new EnumMap<>(Need.class);
    private final Map<Need, Set<Mechanism>> conditional = new EnumMap<>(Need.class);
    private final Map<String, String> sentences = new HashMap<>();
    private final Map<String, List<String>> kinds = new HashMap<>();
    private final Map<Need, NeedGuide> needs = new EnumMap<>(Need.class);
    private final Map<Mechanism, MechanismGuide> mechanisms = new EnumMap<>(Mechanism.class);

    private Rulebook() {
        for (Table.Row row : rows("sentences", 2)) sentences.put(row.cell(0), row.cell(1));
        for (Table.Row row : rows("replacements", 2))
            kinds.put(row.cell(0), List.of(row.cell(1).split(" ")));
        for (Table.Row row : rows("rules", 6)) {
            Rule rule = Rule.of(row);
            if (!sentences.containsKey(rule.sentence()))
                throw new IllegalStateException("rules.tsv: no sentence " + rule.sentence());
            if (!rule.kind().isEmpty() && !kinds.containsKey(rule.kind()))
                throw new IllegalStateException("rules.tsv: no kind " + rule.kind());
            rules.computeIfAbsent(rule.need(), need -> new EnumMap<>(Mechanism.class))
                    .computeIfAbsent(rule.mechanism(), mechanism -> new ArrayList<>())
                    .add(rule);
        }
        for (Table.Row row : rows("conditional", 2))
            conditional
                    .computeIfAbsent(Need.parse(row.cell(0)), need -> EnumSet.noneOf(Mechanism.class))
                    .add(Mechanism.parse(row.cell(1)));
        for (Table.Row row : rows("needs", 4))
            needs.put(Need.parse(row.cell(0)), new NeedGuide(row.cell(1), row.cell(2), row.cell(3)));
        for (Table.Row row : rows("mechanisms", 4))
            mechanisms.put(Mechanism.parse(row.cell(0)), new MechanismGuide(row.cell(1), row.cell(2), row.cell(3)));
    }

    private static List<Table.Row> rows(String file, int columns) {
        return Table.of("/cautions/" + file + ".tsv", "\t", columns);
    }

    public static Rulebook shipped() {
        return SHIPPED;
    }

    /** Rules of a need and a mechanism, the particular before the general. */
    List<Rule> rules(Need need, Mechanism mechanism) {
        return rules.getOrDefault(need, Map.of()).getOrDefault(mechanism, List.of());
    }

    /** Needs a mechanism of the pose concerns though no rule of theirs holds in its shape, and that is not meant so. */
    public List<Need> unanswered(Pose pose, Mechanism mechanism) {
        return Arrays.stream(Need.values())
                .filter(need -> !rules(need, mechanism).isEmpty())
                .filter(need -> !conditional.getOrDefault(need, Set.of()).contains(mechanism))
                .filter(need -> rules(need, mechanism).stream().noneMatch(rule -> rule.holds(pose)))
                .toList();
    }

    /** {@link IllegalArgumentException} for a key there is no sentence of. */
    String sentence(String key) {
        String sentence = sentences.get(key);
        if (sentence == null) throw new IllegalArgumentException("no sentence " + key);
        return sentence;
    }

    public boolean hasSentence(String key) {
        return sentences.containsKey(key);
    }

    List<String> kind(String kind) {
        return kinds.getOrDefault(kind, List.of());
    }

    public NeedGuide of(Need need) {
        return Objects.requireNonNull(needs.get(need), need.word());
    }

    public MechanismGuide of(Mechanism mechanism) {
        return Objects.requireNonNull(mechanisms.get(mechanism), mechanism.word());
    }
}
