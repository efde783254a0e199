package gurukram.core.check;

import gurukram.core.body.Action;
import gurukram.core.body.ActionUse;
import gurukram.core.body.Side;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.settings.Thresholds;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a class prepares its peak: which earlier moments prepare which of its demands, how strongly, for how long a side.
 *
 * <p>A demand of strength s is prepared when, before the peak, at least two poses prepare the action at s - 1 or more and
 * one at s or on the ladder's last rung but one; together 45 s a side (s = 2) or 90 s (s = 3); the last within 20 minutes;
 * and strength does not jump from nothing to 3.
 *
 * @param peak the pose
 * @param at its first moment, an index into the score
 * @param demands those of strength 2 and 3
 */
public record Preparation(Pose peak, int at, List<Demand> demands) {
    static final int POSES = 2;
    static final Threshold SECONDS_OF_2 =
            Threshold.of("prepare-medium", "seconds a side that prepare a demand of 2", 45);
    static final Threshold SECONDS_OF_3 =
            Threshold.of("prepare-strong", "seconds a side that prepare a demand of 3", 90);
    static final Threshold WITHIN =
            Threshold.of("prepare-within", "minutes between the last preparation and the peak", 20);

    /**
     * One action the peak asks for.
     *
     * @param moments the moments that prepare it at s - 1 or more, before the peak
     * @param poses the different poses of those
     * @param strongEnough whether one of them is as strong as the demand, or the ladder's last rung but one
     * @param rightMs how long on the right, {@code leftMs} on the left; what has no side counts for both
     * @param sinceMs from the last of them to the peak
     * @param jumps whether the first preparation there is has strength 3
     */
    public record Demand(
            Action action,
            int strength,
            List<Integer> moments,
            List<String> poses,
            boolean strongEnough,
            long rightMs,
            long leftMs,
            long sinceMs,
            boolean jumps) {
        public long sideMs() {
            return Math.min(rightMs, leftMs);
        }
    }

    /** Empty demands when the class has no peak; null when it has none in its score either. */
    public static @Nullable Preparation of(Subject subject) {
        int at = peakMoment(subject);
        if (at < 0) return null;
        Pose peak = subject.pose(at);
        List<Demand> demands = new ArrayList<>();
        for (ActionUse use : peak.actions()) {
            if (use.demands() >= 2) demands.add(demand(subject, peak, at, use));
        }
        return new Preparation(peak, at, demands);
    }

    /** The first moment of the peak: the pose the class leads to, else the hardest of its peak section; -1 without one. */
    static int peakMoment(Subject subject) {
        String wanted = subject.settings().peak();
        int first = -1;
        int hardest = -1;
        for (int i = 0; i < subject.moments().size(); i++) {
            if (!subject.isWork(i)) continue;
            boolean inPeak = subject.role(i) == SectionRole.PEAK;
            if (subject.pose(i).id().equals(wanted)) {
                if (inPeak) return i;
                if (first < 0) first = i;
            }
            if (inPeak
                    && (hardest < 0
                            || subject.pose(i).effort() > subject.pose(hardest).effort())) hardest = i;
        }
        return first >= 0 ? first : hardest;
    }

    private static Demand demand(Subject subject, Pose peak, int at, ActionUse use) {
        int s = use.demands();
        Set<String> almostThere = lastButOne(subject.catalogue(), peak);
        List<Integer> moments = new ArrayList<>();
        Set<String> poses = new LinkedHashSet<>();
        boolean strong = false;
        int firstStrength = 0;
        long right = 0;
        long left = 0;
        long end = 0;
        for (int i = 0; i < at; i++) {
            if (!subject.isWork(i) || subject.pose(i).id().equals(peak.id())) continue;
            Pose pose = subject.pose(i);
            int prepares = pose.prepares(use.action());
            if (firstStrength == 0) firstStrength = prepares;
            if (prepares < s - 1) continue;
            Moment moment = subject.moment(i);
            moments.add(i);
            poses.add(pose.id());
            strong |= prepares >= s || almostThere.contains(pose.id());
            if (moment.side() != Side.LEFT) right += moment.workMs();
            if (moment.side() != Side.RIGHT) left += moment.workMs();
            end = moment.endMs();
        }
        long since = moments.isEmpty() ? 0 : subject.moment(at).startMs() - end;
        return new Demand(use.action(), s, moments, List.copyOf(poses), strong, right, left, since, firstStrength == 3);
    }

    /**
     * The last rung before the peak on each of its ladders: as good as its full strength. A rung that is told in words only is
     * passed over (ours).
     */
    public static Set<String> lastButOne(PoseCatalogue catalogue, Pose peak) {
        Set<String> poses = new LinkedHashSet<>();
        for (Ladder ladder : catalogue.laddersWith(peak.id())) {
            int rung = ladder.rungOf(peak.id()) - 1;
            while (rung >= 1 && ladder.rungs().get(rung - 1).pose() == null) rung--;
            if (rung >= 1) poses.add(ladder.rungs().get(rung - 1).pose());
        }
        return poses;
    }

    /** Seconds a side that prepare a demand of 2 or 3 where no setting says otherwise. */
    public static int usualSeconds(int strength) {
        return (strength == 3 ? SECONDS_OF_3 : SECONDS_OF_2).at(Level.BEGINNER, Thresholds.NONE);
    }

    static long wantedMs(Subject subject, Demand demand) {
        return (long) subject.value(demand.strength() == 3 ? SECONDS_OF_3 : SECONDS_OF_2) * Millis.SECOND;
    }
}
