package gurukram.core.score;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Step;
import gurukram.core.plan.manner.Way;
import gurukram.core.plan.settings.Cueing;
import gurukram.core.pose.Level;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Modifiers.Modifier;
import gurukram.core.pose.Pose;
import gurukram.core.pose.Ways;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Where the class's body is while the plan is unfolded: its base, the pose it is in, and what it has met already. */
final class Body {
    private final Pace pace;
    private final Transitions transitions;
    private final @Nullable Level level;
    private final Set<Transitions.Leg> legsGone = new HashSet<>();
    private final Set<String> met = new HashSet<>();
    private final Set<SideMet> sides = new HashSet<>();
    private final Set<String> fetched = new HashSet<>();
    private List<String> bound = List.of();
    private @Nullable Base base;
    private @Nullable Pose pose;
    private @Nullable Side side;

    private record SideMet(String pose, @Nullable Side side) {}

    /** @param level whom the class is for; null for its base line */
    Body(Pace pace, Transitions transitions, @Nullable Level level) {
        this.level = level;
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
        return settingUp(other, !met.contains(other.id()), way);
    }

    /** Getting those who waited into a pose that the room has met, ms. */
    long settingUpAgain(Pose other, Cueing way) {
        return settingUp(other, false, way);
    }

    private long settingUp(Pose other, boolean first, Cueing way) {
        Integer own = other.settingUpMillis();
        return own == null
                ? pace.settingUp(other.complexity(), first, way, level)
                : pace.settingUp(own, other.complexity(), first, way, level);
    }

    /** What a named way takes, ms; null where none is named or it does not lead from here to there. */
    @Nullable
    Long goBy(@Nullable Way way, Pose other) {
        if (way == null || base == null) return null;
        Long usual = Ways.shipped().named(way.name()).orElseThrow().millis(base, other.base());
        if (way.millis() == null) return usual;
        return usual == null && base == other.base() ? null : Long.valueOf(way.millis());
    }

    /** Which of these props have not been used yet, a wall aside; marks them as used. */
    List<String> fetches(List<Prop> props) {
        if (props.isEmpty()) return List.of();
        return props.stream()
                .map(Prop::name)
                .filter(name -> !name.equals(PropsTold.WALL) && fetched.add(name))
                .toList();
    }

    /**
     * What is different about a pose here: what the step says, and a bind from the pose before that is not let go. A bind is let
     * go where arms or another bind are said, in a pose it does not fit, and when the side changes (ours).
     */
    List<String> with(Step step, Pose other, @Nullable Side otherSide) {
        Modifiers list = Modifiers.shipped();
        List<String> own = step.manner().with();
        if (own.isEmpty() && bound.isEmpty()) return own;
        List<String> all = new ArrayList<>(own);
        for (String carried : bound) {
            Modifier bind = list.named(carried).orElseThrow();
            boolean kept = bind.fits().contains(other.base())
                    && Objects.equals(side, otherSide)
                    && own.stream().noneMatch(said -> list.exclude(said, carried));
            if (kept) all.add(carried);
        }
        bound = all.stream()
                .filter(name -> list.named(name).orElseThrow().isCarried())
                .toList();
        return List.copyOf(all);
    }

    /**
     * Changing the base of the body, ms; marks the legs as gone. Within one base nothing, except from lunge to lunge on
     * the other side outside a flow.
     */
    long goTo(Pose other, @Nullable Side otherSide, boolean inFlow) {
        if (base == null) return 0;
        if (base == other.base()) {
            boolean changesLunge = base == Base.LUNGE && !inFlow && otherSide != null && side == otherSide.opposite();
            return changesLunge ? pace.changingBase(pace.lungeChange()) : 0;
        }
        long ms = 0;
        for (Transitions.Leg leg : transitions.route(base, other.base())) {
            ms += legsGone.add(leg) ? leg.first() : leg.later();
        }
        return pace.changingBase(ms);
    }

    void arrive(Pose other, @Nullable Side otherSide) {
        base = other.base();
        pose = other;
        side = otherSide;
        met.add(other.id());
        sides.add(new SideMet(other.id(), otherSide));
    }
}
