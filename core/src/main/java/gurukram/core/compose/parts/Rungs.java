package gurukram.core.compose.parts;

import gurukram.core.body.ActionUse;
import gurukram.core.body.Base;
import gurukram.core.check.Preparation;
import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.search.Cover;
import gurukram.core.compose.search.Places;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Way;
import gurukram.core.dose.Dose;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PropUse;
import gurukram.core.pose.Risk;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Which poses lead to the peak, right before its lesson or in it. */
final class Rungs {
    /** What stands further away than one change of base is taught before, with its kind. */
    private static final int NEAR_LEGS = 1;

    private static final int FEW = 2;
    /** What is practised by itself and held by nobody, or at a place that the whole pose is not done at. */
    private static final List<String> APART = List.of("the way down", "at the wall");

    private final Attempt attempt;
    private final Brief brief;
    private final Goal goal;
    private final List<Pose> before;

    Rungs(Attempt attempt, Goal goal) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.goal = goal;
        this.before = chosen();
    }

    /** From the first to the one right before the peak. */
    List<Pose> before() {
        return before;
    }

    /** Whether a rung stands on the ground of the peak, or one change of base away, and is a stage of its lesson. */
    boolean isNear(Pose rung) {
        Pose peak = goal.pose();
        // nobody kneels down between what is shown standing and standing in it
        if (peak.base() == Base.STANDING && Places.isFloor(rung.base())) return false;
        return Way.legs(Places.begins(rung), Places.begins(peak)) <= NEAR_LEGS && Places.staysUpOrDown(rung, peak);
    }

    /**
     * The rungs right below, those on the ground of the peak before others, and the nearest last; those without which a demand is
     * not prepared, and one before a rung of high risk. What cannot be held is left to the flows.
     */
    private List<Pose> chosen() {
        List<Pose> ladder = heldRungs();
        Set<Pose> taken = new LinkedHashSet<>();
        int most = mostRungs();
        boolean far = ladder.stream().noneMatch(this::isNear);
        if (far || ladder.size() < Math.min(most, FEW)) ladder.addAll(rungsOfOthers(ladder));
        if (ladder.stream().noneMatch(this::isNear)) ladder.addAll(0, ledBy());
        // a chair for everybody, where nobody knows of any, only where there is too little else
        long others = ladder.stream().filter(pose -> !isOnChair(pose)).count();
        if (others >= FEW) ladder.removeIf(this::isOnChair);
        ladder.stream()
                .sorted(Comparator.comparing((Pose pose) -> !isNear(pose)))
                .limit(most)
                .forEach(taken::add);
        for (int i = 0; i < ladder.size(); i++) {
            boolean leads = i > 0
                    && taken.contains(ladder.get(i - 1))
                    && ladder.get(i - 1).risk() == Risk.HIGH;
            if (leads || isNeeded(ladder.get(i))) taken.add(ladder.get(i));
        }
        List<Pose> rungs =
                new ArrayList<>(ladder.stream().filter(taken::contains).toList());
        Collections.reverse(rungs);
        return rungs;
    }

    /**
     * The rungs right below the peak that are told in words, the nearest last: no poses of their own, but stages of its lesson. What is
     * not held is no stage, and nothing is that somebody has to hold another in.
     */
    List<Ladder.Rung> inWords() {
        List<Ladder.Rung> found = new ArrayList<>();
        Ladder ladder = goal.ladder();
        if (ladder == null) return found;
        for (int i = goal.rung() - 2; i >= 0 && found.size() < mostInWords(); i--) {
            Ladder.Rung rung = ladder.rungs().get(i);
            if (rung.pose() != null || !isStage(rung)) break;
            found.add(0, rung);
        }
        return found;
    }

    private int mostInWords() {
        if (brief.minutes() >= Attempt.ROOMY && attempt.tightness() == 0) return 2;
        return attempt.tightness() <= 1 || hasFewStages() ? 1 : 0;
    }

    private boolean hasFewStages() {
        return before.stream().filter(this::isNear).count() < FEW;
    }

    private boolean isStage(Ladder.Rung rung) {
        boolean watched = rung.with() == Ladder.With.ALONE || rung.with() == Ladder.With.TEACHER && brief.supervised();
        boolean held = rung.dose().at(Dose.Reading.CHOSEN) instanceof Dose.Breaths
                && APART.stream().noneMatch(rung.does()::contains);
        return watched && held && rung.props().stream().allMatch(this::isAtHand);
    }

    /** A chair, where nobody knows of any, only where hardly anything else is a stage. */
    private boolean isAtHand(PropUse use) {
        boolean known = brief.group() != null && brief.group().room() != null;
        boolean chair = use.prop().equals("chair") && !known && !hasFewStages();
        return attempt.pool().isThere(use) && !chair;
    }

    private boolean isOnChair(Pose pose) {
        return !attempt.isHandy(pose)
                && pose.props().stream().anyMatch(use -> use.prop().equals("chair") && Pool.isNeeded(pose, use));
    }

    /** The rungs below that may be held, the highest first. */
    private List<Pose> heldRungs() {
        return goal.ladder() == null ? new ArrayList<>() : heldRungs(goal.ladder(), goal.rung());
    }

    private List<Pose> heldRungs(Ladder ladder, int below) {
        List<Pose> rungs = new ArrayList<>();
        for (int rung = below - 1; rung >= 1; rung--) {
            String id = ladder.rungs().get(rung - 1).pose();
            if (id == null || id.equals(goal.pose().id())) continue;
            Pose pose = attempt.catalogue().pose(id);
            boolean allowed =
                    attempt.pool().against(pose).isEmpty() && (pose.risk() != Risk.HIGH || brief.supervised());
            if (allowed && attempt.sideSeconds(pose) > 0 && !rungs.contains(pose)) rungs.add(pose);
        }
        return rungs;
    }

    /** What comes right before this pose on other ladders, on its ground: where its own has nothing. */
    private List<Pose> rungsOfOthers(List<Pose> own) {
        String peak = goal.pose().id();
        return attempt.catalogue().laddersWith(peak).stream()
                .flatMap(ladder ->
                        heldRungs(ladder, ladder.rungOf(peak)).stream().limit(1))
                .filter(pose -> isNear(pose) && pose.risk() == Risk.LOW && !own.contains(pose))
                .distinct()
                .limit(1)
                .toList();
    }

    /** Where no ladder has a stage on its ground, the easiest pose there that this one comes after. */
    private List<Pose> ledBy() {
        String peak = goal.pose().id();
        return attempt.pool().poses().stream()
                .filter(pose -> pose.ties().next().contains(peak) && isNear(pose) && attempt.sideSeconds(pose) > 0)
                .min(Comparator.comparingInt(Pose::effort).thenComparing(Pose::id))
                .stream()
                .toList();
    }

    /** How many rungs there is time for: two or three, in a short flowing class one or two. */
    private int mostRungs() {
        if (attempt.tightness() > 1) return 1;
        if (brief.minutes() < Attempt.ROOMY && !attempt.isVinyasa()) return 2;
        if (brief.minutes() >= Attempt.ROOMY && attempt.tightness() == 1) return 2;
        return (brief.minutes() >= Attempt.ROOMY ? 2 : 1) + attempt.dice().pick("rungs", 2);
    }

    /** Twice where the rungs alone, held as long as is usual, do not prepare what only they prepare. */
    int times(Pose rung) {
        if (!isNeeded(rung)) return 1;
        for (ActionUse use : goal.pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal.pose(), use)) continue;
            double seconds = before.stream()
                    .filter(pose -> Cover.prepares(pose, goal.pose(), use))
                    .mapToDouble(pose ->
                            Cover.sideSeconds(pose, pose.range(brief.level()).at(Dose.Reading.HIGH)))
                    .sum();
            if (seconds < Preparation.usualSeconds(use.demands())) return 2;
        }
        return 1;
    }

    /** Whether something the peak asks for is prepared by fewer than two poses besides the ladder, and by this one. */
    boolean isNeeded(Pose rung) {
        Ladder ladder = goal.ladder();
        for (ActionUse use : goal.pose().actions()) {
            if (use.demands() < 2 || !Cover.prepares(rung, goal.pose(), use)) continue;
            long others = attempt.pool().poses().stream()
                    .filter(pose ->
                            (ladder == null || ladder.rungOf(pose.id()) == 0) && Cover.prepares(pose, goal.pose(), use))
                    .count();
            if (others < 2) return true;
        }
        return false;
    }
}
