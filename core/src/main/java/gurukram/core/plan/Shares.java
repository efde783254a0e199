package gurukram.core.plan;

import gurukram.core.plan.settings.Style;
import gurukram.core.time.Millis;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;

/**
 * How much of the slot each part of a class usually has, by the table of the arithmetic, and what its sections should come to.
 * A section with minutes of its own has those; the others share what is left.
 */
public final class Shares {
    private static final Map<SectionRole, int[]> PERCENT = new EnumMap<>(SectionRole.class);

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

    private Shares() {}

    private static void share(SectionRole role, int hatha, int vinyasa) {
        PERCENT.put(role, new int[] {hatha, vinyasa});
    }

    /** The share of a role in percent where every part is there; empty where it has none. */
    public static OptionalInt of(SectionRole role, Style style) {
        int[] both = PERCENT.get(role);
        return both == null ? OptionalInt.empty() : OptionalInt.of(both[style.ordinal()]);
    }

    /**
     * What each section should come to, ms, empty ones too; several of one role share alike. A role without a share has none,
     * and takes its time from all.
     *
     * @param withoutShare ms of the sections whose role has no share and no minutes of its own
     */
    public static Map<NodeId, Long> targets(ClassPlan plan, long withoutShare) {
        Style style = plan.settings().style();
        Map<NodeId, Long> targets = new LinkedHashMap<>();
        Map<SectionRole, Integer> alike = new EnumMap<>(SectionRole.class);
        long left = (long) plan.settings().slotMinutes() * Millis.MINUTE - withoutShare;
        for (Section section : plan.sections()) {
            if (section.minutes() == null) {
                alike.merge(section.role(), 1, Integer::sum);
                continue;
            }
            long own = (long) section.minutes() * Millis.MINUTE;
            targets.put(section.id(), own);
            left -= own;
        }
        int all = alike.keySet().stream()
                .mapToInt(role -> of(role, style).orElse(0))
                .sum();
        for (Section section : plan.sections()) {
            int share = of(section.role(), style).orElse(0);
            if (section.minutes() != null || share == 0) continue;
            targets.put(
                    section.id(), Math.max(0, left) * share / all / Objects.requireNonNull(alike.get(section.role())));
        }
        return targets;
    }
}
