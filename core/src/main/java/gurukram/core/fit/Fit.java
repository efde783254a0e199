package gurukram.core.fit;

import gurukram.core.dose.Reps;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Level;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Fits a class to a length: the least change of what is written, exactly, and always the same for the same class.
 *
 * <p>Within one scenario every part's length is independent of the others, so that choosing is a sum ({@link LeastChange}).
 * What would make parts depend on each other is enumerated outside: which of at most six optional parts are left out, and, for
 * a flow whose number of rounds decides which poses it has met or how it ends, which of these ways it goes. Every answer is
 * unfolded again and must be as long as it was reckoned.
 */
public final class Fit {
    static final int MOST_TRIMS = 6;
    private static final int MOST_SCENARIOS = 512;
    /** As near to the minute as a breath allows. */
    private static final long NEAR_MS = 5_000;
    /** The shortest breath of a hold: what a breath more brings at least. */
    private static final long BREATH_MS = 6_000;
    /** Costs count in fifths. */
    private static final int FIFTHS = 5;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;

    public Fit(PoseCatalogue catalogue, Unfolder unfolder) {
        this.catalogue = catalogue;
        this.unfolder = unfolder;
    }

    /**
     * The least change that ends within the tolerance. Where ending within {@value #NEAR_MS} ms costs no more than breaths
     * do for the time by which that is nearer, the change that does so: on the minute, and not as far off it as is allowed (ours). What fits as it is stays as it is.
     */
    public FitAnswer fit(ClassPlan plan, FitRequest request) {
        FitAnswer least = least(plan, request);
        if (!(least instanceof FitAnswer.Fits fits) || fits.changes().isEmpty()) return least;
        long off = Math.abs(fits.afterMs() - request.targetMs());
        if (off <= NEAR_MS || request.toleranceMs() <= NEAR_MS) return least;
        Run near = new Run(plan, request.within(NEAR_MS), Set.of());
        near.search();
        if (near.best == null) return least;
        long nearer = off - Math.abs(near.best.lengthMs - request.targetMs());
        long breaths = (nearer + BREATH_MS - 1) / BREATH_MS;
        return near.best.cost <= fits.cost() + breaths * Amounts.BREATH * FIFTHS ? near.fits() : least;
    }

    /** The least change that ends within the tolerance, however far off in it; of equally cheap ones the nearest. */
    FitAnswer least(ClassPlan plan, FitRequest request) {
        Run run = new Run(plan, request, Set.of());
        run.search();
        if (run.best != null) return run.fits();
        return run.cannot(helps(plan, request, run));
    }

    /** Each lock that alone stands in the way, and each freedom not given that alone would do. */
    private List<FitAnswer.Help> helps(ClassPlan plan, FitRequest request, Run run) {
        List<FitAnswer.Help> helps = new ArrayList<>();
        FitWords words = new FitWords(catalogue, request.level());
        for (Node lock : new Choices(plan, request, catalogue, Set.of()).locks()) {
            if (can(plan, request, Set.of(lock.id()))) {
                helps.add(new FitAnswer.Help(lock.id(), "Unlock " + words.name(lock)));
            }
        }
        FitRequest.Freedom f = request.freedom();
        Map<String, FitRequest.Freedom> wider = new LinkedHashMap<>();
        if (!f.rounds())
            wider.put(
                    "Let rounds change",
                    new FitRequest.Freedom(true, f.usualRanges(), f.openTime(), f.optional(), f.rest()));
        if (!f.usualRanges())
            wider.put(
                    "Let holds move within their usual range",
                    new FitRequest.Freedom(f.rounds(), true, f.openTime(), f.optional(), f.rest()));
        if (!f.openTime())
            wider.put(
                    "Let open time change",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), true, f.optional(), f.rest()));
        if (!f.optional())
            wider.put(
                    "Let optional parts be left out",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), f.openTime(), true, f.rest()));
        if (!f.rest())
            wider.put(
                    "Let the final rest change",
                    new FitRequest.Freedom(f.rounds(), f.usualRanges(), f.openTime(), f.optional(), true));
        wider.forEach((what, freedom) -> {
            FitRequest other = new FitRequest(request.targetMs(), request.toleranceMs(), request.level(), freedom);
            if (can(plan, other, Set.of())) helps.add(new FitAnswer.Help(NodeId.CLASS, what));
        });
        helps.addAll(ranges(plan, request, run));
        return helps;
    }

    private boolean can(ClassPlan plan, FitRequest request, Set<NodeId> unlocked) {
        Run run = new Run(plan, request, unlocked);
        run.search();
        return run.best != null;
    }

    /** Written ranges that would do if their end went on: what is missing fits into half as much again of the step. */
    private List<FitAnswer.Help> ranges(ClassPlan plan, FitRequest request, Run run) {
        List<FitAnswer.Help> helps = new ArrayList<>();
        FitWords words = new FitWords(catalogue, request.level());
        boolean tooShort = run.longest < request.shortestMs();
        long missing = tooShort ? request.shortestMs() - run.longest : run.shortest - request.longestMs();
        if (missing <= 0) return helps;
        for (Choices.Part part : run.parts) {
            Node node = part.forms().get(0).get(0);
            if (!(node instanceof Step step) || Choices.marks(step).locked()) continue;
            long most = part.forms().stream()
                    .mapToLong(form -> run.work(form))
                    .max()
                    .orElse(0);
            long least = part.forms().stream()
                    .mapToLong(form -> run.work(form))
                    .min()
                    .orElse(0);
            boolean would = tooShort ? most / 2 >= missing : least / 2 >= missing;
            if (would)
                helps.add(new FitAnswer.Help(
                        step.id(), (tooShort ? "Let it go further: " : "Let it go lower: ") + words.name(step)));
        }
        return helps;
    }

    /** One way the parts that depend on each other can go. */
    private record Scenario(List<Choices.Trim> trims, Map<NodeId, Long> ways) {
        long cost() {
            return trims.stream().mapToLong(Choices.Trim::cost).sum();
        }

        Set<NodeId> gone() {
            Set<NodeId> gone = new HashSet<>();
            trims.forEach(trim -> trim.nodes().forEach(node -> gone.add(node.id())));
            return gone;
        }
    }

    /** The best answer so far: its parts in the order of the plan. */
    private record Best(Scenario scenario, ClassPlan trimmed, List<Node> parts, long lengthMs, long cost) {}

    private final class Run {
        private final ClassPlan plan;
        private final FitRequest request;
        private final @Nullable Level level;
        private final Set<NodeId> unlocked;
        private final Map<NodeId, Section> sectionOf = new HashMap<>();
        private final Map<List<Node>, Long> works = new HashMap<>();
        private final long before;
        private List<Choices.Part> parts = List.of();
        private long shortest = Long.MAX_VALUE;
        private long longest = -1;
        private @Nullable Best best;

        Run(ClassPlan plan, FitRequest request, Set<NodeId> unlocked) {
            this.plan = plan;
            this.request = request;
            this.level = request.level();
            this.unlocked = unlocked;
            this.before = unfolder.unfold(plan, level).totalMs();
            plan.sections().forEach(section -> section.items().forEach(item -> sectionOf.put(item.id(), section)));
        }

        void search() {
            Choices choices = new Choices(plan, request, catalogue, unlocked);
            parts = choices.parts();
            List<Choices.Trim> trims = choices.trims();
            if (trims.size() > MOST_TRIMS) trims = trims.subList(0, MOST_TRIMS);
            int left = MOST_SCENARIOS;
            for (List<Choices.Trim> gone : subsets(trims)) {
                if (best != null && gone.stream().mapToLong(Choices.Trim::cost).sum() > best.cost) continue;
                ClassPlan trimmed = without(plan, gone);
                List<Choices.Part> free =
                        gone.isEmpty() ? parts : new Choices(trimmed, request, catalogue, unlocked).parts();
                for (Map<NodeId, Long> ways : ways(free)) {
                    Scenario scenario = new Scenario(gone, ways);
                    boolean hopeless = best != null && scenario.cost() + least(free, ways) > best.cost;
                    if (!hopeless && left-- > 0) scenario(scenario, trimmed, free);
                }
            }
        }

        /** Every subset, those that leave out less first, then in order. */
        private List<List<Choices.Trim>> subsets(List<Choices.Trim> trims) {
            List<List<Choices.Trim>> subsets = new ArrayList<>();
            for (int mask = 0; mask < 1 << trims.size(); mask++) {
                List<Choices.Trim> subset = new ArrayList<>();
                for (int i = 0; i < trims.size(); i++) if ((mask >> i & 1) == 1) subset.add(trims.get(i));
                subsets.add(subset);
            }
            subsets.sort(Comparator.comparing(List::size));
            return subsets;
        }

        /** For every flow that ends or leaves off differently by its rounds: each of its ways, by the forms that go it. */
        private List<Map<NodeId, Long>> ways(List<Choices.Part> free) {
            List<Map<NodeId, Long>> all = new ArrayList<>(List.of(Map.of()));
            for (Choices.Part part : free) {
                Set<Long> ways = new TreeSet<>();
                for (long way : waysOf(part)) ways.add(way);
                if (ways.size() < 2) continue;
                List<Map<NodeId, Long>> more = new ArrayList<>();
                for (Map<NodeId, Long> one : all) {
                    for (long way : ways) {
                        Map<NodeId, Long> next = new LinkedHashMap<>(one);
                        next.put(part.node(), way);
                        more.add(next);
                    }
                }
                all = more;
            }
            return all;
        }

        /** What going these ways costs at least. */
        private long least(List<Choices.Part> free, Map<NodeId, Long> ways) {
            long least = 0;
            for (Choices.Part part : free) {
                Long way = ways.get(part.node());
                if (way == null) continue;
                long cheapest = Long.MAX_VALUE;
                for (int k = 0; k < part.forms().size(); k++) {
                    if (way(part.forms().get(k)) == way)
                        cheapest = Math.min(cheapest, part.costs().get(k));
                }
                least += cheapest;
            }
            return least;
        }

        private final Map<Choices.Part, long[]> ways = new IdentityHashMap<>();

        /** The way of every form of a part. */
        private long[] waysOf(Choices.Part part) {
            return ways.computeIfAbsent(
                    part, p -> p.forms().stream().mapToLong(this::way).toArray());
        }

        private int firstOf(Choices.Part part, long way) {
            long[] all = waysOf(part);
            int k = 0;
            while (all[k] != way) k++;
            return k;
        }

        private final Map<Flow, Long> wayOfFlow = new HashMap<>();

        /** What a flow leaves behind for the rest of the class, as a number; a sway leaves the side it ends on, other steps nothing that changes. */
        private long way(List<Node> form) {
            if (form.get(0) instanceof Step step) {
                boolean sways = step.sides() instanceof SideRule.Alternating rule && !rule.aSide();
                return sways && ChosenDose.of(step, level) instanceof Reps reps ? reps.reps() % 2 : 0;
            }
            Flow flow = (Flow) form.get(0);
            return wayOfFlow.computeIfAbsent(flow, f -> Traces.of(mini(List.of(f)), catalogue));
        }

        private Score mini(List<Node> form) {
            Section section = Objects.requireNonNull(sectionOf.get(form.get(0).id()), "every part stands in a section");
            return unfolder.unfold(new ClassPlan(plan.settings(), List.of(section.withChildren(form))), level);
        }

        /** Work of a form, ms; independent of what stands around it. */
        long work(List<Node> form) {
            return works.computeIfAbsent(
                    form,
                    f -> mini(f).moments().stream().mapToLong(Moment::workMs).sum());
        }

        private void scenario(Scenario scenario, ClassPlan trimmed, List<Choices.Part> free) {
            ClassPlan standing = trimmed;
            List<List<Node>> stands = new ArrayList<>();
            for (Choices.Part part : free) {
                Long way = scenario.ways().get(part.node());
                List<Node> form = part.forms().get(0);
                if (way != null) {
                    form = part.forms().get(firstOf(part, way));
                }
                // also where the written form is none of those it may take: an odd number of turns
                for (Node node : form) {
                    if (!standing.find(node.id()).filter(node::equals).isPresent())
                        standing = with(standing, List.of(node));
                }
                stands.add(form);
            }
            Score score = unfolder.unfold(standing, level);
            Map<NodeId, Long> overheads = overheads(score);
            long fixed = score.totalMs();
            List<Choice> choices = new ArrayList<>();
            for (int i = 0; i < free.size(); i++) {
                Choices.Part part = free.get(i);
                Long way = scenario.ways().get(part.node());
                long overhead = overhead(overheads, part);
                fixed -= overhead + work(stands.get(i));
                choices.add(choice(part, way, overhead, standing, stands.get(i)));
            }
            choose(scenario, trimmed, choices, fixed);
        }

        private Choice choice(
                Choices.Part part, @Nullable Long way, long overhead, ClassPlan standing, List<Node> stands) {
            List<Choice.Option> options = new ArrayList<>();
            Map<Integer, Long> byRounds = new HashMap<>();
            for (int k = 0; k < part.forms().size(); k++) {
                List<Node> form = part.forms().get(k);
                if (way != null && waysOf(part)[k] != way) continue;
                long before = overhead;
                if (form.get(0) instanceof Flow flow && Traces.hasHolds(flow)) {
                    before = byRounds.computeIfAbsent(
                            flow.settings().rounds(),
                            r -> overhead(overheads(unfolder.unfold(with(standing, form), level)), part));
                }
                options.add(new Choice.Option(
                        form, before + work(form), part.costs().get(k)));
            }
            return Choice.of(options);
        }

        private void choose(Scenario scenario, ClassPlan trimmed, List<Choice> choices, long fixed) {
            LeastChange least = new LeastChange(
                    choices, request.shortestMs() - fixed, request.longestMs() - fixed, request.targetMs() - fixed);
            shortest = Math.min(shortest, fixed + least.shortest());
            longest = Math.max(longest, fixed + least.longest());
            long most = best == null ? Long.MAX_VALUE / 4 : best.cost - scenario.cost();
            LeastChange.Picks picks = least.solve(most);
            if (picks == null) return;
            long cost = picks.cost() + scenario.cost();
            long length = fixed + picks.lengthMs();
            boolean better = best == null
                    || cost < best.cost
                    || Math.abs(length - request.targetMs()) < Math.abs(best.lengthMs - request.targetMs());
            if (!better) return;
            List<Node> nodes = new ArrayList<>();
            for (int i = 0; i < choices.size(); i++) {
                nodes.addAll(choices.get(i).options().get(picks.options()[i]).parts());
            }
            best = new Best(scenario, trimmed, nodes, length, cost);
        }

        /** Transitions and setting up by step and by flow, ms. */
        private Map<NodeId, Long> overheads(Score score) {
            Map<NodeId, Long> overheads = new HashMap<>();
            for (Moment moment : score.moments()) {
                NodeId part = moment.flow() == null ? moment.node() : moment.flow();
                overheads.merge(part, moment.transitionMs() + moment.settingUpMs(), Long::sum);
            }
            return overheads;
        }

        private long overhead(Map<NodeId, Long> overheads, Choices.Part part) {
            long sum = 0;
            for (Node node : part.forms().get(0)) {
                sum += overheads.getOrDefault(node.id(), 0L);
                if (node instanceof Step step) {
                    for (Node layer : step.children()) {
                        for (Node inserted : layer.children()) sum += overheads.getOrDefault(inserted.id(), 0L);
                    }
                }
            }
            return sum;
        }

        /** Only after a search that found something. */
        FitAnswer fits() {
            Best best = Objects.requireNonNull(this.best, "nothing was found");
            ClassPlan fitted = best.trimmed;
            List<PlanEdit> edits = new ArrayList<>();
            List<FitAnswer.Change> changes = new ArrayList<>();
            FitWords words = new FitWords(catalogue, level);
            Score unfolded = unfolder.unfold(plan, level);
            for (Choices.Trim trim : best.scenario.trims()) {
                trim.nodes().forEach(node -> edits.add(new PlanEdit.Remove(node.id())));
                changes.add(words.leftOut(trim.nodes(), unfolded));
            }
            for (Node node : best.parts) {
                Node now = fitted.find(node.id()).orElseThrow();
                if (now.equals(node)) continue;
                PlanEdit edit = PlanEdit.instead(fitted, node);
                edits.add(edit);
                fitted = edit.applyTo(fitted);
                changes.add(words.change(now, node, work(List.of(now)), work(List.of(node))));
            }
            long after = unfolder.unfold(fitted, level).totalMs();
            if (after != best.lengthMs) {
                throw new IllegalStateException(
                        "The fitted class lasts %d ms and was reckoned to last %d ms".formatted(after, best.lengthMs));
            }
            PlanEdit edit = PlanEdit.all(edits);
            FitAnswer.Fits answer = new FitAnswer.Fits(before, after, fitted, edit, changes, best.cost);
            List<String> wrong = new FitVerifier(unfolder).problems(plan, request, answer, unlocked);
            if (!wrong.isEmpty()) throw new IllegalStateException("The fitted class is wrong: " + wrong);
            return answer;
        }

        FitAnswer cannot(List<FitAnswer.Help> helps) {
            long misses = shortest > request.longestMs()
                    ? shortest - request.longestMs()
                    : longest < request.shortestMs() ? request.shortestMs() - longest : 0;
            return new FitAnswer.CannotFit(before, shortest, longest, misses, helps);
        }
    }

    private static ClassPlan without(ClassPlan plan, List<Choices.Trim> trims) {
        ClassPlan left = plan;
        for (Choices.Trim trim : trims) {
            for (Node node : trim.nodes()) left = new PlanEdit.Remove(node.id()).applyTo(left);
        }
        return left;
    }

    private static ClassPlan with(ClassPlan plan, List<Node> form) {
        ClassPlan changed = plan;
        for (Node node : form) changed = PlanEdit.instead(changed, node).applyTo(changed);
        return changed;
    }
}
