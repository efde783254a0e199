package gurukram.core.compose.parts;

import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Sketch;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
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

/** What fills the parts of a class up to their share of the slot where no phrase does, and answers the hardest work at its end. */
public final class Filling {
    private static final int MOST_TURNS = 160;
    private static final int CHOICES = 4;
    private static final int MOST_TIMES = 3;
    private static final int[] LEAST_POSES = {14, 20, 24, 28, 32};
    /** Time kept back for what the checks still ask for. */
    private static final long KEPT_MS = 20_000;

    private static final Set<SectionRole> FILLED = Set.of(
            SectionRole.WARM_UP, SectionRole.STANDING, SectionRole.BALANCE, SectionRole.FLOOR, SectionRole.COOL_DOWN);
    /** In a vinyasa class phrases fill the upright parts. */
    private static final Set<SectionRole> QUIET = Set.of(SectionRole.WARM_UP, SectionRole.FLOOR, SectionRole.COOL_DOWN);

    private final Attempt attempt;
    private final Brief brief;
    private final Sketch sketch;
    private final Set<String> refused = new HashSet<>();
    private final Map<NodeId, Range> ranges = new HashMap<>();

    public Filling(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.sketch = attempt.sketch();
    }

    /** Poses of the cool-down that let go of what worked hardest. */
    public void answers() {
        Map<BodyArea, Double> worked = worked();
        int answers = brief.minutes() >= 75 ? 2 : 1;
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

    /** What the hands or the head carry is no filler in a class that does not lead there. */
    private static final double CARRIED = 12;

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
                    - (pose.wristLoad() ? 3 : 0)
                    - (Attempt.isCarried(pose) && !Attempt.leadsOffTheFloor(attempt.goal()) ? CARRIED : 0);
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

    /**
     * Holds in the parts that lack most, or a step more in what is held there, as long as the slot has room; where it is too
     * long, the other way round. What is left is open time at the beginning.
     */
    public void fill() {
        Map<SectionRole, Long> budgets = budgets();
        settle();
        Set<String> tried = new HashSet<>();
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            Score score = attempt.clock().score(sketch.plan());
            long left = attempt.clock().slotMs() - score.totalMs();
            Map<SectionRole, Long> lengths = Clock.lengths(score);
            if (left < 0) {
                if (!shorten(budgets, lengths)) return;
            } else if (left <= Ends.openMs(brief.minutes()) || !lengthen(budgets, lengths, left, tried)) {
                return;
            }
        }
    }

    private Map<SectionRole, Long> budgets() {
        List<SectionRole> present = new ArrayList<>();
        for (SectionRole role : sketch.order()) {
            boolean room = brief.minutes() >= 60 || brief.wishes().contains(Wish.MORE_FLOOR);
            boolean filled = FILLED.contains(role)
                    && (role != SectionRole.FLOOR || room)
                    && (role != SectionRole.BALANCE || brief.minutes() >= Attempt.ROOMY);
            if (filled || attempt.has(role)) present.add(role);
        }
        Map<SectionRole, Long> budgets = attempt.clock().budgets(present);
        if (brief.wishes().contains(Wish.MORE_FLOOR)) {
            budgets.computeIfPresent(SectionRole.STANDING, (r, ms) -> ms / 2);
            budgets.computeIfPresent(SectionRole.FLOOR, (r, ms) -> ms * 3);
        }
        return budgets;
    }

    /** Every range of a hold at the countable dose nearest to its chosen value. */
    private void settle() {
        for (SectionRole role : sketch.order()) {
            for (Sketch.Entry entry : List.copyOf(sketch.entries(role))) {
                if (!(entry.item() instanceof Step step) || !(step.dose() instanceof Range range) || isOpen(range))
                    continue;
                if (attempt.isKept(step)) continue;
                ranges.put(step.id(), range);
                List<Dose> steps = Doses.countable(range);
                Dose dose = nearest(steps, range.chosen());
                sketch.replace(
                        role, entry, step.withDose(entry.pose() == null ? dose : Doses.notLong(dose, entry.pose())));
            }
        }
    }

    private static boolean isOpen(Range range) {
        return range.chosen() instanceof Dose.Open;
    }

    private static Dose nearest(List<Dose> steps, Dose chosen) {
        Dose found = steps.get(0);
        for (Dose step : steps) if (step.upTo(chosen)) found = step;
        return found;
    }

    /** A pose more or a dose more, in the part that lacks most first; false when nothing fits any more. */
    private boolean lengthen(
            Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths, long left, Set<String> tried) {
        boolean many = sketch.poses().size() >= poses(120);
        for (boolean poses : many ? new boolean[] {false, true} : new boolean[] {true, false}) {
            for (SectionRole role : widest(budgets, lengths)) {
                if (!tried.contains(role + " " + poses) && (poses ? addTo(role) : raise(role))) return true;
                tried.add(role + " " + poses);
            }
        }
        return false;
    }

    private boolean fits() {
        return attempt.clock().score(sketch.plan()).totalMs() <= attempt.clock().slotMs() - KEPT_MS;
    }

    /** A pose more, once and then a second and a third time, where it fits. */
    private boolean addTo(SectionRole role) {
        for (int times = 1; times <= MOST_TIMES; times++) {
            for (int choice = 0; choice < CHOICES; choice++) {
                Pose pose = choice(role, p -> 0, times);
                if (pose == null) break;
                Range range = pose.range(brief.level()) instanceof Range wide ? wide : null;
                Dose dose =
                        range == null ? pose.doseFor(brief.level()) : nearest(Doses.countable(range), range.chosen());
                Step step = attempt.step(role, pose, dose);
                if (range != null) ranges.put(step.id(), range);
                Sketch.Mark mark = sketch.mark();
                sketch.sort(role, step, true);
                if (fits()) return true;
                sketch.backTo(mark);
                refused.add(pose.id());
            }
        }
        return false;
    }

    /** One countable step more for the first hold of a part that has one and fits. */
    private boolean raise(SectionRole role) {
        for (Sketch.Entry entry : List.copyOf(sketch.entries(role))) {
            Dose next = step(entry, 1);
            if (next == null) continue;
            Sketch.Mark mark = sketch.mark();
            sketch.replace(role, entry, ((Step) entry.item()).withDose(next));
            if (fits()) return true;
            sketch.backTo(mark);
        }
        return false;
    }

    /** The countable dose before or behind the one a hold has; null at the end of its range. */
    private @Nullable Dose step(Sketch.Entry entry, int by) {
        if (!(entry.item() instanceof Step step)) return null;
        Range range = ranges.get(step.id());
        if (range == null) return null;
        List<Dose> steps = Doses.countable(range);
        int at = steps.indexOf(step.dose()) + by;
        if (at < 0 || at >= steps.size()) return null;
        Pose pose = attempt.catalogue().pose(Objects.requireNonNull(step.pose()));
        boolean works = pose.hold() == Hold.ACTIVE;
        return by > 0 && works && Doses.isLong(steps.get(at)) ? null : steps.get(at);
    }

    private boolean shorten(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        if (takeOut(budgets, lengths)) return true;
        List<SectionRole> roles = new ArrayList<>(sketch.order());
        Collections.reverse(roles);
        for (SectionRole role : roles) {
            for (Sketch.Entry entry : List.copyOf(sketch.entries(role))) {
                boolean wanted = entry.pose() != null
                        && brief.wanted().contains(entry.pose().id());
                Dose less = wanted ? null : step(entry, -1);
                if (less == null) continue;
                sketch.replace(role, entry, ((Step) entry.item()).withDose(less));
                return true;
            }
        }
        return false;
    }

    /** The parts that can be filled, the one that lacks most first; of a vinyasa class the quiet ones before those that phrases fill. */
    private List<SectionRole> widest(Map<SectionRole, Long> budgets, Map<SectionRole, Long> lengths) {
        boolean quietFirst = brief.style() == Style.VINYASA;
        return budgets.keySet().stream()
                .filter(FILLED::contains)
                .sorted(Comparator.comparing((SectionRole role) -> quietFirst && !QUIET.contains(role))
                        .thenComparingDouble(role -> lengths.getOrDefault(role, 0L)
                                / (double) (1 + Objects.requireNonNull(budgets.get(role)))))
                .toList();
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
