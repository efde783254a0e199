package gurukram.core.score;

import gurukram.core.body.Base;
import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Breath;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a score adds up to. Pauses and open time without a pose are in none of the lists.
 *
 * @param byPose in the order they come; {@code byBase} and {@code byArea} likewise
 * @param byTwist twists of compound poses by the side they turn to
 * @param wristLoad movements, holds and repetitions with weight on bent-back wrists
 * @param retentions held half-breaths and cycles with a retention; {@code retentionCounts} the counts of patterns held
 * @param baseChanges how often the body changes its base
 * @param floorTrips times the class comes up from the floor and goes down again; half-breath movements of flows that
 *     only pass the floor do not count, a lunge with a knee or the forearms on the floor is no coming up, and one knee on the floor with
 *     the other foot out is no going down (ours)
 */
public record Tallies(
        List<Row> byPose,
        List<Row> byBase,
        List<Row> byArea,
        Row byTwist,
        int wristLoad,
        int retentions,
        long retentionCounts,
        int baseChanges,
        int floorTrips) {

    /** @param centre what has no side, or is felt on both at once */
    public record Row(String what, Amount right, Amount left, Amount centre) {
        static Row of(String what) {
            return new Row(what, Amount.NONE, Amount.NONE, Amount.NONE);
        }

        Row plus(@Nullable Side side, Amount amount) {
            if (side == Side.RIGHT) return new Row(what, right.plus(amount), left, centre);
            if (side == Side.LEFT) return new Row(what, right, left.plus(amount), centre);
            return new Row(what, right, left, centre.plus(amount));
        }
    }

    private static final Set<Base> UP = EnumSet.of(Base.STANDING, Base.LUNGE, Base.SQUAT);
    private static final Set<Base> DOWN = EnumSet.of(
            Base.SEATED, Base.SUPINE, Base.SIDE_LYING, Base.CHILD, Base.KNEELING, Base.HANDS_AND_KNEES, Base.PRONE);

    public static Tallies of(Score score, PoseCatalogue catalogue) {
        Count count = new Count();
        for (Moment moment : score.moments()) {
            if (moment.pose() != null && moment.kind() != Moment.Kind.PAUSE) {
                count.moment(moment, catalogue.pose(moment.pose()));
            }
        }
        return count.done();
    }

    private static final class Count {
        private final Map<String, Row> poses = new LinkedHashMap<>();
        private final Map<String, Row> bases = new LinkedHashMap<>();
        private final Map<String, Row> areas = new LinkedHashMap<>();
        private Row twist = Row.of("twist");
        private int wristLoad;
        private int retentions;
        private long retentionCounts;
        private int baseChanges;
        private int floorTrips;
        private @Nullable Base base;
        private boolean floorSeen;
        private boolean up;

        void moment(Moment m, Pose pose) {
            Amount amount = Amount.of(m);
            add(poses, pose.id(), m.side(), amount);
            add(bases, pose.base().word(), m.side(), amount);
            pose.stretches().forEach(felt -> felt(felt, m, amount));
            pose.works().forEach(felt -> felt(felt, m, amount));
            if (m.twistSide() != null) twist = twist.plus(m.twistSide(), amount);
            if (pose.wristLoad()) wristLoad += Math.max(1, amount.reps());
            retention(m);
            base(m, pose);
        }

        private void felt(Felt felt, Moment m, Amount amount) {
            add(areas, felt.area().word(), felt.on(m.side()), amount);
        }

        private static void add(Map<String, Row> rows, String what, @Nullable Side side, Amount amount) {
            rows.put(what, rows.computeIfAbsent(what, Row::of).plus(side, amount));
        }

        private void retention(Moment m) {
            if (m.breath() == Breath.HOLD_IN || m.breath() == Breath.HOLD_OUT) retentions++;
            if (m.heldCounts() == null || m.heldCounts() == 0) return;
            retentions += Objects.requireNonNull(m.holds());
            retentionCounts += m.heldCounts();
        }

        private void base(Moment m, Pose pose) {
            Base now = pose.base();
            if (base != null && base != now) baseChanges++;
            base = now;
            boolean passing = m.kind() == Moment.Kind.MOVEMENT && m.flow() != null;
            List<Mechanism> mechanisms = pose.facts().mechanisms();
            boolean low = mechanisms.contains(Mechanism.KNEEL) || mechanisms.contains(Mechanism.FOREARMS);
            if (UP.contains(now) && !low) up = true;
            boolean oneKnee = now == Base.KNEELING && pose.sides() == SideBehaviour.TWO_SIDED;
            if (!DOWN.contains(now) || oneKnee || passing) return;
            if (up && floorSeen) floorTrips++;
            up = false;
            floorSeen = true;
        }

        Tallies done() {
            return new Tallies(
                    List.copyOf(poses.values()),
                    List.copyOf(bases.values()),
                    List.copyOf(areas.values()),
                    twist,
                    wristLoad,
                    retentions,
                    retentionCounts,
                    baseChanges,
                    floorTrips);
        }
    }
}
