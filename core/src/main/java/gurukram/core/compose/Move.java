package gurukram.core.compose;

import gurukram.core.pose.Base;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
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

    static boolean follows(Pose from, Pose to) {
        return !from.id().equals(to.id()) && isOneStep(from.base(), to.base());
    }

    static Breath at(int position) {
        return position % 2 == 0 ? Breath.INHALE : Breath.EXHALE;
    }
}
