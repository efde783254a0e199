package gurukram.core.compose.search;

import gurukram.core.body.Action;
import gurukram.core.body.Base;
import gurukram.core.body.SideOf;
import gurukram.core.body.SpineDirection;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.score.Transitions;
import gurukram.core.time.Breath;
import java.util.EnumSet;
import java.util.Set;

/** One position of a flow: a pose on a half-breath. */
public record Move(Pose pose, Breath breath) {
    /** Wide stances that are filed under other families. */
    private static final Set<String> WIDE_TOO = Set.of("horse-stance", "wide-fold-twist", "windmill", "squats");

    private static final Set<Stance> TOO_FAR = EnumSet.of(Stance.TOGETHER, Stance.WIDE);

    public static boolean suits(Pose pose, Breath breath) {
        return pose.breath() == BreathAffinity.EITHER
                || pose.breath() == (breath == Breath.INHALE ? BreathAffinity.IN : BreathAffinity.OUT);
    }

    /** Whether half a breath is enough to get from one base to the other: one leg of the table at most. */
    public static boolean isOneStep(Base from, Base to) {
        return Transitions.shipped().route(from, to).size() <= 1;
    }

    /** Where the feet are: together, one back, wide across the mat; or the weight is elsewhere. */
    enum Stance {
        TOGETHER,
        STEPPED,
        WIDE,
        LOW
    }

    public static Stance stance(Pose pose) {
        if (pose.base() == Base.LUNGE) return Stance.STEPPED;
        if (pose.base() != Base.STANDING) return Stance.LOW;
        if (pose.family().equals("wide") || WIDE_TOO.contains(pose.id())) return Stance.WIDE;
        return pose.sideOf() == SideOf.FRONT_LEG ? Stance.STEPPED : Stance.TOGETHER;
    }

    /** Whether one can follow the other in half a breath: one step at most, never between feet together and feet wide, nor between a fold and one leg. */
    public static boolean follows(Pose from, Pose to) {
        if (from.id().equals(to.id()) || !isOneStep(from.base(), to.base())) return false;
        if (isOnHands(from) && !landsFrom(to) || isOnHands(to) && !landsFrom(from)) return false;
        if (isFold(from) && isOnOneLeg(to) || isOnOneLeg(from) && isFold(to)) return false;
        Set<Stance> both = EnumSet.of(stance(from), stance(to));
        return !both.equals(TOO_FAR);
    }

    private static boolean isFold(Pose pose) {
        return pose.base() == Base.STANDING && !Cover.isSided(pose) && pose.spine() == SpineDirection.FORWARD;
    }

    public static boolean isOnOneLeg(Pose pose) {
        return pose.demands(Action.ONE_LEG_BALANCE) > 1;
    }

    private static boolean isOnHands(Pose pose) {
        return pose.base() == Base.DOG || pose.base() == Base.PLANK;
    }

    /** From the hands people step into a lunge or a fold, never straight onto one leg, and the same way back. */
    private static boolean landsFrom(Pose pose) {
        if (pose.base() != Base.STANDING) return true;
        return !Cover.isSided(pose)
                && (pose.spine() == SpineDirection.FORWARD || pose.id().equals("half-lift"));
    }

    public static Breath at(int position) {
        return position % 2 == 0 ? Breath.INHALE : Breath.EXHALE;
    }
}
