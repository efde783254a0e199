package gurukram.core.compose;

import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Mend;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.fit.Fit;
import gurukram.core.fit.FitAnswer;
import gurukram.core.fit.FitRequest;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.School;
import gurukram.core.pose.ActionUse;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Score;
import gurukram.core.score.Unfolder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Drafts classes from a brief: backwards from the peak, fitted to the slot, checked and mended. The same brief and the same
 * idea always give the same class; another idea gives another. No clock decides anything: limits count tries.
 */
public final class Composer {
    private static final int MOST_TRIES = 8;
    /** Tries for a class about which there is nothing to look at; what is serious is tried on. */
    private static final int ENOUGH = 2;

    private static final int SERIOUS = 20;
    private static final int MOST_MENDS = 20;
    /** Findings whose mends belong to a draft; the others are the teacher's to decide. */
    private static final Set<String> MENDED = Set.of(
            "preparation",
            "prop-fetch",
            "cautions",
            "counterpose",
            "opposites",
            "rest",
            "high-risk",
            "sides-uneven",
            "cold-wrists",
            "slot-length",
            "above-level");

    private final PoseCatalogue catalogue;
    private final Unfolder unfolder;
    private final School teachers;

    /** @param teachers the teacher's school */
    public Composer(PoseCatalogue catalogue, Unfolder unfolder, School teachers) {
        this.catalogue = catalogue;
        this.unfolder = unfolder.with(teachers);
        this.teachers = teachers;
    }

    /** @param idea any number; another number is another idea */
    public Draft compose(Brief brief, long idea) {
        Pool pool = new Pool(catalogue, brief);
        Dice dice = new Dice(idea, "draft");
        Goal goal = new Goals(pool).find(dice).orElse(null);
        Clock clock = new Clock(unfolder, brief.style(), brief.minutes());
        Checks checks = new Checks(catalogue, unfolder, teachers, brief.group());
        Candidate best = null;
        for (int i = 0; i < MOST_TRIES; i++) {
            Dice drawn = new Dice(idea * 31 + i, "draft");
            ClassPlan plan = new Build(brief, pool, goal, clock, drawn, i / 2).plan();
            Candidate candidate = mended(fitted(plan, clock), checks, clock);
            if (best == null || candidate.misses() < best.misses()) best = candidate;
            if (best.misses() == 0 || i >= ENOUGH && best.misses() < SERIOUS) break;
        }
        List<LeftOut> leftOut = leftOut(pool, goal, best.plan());
        return new Draft(best.plan(), brief, goal, idea, leftOut, best.report(), best.totalMs());
    }

    /** A class and how far it is from what a draft has to be; 0 is all right. */
    private record Candidate(ClassPlan plan, Report report, long totalMs, long misses) {}

    private ClassPlan fitted(ClassPlan plan, Clock clock) {
        FitRequest request = new FitRequest(
                clock.slotMs(),
                FitRequest.TOLERANCE_MS,
                null,
                new FitRequest.Freedom(false, false, false, false, false));
        FitAnswer answer = new Fit(catalogue, unfolder).fit(plan, request);
        return answer instanceof FitAnswer.Fits fits ? fits.plan() : plan;
    }

    private Candidate mended(ClassPlan plan, Checks checks, Clock clock) {
        ClassPlan now = plan;
        Report report = checks.report(now);
        for (int i = 0; i < MOST_MENDS; i++) {
            Optional<Mend> mend = mend(checks, now, report);
            if (mend.isEmpty()) break;
            ClassPlan after = mend.get().edit().applyTo(now);
            now = fitted(after, clock);
            report = checks.report(now);
        }
        Score score = unfolder.unfold(now, null);
        long misses = 0;
        for (Finding finding : report.findings()) {
            if (finding.severity() == Severity.MUST) misses += 100;
            else if (finding.rule().equals("preparation")) misses += 50;
            else if (finding.severity() == Severity.LOOK)
                misses += finding.rule().equals("cautions") ? 20 : 1;
        }
        if (Math.abs(score.totalMs() - clock.slotMs()) > FitRequest.TOLERANCE_MS) misses += 40;
        if (!score.isEven()) misses += 100;
        return new Candidate(now, report, score.totalMs(), misses);
    }

    private Optional<Mend> mend(Checks checks, ClassPlan plan, Report report) {
        for (Finding finding : report.findings()) {
            if (finding.severity() == Severity.INFO || !MENDED.contains(finding.rule())) continue;
            List<Mend> mends = checks.mends(checks.subject(plan), finding);
            if (!mends.isEmpty()) return Optional.of(mends.get(0));
        }
        return Optional.empty();
    }

    /** Poses that would prepare the peak well, or meet the theme, and that something stands against. */
    private List<LeftOut> leftOut(Pool pool, Goal goal, ClassPlan plan) {
        List<LeftOut> left = new ArrayList<>();
        for (Pose pose : catalogue.poses()) {
            if (!belongs(pose, goal, pool.brief())) continue;
            pool.against(pose).filter(out -> out.why() != LeftOut.Why.LEVEL).ifPresent(left::add);
        }
        return left;
    }

    private static boolean belongs(Pose pose, Goal goal, Brief brief) {
        if (brief.focus().in(pose) >= 6) return true;
        if (goal == null) return false;
        for (ActionUse use : goal.pose().actions())
            if (use.demands() >= 2 && pose.prepares(use.action()) >= use.demands()) return true;
        return false;
    }
}
