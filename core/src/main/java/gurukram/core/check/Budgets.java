package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.Style;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;

/**
 * Each part has about its share of the slot. Shares of parts that are absent are spread over the rest; parts without a share
 * (strength, inversions, floor, counterposes, sit) take their time from all alike (ours).
 */
@AutoService(Check.class)
public final class Budgets implements Check {
    static final Threshold OFF = Threshold.of("budget-percent", "percent of the slot a part may be off its share", 10);
    /** Ours, percent: of a class whose parts have less than this between them in the usual shares, nothing can be said. */
    private static final int ENOUGH = 45;

    private static final int FEWEST = 4;

    private static final Map<SectionRole, int[]> SHARES = new EnumMap<>(SectionRole.class);

    static {
        share(SectionRole.ARRIVE, 4, 4);
        share(SectionRole.BREATHE, 6, 3);
        share(SectionRole.WARM_UP, 16, 13);
        share(SectionRole.SALUTATIONS, 12, 14);
        share(SectionRole.STANDING, 16, 24);
        share(SectionRole.BALANCE, 8, 8);
        share(SectionRole.PEAK, 10, 10);
        share(SectionRole.COOL_DOWN, 14, 12);
        share(SectionRole.REST, 10, 8);
        share(SectionRole.CLOSE, 4, 4);
    }

    private static final Card CARD = Card.of(
            "budgets",
            "Each part has about its share of the class",
            "What one part takes another lacks, and it is mostly the end that lacks it.",
            OFF);

    private static void share(SectionRole role, int hatha, int vinyasa) {
        SHARES.put(role, new int[] {hatha, vinyasa});
    }

    /** The share of a role in percent where every part is there; empty where it has none. */
    public static OptionalInt share(SectionRole role, Style style) {
        int[] both = SHARES.get(role);
        return both == null ? OptionalInt.empty() : OptionalInt.of(both[style.ordinal()]);
    }

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        long slot = (long) subject.settings().slotMinutes() * Millis.MINUTE;
        Map<SectionRole, Long> lengths = new EnumMap<>(SectionRole.class);
        Map<SectionRole, List<Section>> parts = new EnumMap<>(SectionRole.class);
        for (Score.SectionSpan span : subject.score().sections()) {
            if (span.lengthMs() == 0) continue;
            lengths.merge(span.role(), span.lengthMs(), Long::sum);
            parts.computeIfAbsent(span.role(), r -> new ArrayList<>()).add(subject.section(span.id()));
        }
        long unshared = lengths.entrySet().stream()
                .filter(e -> !SHARES.containsKey(e.getKey()))
                .mapToLong(Map.Entry::getValue)
                .sum();
        int shares = lengths.keySet().stream()
                .mapToInt(role -> share(role, subject.settings().style()).orElse(0))
                .sum();
        if (lengths.size() < FEWEST || shares < ENOUGH) return;
        lengths.forEach((role, length) -> {
            if (!SHARES.containsKey(role)) return;
            long wanted = Math.max(0, slot - unshared)
                    * share(role, subject.settings().style()).orElse(0)
                    / shares;
            if (Math.abs(length - wanted) * 100 <= subject.value(OFF) * slot) return;
            List<Section> sections = Objects.requireNonNull(parts.get(role));
            String titles = Wording.and(
                    sections.stream().map(s -> "“" + s.title() + "”").toList());
            String what = "%s %s %s; its share of %d minutes would be about %s."
                    .formatted(
                            titles,
                            sections.size() == 1 ? "has" : "have",
                            Wording.time(length),
                            subject.settings().slotMinutes(),
                            Wording.minutes(wanted));
            found.info(
                    sections.get(0).id(),
                    "",
                    subject.momentsOf(sections.get(0).id()),
                    what,
                    length > wanted ? "Maybe shorter." : "Maybe longer.");
        });
    }
}
