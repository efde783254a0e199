package gurukram.core.compose;

import gurukram.core.pose.Base;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import gurukram.core.pose.SpineDirection;
import gurukram.core.score.Transitions;
import gurukram.core.time.Breath;

/** One position of a flow: a pose on a half-breath. */
record Move(Pose pose, Breath breath) {
    static boolean suits(Pose pose, Breath breath) {
        return pose.breath() == BreathAffinity.EITHER
                || pose.breath() == (breath == Breath.INHALE ? BreathAffinity.IN : BreathAffinity.OUT);
    }

    /** Whether half a breath is enough to get from one base to the other: one leg of the table at most. */
    static boolean isOneStep(Base from, Base to) {
        return Transitions.shipped().route(from, to).size() <= 1;
    }

    /** Whether one can follow the other in half a breath: one step at most, and from feet together to feet wide by a step of one leg. */
    static boolean follows(Pose from, Pose to) {
        if (from.id().equals(to.id()) || !isOneStep(from.base(), to.base())) return false;
        if (isOnHands(from) && !landsFrom(to) || isOnHands(to) && !landsFrom(from)) return false;
        boolean bothStand = from.base() == Base.STANDING && to.base() == Base.STANDING;
        return !bothStand || isWide(from) == isWide(to) || Cover.isSided(from) != Cover.isSided(to);
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

    /** Feet wide, across the mat. */
    static boolean isWide(Pose pose) {
        return pose.family().equals("wide") && !Cover.isSided(pose)
                || pose.family().equals("wide") && pose.base() == Base.STANDING;
    }

    static Breath at(int position) {
        return position % 2 == 0 ? Breath.INHALE : Breath.EXHALE;
    }
}
