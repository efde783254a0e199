package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment.Kind;
import gurukram.core.time.Breath;

/** A moment in the making: its work is known, when it begins and how people get there is not. */
final class MomentDraft {
    /** Where a moment stands: its section and, within a flow, its pass and position. */
    record Where(NodeId section, Cueing cueing, School school, Flow flow, Pass pass, int position) {
        /** The typed pace, ms a position: the step's own, else the flow's in this round; null when neither is typed. */
        Integer paceOf(Step step) {
            if (step.timing().positionMillis() != null || flow == null)
                return step.timing().positionMillis();
            return flow.settings().pace().positionMillisIn(pass.round());
        }

        boolean isLearning() {
            return pass != null && pass.mode() == Mode.LEARN;
        }
    }

    final Step step;
    final Pose pose;
    final Side side;
    final Where where;
    Kind kind;
    Breath breath = Breath.FREE;
    boolean continued;
    Integer direction;
    Integer breaths;
    Integer reps;
    Integer set;
    Long heldCounts;
    Integer holds;
    long transition;
    long settingUp;
    long work;
    boolean typed;
    /** In the pose already, whatever its side: no setting up, no transition. */
    boolean settledIn;

    MomentDraft(Step step, Pose pose, Side side, Where where, Kind kind) {
        this.step = step;
        this.pose = pose;
        this.side = side;
        this.where = where;
        this.kind = kind;
    }

    /** The side of the twist: as the step says, else as the pose usually does; null where there is none. */
    Side twistSide() {
        if (side == null || pose == null || kind == Kind.PAUSE) return null;
        if (step.sides() instanceof SideRule.Compound compound) {
            return compound.same() ? side : side.opposite();
        }
        return pose.twist() == null ? null : pose.twist().of(side);
    }
}
