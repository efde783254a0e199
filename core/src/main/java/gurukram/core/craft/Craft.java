package gurukram.core.craft;

import gurukram.core.body.Side;
import gurukram.core.craft.Measure.Kind;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Hold;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.EffortCurve;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The measures of a class, by its score: how much of it flows, how rounds grow, how sides and bases change, what comes back.
 * The ranges are those of good classes by style and level, where there are any.
 */
public final class Craft {
    private static final Set<Integer> REPS = Set.of(5, 8, 10);
    /** Where a room comes home to. */
    public static final Set<String> HOMES = Set.of("downward-dog", "mountain", "childs-pose");

    private static final Set<SectionRole> NO_PRACTICE =
            EnumSet.of(SectionRole.ARRIVE, SectionRole.REST, SectionRole.CLOSE, SectionRole.TALK);
    private static final long SHORTEST_HOLD_MS = 4_000;
    /** So much effort up or down, on the mean of three minutes, is felt as a wave: one dog between two flows is none. */
    private static final double WAVE = 0.8;

    private static final long MOMENT_MS = 10 * Millis.SECOND;
    private static final int AROUND = 9;
    /** From so many minutes on a flowing class comes down once before it goes to its peak. */
    private static final int WAVES_FROM = 45;
    /** A peak of this effort and less is not risen to; there is one rise before it. */
    private static final int QUIET_PEAK = 2;
    /** From so many on there is time for one wave more. */
    private static final int LONG = 75;

    private final ClassPlan plan;
    private final Score score;
    private final PoseCatalogue catalogue;
    private final Map<NodeId, SectionRole> roles = new HashMap<>();
    private final List<Moment> holds = new ArrayList<>();
    private final Map<Kind, Measure> measures = new EnumMap<>(Kind.class);

    private Craft(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        this.plan = plan;
        this.score = score;
        this.catalogue = catalogue;
        plan.sections().forEach(section -> roles.put(section.id(), section.role()));
        for (Moment moment : score.moments()) {
            boolean held = moment.pose() != null
                    && moment.kind() == Moment.Kind.HOLD
                    && moment.workMs() >= SHORTEST_HOLD_MS
                    && !NO_PRACTICE.contains(role(moment));
            if (held) holds.add(moment);
        }
    }

    /** Every measure, in the order of {@link Kind}. */
    public static Map<Kind, Measure> of(ClassPlan plan, Score score, PoseCatalogue catalogue) {
        Craft craft = new Craft(plan, score, catalogue);
        craft.flows();
        craft.rounds();
        craft.sides();
        craft.doses();
        craft.parts();
        craft.returns();
        return craft.measures;
    }

    private SectionRole role(Moment moment) {
        return Objects.requireNonNull(roles.get(moment.section()));
    }

    private Pose pose(Moment moment) {
        return catalogue.pose(Objects.requireNonNull(moment.pose()));
    }

    private boolean isVinyasa() {
        return plan.settings().style() == Style.VINYASA;
    }

    private int byLevel(int beginner, int intermediate, int advanced) {
        Level level = plan.settings().level();
        return level == Level.BEGINNER ? beginner : level == Level.INTERMEDIATE ? intermediate : advanced;
    }

    private void put(Kind kind, double value, String unit, @Nullable Double least, @Nullable Double most) {
        boolean whole = value == Math.rint(value) || Math.abs(value) >= 10;
        String number = whole ? String.valueOf(Math.round(value)) : String.format(Locale.ROOT, "%.1f", value);
        measures.put(kind, new Measure(kind, value, number + unit, least, most));
    }

    private void none(Kind kind) {
        measures.put(kind, new Measure(kind, null, "–", null, null));
    }

    private List<Flow> allFlows(Predicate<Flow> which) {
        List<Flow> flows = new ArrayList<>();
        for (Section section : plan.sections())
            for (Item item : section.items()) if (item instanceof Flow flow && which.test(flow)) flows.add(flow);
        return flows;
    }

    private void flows() {
        List<Flow> flows = allFlows(flow -> flow.settings().rounds() > 1);
        Set<NodeId> ids = new LinkedHashSet<>();
        flows.forEach(flow -> ids.add(flow.id()));
        long practice = 0;
        long flowing = 0;
        int held = 0;
        for (Moment moment : score.moments()) {
            if (NO_PRACTICE.contains(role(moment))) continue;
            practice += moment.lengthMs();
            if (moment.flow() == null || !ids.contains(moment.flow())) continue;
            flowing += moment.lengthMs();
            if (moment.kind() == Moment.Kind.HOLD) held++;
        }
        double least = isVinyasa() ? byLevel(30, 45, 50) : byLevel(10, 15, 15);
        double most = isVinyasa() ? byLevel(45, 60, 65) : byLevel(20, 30, 30);
        put(Kind.FLOW_SHARE, practice == 0 ? 0 : Math.rint(100.0 * flowing / practice), " %", least, most);
        int minutes = plan.settings().slotMinutes();
        double fewest = isVinyasa() ? (minutes >= 90 ? 5 : minutes >= 60 ? 4 : minutes >= 45 ? 3 : 2) : 1;
        double mostFlows = isVinyasa() ? (minutes >= 90 ? 12 : minutes >= 60 ? 9 : 7) : 6;
        put(Kind.FLOWS, flows.size(), "", fewest, mostFlows);
        put(Kind.HELD_IN_FLOWS, held, "", isVinyasa() ? 3.0 : null, null);
        int quotes = 0;
        for (Section section : plan.sections()) {
            Flow last = null;
            for (Item item : section.items()) {
                if (!(item instanceof Flow flow) || flow.settings().rounds() < 2) continue;
                if (last != null && shared(last, flow) >= 2) quotes++;
                last = flow;
            }
        }
        put(Kind.QUOTES, quotes, "", isVinyasa() && minutes >= 45 ? 1.0 : null, null);
    }

    private static int shared(Flow a, Flow b) {
        int same = 0;
        while (same < Math.min(a.steps().size(), b.steps().size())
                && Objects.equals(
                        a.steps().get(same).pose(), b.steps().get(same).pose())) same++;
        return same;
    }

    /** What each round of a flow of three does, by its moments. */
    private void rounds() {
        List<Double> growths = new ArrayList<>();
        int equal = 0;
        for (Flow flow : allFlows(flow -> flow.settings().rounds() == 3)) {
            Map<Integer, Long> lengths = new HashMap<>();
            Map<Integer, List<String>> done = new HashMap<>();
            for (Moment moment : score.moments()) {
                if (!flow.id().equals(moment.flow()) || moment.round() == null) continue;
                lengths.merge(moment.round(), moment.lengthMs(), Long::sum);
                String hold = moment.kind() == Moment.Kind.HOLD ? " " + moment.workMs() : "";
                done.computeIfAbsent(moment.round(), r -> new ArrayList<>()).add(moment.pose() + hold);
            }
            if (done.size() < 3) continue;
            for (int round = 2; round <= 3; round++) if (Objects.equals(done.get(round), done.get(round - 1))) equal++;
            growths.add(lengths.getOrDefault(3, 0L) / (double) Math.max(1, lengths.getOrDefault(1, 0L)));
        }
        put(Kind.EQUAL_ROUNDS, equal, "", null, null);
        if (growths.isEmpty()) none(Kind.GROWTH);
        else put(Kind.GROWTH, growths.stream().mapToDouble(d -> d).average().orElse(0), "", 1.3, 2.5);
    }

    private void sides() {
        int runs = 0;
        int sided = 0;
        int changes = 0;
        Side last = null;
        for (Moment hold : holds) {
            if (hold.side() == null) continue;
            sided++;
            if (hold.side() != last) {
                runs++;
                if (last != null) changes++;
            }
            last = hold.side();
        }
        if (sided < 2) {
            none(Kind.SIDE_RUN);
            none(Kind.LEG_CHANGES);
        } else {
            boolean first = plan.settings().level() == Level.BEGINNER;
            double least = first ? 1.0 : isVinyasa() ? 1.4 : 1.5;
            put(Kind.SIDE_RUN, sided / (double) runs, "", least, first ? 2.5 : isVinyasa() ? 4.0 : 3.0);
            put(Kind.LEG_CHANGES, Math.rint(100.0 * changes / (sided - 1)), " %", null, first ? 100.0 : 70.0);
        }
        int bases = 0;
        for (int i = 1; i < holds.size(); i++)
            if (pose(holds.get(i)).base() != pose(holds.get(i - 1)).base()) bases++;
        if (holds.size() < 2) none(Kind.BASE_CHANGES);
        else put(Kind.BASE_CHANGES, Math.rint(100.0 * bases / (holds.size() - 1)), " %", null, 45.0);
        Set<String> shapes = new LinkedHashSet<>();
        score.moments().forEach(moment -> {
            if (moment.pose() != null) shapes.add(moment.pose());
        });
        double hour = plan.settings().slotMinutes() / 60.0;
        double less = plan.settings().level() == Level.BEGINNER ? 0.8 : 1;
        put(
                Kind.SHAPES,
                shapes.size(),
                "",
                Math.floor((isVinyasa() ? 35 : 25) * Math.min(1, hour) * less),
                Math.ceil((isVinyasa() ? 57 : 45) * Math.max(1, hour)));
    }

    private void doses() {
        int counted = 0;
        int all = 0;
        List<Integer> breaths = new ArrayList<>();
        for (Section section : plan.sections()) {
            if (NO_PRACTICE.contains(section.role())) continue;
            List<Step> steps = new ArrayList<>();
            for (Item item : section.items())
                if (item instanceof Step step) steps.add(step);
                else steps.addAll(((Flow) item).steps());
            for (Step step : steps) {
                Dose dose = step.dose().at(Dose.Reading.CHOSEN);
                if (dose instanceof Dose.Breaths hold) {
                    all++;
                    breaths.add(hold.breaths());
                    if (Dose.Breaths.COUNTED.contains(hold.breaths())) counted++;
                } else if (dose instanceof Reps reps) {
                    all++;
                    if (REPS.contains(reps.reps())) counted++;
                }
            }
        }
        if (all == 0) {
            none(Kind.COUNTABLE);
            none(Kind.MEDIAN_HOLD);
            return;
        }
        put(Kind.COUNTABLE, Math.rint(100.0 * counted / all), " %", 95.0, null);
        breaths.sort(null);
        if (breaths.isEmpty()) none(Kind.MEDIAN_HOLD);
        else
            put(
                    Kind.MEDIAN_HOLD,
                    breaths.get(breaths.size() / 2),
                    "",
                    isVinyasa() ? 2.0 : 3.0,
                    isVinyasa() ? 3.0 : 5.0);
    }

    private void parts() {
        long total = score.totalMs();
        Map<SectionRole, Long> lengths = new EnumMap<>(SectionRole.class);
        score.sections().forEach(span -> lengths.merge(span.role(), span.lengthMs(), Long::sum));
        long warm = lengths.getOrDefault(SectionRole.WARM_UP, 0L);
        long cool = lengths.getOrDefault(SectionRole.COOL_DOWN, 0L);
        if (total == 0) return;
        put(Kind.WARM_UP, Math.rint(100.0 * warm / total), " %", 10.0, 18.0);
        put(Kind.COOL_DOWN, Math.rint(100.0 * cool / total), " %", 10.0, 22.0);
        long rest = lengths.getOrDefault(SectionRole.REST, 0L);
        put(
                Kind.REST,
                rest / (double) Millis.MINUTE,
                " min",
                Math.max(2.0, plan.settings().slotMinutes() / 13.0),
                null);
        List<Moment> quiet = holds.stream()
                .filter(hold -> role(hold) == SectionRole.COOL_DOWN)
                .toList();
        long passive = quiet.stream()
                .filter(hold -> pose(hold).hold() == Hold.PASSIVE)
                .mapToLong(Moment::workMs)
                .sum();
        long all = quiet.stream().mapToLong(Moment::workMs).sum();
        if (all == 0) none(Kind.PASSIVE);
        else put(Kind.PASSIVE, Math.rint(100.0 * passive / all), " %", 60.0, null);
        String peak = plan.settings().peak();
        List<Moment> goes = score.moments().stream()
                .filter(moment -> peak != null && peak.equals(moment.pose()) && role(moment) == SectionRole.PEAK)
                .toList();
        if (goes.isEmpty()) none(Kind.PEAK_AT);
        else put(Kind.PEAK_AT, Math.rint(100.0 * goes.get(0).startMs() / total), " %", 45.0, 75.0);
        int minutes = plan.settings().slotMinutes();
        boolean low = peak != null && catalogue.pose(peak).effort() <= QUIET_PEAK;
        double fewest = isVinyasa() && minutes >= WAVES_FROM && !low ? 2 : 1;
        put(
                Kind.WAVES,
                waves(goes.isEmpty() ? total : goes.get(goes.size() - 1).endMs()),
                "",
                fewest,
                minutes >= LONG ? 4.0 : 3.0);
    }

    /** Rises of effort that a fall ends; the last ends at the peak. */
    private int waves(long until) {
        List<Double> felt = felt(EffortCurve.of(score, catalogue, MOMENT_MS));
        int last = (int) Math.min(felt.size(), until / MOMENT_MS + 1);
        int waves = 0;
        double low = 1;
        double high = 1;
        boolean rising = false;
        for (int i = 0; i < last; i++) {
            double effort = felt.get(i);
            if (!rising && effort >= low + WAVE) {
                rising = true;
                high = effort;
            }
            if (rising) {
                high = Math.max(high, effort);
                if (effort <= high - WAVE) {
                    waves++;
                    rising = false;
                    low = effort;
                }
            }
            low = rising ? low : Math.min(low, effort);
        }
        return rising ? waves + 1 : waves;
    }

    /** Where each moment begins, with a minute and a half before and after that. */
    private static List<Double> felt(List<Double> moments) {
        List<Double> felt = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++)
            felt.add(moments.subList(Math.max(0, i - AROUND), Math.min(moments.size(), i + AROUND)).stream()
                    .mapToDouble(moment -> moment)
                    .average()
                    .orElse(0));
        return felt;
    }

    private void returns() {
        long home = holds.stream().filter(hold -> HOMES.contains(hold.pose())).count();
        put(Kind.HOME, home, "", 3.0, 14.0);
        Firsts firsts = Firsts.of(score.moments(), catalogue);
        put(Kind.FIRST_DEEP, firsts.deep().size(), "", null, 0.0);
        put(Kind.FIRST_STRONG, firsts.strong().size(), "", null, (double) Firsts.USUAL_STRONG);
        int[] threads = {0};
        plan.walk(node -> {
            String thread = node instanceof Step step
                    ? step.texts().thread()
                    : node instanceof Flow flow
                            ? flow.texts().thread()
                            : node instanceof Section section ? section.texts().thread() : "";
            if (!thread.isEmpty()) threads[0]++;
        });
        put(Kind.THREADS, threads[0], "", 3.0, 5.0);
    }
}
