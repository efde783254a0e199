package gurukram.core.compose;

import gurukram.core.check.Checks;
import gurukram.core.check.Report;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.idea.Concepts;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Doses;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Drafts classes from a brief: backwards from the peak, fitted to the slot, checked and mended. The same brief and the same
 * idea always give the same class; another idea gives another. No clock decides anything: limits count tries.
 */
public final class Composer {
    private static final int MOST_TRIES = 10;
    private static final int TIGHTEST = 4;
    private static final long TOO_LONG_MS = 45_000;
    private static final int MOST_IDEAS = 3;
    /** What a pose must do for the peak or the theme to be missed. */
    private static final double USEFUL = 2.5;
    /** So many are built until one is as classes usually are; of those the best is mended, and what is serious then is tried on. */
    private static final int ENOUGH = 8;

    private static final int MENDED = 2;

    private static final int SERIOUS = 20;
    /** Something must be mended, the peak is not prepared, or the slot is missed. */
    private static final int UNTEACHABLE = 40;

    private static final int MOST_LOWER = 3;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final School teachers;
    private final PhraseBook phrases;

    /** @param teachers the teacher's school */
    public Composer(PoseCatalogue catalogue, Unfolder unfolder, School teachers, PhraseBook phrases) {
        this.catalogue = catalogue;
        this.phrases = phrases;
        this.unfolder = unfolder.with(teachers);
        this.teachers = teachers;
    }

    /** @param idea any number; another number is another idea */
    public Draft compose(Brief brief, long idea) {
        return composed(brief, idea, Shown.NOTHING, true).orElseThrow();
    }

    /**
     * Where no class to the peak can be made that nothing has to be mended in, one to a rung below it, and why; where what the teacher
     * keeps stands in the way, or no lower rung helps, the best there is.
     *
     * @param anyway also where all are too much like what was shown; else empty then
     */
    private Optional<Draft> composed(Brief brief, long idea, Shown shown, boolean anyway) {
        Pool pool = new Pool(catalogue, brief);
        Goals goals = new Goals(pool);
        Goal goal = goals.find(new Dice(idea, "draft")).orElse(null);
        Finishing.Candidate best = towards(goal, pool, idea, shown, anyway).orElse(null);
        if (best == null) return Optional.empty();
        if (best.misses() >= UNTEACHABLE && goal != null && brief.kept().isEmpty()) {
            Optional<Goal> lower = goals.below(goal, notFound(brief));
            for (int i = 0; i < MOST_LOWER && lower.isPresent(); i++) {
                Finishing.Candidate other =
                        towards(lower.get(), pool, idea, shown, true).orElseThrow();
                if (other.misses() < UNTEACHABLE)
                    return Optional.of(draft(other, pool, lower.get(), goals.stops(), idea));
                lower = goals.below(lower.get(), notFound(brief));
            }
            goal = goals.find(new Dice(idea, "draft")).orElse(null);
        }
        return Optional.of(draft(best, pool, goal, goals.stops(), idea));
    }

    private Draft draft(Finishing.Candidate best, Pool pool, @Nullable Goal goal, List<String> stops, long idea) {
        List<LeftOut> leftOut = leftOut(pool, goal);
        return new Draft(best.plan(), pool.brief(), goal, stops, idea, leftOut, best.report(), best.totalMs());
    }

    private static String notFound(Brief brief) {
        return "no class of %d minutes was found that comes to it well".formatted(brief.minutes());
    }

    /**
     * The best class to a goal that some tries find.
     *
     * @param anyway whether one too much like what was shown will do, where all are; else empty then
     */
    private Optional<Finishing.Candidate> towards(
            @Nullable Goal goal, Pool pool, long idea, Shown shown, boolean anyway) {
        Brief brief = pool.brief();
        Concept concept = concept(pool, goal, idea);
        Clock clock = new Clock(unfolder, teachers, brief.style(), brief.minutes());
        Checks checks = new Checks(catalogue, unfolder, teachers, brief.group());
        Set<NodeId> kept = brief.kept().stream().map(one -> one.item().id()).collect(Collectors.toSet());
        Finishing finishing = new Finishing(catalogue, unfolder, checks, clock, brief);
        Finishing.Candidate best = null;
        PriorityQueue<Built> waiting = new PriorityQueue<>(Comparator.comparingLong(Built::unusual));
        PriorityQueue<Built> alike = new PriorityQueue<>(Comparator.comparingDouble(Built::likeness));
        // lines for everybody take their time: there one thing to look at is enough
        boolean lines =
                brief.mixed() || brief.group() != null && !brief.group().needs().isEmpty();
        long enough = lines ? Finishing.LOOKED_AT : 0;
        int tightness = 0;
        int built = 0;
        int mended = 0;
        for (int i = 0; i < MOST_TRIES; i++) {
            Dice drawn = Dice.ofIdea(name(brief), idea, i);
            boolean mayBeTighter = tightness < TIGHTEST && i < MOST_TRIES - 1;
            long mostMs = mayBeTighter ? clock.slotMs() + TOO_LONG_MS : Long.MAX_VALUE;
            Build build = new Build(brief, pool, phrases, goal, concept, clock, shown, drawn, tightness);
            ClassPlan plan = build.plan(mostMs);
            if (clock.score(plan).totalMs() > mostMs) {
                tightness++;
                continue;
            }
            ClassPlan fitted = finishing.fitted(plan);
            // an idea has one name, whatever is tried
            if (!anyway && shown.titles().contains(fitted.settings().title())) return Optional.empty();
            Built one = new Built(fitted, finishing.unusual(fitted), shown.likeness(fitted));
            (shown.isOther(fitted) ? waiting : alike).add(one);
            built++;
            boolean last = i == MOST_TRIES - 1;
            boolean looksWell = !waiting.isEmpty() && waiting.peek().unusual() == 0;
            if (!looksWell && built < ENOUGH && !last) continue;
            if (waiting.isEmpty() && !anyway) break;
            Built taken = Objects.requireNonNull(waiting.isEmpty() ? alike.poll() : waiting.poll());
            ClassPlan nearest = taken.plan();
            // every level has its own before the checks look for it, and what they put in has it too
            Levels levels = new Levels(pool, phrases, goal, unfolder);
            Finishing.Candidate candidate = finishing.mended(brief.mixed() ? levels.lay(nearest) : nearest, kept);
            if (brief.mixed()) candidate = laid(candidate, levels, checks);
            if (best == null || candidate.misses() < best.misses()) best = candidate;
            if (best.misses() <= enough || best.misses() < SERIOUS && ++mended >= MENDED) break;
            if (mended == 0) tightness = Math.min(TIGHTEST, tightness + 1);
        }
        return Optional.ofNullable(best);
    }

    /** A class that was built, how much in it is not as usual, and how much of what was shown is in it. */
    private record Built(ClassPlan plan, long unusual, double likeness) {}

    /** What the ideas of a brief have in common. */
    private static String name(Brief brief) {
        return brief.peak() + " " + brief.theme().title();
    }

    /** One idea after the other, the best first; null when the group can do none. */
    private static @Nullable Concept concept(Pool pool, @Nullable Goal goal, long idea) {
        List<Concept> concepts = concepts(pool, goal);
        return concepts.isEmpty() ? null : concepts.get((int) Math.floorMod(idea - 1, (long) concepts.size()));
    }

    /** Where a brief leads and by which ideas, without drafting it. */
    public Outlook outlook(Brief brief) {
        Pool pool = new Pool(catalogue, brief);
        Goals goals = new Goals(pool);
        Goal goal = goals.find(new Dice(1, "draft")).orElse(null);
        return new Outlook(goal, goals.stops(), concepts(pool, goal));
    }

    private static List<Concept> concepts(Pool pool, @Nullable Goal goal) {
        Brief brief = pool.brief();
        String words = brief.theme().title() + " " + brief.theme().sentence();
        return Concepts.towards(goal == null ? null : goal.pose(), brief.focus(), words, pool::has);
    }

    private static Finishing.Candidate laid(Finishing.Candidate candidate, Levels levels, Checks checks) {
        ClassPlan plan = levels.lay(candidate.plan());
        return new Finishing.Candidate(plan, checks.report(plan), candidate.totalMs(), candidate.misses());
    }

    /**
     * An idea that is truly another than those before: told by another name, and no more than half of its poses in the same order, from the warm-up to
     * the cool-down and without the salutations. Of {@value #MOST_IDEAS} ideas from {@code idea} on the first that is; the least
     * like them when none is.
     */
    public Draft another(Brief brief, long idea, List<ClassPlan> before) {
        Shown shown = Shown.of(before);
        Draft least = null;
        for (long i = idea; i < idea + MOST_IDEAS; i++) {
            Optional<Draft> draft = composed(brief, i, shown, false);
            if (draft.isEmpty()) continue;
            if (shown.isOther(draft.get().plan())) return draft.get();
            // what was mended in it is what was shown
            if (least == null || shown.likeness(draft.get().plan()) < shown.likeness(least.plan())) least = draft.get();
        }
        return least != null ? least : composed(brief, idea, shown, true).orElseThrow();
    }

    /**
     * A draft with another phrase in the place of one, brought to its slot again.
     *
     * @return empty when the flow is no phrase, or no other fits in its place
     */
    public Optional<ClassPlan> otherPhrase(ClassPlan plan, Brief brief, long idea, Flow flow) {
        Pool pool = new Pool(catalogue, brief);
        Goal goal = new Goals(pool).find(new Dice(idea, "draft")).orElse(null);
        Clock clock = new Clock(unfolder, teachers, brief.style(), brief.minutes());
        Set<String> names = new HashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow other) names.add(other.settings().name());
        });
        Build build = new Build(
                brief,
                pool,
                phrases,
                goal,
                concept(pool, goal, idea),
                clock,
                Shown.NOTHING,
                new Dice(idea, "draft"),
                0);
        return build.otherPhrase(flow, names)
                .map(other -> PlanEdit.instead(plan, other).applyTo(plan))
                .map(new LastMinute(clock, brief.wanted())::brought);
    }

    /** A draft that was changed since, or kept, looked at again: its goal, what stands in the way, and what the checks say now. */
    public Draft look(ClassPlan plan, Brief brief, long idea) {
        Pool pool = new Pool(catalogue, brief);
        Goals goals = new Goals(pool);
        Optional<Goal> at = goals.find(new Dice(idea, "draft"));
        while (at.isPresent() && !at.get().pose().id().equals(plan.settings().peak()))
            at = goals.below(at.get(), notFound(brief));
        // where it leads to something else by now, what was asked for is told
        Goal goal = at.or(() -> goals.find(new Dice(idea, "draft"))).orElse(null);
        Report report = new Checks(catalogue, unfolder, teachers, brief.group()).report(plan);
        long total = unfolder.unfold(plan, null).totalMs();
        return new Draft(plan, brief, goal, goals.stops(), idea, leftOut(pool, goal), report, total);
    }

    /**
     * An existing class led to a peak: what it lacks is put in, and the rest stays. Fitted to its slot where that can be done.
     *
     * @param brief for the same style, level and minutes as the class; its peak is the one to lead to
     * @return empty when nothing on the way to the peak is possible for this class
     */
    public Optional<Draft> leadThere(ClassPlan plan, Brief brief) {
        Pool pool = new Pool(catalogue, brief);
        Dice dice = new Dice(1, "lead there");
        Optional<Goal> goal = new Goals(pool).find(dice);
        if (goal.isEmpty()) return Optional.empty();
        Clock clock = new Clock(unfolder, teachers, brief.style(), brief.minutes());
        Checks checks = new Checks(catalogue, unfolder, teachers, brief.group());
        ClassPlan led = new LeadThere(pool, phrases, goal.get(), clock, dice).from(plan);
        Set<NodeId> own = new HashSet<>();
        plan.walk(node -> own.add(node.id()));
        led = new Finishing(catalogue, unfolder, checks, clock, brief).led(led);
        ClassPlan now = Doses.settled(fitted(led, own, clock), own);
        Report report = checks.report(now);
        long total = unfolder.unfold(now, null).totalMs();
        return Optional.of(
                new Draft(now, brief, goal.get(), goal.get().stops(), 1, leftOut(pool, goal.get()), report, total));
    }

    /** Brought to its slot, by open time alone where that is enough: what was put in as it is, where that can be done; as it is where nothing helps. */
    private ClassPlan fitted(ClassPlan led, Set<NodeId> own, Clock clock) {
        LastMinute minute = new LastMinute(clock, Set.of());
        ClassPlan opened = minute.opened(led);
        if (Math.abs(clock.score(opened).totalMs() - clock.slotMs()) < Millis.SECOND) return opened;
        FitRequest request =
                new FitRequest(clock.slotMs(), FitRequest.TOLERANCE_MS, null, FitRequest.Freedom.ALL_BUT_REST);
        Fit fit = new Fit(catalogue, unfolder);
        Set<NodeId> putIn = putIn(led, own);
        // her rounds are the last of what is hers to be changed
        Set<NodeId> withFlows = new HashSet<>(putIn);
        led.walk(node -> {
            if (node instanceof Flow flow && !flow.marks().locked()) withFlows.add(flow.id());
        });
        for (Set<NodeId> still : List.of(withFlows, putIn))
            if (fit.fit(locked(led, still, true), request) instanceof FitAnswer.Fits fits)
                return minute.opened(locked(fits.plan(), still, false));
        return minute.opened(fit.fit(led, request) instanceof FitAnswer.Fits fits ? fits.plan() : led);
    }

    /** @param own what was there before, and is as it was */
    private static Set<NodeId> putIn(ClassPlan plan, Set<NodeId> own) {
        return plan.sections().stream()
                .flatMap(section -> section.items().stream())
                .map(Item::id)
                .filter(id -> !own.contains(id))
                .collect(Collectors.toSet());
    }

    private static ClassPlan locked(ClassPlan plan, Set<NodeId> which, boolean locks) {
        ClassPlan now = plan;
        for (Section section : plan.sections())
            for (Item item : section.items()) if (which.contains(item.id())) now = locked(now, item, locks);
        return now;
    }

    private static ClassPlan locked(ClassPlan plan, Item item, boolean locks) {
        PlanEdit edit = item instanceof Flow flow
                ? PlanEdit.instead(plan, flow.with(flow.marks().lock(locks)))
                : PlanEdit.instead(
                        plan, ((Step) item).with(((Step) item).marks().lock(locks)));
        return edit.applyTo(plan);
    }

    /** Poses that would prepare the peak, or meet the theme, and that something other than the level stands against; what would do most first. */
    private List<LeftOut> leftOut(Pool pool, @Nullable Goal goal) {
        Merit merit =
                new Merit(pool.brief(), goal == null ? null : goal.asked(), Shown.NOTHING, new Dice(0, "left out"));
        record Missed(LeftOut out, double points) {}
        List<Missed> missed = new ArrayList<>();
        for (Pose pose : catalogue.poses()) {
            double points = merit.towardsPeak(pose) + pool.brief().focus().in(pose);
            if (points < USEFUL) continue;
            pool.against(pose)
                    .filter(out -> out.why() != LeftOut.Why.LEVEL)
                    .ifPresent(out -> missed.add(new Missed(out, points)));
        }
        missed.sort(Comparator.comparingDouble(one -> -one.points()));
        return missed.stream().map(Missed::out).toList();
    }
}
