package gurukram.core.score;

import gurukram.core.body.Side;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Stage;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.School;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Timing;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Pose;
import gurukram.core.score.Moment.Kind;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A moment in the making: its work is known, when it begins and how people get there is not. */
final class MomentDraft {
    /** Where a moment stands: its section and, within a flow, its pass and position. */
    record Where(
            NodeId section,
            Cueing cueing,
            School school,
            Pace pace,
            @Nullable Flow flow,
            @Nullable Pass pass,
            int position,
            @Nullable Way way) {
        /** The pace typed for movements: the step's own, else the flow's in this round; null when neither is typed. */
        @Nullable
        TypedPace paceOf(Step step) {
            Timing own = step.timing();
            if (own.pace() != null) return own.pace();
            if (own.breathMillis() != null) return TypedPace.of(TypedPace.Per.BREATH, own.breathMillis());
            if (flow == null) return null;
            return flow.settings().pace().typedIn(Objects.requireNonNull(pass).round());
        }

        /** How people get to a step: as it says itself, else as its section says; null for the usual way. */
        @Nullable
        Way wayTo(Step step) {
            return step.manner().way() == null ? way : step.manner().way();
        }

        boolean isLearning() {
            return pass != null && pass.mode() == Mode.LEARN;
        }
    }

    final Step step;
    final @Nullable Pose pose;
    final @Nullable Side side;
    final Where where;
    Kind kind;
    Breath breath = Breath.FREE;
    boolean continued;

    @Nullable
    Integer direction;

    @Nullable
    Integer breaths;

    @Nullable
    Integer reps;

    @Nullable
    Integer set;

    @Nullable
    Long heldCounts;

    @Nullable
    Integer holds;

    long transition;
    long settingUp;
    long work;
    boolean typed;
    boolean settingUpTyped;
    boolean openEnd;

    @Nullable
    Integer stage;

    @Nullable
    Integer turn;

    @Nullable
    String waiting;

    List<String> with = List.of();
    List<Integer> phases = List.of();

    @Nullable
    String way;

    long fetching;
    /** Other people get into the pose: those who waited. */
    boolean newTurn;
    /** A later stage of the pose: the setting up that was typed is over. */
    boolean newForm;
    /** In the pose already, whatever its side: no setting up, no transition. */
    boolean settledIn;

    MomentDraft(Step step, @Nullable Pose pose, @Nullable Side side, Where where, Kind kind) {
        this.step = step;
        this.pose = pose;
        this.side = side;
        this.where = where;
        this.kind = kind;
    }

    How how() {
        String names = side == null ? "" : step.manner().sideNames();
        boolean usual = stage == null && turn == null && with.isEmpty() && way == null && fetching == 0;
        if (usual && names.isEmpty() && phases.isEmpty()) return How.USUAL;
        Stage staged = stage == null ? null : step.manner().stages().get(stage - 1);
        return new How(stage, staged, turn, waiting, with, way, fetching, names, phases);
    }

    /** The side of the twist: as the step says, else as the pose usually does; null where there is none. */
    @Nullable
    Side twistSide() {
        if (side == null || pose == null || kind == Kind.PAUSE) return null;
        if (step.sides() instanceof SideRule.Compound compound) {
            return compound.same() ? side : side.opposite();
        }
        return pose.twist() == null ? null : pose.twist().of(side);
    }
}
