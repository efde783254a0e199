package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.settings.Mode;
import gurukram.core.time.Breath;
import org.jspecify.annotations.Nullable;

/**
 * One line of the score. Absent values are null; times in ms; rounds, passes, positions and sets count from 1.
 *
 * @param node the step it comes from
 * @param side the side of the part the pose is named by; null when symmetric
 * @param twistSide where a compound pose twists to
 * @param direction 1 or 2 for circles
 * @param flow the flow it stands in; null outside flows
 * @param position place within the pass
 * @param mode how its round is done; null outside flows
 * @param breath the half-breath of a movement; FREE otherwise
 * @param continued the breath before it goes on
 * @param breaths length of a hold in breaths
 * @param reps repetitions in this set
 * @param set the set, or the attempt
 * @param heldCounts counts of retention in a breathing pattern
 * @param holds how often the breath is held in it
 * @param typed whether its work was typed in seconds, so that the pace has no say in it
 * @param settingUpTyped whether getting into it was typed
 * @param openEnd whether it may go on as long as people like
 * @param how stages, turns, binds, ways and props
 */
public record Moment(
        NodeId node,
        Kind kind,
        long startMs,
        long transitionMs,
        long settingUpMs,
        long workMs,
        @Nullable String pose,
        @Nullable Side side,
        @Nullable Side twistSide,
        @Nullable Integer direction,
        NodeId section,
        @Nullable NodeId flow,
        @Nullable Integer round,
        @Nullable Integer pass,
        @Nullable Integer position,
        @Nullable Mode mode,
        Breath breath,
        boolean continued,
        @Nullable Integer breaths,
        @Nullable Integer reps,
        @Nullable Integer set,
        @Nullable Long heldCounts,
        @Nullable Integer holds,
        boolean typed,
        boolean settingUpTyped,
        boolean openEnd,
        How how) {

    public enum Kind {
        HOLD,
        MOVEMENT,
        REPS,
        OPEN,
        /** one stage of a breathing pattern; breaths are its cycles */
        PATTERN,
        PAUSE,
        /** one try; set counts them */
        ATTEMPT,
        /** repetitions shown on top of the number */
        SHOWN,
        /** as long as each person needs, with its estimate */
        OWN_PACE,
        /** time in a pose or without one that the teacher calls rest */
        REST,
        /** the teacher shows, people watch */
        DEMONSTRATION,
        /** the teacher talks, people listen */
        TALK
    }

    public long lengthMs() {
        return transitionMs + settingUpMs + workMs;
    }

    public long endMs() {
        return startMs + lengthMs();
    }

    /** What may turn out longer or shorter with another teacher or another day. */
    long untypedMs() {
        return transitionMs + (settingUpTyped ? 0 : settingUpMs) + (typed ? 0 : workMs);
    }
}
