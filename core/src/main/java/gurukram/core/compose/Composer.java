package gurukram.core.compose;

import gurukram.core.check.Report;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.idea.Concept;
import gurukram.core.compose.idea.Concepts;
import gurukram.core.compose.search.Clock;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Merit;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Shown;
import gurukram.core.phrase.PhraseBook;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Drafts classes from a brief: backwards from the peak, fitted to the slot, checked and mended. The same brief and the same
 * idea always give the same class; another idea gives another. No clock decides anything: limits count tries.
 */
public final class Composer {
    private static final int MOST_IDEAS = 3;
    /** What a pose must do for the peak or the theme to be missed. */
    private static final double USEFUL = 2.5;
    /** Something must be mended, the peak is not prepared, or the slot is missed. */
    private static final int UNTEACHABLE = 40;

    private static final int MOST_LOWER = 3;

    private final Workshop workshop;

    /** @param teachers the teacher's school */
    public Composer(PoseCatalogue catalogue, Unfolder unfolder, School teachers, PhraseBook phrases) {
        this.workshop = new Workshop(catalogue, unfolder.with(teachers), teachers, phrases);
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
        Pool pool = new Pool(workshop.catalogue(), brief);
        Goals goals = new Goals(pool);
        Goal goal = goals.find(new Dice(idea, "draft")).orElse(null);
        Finishing.Candidate best = tries(pool, goal, idea).best(shown, anyway).orElse(null);
        if (best == null) return Optional.empty();
        if (best.misses() >= UNTEACHABLE && goal != null && brief.kept().isEmpty()) {
            Optional<Goal> lower = goals.below(goal, notFound(brief));
            for (int i = 0; i < MOST_LOWER && lower.isPresent(); i++) {
                Finishing.Candidate other =
                        tries(pool, lower.get(), idea).best(shown, true).orElseThrow();
                if (other.misses() < UNTEACHABLE)
                    return Optional.of(draft(other, pool, lower.get(), goals.stops(), idea));
                lower = goals.below(lower.get(), notFound(brief));
            }
            goal = goals.find(new Dice(idea, "draft")).orElse(null);
        }
        return Optional.of(draft(best, pool, goal, goals.stops(), idea));
    }

    private Tries tries(Pool pool, @Nullable Goal goal, long idea) {
        return new Tries(workshop, pool, goal, concept(pool, goal, idea), idea);
    }

    private Draft draft(Finishing.Candidate best, Pool pool, @Nullable Goal goal, List<String> stops, long idea) {
        List<LeftOut> leftOut = leftOut(pool, goal);
        return new Draft(best.plan(), pool.brief(), goal, stops, idea, leftOut, best.report(), best.totalMs());
    }

    private static String notFound(Brief brief) {
        return "no class of %d minutes was found that comes to it well".formatted(brief.minutes());
    }

    /** One idea after the other, the best first; null when the group can do none. */
    private static @Nullable Concept concept(Pool pool, @Nullable Goal goal, long idea) {
        List<Concept> concepts = concepts(pool, goal);
        return concepts.isEmpty() ? null : concepts.get((int) Math.floorMod(idea - 1, (long) concepts.size()));
    }

    /** Where a brief leads and by which ideas, without drafting it. */
    public Outlook outlook(Brief brief) {
        Pool pool = new Pool(workshop.catalogue(), brief);
        Goals goals = new Goals(pool);
        Goal goal = goals.find(new Dice(1, "draft")).orElse(null);
        return new Outlook(goal, goals.stops(), concepts(pool, goal));
    }

    private static List<Concept> concepts(Pool pool, @Nullable Goal goal) {
        Brief brief = pool.brief();
        String words = brief.theme().title() + " " + brief.theme().sentence();
        return Concepts.towards(goal == null ? null : goal.pose(), brief.focus(), words, pool::has);
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
        Pool pool = new Pool(workshop.catalogue(), brief);
        Goal goal = new Goals(pool).find(new Dice(idea, "draft")).orElse(null);
        Clock clock = workshop.clock(brief);
        Set<String> names = new HashSet<>();
        plan.walk(node -> {
            if (node instanceof Flow other) names.add(other.settings().name());
        });
        Build build = new Build(
                brief,
                pool,
                workshop.phrases(),
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
        Pool pool = new Pool(workshop.catalogue(), brief);
        Goals goals = new Goals(pool);
        Optional<Goal> at = goals.find(new Dice(idea, "draft"));
        while (at.isPresent() && !at.get().pose().id().equals(plan.settings().peak()))
            at = goals.below(at.get(), notFound(brief));
        // where it leads to something else by now, what was asked for is told
        Goal goal = at.or(() -> goals.find(new Dice(idea, "draft"))).orElse(null);
        Report report = workshop.checks(brief).report(plan);
        long total = workshop.unfolder().unfold(plan, null).totalMs();
        return new Draft(plan, brief, goal, goals.stops(), idea, leftOut(pool, goal), report, total);
    }

    /**
     * An existing class led to a peak: what it lacks is put in, and the rest stays. Fitted to its slot where that can be done.
     *
     * @param brief for the same style, level and minutes as the class; its peak is the one to lead to
     * @return empty when nothing on the way to the peak is possible for this class
     */
    public Optional<Draft> leadThere(ClassPlan plan, Brief brief) {
        Pool pool = new Pool(workshop.catalogue(), brief);
        Dice dice = new Dice(1, "lead there");
        Optional<Goal> goal = new Goals(pool).find(dice);
        if (goal.isEmpty()) return Optional.empty();
        ClassPlan led = new LeadThere(workshop, pool, goal.get(), dice).draft(plan);
        Report report = workshop.checks(brief).report(led);
        long total = workshop.unfolder().unfold(led, null).totalMs();
        return Optional.of(
                new Draft(led, brief, goal.get(), goal.get().stops(), 1, leftOut(pool, goal.get()), report, total));
    }

    /** Poses that would prepare the peak, or meet the theme, and that something other than the level stands against; what would do most first. */
    private List<LeftOut> leftOut(Pool pool, @Nullable Goal goal) {
        Merit merit =
                new Merit(pool.brief(), goal == null ? null : goal.asked(), Shown.NOTHING, new Dice(0, "left out"));
        record Missed(LeftOut out, double points) {}
        List<Missed> missed = new ArrayList<>();
        for (Pose pose : workshop.catalogue().poses()) {
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
