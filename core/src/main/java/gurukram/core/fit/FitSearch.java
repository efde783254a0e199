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
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The search for the least change that gives a class a length.
 *
 * <p>Within one scenario every part's length is independent of the others, so that choosing is a sum ({@link LeastChange}).
 * What would make parts depend on each other is enumerated outside: which of at most six optional parts are left out, and, for
 * a flow whose number of rounds decides which poses it has met or how it ends, which of these ways it goes. Every answer is
 * unfolded again and must be as long as it was reckoned.
 */
final class FitSearch {
    static final int MOST_TRIMS = 6;
    private static final int MOST_SCENARIOS = 512;

    /** One way the parts that depend on each other can go. */
    private record Scenario(List<Choices.Trim> trims, Map<NodeId, Long> ways) {
        long cost() {
            return trims.stream().mapToLong(Choices.Trim::cost).sum();
        }
    }

    /** The best answer so far: its parts in the order of the plan. */
    private record Best(Scenario scenario, ClassPlan trimmed, List<Node> parts, long lengthMs, long cost) {}

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final ClassPlan plan;
    private final FitRequest request;
    private final @Nullable Level level;
    private final Set<NodeId> unlocked;
    private final Map<NodeId, Section> sectionOf = new HashMap<>();
    private final Map<List<Node>, Long> works;
    private final Map<Choices.Part, long[]> ways = new IdentityHashMap<>();
    private final Map<Flow, Long> wayOfFlow;
    private final long before;
    private List<Choices.Part> parts = List.of();
    private long shortest = Long.MAX_VALUE;
    private long longest = -1;
    private @Nullable Best best;

    /** What parts by themselves are, whatever the class around them: for classes with the same settings at one level. */
    static final class Known {
        private final Map<List<Node>, Long> works = new HashMap<>();
        private final Map<Flow, Long> wayOfFlow = new HashMap<>();
    }

    private FitSearch(
            PoseCatalogue catalogue,
            Unfolder unfolder,
            ClassPlan plan,
            FitRequest request,
            Set<NodeId> unlocked,
            Known known) {
        this.works = known.works;
        this.wayOfFlow = known.wayOfFlow;
        this.catalogue = catalogue;
        this.unfolder = unfolder;
        this.plan = plan;
        this.request = request;
        this.level = request.level();
        this.unlocked = unlocked;
        this.before = unfolder.unfold(plan, level).totalMs();
        plan.sections().forEach(section -> section.items().forEach(item -> sectionOf.put(item.id(), section)));
    }

    /** @param unlocked parts whose lock is not looked at, to see what it costs */
    static FitSearch of(
            PoseCatalogue catalogue, Unfolder unfolder, ClassPlan plan, FitRequest request, Set<NodeId> unlocked) {
        return of(catalogue, unfolder, plan, request, unlocked, new Known());
    }

    static FitSearch of(
            PoseCatalogue catalogue,
            Unfolder unfolder,
            ClassPlan plan,
            FitRequest request,
            Set<NodeId> unlocked,
            Known known) {
        FitSearch search = new FitSearch(catalogue, unfolder, plan, request, unlocked, known);
        search.run();
        return search;
    }

    boolean hasFound() {
        return best != null;
    }

    /** The shortest and the longest the class can become, ms. */
    long shortest() {
        return shortest;
    }

    long longest() {
        return longest;
    }

    List<Choices.Part> parts() {
        return parts;
    }

    private void run() {
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

    /** What a flow leaves behind for the rest of the class, as a number; a sway leaves the side it ends on, other steps nothing that changes. */
    private long way(List<Node> form) {
        if (form.get(0) instanceof Step step) {
            boolean sways = step.sides() instanceof SideRule.Alternating rule && !rule.aSide();
            return sways && ChosenDose.of(step, level) instanceof Reps reps ? reps.reps() % 2 : 0;
        }
        Flow flow = (Flow) form.get(0);
        return wayOfFlow.computeIfAbsent(flow, f -> Traces.of(f, mini(List.of(f)), catalogue));
    }

    private Score mini(List<Node> form) {
        Section section = Objects.requireNonNull(sectionOf.get(form.get(0).id()), "every part stands in a section");
        return unfolder.unfold(new ClassPlan(plan.settings(), List.of(section.withChildren(form))), level);
    }

    /** Work of a form, ms; independent of what stands around it. */
    long work(List<Node> form) {
        return works.computeIfAbsent(
                form, f -> mini(f).moments().stream().mapToLong(Moment::workMs).sum());
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

    private Choice choice(Choices.Part part, @Nullable Long way, long overhead, ClassPlan standing, List<Node> stands) {
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
            options.add(
                    new Choice.Option(form, before + work(form), part.costs().get(k)));
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
    FitAnswer.Fits fits() {
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
