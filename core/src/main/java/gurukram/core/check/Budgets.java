package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Shares;
import gurukram.core.plan.settings.Style;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

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

    private static final Card CARD = Card.of(
            "budgets",
            "Each part has about its share of the class",
            "What one part takes another lacks, and it is mostly the end that lacks it.",
            OFF);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Style style = subject.settings().style();
        owned(subject, found);
        long mine = subject.plan().sections().stream()
                .filter(section -> section.minutes() != null)
                .mapToLong(section -> (long) section.minutes() * Millis.MINUTE)
                .sum();
        long slot = (long) subject.settings().slotMinutes() * Millis.MINUTE - mine;
        Map<SectionRole, Long> lengths = new EnumMap<>(SectionRole.class);
        Map<SectionRole, List<Section>> parts = new EnumMap<>(SectionRole.class);
        for (Score.SectionSpan span : subject.score().sections()) {
            if (subject.section(span.id()).minutes() != null || span.lengthMs() == 0) continue;
            lengths.merge(span.role(), span.lengthMs(), Long::sum);
            parts.computeIfAbsent(span.role(), r -> new ArrayList<>()).add(subject.section(span.id()));
        }
        long unshared = lengths.entrySet().stream()
                .filter(e -> Shares.of(e.getKey(), style).isEmpty())
                .mapToLong(Map.Entry::getValue)
                .sum();
        int shares = lengths.keySet().stream()
                .mapToInt(role -> Shares.of(role, style).orElse(0))
                .sum();
        if (lengths.size() < FEWEST || shares < ENOUGH) return;
        lengths.forEach((role, length) -> {
            if (Shares.of(role, style).isEmpty()) return;
            long wanted = Math.max(0, slot - unshared) * Shares.of(role, style).orElse(0) / shares;
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

    /** A section that the teacher gave minutes of its own: off by more than a fifth of them and a minute (ours). */
    private static void owned(Subject subject, Findings found) {
        for (Score.SectionSpan span : subject.score().sections()) {
            Section section = subject.section(span.id());
            if (section.minutes() == null || span.lengthMs() == 0) continue;
            long wanted = (long) section.minutes() * Millis.MINUTE;
            long off = Math.abs(span.lengthMs() - wanted);
            if (off <= Math.max(Millis.MINUTE, wanted / 5)) continue;
            String what = "“%s” has %s; you wanted about %s."
                    .formatted(section.title(), Wording.time(span.lengthMs()), Wording.minutes(wanted));
            String advice =
                    span.lengthMs() > wanted ? "Maybe shorter, or other minutes." : "Maybe longer, or other minutes.";
            found.info(section.id(), "minutes", subject.momentsOf(section.id()), what, advice);
        }
    }
}
