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
    private @Nullable Base base;
    private @Nullable Pose pose;
    private @Nullable Side side;

    Body(Pace pace, Transitions transitions) {
        this.pace = pace;
        this.transitions = transitions;
    }

    boolean isIn(Pose other, @Nullable Side otherSide) {
        return pose != null && pose.id().equals(other.id()) && Objects.equals(side, otherSide);
    }

    /**
     * Getting people into a hold on a side, ms: nothing when they are in it; the first figure when the class has not met
     * the pose; the second-side figure on the other side and when it is repeated. A step or a pose may say its own.
     */
    long settingUp(Pose other, @Nullable Side otherSide, @Nullable Integer typedMillis, Cueing way) {
        if (isIn(other, otherSide)) return 0;
        if (typedMillis != null) return pace.settingUp(typedMillis, way);
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
    }
}
