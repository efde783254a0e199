package gurukram.core.score;

import gurukram.core.body.Base;
import gurukram.core.body.Side;
import gurukram.core.plan.NodeId;
import gurukram.core.pose.PoseCatalogue;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Where each foot is while flows step: both in front, one back (a lunge, named by its front leg), or both back.
 *
 * <p>Which foot moves follows from the bases alone: from standing into a lunge the foot opposite the front leg steps back;
 * from a lunge to standing it comes forward; from a lunge to plank or dog the front foot steps back; from there into a lunge
 * the front leg's foot comes forward. From one lunge to the lunge on the other side no single step leads.
 */
public final class Feet {
    private static final Set<Base> IN_FRONT = EnumSet.of(Base.STANDING, Base.SQUAT);
    private static final Set<Base> BACK = EnumSet.of(
            Base.DOG, Base.PLANK, Base.PRONE, Base.HANDS_AND_KNEES, Base.KNEELING, Base.CHILD, Base.FOREARMS);

    /**
     * What one leg does.
     *
     * @param firstBacks passes in which it is the first to step back; {@code firstForwards} the first to come forward
     * @param frontLunges lunges arrived in with this leg in front
     */
    public record Leg(int firstBacks, int backs, int firstForwards, int forwards, int frontLunges) {}

    /** A step nobody can take: the moment it leads to, and why. */
    public record Impossible(int moment, String why) {}

    public record Tally(Leg right, Leg left, List<Impossible> impossible) {}

    private final int[][] counts = new int[2][5];
    private final List<Impossible> impossible = new ArrayList<>();
    private @Nullable Base base;
    private @Nullable Side front;
    private @Nullable PassKey pass;
    private boolean wentBack;
    private boolean cameForward;

    private Feet() {}

    /** Follows the feet through all flows of a score; between flows nothing is counted. */
    public static Tally tally(Score score, PoseCatalogue catalogue) {
        return tally(score, catalogue, null);
    }

    /** The same in one flow only; null for all. */
    public static Tally tally(Score score, PoseCatalogue catalogue, @Nullable NodeId flow) {
        Feet feet = new Feet();
        for (int i = 0; i < score.moments().size(); i++) {
            Moment moment = score.moments().get(i);
            if (moment.pose() == null) continue;
            Base base = catalogue.pose(moment.pose()).base();
            if (flow == null || flow.equals(moment.flow())) feet.moment(i, moment, base);
            else feet.stand(moment, base);
        }
        return new Tally(feet.leg(Side.RIGHT), feet.leg(Side.LEFT), List.copyOf(feet.impossible));
    }

    private record PassKey(NodeId flow, int pass) {}

    private void moment(int index, Moment moment, Base to) {
        PassKey key = moment.flow() == null ? null : new PassKey(moment.flow(), Objects.requireNonNull(moment.pass()));
        if (key == null || !key.equals(pass)) {
            wentBack = false;
            cameForward = false;
        }
        pass = key;
        if (key != null && base != null) step(index, moment, to);
        if (key != null && to == Base.LUNGE && moment.side() != null && arrives(moment)) count(moment.side(), 4);
        base = to;
        front = to == Base.LUNGE ? moment.side() : null;
    }

    /** Outside what is counted: only where the feet are, so that the first step of a flow is known. */
    private void stand(Moment moment, Base now) {
        pass = null;
        base = now;
        front = now == Base.LUNGE ? moment.side() : null;
    }

    private boolean arrives(Moment moment) {
        return base != Base.LUNGE || front != moment.side();
    }

    private void step(int index, Moment moment, Base to) {
        if (base == Base.LUNGE
                && to == Base.LUNGE
                && front != null
                && moment.side() != null
                && front != moment.side()) {
            impossible.add(new Impossible(
                    index,
                    "From a lunge with the %s leg in front no step leads to one with the %s leg in front; go by standing, plank or dog."
                            .formatted(front.word(), moment.side().word())));
        }
        if (to == Base.LUNGE && moment.side() != null) {
            if (IN_FRONT.contains(base)) back(moment.side().opposite());
            if (BACK.contains(base)) forward(moment.side());
        }
        if (base == Base.LUNGE && front != null) {
            if (IN_FRONT.contains(to)) forward(front.opposite());
            if (BACK.contains(to)) back(front);
        }
    }

    private void back(Side foot) {
        if (!wentBack) count(foot, 0);
        wentBack = true;
        count(foot, 1);
    }

    private void forward(Side foot) {
        if (!cameForward) count(foot, 2);
        cameForward = true;
        count(foot, 3);
    }

    private void count(Side foot, int what) {
        counts[foot.ordinal()][what]++;
    }

    private Leg leg(Side side) {
        int[] c = counts[side.ordinal()];
        return new Leg(c[0], c[1], c[2], c[3], c[4]);
    }
}
