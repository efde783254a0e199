package gurukram.core.score;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.pose.Pose;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Where the class's body is while the plan is unfolded: its base, the pose it is in, and what it has met already. */
final class Body {
    private final Pace pace;
    private final Transitions transitions;
    private final Set<Transitions.Leg> legsGone = new HashSet<>();
    private final Set<String> met = new HashSet<>();
    private final Set<SideMet> sides = new HashSet<>();
    private @Nullable Base base;
    private @Nullable Pose pose;
    private @Nullable Side side;

    private record SideMet(String pose, @Nullable Side side) {}

    Body(Pace pace, Transitions transitions) {
        this.pace = pace;
        this.transitions = transitions;
    }

    /** Whether the class has been in a pose on this side. */
    boolean hasDone(Pose other, @Nullable Side otherSide) {
        return sides.contains(new SideMet(other.id(), otherSide));
    }

    /** Whether it has been in it on the other side only. */
    boolean hasDoneOther(Pose other, @Nullable Side otherSide) {
        return otherSide != null && !hasDone(other, otherSide) && hasDone(other, otherSide.opposite());
    }

    boolean isIn(Pose other, @Nullable Side otherSide) {
        return pose != null && pose.id().equals(other.id()) && Objects.equals(side, otherSide);
    }

    /**
     * Getting people into a pose on a side, ms: the first figure when the class has not met it; the second-side figure on the
     * other side and when it is repeated. In the pose already, a new hold has a figure of its own and all else none. A pose
     * may say its own.
     */
    long settingUp(Pose other, @Nullable Side otherSide, Moment.Kind kind, Cueing way) {
        if (isIn(other, otherSide)) return kind == Moment.Kind.HOLD ? pace.sameAgain() : 0;
        if (other.settingUpMillis() != null) return pace.settingUp(other.settingUpMillis(), way);
        return pace.settingUp(other.complexity(), !met.contains(other.id()), way);
    }

    /**
     * Changing the base of the body, ms; marks the legs as gone. Within one base nothing, except from lunge to lunge on
     * the other side outside a flow.
     */
    long goTo(Pose other, @Nullable Side otherSide, boolean inFlow) {
        if (base == null) return 0;
        if (base == other.base()) {
            boolean changesLunge = base == Base.LUNGE && !inFlow && otherSide != null && side == otherSide.opposite();
            return changesLunge ? pace.lungeChange() : 0;
        }
        long ms = 0;
        for (Transitions.Leg leg : transitions.route(base, other.base())) {
            ms += legsGone.add(leg) ? leg.first() : leg.later();
        }
        return ms;
    }

    void arrive(Pose other, @Nullable Side otherSide) {
        base = other.base();
        pose = other;
        side = otherSide;
        met.add(other.id());
        sides.add(new SideMet(other.id(), otherSide));
    }
}
