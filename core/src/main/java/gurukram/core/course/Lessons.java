package gurukram.core.course;

import gurukram.core.compose.Composer;
import gurukram.core.compose.ThemeWords;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Pool;
import gurukram.core.notation.NamedFlows;
import gurukram.core.notation.line.TwelvePositions;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Drafts the lessons of a course. A lesson takes the flow of the one before it and lets it grow; everything else varies. It leads no higher
 * on the ladder than the group stands.
 */
public final class Lessons {
    private static final int MOST_TAUGHT = 10;
    private static final long OFF_MS = 30_000;
    private static final int MOST_IDEAS = 6;

    private final Composer composer;
    private final PoseCatalogue catalogue;
    private final ThemeWords words;

    public Lessons(Composer composer, PoseCatalogue catalogue, ThemeWords words) {
        this.composer = composer;
        this.catalogue = catalogue;
        this.words = words;
    }

    /**
     * A lesson that was drafted.
     *
     * @param flow the part that goes on from lesson to lesson; null where the class has no flow
     * @param whole that flow with the layers that only wait for more rounds
     * @param words what of the course could not be as it says, and why: whole sentences
     */
    public record Drafted(
            Draft draft,
            ClassPlan plan,
            @Nullable NodeId flow,
            @Nullable Flow whole,
            List<String> words) {}

    /** A flow that goes on, and where it stood. */
    public record Last(SectionRole role, Flow flow) {
        /** With the layers it had when it was drafted and that waited for more rounds; null changes nothing. */
        public Last with(@Nullable Flow whole) {
            return whole == null ? this : new Last(role, MainFlow.whole(flow, whole));
        }
    }

    /**
     * @param group style, level, people, school and what was taught lately; its peak and theme are not looked at
     * @param ladder the one the course follows; null for none
     * @param stands the rung the group stands on; null where nothing is known and the course's own word holds
     * @param last the flow of the lesson before; null begins one
     */
    public Drafted draft(
            Course course,
            Cell cell,
            Brief group,
            @Nullable Ladder ladder,
            @Nullable Integer stands,
            @Nullable Last last) {
        List<String> said = new ArrayList<>();
        Brief brief = brief(course, cell, group, ladder, stands, said);
        if (last == null && course.aim().kind() == Aim.Kind.SALUTATION) last = salutation(course, group);
        boolean another = cell.newFlow() && course.aim().kind() != Aim.Kind.SALUTATION;
        boolean flows = course.rhythm() != Rhythm.DAILY || course.aim().kind() == Aim.Kind.SALUTATION;
        Optional<Last> goesOn = !flows || another || last == null ? Optional.empty() : possible(last, brief, said);
        Draft free = null;
        if (goesOn.isEmpty()) {
            free = free(course, brief, cell.n());
            if (flows) goesOn = main(course, free.plan());
        }
        if (goesOn.isPresent()) return grown(course, cell, brief, goesOn.get(), said);
        if (free == null) free = free(course, brief, cell.n());
        if (flows) said.add("The class has no flow that could go on.");
        return new Drafted(free, named(unlocked(free.plan()), course, cell), null, null, said);
    }

    /** The first that fits its time: one idea after the other; in a short class one pose of the theme less. */
    private Draft free(Course course, Brief brief, int from) {
        boolean isShort = course.minutes() < Brief.SHORT_MINUTES && course.aim().kind() != Aim.Kind.PEAK;
        Draft nearest = null;
        for (int i = 0; i < MOST_IDEAS; i++) {
            Draft draft = isShort ? composer.compose(themed(brief, i), from) : composer.compose(brief, from + (long) i);
            if (nearest == null || off(draft) < off(nearest)) nearest = draft;
            if (off(nearest) <= OFF_MS) break;
        }
        return Objects.requireNonNull(nearest);
    }

    private Brief themed(Brief brief, int fewer) {
        Set<String> wanted = new LinkedHashSet<>(brief.wanted());
        wanted.addAll(Challenge.poses(brief, catalogue, fewer));
        return brief.withPoses(wanted, brief.unwanted());
    }

    private static long off(Draft draft) {
        return Math.abs(draft.totalMs() - 60_000L * draft.brief().minutes());
    }

    /** With the flow as much as the lesson has of it, or as much less as the time asks for. */
    private Drafted grown(Course course, Cell cell, Brief brief, Last goesOn, List<String> said) {
        int[] names = {0};
        Flow own = (Flow) NodeNames.renamed(goesOn.flow(), id -> new NodeId("going-on-" + ++names[0]));
        int wanted = cell.doneRounds();
        for (int rounds = wanted; ; rounds--) {
            Flow whole = MainFlow.grown(own, cell, rounds);
            Flow flow = locked(MainFlow.pruned(whole), true);
            Draft draft = composer.compose(brief.withKept(List.of(new Brief.Kept(goesOn.role(), flow))), cell.n());
            boolean fits = off(draft) <= OFF_MS;
            if (!fits && rounds > 1) continue;
            if (rounds < wanted)
                said.add("%s do not fit into %d minutes; the flow has %s."
                        .formatted(Words.count(wanted, "round"), course.minutes(), rounds));
            return new Drafted(draft, named(unlocked(draft.plan()), course, cell), flow.id(), whole, said);
        }
    }

    private Brief brief(
            Course course,
            Cell cell,
            Brief group,
            @Nullable Ladder ladder,
            @Nullable Integer stands,
            List<String> said) {
        boolean peak = course.aim().kind() == Aim.Kind.PEAK;
        String theme = cell.theme();
        if (theme.isEmpty() && !peak) theme = course.aim().value();
        Theme told = theme.isEmpty() ? Theme.NONE : Theme.titled(theme);
        Brief brief = Brief.to(peak ? course.aim().value() : null, course.minutes(), group.style(), group.level())
                .with(told, words.in(theme))
                .with(group.group())
                .with(group.school())
                .with(group.begins())
                .with(group.flavour())
                .withMixed(group.mixed())
                .withSupervised(course.supervised())
                .withPoses(group.wanted(), group.unwanted())
                .withTaught(group.taught().stream().limit(MOST_TAUGHT).toList(), false)
                .withPeakBreaths(peak ? cell.heldBreaths() : null)
                .with(wishes(group, cell));
        Map<String, Integer> reached = new LinkedHashMap<>(group.reached());
        if (ladder != null && cell.rung() != null) {
            int most = stands == null ? course.startRung() : stands;
            if (cell.rung() > most)
                said.add("The course has rung %d here; the group stands on %d, and the class leads no higher."
                        .formatted(cell.rung(), most));
            reached.put(ladder.id(), Math.min(cell.rung(), most));
        }
        return brief.withReached(reached);
    }

    private static Set<Wish> wishes(Brief group, Cell cell) {
        Set<Wish> wishes = EnumSet.noneOf(Wish.class);
        wishes.addAll(group.wishes());
        if (cell.lighter()) wishes.add(Wish.GENTLER);
        return wishes;
    }

    /** The salutation a course leads to, its legs by the school of the group; null where no such is known. */
    private @Nullable Last salutation(Course course, Brief group) {
        int[] names = {0};
        Supplier<NodeId> ids = () -> new NodeId("salutation-" + ++names[0]);
        School.LegRule own = group.school().legRule();
        Optional<Flow> twelve = new TwelvePositions(catalogue, ids)
                .read(course.aim().value(), own == null ? School.LegRule.RETURNING : own);
        return twelve.or(() -> NamedFlows.ours()
                        .read(course.aim().value(), catalogue, ids)
                        .map(NamedFlows.Call::flow))
                .map(flow -> new Last(SectionRole.SALUTATIONS, flow))
                .orElse(null);
    }

    /** The flow of the lesson before, where everybody may still do all of it. */
    private Optional<Last> possible(Last last, Brief brief, List<String> said) {
        Pool pool = new Pool(catalogue, brief);
        for (String id : posesIn(last.flow())) {
            String stop = !catalogue.has(id)
                    ? "there is no such pose any more"
                    : pool.against(catalogue.pose(id)).map(out -> out.words()).orElse("");
            if (stop.isEmpty()) continue;
            String name = catalogue.has(id) ? catalogue.pose(id).name() : id;
            said.add("The flow of the %s before does not go on: %s, %s.".formatted("lesson", name, stop));
            return Optional.empty();
        }
        return Optional.of(last);
    }

    private static List<String> posesIn(Flow flow) {
        List<String> poses = new ArrayList<>();
        for (Step step : flow.steps()) {
            if (step.pose() != null) poses.add(step.pose());
            for (Layer layer : step.layers())
                if (layer.edit() instanceof Layer.Become become && become.pose() != null) poses.add(become.pose());
        }
        return poses;
    }

    /** What goes on from lesson to lesson: the main flow, else the salutation; in a course to a salutation that. */
    private static Optional<Last> main(Course course, ClassPlan plan) {
        Optional<MainFlow.At> salutation = MainFlow.salutation(plan);
        Optional<MainFlow.At> found = course.aim().kind() == Aim.Kind.SALUTATION
                ? salutation
                : MainFlow.of(plan).or(() -> salutation);
        return found.map(at -> new Last(at.role(), at.flow()));
    }

    /** The flow of a class that the next lesson goes on with. */
    public static @Nullable Last last(Course course, ClassPlan plan, @Nullable String node) {
        for (Section section : plan.sections())
            for (var item : section.items())
                if (item instanceof Flow flow && flow.id().value().equals(node)) return new Last(section.role(), flow);
        return main(course, plan).orElse(null);
    }

    private static Flow locked(Flow flow, boolean lock) {
        return flow.with(flow.marks().lock(lock));
    }

    /** What was held fast while it was drafted is the teacher's to change. */
    private static ClassPlan unlocked(ClassPlan plan) {
        List<PlanEdit> edits = new ArrayList<>();
        plan.walk(node -> {
            if (node instanceof Flow flow && flow.marks().locked()) edits.add(new PlanEdit.Change(locked(flow, false)));
            if (node instanceof Step step && step.marks().locked())
                edits.add(new PlanEdit.Change(step.with(step.marks().lock(false))));
        });
        ClassPlan now = plan;
        for (PlanEdit edit : edits) now = edit.applyTo(now);
        return now;
    }

    private static ClassPlan named(ClassPlan plan, Course course, Cell cell) {
        return plan.with(plan.settings().withTitle(course.name(cell.n())));
    }
}
