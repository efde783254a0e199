package gurukram.core.compose.parts;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.SectionRole;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** What fills the parts of a class up to their share of the slot, and answers the hardest work at its end. */
public final class Filling {
    private static final int MOST_TURNS = 120;
    private static final int MOST_TIMES = 3;
    private static final long NEAR_MS = 40_000;
    private static final int[] LEAST_POSES = {14, 20, 24, 28, 32};
    private static final Set<SectionRole> FILLED = Set.of(
            SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR, SectionRole.COOL_DOWN);

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final Set<String> refused = new HashSet<>();

    public Filling(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
    }

    /** Poses of the cool-down that let go of what worked hardest. */
    public void answers() {
        Map<BodyArea, Double> worked = worked();
        int answers = brief.minutes() >= 60 ? 3 : brief.minutes() >= 45 ? 2 : 1;
        for (int i = 0; i < answers && attempt.tightness() < 3; i++) {
            Pose answer = choice(SectionRole.COOL_DOWN, pose -> answers(pose, worked));
            if (answer == null) return;
            sketch.sort(SectionRole.COOL_DOWN, attempt.wide(SectionRole.COOL_DOWN, answer), false);
            for (Felt felt : answer.stretches()) worked.merge(felt.area(), 0.0, (a, b) -> a / 2);
        }
    }

    /** What has worked how much so far: strength times seconds. */
    private Map<BodyArea, Double> worked() {
        Map<BodyArea, Double> worked = new EnumMap<>(BodyArea.class);
        for (Moment moment : attempt.clock().score(sketch.plan()).moments()) {
            if (moment.pose() == null) continue;
            for (Felt felt : attempt.catalogue().pose(moment.pose()).works())
                worked.merge(felt.area(), felt.strength() * moment.workMs() / 1000.0, Double::sum);
        }
        return worked;
    }

    private static double answers(Pose pose, Map<BodyArea, Double> worked) {
        double most = worked.values().stream().mapToDouble(d -> d).max().orElse(1);
        double points = 0;
        for (Felt felt : pose.stretches()) points += 4 * felt.strength() * worked.getOrDefault(felt.area(), 0.0) / most;
        return points;
    }

    /** The pose that suits a part best; empty when none does. */
    Optional<Pose> best(SectionRole role) {
        return Optional.ofNullable(choice(role, pose -> 0));
    }

    private @Nullable Pose choice(SectionRole role, ToDoubleFunction<Pose> more) {
        return choice(role, more, 1);
    }

    /** @param times how often a pose may stand in the class */
    private @Nullable Pose choice(SectionRole role, ToDoubleFunction<Pose> more, int times) {
        Set<String> there = sketch.poses();
        Map<String, Integer> families = new HashMap<>();
        there.forEach(id -> families.merge(attempt.catalogue().pose(id).family(), 1, Integer::sum));
        Merit here = attempt.merit().of("fill " + role.word());
        Pose found = null;
        double best = Double.NEGATIVE_INFINITY;
        for (Pose pose : attempt.pool().poses()) {
            boolean often = times == 1 ? there.contains(pose.id()) : sketch.times(pose) >= times;
            if (often || refused.contains(pose.id()) || pose.equals(attempt.peak())) continue;
            if (!attempt.isHandy(pose) || !Places.fills(role, pose, pose.doseFor(brief.level()), attempt.peakIsLow()))
                continue;
            double points = here.of(pose)
                    + more.applyAsDouble(pose)
                    + stays(pose)
                    - families.getOrDefault(pose.family(), 0)
                    - (pose.wristLoad() ? 3 : 0);
            if (points > best) {
                best = points;
                found = pose;
            }
        }
        return found;
    }

    /** A long class stays in its poses: what is held longer counts more, the longer the slot. */
    private double stays(Pose pose) {
        double seconds = (Cover.isSided(pose) ? 2 : 1)
                * Cover.sideSeconds(pose, pose.range(brief.level()).at(Dose.Reading.HIGH));
        return 5 * Math.min(1, seconds / 120) * brief.minutes() / 60;
    }

    /** How many different poses a class has: enough, and not so many that none is stayed in (ours: a fifth more than the least). */
    private int poses(int percent) {
        int step = Math.max(0, Math.min(LEAST_POSES.length - 1, brief.minutes() / 15 - 2));
        return LEAST_POSES[step] * percent / 100;
    }

    /** Puts poses into the part that lacks most, or takes one out again, until the slot can be met; then opens all doses alike. */
    public void fill() {
        List<SectionRole> present = new ArrayList<>();
        for (SectionRole role : sketch.order()) {
            boolean room = brief.minutes() >= 60 || brief.wishes().contains(Wish.MORE_FLOOR);
            boolean filled = FILLED.contains(role)
                    && (role != SectionRole.FLOOR || room)
                    && (role != SectionRole.BALANCE || brief.minutes() >= 45);
            if (filled || attempt.has(role)) present.add(role);
        }
        Map<SectionRole, Long> budgets = attempt.clock().budgets(present);
        if (brief.wishes().contains(Wish.MORE_FLOOR)) {
            budgets.computeIfPresent(SectionRole.STANDING, (r, ms) -> ms / 2);
            budgets.computeIfPresent(SectionRole.FLOOR, (r, ms) -> ms * 3);
        }
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            ClassPlan plan = sketch.plan();
            long low = attempt.clock().lengthMs(plan, Dose.Reading.LOW);
            long high = attempt.clock().lengthMs(plan, Dose.Reading.HIGH);
            Map<SectionRole, Long> lengths = Clock.lengths(attempt.clock().score(plan));
            int poses = sketch.poses().size();
            boolean room = low < attempt.clock().slotMs() - 2 * NEAR_MS;
            boolean more = high < attempt.clock().slotMs() + NEAR_MS
                    || poses < poses(100)
                    || poses < poses(120) && middle(low, high) < attempt.clock().slotMs();
            if (low > attempt.clock().slotMs() - NEAR_MS) {
                if (!takeOut(budgets, lengths)) break;
            } else if (!room || !more || !addTo(widest(budgets, lengths))) {
                break;
            }
        }
        open();
    }

    private static long middle(long low, long high) {
        return (low + high) / 2;
    }

    /** All wide doses as far up their ranges as the slot allows, in eighths. */
    private void open() {
        for (int eighths = 8; eighths >= 0; eighths--) {
            sketch.open(eighths);
            if (eighths == 0
                    || attempt.clock().score(sketch.plan()).totalMs()
                            <= attempt.clock().slotMs()) return;
        }
    }

    /** The parts that can be filled, the one that lacks most first. */
    private static List<SectionRole> widest(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        return budgets.keySet().stream()
                .filter(FILLED::contains)
                .sorted(Comparator.comparingDouble(role ->
                        lengths.getOrDefault(role, 0L) / (double) (1 + Objects.requireNonNull(budgets.get(role)))))
                .toList();
    }

    /** A pose more in one of these parts; where no other is left, one of those there are a second time, and then a third. */
    private boolean addTo(List<SectionRole> roles) {
        for (int times = 1; times <= MOST_TIMES; times++) {
            for (SectionRole role : roles) {
                Pose pose = choice(role, p -> 0, times);
                if (pose == null) continue;
                sketch.sort(role, attempt.wide(role, pose), true);
                return true;
            }
        }
        return false;
    }

    private boolean takeOut(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        List<SectionRole> roles = new ArrayList<>(widest(budgets, lengths));
        Collections.reverse(roles);
        for (SectionRole role : roles) {
            List<Sketch.Entry> entries = sketch.entries(role);
            for (int i = entries.size() - 1; i >= 0; i--) {
                Sketch.Entry entry = entries.get(i);
                if (!entry.filler() || entry.pose() == null) continue;
                refused.add(entry.pose().id());
                sketch.remove(role, entry);
                return true;
            }
        }
        return false;
    }
}
