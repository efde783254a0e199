package gurukram.core.fit;

import gurukram.core.body.Side;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.Layer;
import gurukram.core.plan.Link;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Leads;
import gurukram.core.plan.settings.Marks;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What may change in a plan, part by part: which other doses a step may have, how many rounds a flow.
 *
 * <p>Nothing here may make the sides uneven: steps written for one side change together with their twin on the other; one-sided
 * rounds that take turns only come in even numbers; a flow that holds a side of its own keeps its rounds and doses. Rounds go
 * up to half as many again, at least two more, and not below the first round of a written change (ours).
 */
public final class Choices {
    private static final int ROUND = 10;
    private static final int TRIM = 15;
    private static final int MOST_INNER = 2_000;
    private static final int NO_OPINION = 5;
    private static final int LEAST_PRIORITY_WEIGHT = 10;
    private static final int REST_PERCENT = 8;
    private static final int REST_STEP_SECONDS = 15;

    /**
     * One part with every form it may take, the written form first.
     *
     * @param forms the changed nodes of each form; a step and its twin together
     * @param costs what each form costs, in fifths
     */
    record Part(NodeId node, List<List<Node>> forms, List<Long> costs) {
        boolean isFree() {
            return forms.size() > 1;
        }
    }

    private final ClassPlan plan;
    private final FitRequest request;
    private final PoseCatalogue catalogue;
    private final @Nullable Level level;
    private final Set<NodeId> unlocked;

    /** @param unlocked parts whose lock is not looked at, to see what it costs */
    Choices(ClassPlan plan, FitRequest request, PoseCatalogue catalogue, Set<NodeId> unlocked) {
        this.plan = plan;
        this.request = request;
        this.catalogue = catalogue;
        this.level = request.level();
        this.unlocked = unlocked;
    }

    /** All parts that may take more than one form, in the order of the plan. */
    List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        Set<NodeId> done = new HashSet<>();
        for (Section section : plan.sections()) {
            boolean locked = isLocked(section.id(), section.marks());
            for (Item item : section.items()) {
                if (!done.add(item.id())) continue;
                Part part = item instanceof Flow flow
                        ? flow(flow, section, locked)
                        : step((Step) item, section, locked, done);
                if (part.isFree()) parts.add(part);
            }
        }
        return parts;
    }

    /** Optional parts that may be left out, what goes first first; a step for one side goes with its twin or not at all. */
    List<Trim> trims() {
        List<Trim> trims = new ArrayList<>();
        if (!request.freedom().optional()) return trims;
        for (Section section : plan.sections()) {
            if (isLocked(section.id(), section.marks()) || section.role() == SectionRole.REST) continue;
            Set<NodeId> done = new HashSet<>();
            for (Item item : section.items()) {
                if (item instanceof Step step) trim(step, section, done, trims);
                else trims((Flow) item, trims);
            }
        }
        trims.sort(Comparator.comparing(Trim::cost));
        return trims;
    }

    /** @param cost what leaving it out costs, in fifths */
    record Trim(List<Node> nodes, long cost) {}

    private void trim(Step step, Section section, Set<NodeId> done, List<Trim> trims) {
        if (!done.add(step.id()) || !isOptional(step)) return;
        boolean alternates = step.sides() instanceof SideRule.Crossing && !isOpen(ChosenDose.of(step, level));
        if (alternates) return;
        List<Node> nodes = new ArrayList<>(List.of(step));
        if (oneSide(step) != null) {
            Step twin = twin(step, section, done);
            if (twin == null || !isOptional(twin)) return;
            done.add(twin.id());
            nodes.add(twin);
        }
        trims.add(new Trim(nodes, weight(step.marks()) * TRIM));
    }

    private void trims(Flow flow, List<Trim> trims) {
        if (isLocked(flow.id(), flow.marks())) return;
        if (isOptional(flow)) {
            if (FlowBalance.isBalanced(flow)) trims.add(new Trim(List.of(flow), weight(flow.marks()) * TRIM));
            return;
        }
        if (!FlowBalance.isBalanced(flow)) return;
        long needed = flow.steps().stream().filter(step -> !isOptional(step)).count();
        for (Node child : flow.children()) {
            boolean optional = isOptional(child);
            if (optional && (needed > 0 || child instanceof Link))
                trims.add(new Trim(List.of(child), weight(marks(child)) * TRIM));
        }
    }

    /** Nothing that is locked goes, neither by itself nor with what it stands in. */
    private boolean isOptional(Node node) {
        return marks(node).optional() && !holdsLocked(node);
    }

    private boolean holdsLocked(Node node) {
        boolean marked = !(node instanceof Layer);
        return (marked && isLocked(node.id(), marks(node)))
                || node.children().stream().anyMatch(this::holdsLocked);
    }

    private boolean isLocked(NodeId id, Marks marks) {
        return marks.locked() && !unlocked.contains(id);
    }

    static Marks marks(Node node) {
        if (node instanceof Step step) return step.marks();
        if (node instanceof Flow flow) return flow.marks();
        return node instanceof Link link ? link.marks() : ((Section) node).marks();
    }

    /** Costs count in fifths: no opinion is five of them, priority 1 nine, priority 9 one. */
    static long weight(Marks marks) {
        return marks.priority() == null ? NO_OPINION : LEAST_PRIORITY_WEIGHT - marks.priority();
    }

    // --- steps outside flows

    private Part step(Step step, Section section, boolean locked, Set<NodeId> done) {
        Part frozen = new Part(step.id(), List.of(List.of(step)), List.of(0L));
        Step twin = null;
        if (oneSide(step) != null) {
            twin = twin(step, section, done);
            if (twin == null) return frozen;
            done.add(twin.id());
        }
        boolean fixed =
                locked || isLocked(step.id(), step.marks()) || (twin != null && isLocked(twin.id(), twin.marks()));
        if (fixed || level != null && step.isLeftOutFor(level)) return frozen;
        boolean rest = section.role() == SectionRole.REST;
        if (rest && !request.freedom().rest()) return frozen;
        Dose now = ChosenDose.of(step, level);
        if (step.sides() instanceof SideRule.Crossing && !isOpen(now)) return frozen;
        List<Dose> doses = rest ? restDoses(step, now) : doses(step, now);
        List<List<Node>> forms = new ArrayList<>();
        List<Long> costs = new ArrayList<>();
        for (Dose dose : withFirst(doses, now)) {
            List<Node> form = new ArrayList<>();
            form.add(dose.equals(now) ? step : ChosenDose.in(step, level, dose));
            if (twin != null) form.add(dose.equals(now) ? twin : ChosenDose.in(twin, level, dose));
            forms.add(form);
            costs.add(weight(step.marks()) * Amounts.cost(now, dose, breathCost(step, section)));
        }
        return new Part(step.id(), forms, costs);
    }

    private static List<Dose> withFirst(List<Dose> doses, Dose first) {
        List<Dose> all = new ArrayList<>(doses);
        all.remove(first);
        all.add(0, first);
        return all;
    }

    private static boolean isOpen(Dose dose) {
        return dose instanceof Dose.Open || dose instanceof Dose.OwnPace;
    }

    private int breathCost(Step step, Section section) {
        boolean peak = section.role() == SectionRole.PEAK
                || (step.pose() != null && step.pose().equals(plan.settings().peak()));
        return peak ? Amounts.PEAK_BREATH : Amounts.BREATH;
    }

    private static @Nullable Side oneSide(Step step) {
        SideRule rule = step.sides() instanceof SideRule.Compound compound ? compound.base() : step.sides();
        return rule instanceof SideRule.Only only ? only.side() : null;
    }

    /** The step that does the same on the other side, in the same section and not taken yet. */
    private @Nullable Step twin(Step step, Section section, Set<NodeId> done) {
        for (Item item : section.items()) {
            if (!(item instanceof Step other) || done.contains(other.id()) || other.pose() == null) continue;
            boolean mirrors = other.pose().equals(step.pose())
                    && other.sides().equals(step.sides().mirrored())
                    && other.dose().equals(step.dose())
                    && doseLayers(other).equals(doseLayers(step));
            if (mirrors) return other;
        }
        return null;
    }

    private static List<Object> doseLayers(Step step) {
        List<Object> layers = new ArrayList<>();
        step.layers().forEach(layer -> layers.add(List.of(layer.when(), layer.edit())));
        return layers;
    }

    /** The doses a step may take: of its written range; else, where that is allowed, of its pose's usual one or of open time. */
    private List<Dose> doses(Step step, Dose now) {
        Dose written = level == null ? step.dose() : step.doseFor(level);
        List<Dose> doses = List.of(now);
        if (written instanceof Range range) {
            doses = Amounts.between(range.low(), now, range.high());
        } else if (isOpen(now) && request.freedom().openTime()) {
            int seconds = Amounts.amount(now);
            doses = new ArrayList<>();
            for (int s = seconds - seconds / 2 / 15 * 15; s <= seconds + seconds / 2 / 15 * 15; s += 15) {
                if (s <= most(now))
                    doses.add(now instanceof Dose.Open open ? open.withSeconds(s) : new Dose.OwnPace(s));
            }
        } else if (request.freedom().usualRanges()) {
            Pose pose = poseAt(step);
            if (pose != null) doses = usual(pose, now);
        }
        if (step.sides() instanceof SideRule.Alternating rule && !rule.aSide()) {
            doses = doses.stream().filter(d -> d.equals(now) || isEven(d)).toList();
        }
        return doses;
    }

    private static int most(Dose kind) {
        return kind instanceof Dose.Open ? Dose.OPEN_SECONDS.most() : Dose.SECONDS.most();
    }

    private static boolean isEven(Dose dose) {
        return !(dose instanceof Reps reps) || reps.reps() % 2 == 0;
    }

    private List<Dose> usual(Pose pose, Dose now) {
        Dose range = pose.range(level == null ? plan.settings().level() : level);
        if (range == null) return List.of(now);
        Dose low = range.at(Dose.Reading.LOW);
        Dose high = range.at(Dose.Reading.HIGH);
        if (low.getClass() != now.getClass()) return List.of(now);
        if (now instanceof Reps reps) {
            int least = Math.min(reps.reps(), ((Reps) low).reps());
            int most = Math.max(reps.reps(), ((Reps) high).reps());
            return Amounts.between(reps.withReps(least), now, reps.withReps(most));
        }
        if (now instanceof Dose.Breaths hold) {
            int least = Math.min(hold.breaths(), ((Dose.Breaths) low).breaths());
            int most = Math.max(hold.breaths(), ((Dose.Breaths) high).breaths());
            return Amounts.between(new Dose.Breaths(least), now, new Dose.Breaths(most));
        }
        return List.of(now);
    }

    private @Nullable Pose poseAt(Step step) {
        String pose = level == null ? step.pose() : step.poseFor(level);
        return pose == null ? null : catalogue.pose(pose);
    }

    /** Not below the smaller of what is written and 8 % of the target. */
    private List<Dose> restDoses(Step step, Dose now) {
        long least = request.targetMs() * REST_PERCENT / 100;
        if (now instanceof Dose.Seconds || isOpen(now)) {
            int seconds = Amounts.amount(now);
            List<Dose> doses = new ArrayList<>();
            for (int s = seconds % REST_STEP_SECONDS; s <= seconds + seconds / 2; s += REST_STEP_SECONDS) {
                if (s < 1 || s > most(now) || s < Math.min(seconds, (least + 999) / Millis.SECOND)) continue;
                if (now instanceof Dose.Seconds) doses.add(new Dose.Seconds(s));
                else doses.add(now instanceof Dose.Open open ? open.withSeconds(s) : new Dose.OwnPace(s));
            }
            return doses;
        }
        return List.of(now);
    }

    // --- flows

    private Part flow(Flow flow, Section section, boolean locked) {
        boolean frozen = locked
                || isLocked(flow.id(), flow.marks())
                || section.role() == SectionRole.REST
                || !FlowBalance.isBalanced(flow);
        Part asWritten = new Part(flow.id(), List.of(List.of(flow)), List.of(0L));
        if (frozen) return asWritten;
        Map<Flow, Long> forms = new LinkedHashMap<>();
        forms.put(flow, 0L);
        for (int rounds : rounds(flow)) {
            long cost = weight(flow.marks())
                    * ROUND
                    * Math.abs(rounds - flow.settings().rounds());
            forms.put(
                    rounds == flow.settings().rounds()
                            ? flow
                            : flow.with(flow.settings().withRounds(rounds)),
                    cost);
        }
        if (!rounds(flow).contains(flow.settings().rounds())) forms.remove(flow);
        for (Step step : flow.steps()) {
            if (isLocked(step.id(), step.marks())) continue;
            Dose now = ChosenDose.of(step, level);
            List<Dose> doses = doses(step, now);
            if (doses.size() < 2 || (long) forms.size() * doses.size() > MOST_INNER) continue;
            forms = multiplied(forms, step, now, withFirst(doses, now), breathCost(step, section));
        }
        List<List<Node>> nodes = new ArrayList<>();
        forms.keySet().forEach(form -> nodes.add(List.of(form)));
        return new Part(flow.id(), nodes, List.copyOf(forms.values()));
    }

    private Map<Flow, Long> multiplied(Map<Flow, Long> forms, Step step, Dose now, List<Dose> doses, int breathCost) {
        Map<Flow, Long> all = new LinkedHashMap<>();
        forms.forEach((form, cost) -> {
            for (Dose dose : doses) {
                Flow other = dose.equals(now) ? form : with(form, step.id(), dose);
                all.put(other, cost + weight(step.marks()) * Amounts.cost(now, dose, breathCost));
            }
        });
        return all;
    }

    private Flow with(Flow flow, NodeId step, Dose dose) {
        List<Node> children = new ArrayList<>();
        for (Node child : flow.children()) {
            children.add(child.id().equals(step) ? ChosenDose.in((Step) child, level, dose) : child);
        }
        return flow.withChildren(children);
    }

    /** The numbers of rounds it may have, the fewest first. */
    private List<Integer> rounds(Flow flow) {
        FlowSettings settings = flow.settings();
        int now = settings.rounds();
        boolean pairs =
                settings.counting() == Counting.ONE_SIDE && settings.sides().leads() == Leads.ALTERNATING;
        if (!request.freedom().rounds()) return List.of(now);
        List<Integer> all = new ArrayList<>();
        int most = Math.min(FlowSettings.ROUNDS.most(), now + Math.max(2, now / 2));
        for (int n = fewest(flow, now); n <= most; n++) if (!pairs || n % 2 == 0) all.add(n);
        return all.isEmpty() ? List.of(now) : all;
    }

    private int fewest(Flow flow, int now) {
        int fewest = Math.min(now, request.begun().getOrDefault(flow.id(), 1));
        for (When when : FlowBalance.guards(flow)) {
            if (when.rounds() == null || when.rounds().from() == null) continue;
            if (when.rounds().from() <= now)
                fewest = Math.max(fewest, when.rounds().from());
        }
        return fewest;
    }

    /** Locked parts, each of which alone could be asked to give way. */
    List<Node> locks() {
        List<Node> locks = new ArrayList<>();
        plan.walk(node -> {
            boolean marked = node instanceof Section || node instanceof Flow || node instanceof Step;
            if (marked && marks(node).locked()) locks.add(node);
        });
        return locks;
    }
}
