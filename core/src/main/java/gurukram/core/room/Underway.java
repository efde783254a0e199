package gurukram.core.room;

import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Item;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Marks;
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
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A class while it is taught: its plan as it was frozen when it began, and the ways in which it has left that plan since. What is
 * done already is never changed, nor are the rest and the close.
 */
public final class Underway {
    private static final long TOLERANCE_MS = 15_000;
    private static final int MOST_SPARED = 4;
    private static final int MOST_TIMES = 2;

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final Fit fit;
    private final Score frozen;
    private final ClassPlan plan;
    private final Level level;
    private final Score score;

    /** @param level the line that is taught */
    public static Underway begun(ClassPlan plan, Level level, PoseCatalogue catalogue, Unfolder unfolder) {
        Score score = unfolder.unfold(plan, level);
        return new Underway(plan, level, catalogue, unfolder, new Fit(catalogue, unfolder), score, score);
    }

    private Underway(
            ClassPlan plan,
            Level level,
            PoseCatalogue catalogue,
            Unfolder unfolder,
            Fit fit,
            Score frozen,
            Score score) {
        this.fit = fit;
        this.plan = plan;
        this.level = level;
        this.catalogue = catalogue;
        this.unfolder = unfolder;
        this.frozen = frozen;
        this.score = score;
    }

    /** The plan as it is now. */
    public ClassPlan plan() {
        return plan;
    }

    public Level level() {
        return level;
    }

    /** The score of the plan as it is now. */
    public Score score() {
        return score;
    }

    /** What it is after one more change; unchanged where that is no longer there or changes nothing. */
    public Underway after(Departure departure) {
        if (departure instanceof Departure.LeftOut out)
            return plan.find(out.node()).isPresent()
                    ? with(new PlanEdit.Remove(out.node()).applyTo(plan), level)
                    : this;
        if (departure instanceof Departure.Rounds rounds) return withRounds(rounds);
        if (departure instanceof Departure.AtLevel other) return with(plan, other.level());
        Departure.OnTime onTime = (Departure.OnTime) departure;
        return onTime(onTime.at(), onTime.byMs()).after();
    }

    private Underway with(ClassPlan other, Level otherLevel) {
        Fit same = otherLevel == level ? fit : new Fit(catalogue, unfolder);
        return new Underway(other, otherLevel, catalogue, unfolder, same, frozen, unfolder.unfold(other, otherLevel));
    }

    private Underway withRounds(Departure.Rounds rounds) {
        return plan.find(rounds.flow())
                .filter(Flow.class::isInstance)
                .map(Flow.class::cast)
                .map(flow -> flow.with(flow.settings().withRounds(rounds.rounds())))
                .map(flow -> with(new PlanEdit.Change(flow).applyTo(plan), level))
                .orElse(this);
    }

    /**
     * The least change from a moment on.
     *
     * @param after the class with it
     * @param changes what changes; nothing when it is short enough
     * @param savedMs how much shorter it is, ms
     * @param missesMs by how much that is too little, ms; with a minus too much
     */
    public record Shortened(Underway after, List<FitAnswer.Change> changes, long savedMs, long missesMs) {}

    /**
     * The least change after a moment that makes what follows so much shorter: first what the fit of a plan may change, then
     * steps that can be spared, at last as short as it can be.
     *
     * @param at a moment of the frozen score, from 0
     */
    public Shortened onTime(int at, long byMs) {
        int now = Tail.placeOf(frozen, at, score);
        NodeId goesOn = now < 0 ? null : score.moments().get(now).flow();
        Shortened answer = shortened(now, goesOn, byMs);
        // fewer rounds may change how the first ones are done, which nobody can take back
        return goesOn == null || keeps(now, answer.after()) ? answer : shortened(now, null, byMs);
    }

    private boolean keeps(int now, Underway after) {
        List<Moment> later = after.score.moments();
        return later.size() > now
                && later.subList(0, now + 1).equals(score.moments().subList(0, now + 1));
    }

    /** @param goesOn the flow people are in, if it may still lose and gain rounds */
    private Shortened shortened(int now, @Nullable NodeId goesOn, long byMs) {
        Map<NodeId, Integer> begun = begun(now);
        ClassPlan open = locked(begun.keySet(), goesOn);
        long target = Math.max(0, score.totalMs() - byMs);
        FitAnswer answer = fit.soon(open, request(target, begun));
        List<FitAnswer.Change> changes = new ArrayList<>();
        for (int more = 1; more <= MOST_TIMES && byMs > 0; more++) {
            if (!(answer instanceof FitAnswer.CannotFit cannot) || cannot.shortestMs() <= target) break;
            List<Step> spared = spared(open, begun.keySet(), cannot.missesByMs() * more);
            if (spared.isEmpty()) break;
            for (Step step : spared) {
                changes.add(fit.leftOut(step, score, level));
                open = new PlanEdit.Remove(step.id()).applyTo(open);
            }
            answer = fit.soon(open, request(target, begun));
        }
        if (answer instanceof FitAnswer.CannotFit cannot) {
            boolean tooLong = cannot.shortestMs() > target;
            long nearest = tooLong ? cannot.shortestMs() : Math.min(cannot.longestMs(), target);
            answer = fit.soon(open, request(nearest, begun));
        }
        if (!(answer instanceof FitAnswer.Fits fits)) return new Shortened(this, List.of(), 0, byMs);
        Underway after = with(unmarked(fits.plan()), level);
        long saved = score.totalMs() - after.score.totalMs();
        changes.addAll(fits.changes());
        return new Shortened(after, changes, saved, byMs - saved);
    }

    private FitRequest request(long target, Map<NodeId, Integer> begun) {
        return new FitRequest(target, TOLERANCE_MS, level, FitRequest.Freedom.ALL_BUT_REST, begun);
    }

    /** Steps and flows that have begun; of flows the round they are in. */
    private Map<NodeId, Integer> begun(int now) {
        Map<NodeId, Integer> begun = new HashMap<>();
        for (Moment moment : score.moments().subList(0, now + 1)) {
            begun.put(moment.node(), 1);
            if (moment.flow() != null && moment.round() != null) begun.put(moment.flow(), moment.round());
        }
        return begun;
    }

    /** What has begun, the rest and the close keep their doses. */
    private ClassPlan locked(Set<NodeId> begun, @Nullable NodeId goesOn) {
        ClassPlan locked = plan;
        for (Section section : plan.sections()) {
            boolean kept = section.role() == SectionRole.CLOSE || section.role() == SectionRole.REST;
            for (Item item : section.items()) {
                if (item instanceof Step step && (kept || begun.contains(step.id())))
                    locked = marked(locked, step, step.marks().lock(true));
                if (!(item instanceof Flow flow) || !(kept || begun.contains(flow.id()))) continue;
                if (!flow.id().equals(goesOn))
                    locked = new PlanEdit.Change(flow.with(flow.marks().lock(true))).applyTo(locked);
                for (Step step : flow.steps())
                    locked = marked(locked, step, step.marks().lock(true));
            }
        }
        return locked;
    }

    private static ClassPlan marked(ClassPlan plan, Step step, Marks marks) {
        return new PlanEdit.Change(step.with(marks)).applyTo(plan);
    }

    /**
     * A few steps that are left out, so many that it is enough: what the teacher would part with first, of equals the shortest that does
     * it, else the longest. Never the peak, what arrives and rests, what undoes a bend, or one side of two.
     *
     * @param missingMs by how much the class is too long at its shortest
     */
    private List<Step> spared(ClassPlan open, Set<NodeId> begun, long missingMs) {
        Map<NodeId, Long> lengths = new HashMap<>();
        for (Moment moment : score.moments()) lengths.merge(moment.node(), moment.lengthMs(), Long::sum);
        List<Step> left = new ArrayList<>(sparable(open, begun));
        List<Step> spared = new ArrayList<>();
        long missing = missingMs;
        for (int n = 0; n < MOST_SPARED && missing > 0 && !left.isEmpty(); n++) {
            long needed = missing;
            left.sort(Comparator.comparing((Step step) -> -priority(step)).thenComparing(step -> {
                long saves = saves(lengths, step);
                return saves >= needed ? saves : Long.MAX_VALUE / 2 - saves;
            }));
            Step first = left.remove(0);
            missing -= saves(lengths, first);
            spared.add(first);
        }
        return spared;
    }

    /** What a step takes where everything is at its shortest, about. */
    private static long saves(Map<NodeId, Long> lengths, Step step) {
        return lengths.getOrDefault(step.id(), 0L) * 2 / 3;
    }

    private List<Step> sparable(ClassPlan open, Set<NodeId> begun) {
        Set<SectionRole> kept = Set.of(
                SectionRole.ARRIVE, SectionRole.PEAK, SectionRole.COUNTERPOSES, SectionRole.REST, SectionRole.CLOSE);
        List<Step> steps = new ArrayList<>();
        for (Section section : open.sections()) {
            if (kept.contains(section.role()) || section.marks().locked()) continue;
            for (Item item : section.items())
                if (item instanceof Step step && !begun.contains(step.id()) && canBeSpared(step)) steps.add(step);
        }
        return steps;
    }

    private boolean canBeSpared(Step step) {
        boolean oneSide = step.sides() instanceof SideRule.Only || step.sides() instanceof SideRule.Compound;
        boolean peak = step.pose() != null && step.pose().equals(plan.settings().peak());
        return !step.marks().locked() && !oneSide && !peak;
    }

    private static int priority(Step step) {
        Integer priority = step.marks().priority();
        return priority == null ? 5 : priority;
    }

    /** With the marks of the teacher again. */
    private ClassPlan unmarked(ClassPlan fitted) {
        ClassPlan own = fitted;
        Set<NodeId> done = new HashSet<>();
        List<Step> steps = new ArrayList<>();
        List<Flow> flows = new ArrayList<>();
        fitted.walk(node -> {
            if (node instanceof Step step && done.add(step.id())) steps.add(step);
            if (node instanceof Flow flow) flows.add(flow);
        });
        for (Step step : steps) {
            Marks marks =
                    plan.find(step.id()).map(before -> ((Step) before).marks()).orElse(step.marks());
            if (!marks.equals(step.marks())) own = marked(own, step, marks);
        }
        for (Flow flow : flows) {
            Marks marks =
                    plan.find(flow.id()).map(before -> ((Flow) before).marks()).orElse(flow.marks());
            if (!marks.equals(flow.marks())) own = new PlanEdit.Change(flow.with(marks)).applyTo(own);
        }
        return own;
    }

    /** What follows a moment of the frozen score now, in the terms of that score. */
    public List<Tail.Placed> tail(int at) {
        return Tail.of(frozen, at, score);
    }
}
