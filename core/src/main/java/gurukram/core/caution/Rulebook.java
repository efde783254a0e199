package gurukram.core.caution;

import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The rules that cautions come from, as they stand in {@code resources/cautions}, and what is known of needs and mechanisms. General
 * teaching knowledge, on the careful side; {@link #READ} says when the poses were last read by it.
 */
public final class Rulebook {
    /** When every pose's mechanisms and overrides were last read, and by which rules. */
    public static final String READ = "2026-11, by the rules of the mechanisms";

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
    private final Map<String, String> sentences = new HashMap<>();
    private final Map<String, List<String>> kinds = new HashMap<>();
    private final Map<Need, NeedGuide> needs = new EnumMap<>(Need.class);
    private final Map<Mechanism, MechanismGuide> mechanisms = new EnumMap<>(Mechanism.class);

    private Rulebook() {
        for (List<String> row : Rows.of("sentences.tsv", 2)) sentences.put(row.get(0), row.get(1));
        for (List<String> row : Rows.of("replacements.tsv", 2))
            kinds.put(row.get(0), List.of(row.get(1).split(" ")));
        for (List<String> row : Rows.of("rules.tsv", 6)) {
            Rule rule = Rule.of(row);
            if (!sentences.containsKey(rule.sentence()))
                throw new IllegalStateException("rules.tsv: no sentence " + rule.sentence());
            if (!rule.kind().isEmpty() && !kinds.containsKey(rule.kind()))
                throw new IllegalStateException("rules.tsv: no kind " + rule.kind());
            rules.computeIfAbsent(rule.need(), need -> new EnumMap<>(Mechanism.class))
                    .computeIfAbsent(rule.mechanism(), mechanism -> new ArrayList<>())
                    .add(rule);
        }
        for (List<String> row : Rows.of("needs.tsv", 4))
            needs.put(Need.parse(row.get(0)), new NeedGuide(row.get(1), row.get(2), row.get(3)));
        for (List<String> row : Rows.of("mechanisms.tsv", 4))
            mechanisms.put(Mechanism.parse(row.get(0)), new MechanismGuide(row.get(1), row.get(2), row.get(3)));
    }

    public static Rulebook shipped() {
        return SHIPPED;
    }

    /** Rules of a need and a mechanism, the particular before the general. */
    List<Rule> rules(Need need, Mechanism mechanism) {
        return rules.getOrDefault(need, Map.of()).getOrDefault(mechanism, List.of());
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
