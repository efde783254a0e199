package gurukram.core.practice;

import gurukram.core.body.Side;
import gurukram.core.check.Checks;
import gurukram.core.check.Finding;
import gurukram.core.check.Report;
import gurukram.core.check.Severity;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.edit.PlanRules;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * Slips put into a class, of the kinds teachers make and the checks know: each is one only when a check says so that was silent
 * before. The same class, number and seed give the same slips.
 */
public final class Slips {
    /** What follows from nearly any change, and tells nobody where the slip is. */
    private static final Set<String> FOLLOWS = Set.of("slot-length", "budgets", "effort", "shape", "base-changes");

    private static final int MOST_BESIDE = 3;

    /** What went wrong. @param rules the checks that tell it */
    public enum Kind {
        WRONG_SIDE("the wrong side is named", "typed-cue"),
        WRONG_NUMBER("another number is said than done", "typed-cue"),
        ONE_SIDE("a side is left out", "sides-uneven", "second-side"),
        SHORT_SIDE("one side is shorter", "sides-uneven", "second-side"),
        ODD("an odd number leaves a side short", "odd-sides", "sides-uneven"),
        BREATH("a movement is against its breath", "breath-clash", "against-breath"),
        TWICE("something stands twice", "pasted-twice"),
        REST("the rest is too short", "rest"),
        COLD("a deep pose comes too early", "cold-pose", "preparation", "cold-wrists", "high-risk"),
        UNBALANCED("a deep pose is not balanced", "counterpose"),
        TOO_LONG("a hold is far too long", "dose-range", "one-leg");

        private final String words;
        private final Set<String> rules;

        Kind(String words, String... rules) {
            this.words = words;
            this.rules = Set.of(rules);
        }

        public String words() {
            return words;
        }

        Set<String> rules() {
            return rules;
        }
    }

    /**
     * One slip.
     *
     * @param nodes where it may be marked: what was changed and what the check points at
     * @param told what the check says
     */
    public record Slip(Kind kind, Set<NodeId> nodes, String told) {}

    /**
     * A class with slips.
     *
     * @param others what the checks say that was not put in: it was there before, or follows
     */
    public record Slipped(ClassPlan plan, List<Slip> slips, List<Finding> others) {
        /** @param marked where the teacher sees a slip */
        public Spotted judge(Set<NodeId> marked) {
            List<Slip> found = new ArrayList<>();
            List<Slip> missed = new ArrayList<>();
            Set<NodeId> wrong = new LinkedHashSet<>(marked);
            Set<NodeId> also = new LinkedHashSet<>();
            for (Slip slip : slips) {
                (Collections.disjoint(slip.nodes(), marked) ? missed : found).add(slip);
                wrong.removeAll(slip.nodes());
            }
            for (Finding finding : others) if (wrong.remove(finding.node())) also.add(finding.node());
            return new Spotted(found, missed, wrong, also);
        }
    }

    /**
     * What was seen.
     *
     * @param wrong marked, and nothing is wrong there
     * @param also marked, and the checks say something there that was not put in
     */
    public record Spotted(List<Slip> found, List<Slip> missed, Set<NodeId> wrong, Set<NodeId> also) {
        public int of() {
            return found.size() + missed.size();
        }

        /** Of a hundred, with one decimal where it is not whole. */
        public String percent() {
            return Percent.of(found.size(), of());
        }
    }

    /** A change that may be a slip. @param changed the nodes it changes that are still there */
    record Candidate(Kind kind, Set<NodeId> changed, PlanEdit edit) {}

    private final PoseCatalogue catalogue;
    private final Checks checks;

    /** @param checks as the class is usually checked */
    public Slips(PoseCatalogue catalogue, Checks checks) {
        this.catalogue = catalogue;
        this.checks = checks;
    }

    /** As many as wanted, or as many as the class has room for. */
    public Slipped into(ClassPlan clean, int wanted, long seed) {
        Random random = new Random(seed);
        Map<Kind, List<Candidate>> left = new TreeMap<>();
        for (Candidate one : new SlipCandidates(catalogue, clean, random.nextBoolean() ? Side.RIGHT : Side.LEFT).all())
            left.computeIfAbsent(one.kind(), kind -> new ArrayList<>()).add(one);
        left.values().forEach(list -> Collections.shuffle(list, random));
        List<Kind> turns = new ArrayList<>(left.keySet());
        Collections.shuffle(turns, random);
        ClassPlan plan = clean;
        Report before = checks.report(clean);
        List<Slip> slips = new ArrayList<>();
        while (slips.size() < wanted && !left.isEmpty()) {
            for (Kind kind : List.copyOf(turns)) {
                if (slips.size() == wanted) break;
                List<Candidate> of = left.getOrDefault(kind, List.of());
                boolean put = false;
                while (!put && !of.isEmpty()) {
                    Candidate next = of.remove(of.size() - 1);
                    Tried tried = tried(plan, before, slips, next);
                    if (tried == null) continue;
                    plan = tried.plan();
                    before = tried.report();
                    slips.add(tried.slip());
                    put = true;
                }
                if (of.isEmpty()) left.remove(kind);
            }
            turns.retainAll(left.keySet());
        }
        return new Slipped(plan, slips, others(before, slips));
    }

    private static List<Finding> others(Report report, List<Slip> slips) {
        Set<String> told = new LinkedHashSet<>();
        slips.forEach(slip -> told.add(slip.told()));
        return report.findings().stream()
                .filter(finding -> !told.contains(finding.what()))
                .toList();
    }

    private record Tried(ClassPlan plan, Report report, Slip slip) {}

    /** The class with one slip more; null when no check tells it, or when it hides or blurs others. */
    private @org.jspecify.annotations.Nullable Tried tried(
            ClassPlan plan, Report before, List<Slip> slips, Candidate candidate) {
        ClassPlan changed;
        try {
            changed = PlanRules.check(candidate.edit().applyTo(plan), catalogue);
        } catch (Refused e) {
            return null;
        }
        Report after = checks.report(changed);
        for (Slip slip : slips)
            if (after.findings().stream().noneMatch(finding -> finding.what().equals(slip.told()))) return null;
        List<Finding> fresh = after.findings().stream()
                .filter(finding -> finding.severity() != Severity.INFO)
                .filter(finding -> !FOLLOWS.contains(finding.rule()))
                .filter(finding -> before.findings().stream()
                        .noneMatch(old ->
                                old.rule().equals(finding.rule()) && old.what().equals(finding.what())))
                .toList();
        List<Finding> telling = fresh.stream()
                .filter(finding -> candidate.kind().rules().contains(finding.rule()))
                .toList();
        if (telling.isEmpty() || fresh.size() > telling.size() + MOST_BESIDE) return null;
        Set<NodeId> nodes = new LinkedHashSet<>(candidate.changed());
        fresh.forEach(finding -> nodes.add(finding.node()));
        nodes.remove(NodeId.CLASS);
        for (Slip slip : slips) if (!Collections.disjoint(slip.nodes(), nodes)) return null;
        return new Tried(
                changed,
                after,
                new Slip(candidate.kind(), Set.copyOf(nodes), telling.get(0).what()));
    }
}
