package gurukram.core.notation.words;

import gurukram.core.plan.When;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * When something holds, comma separated: {@code beginner}, {@code advanced, rounds 2-3}, {@code round 3+, second pass},
 * {@code last round}.
 */
public final class GuardWords {
    private static final Phrases<When> PHRASES = new Phrases<When>()
            .on("(beginners?|intermediates?|advanced)", (w, m) -> withLevel(w, level(m.group(1))))
            .on(
                    "(beginners?|intermediates?) *(?:\\+|and up|and above|upwards?)|from (beginners?|intermediates?) on",
                    (w, m) -> from(w, level(m.group(1) == null ? m.group(2) : m.group(1))))
            .on("from rounds? (\\d{1,3})(?: on(?:wards?)?)?", (w, m) -> w.with(Rounds.parse(m.group(1) + "+")))
            .on("all levels", (w, m) -> w)
            .on("(?:in |from |on )?(?:the )?last(?: round)?", (w, m) -> w.with(Rounds.LAST))
            .on(
                    "(?:in |from |on )?rounds? (\\d{1,3}(?: *\\+| *(?:-|–|to) *\\d{1,3})?)(?: on)?",
                    (w, m) -> w.with(Rounds.parse(m.group(1))))
            .on(
                    "(?:on )?(?:the )?(first|second) (?:pass|side)",
                    (w, m) -> w.withPass(m.group(1).equalsIgnoreCase("first") ? 1 : 2));

    private GuardWords() {}

    /** Empty when a part is no guard. */
    public static Optional<When> read(String typed) {
        When when = When.ALWAYS;
        List<Parts.Part> parts = Parts.of(typed).parts();
        if (parts.isEmpty()) return Optional.empty();
        for (Parts.Part part : parts) {
            When now = when;
            Optional<When> more = PHRASES.read(part.text(), now).or(() -> withNeed(part.text(), now));
            if (more.isEmpty()) return Optional.empty();
            when = more.get();
        }
        return Optional.of(when);
    }

    /** What {@link #read} reads; empty for always. */
    public static String write(When when) {
        List<String> parts = new ArrayList<>();
        if (when.either()) parts.add("or");
        when.needs().forEach(need -> parts.add(need.words()));
        when.levels().forEach(level -> parts.add(level.name().toLowerCase(Locale.ROOT)));
        Rounds rounds = when.rounds();
        if (rounds != null && rounds.equals(Rounds.LAST)) parts.add("last round");
        else if (rounds != null)
            parts.add((Objects.equals(rounds.from(), rounds.to()) ? "round " : "rounds ") + rounds);
        if (when.pass() != null) parts.add(when.pass() == 1 ? "first pass" : "second pass");
        return String.join(", ", parts);
    }

    private static When withLevel(When when, Level level) {
        Set<Level> levels = EnumSet.of(level);
        levels.addAll(when.levels());
        return when.withLevels(levels);
    }

    private static When from(When when, Level level) {
        Set<Level> levels = EnumSet.range(level, Level.ADVANCED);
        levels.addAll(when.levels());
        return when.withLevels(levels);
    }

    private static Optional<When> withNeed(String typed, When when) {
        if (typed.equalsIgnoreCase("or"))
            return Optional.of(new When(Set.of(), Set.of(), true, when.rounds(), when.pass()));
        Set<Need> needs = NeedWords.read(typed);
        if (needs.isEmpty()) return Optional.empty();
        Set<Need> all = EnumSet.copyOf(needs);
        all.addAll(when.needs());
        return Optional.of(new When(when.levels(), all, false, when.rounds(), when.pass()));
    }

    public static Level level(String word) {
        String folded = Words.fold(word);
        for (Level level : Level.values()) {
            String name = level.name().toLowerCase(Locale.ROOT);
            if (folded.equals(name) || folded.equals(name + "s")) return level;
        }
        throw new IllegalArgumentException("no level: " + word);
    }
}
