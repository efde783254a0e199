package gurukram.core.score;

import gurukram.core.plan.NodeId;
import gurukram.core.pose.Side;
import gurukram.core.time.Breath;

/**
 * One line of the score. Absent values are null; times in ms; rounds, passes, positions and sets count from 1.
 *
 * @param node the step it comes from
 * @param side the side of the part the pose is named by; null when symmetric
 * @param flow the flow it stands in; null outside flows
 * @param position place within the pass
 * @param breath the half-breath of a movement; FREE otherwise
 * @param breaths length of a hold in breaths
 * @param reps repetitions in this set
 * @param typed whether its work was typed in seconds, so that the pace has no say in it
 */
public record Moment(
        NodeId node,
        Kind kind,
        long startMs,
        long transitionMs,
        long settingUpMs,
        long workMs,
        String pose,
        Side side,
        NodeId section,
        NodeId flow,
        Integer round,
        Integer pass,
        Integer position,
        Breath breath,
        Integer breaths,
        Integer reps,
        Integer set,
        boolean typed) {

    public enum Kind {
        HOLD,
        MOVEMENT,
        REPS,
        OPEN,
        /** one stage of a breathing pattern; breaths are its cycles */
        PATTERN,
        PAUSE
    }

    public long lengthMs() {
        return transitionMs + settingUpMs + workMs;
    }

    public long endMs() {
        return startMs + lengthMs();
    }

    /** What may turn out longer or shorter with another teacher or another day. */
    long untypedMs() {
        return typed ? transitionMs + settingUpMs : lengthMs();
    }
}
