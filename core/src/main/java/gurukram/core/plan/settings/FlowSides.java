package gurukram.core.plan.settings;

import gurukram.core.body.Side;
import gurukram.core.body.SideOf;
import gurukram.core.pose.Pose;
import java.util.Locale;

/**
 * How a flow treats the two sides.
 *
 * @param counting whether a round is both sides, one side, or has no side
 * @param order how the passes of both sides follow each other; one-sided rounds are always done each round
 * @param first the side that leads the first pass
 * @param turn whether the first side changes from round to round, or from class to class
 * @param leads whether one-sided rounds change sides
 * @param names what the word lead means in this flow; says nothing about a moment's own side
 */
public record FlowSides(Counting counting, Order order, Side first, Turn turn, Leads leads, LeadNames names) {

    /** What one round is; schools differ, and it doubles the work. */
    public enum Counting {
        BOTH_SIDES("both sides"),
        ONE_SIDE("one side"),
        NO_SIDES("no sides");

        private final String words;

        Counting(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public enum Order {
        /** right left right left ... */
        EACH_ROUND,
        /** all rounds on one side, then all on the other */
        SIDE_FIRST,
        /** each step on both sides before the next; only where a round is both sides */
        POSE_BY_POSE;

        public String words() {
            return FlowSides.words(this);
        }
    }

    public enum Turn {
        NONE,
        /** the second round begins on the other side; no effect where one side is done first */
        BY_ROUND,
        /** begins on {@code first} or its opposite, as the class does: see {@link ClassSettings#begins()} */
        BY_CLASS
    }

    public enum Leads {
        ALTERNATING,
        /** every one-sided round leads with the first side */
        ALWAYS_FIRST
    }

    public enum LeadNames {
        FOOT_BACK_FIRST,
        FRONT_LEG,
        LIFTED_LEG,
        STANDING_LEG;

        public String words() {
            return FlowSides.words(this);
        }
    }

    public static final FlowSides BOTH = new FlowSides(
            Counting.BOTH_SIDES, Order.EACH_ROUND, Side.RIGHT, Turn.NONE, Leads.ALTERNATING, LeadNames.FRONT_LEG);

    public FlowSides {
        counting = counting == null ? Counting.BOTH_SIDES : counting;
        order = order == null ? Order.EACH_ROUND : order;
        first = first == null ? Side.RIGHT : first;
        turn = turn == null ? Turn.NONE : turn;
        leads = leads == null ? Leads.ALTERNATING : leads;
        names = names == null ? LeadNames.FRONT_LEG : names;
    }

    private static String words(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The order that takes effect. */
    public Order effectiveOrder() {
        boolean poseByPose = order == Order.POSE_BY_POSE && counting == Counting.BOTH_SIDES;
        return order == Order.POSE_BY_POSE && !poseByPose ? Order.EACH_ROUND : order;
    }

    public FlowSides with(Counting other) {
        return new FlowSides(other, order, first, turn, leads, names);
    }

    public FlowSides with(Order other) {
        return new FlowSides(counting, other, first, turn, leads, names);
    }

    public FlowSides with(Side other) {
        return new FlowSides(counting, order, other, turn, leads, names);
    }

    public FlowSides with(Turn other) {
        return new FlowSides(counting, order, first, other, leads, names);
    }

    public FlowSides with(Leads other) {
        return new FlowSides(counting, order, first, turn, other, names);
    }

    public FlowSides with(LeadNames other) {
        return new FlowSides(counting, order, first, turn, leads, other);
    }

    /**
     * The sides a pose usually has in such a flow: the lead, or its opposite where the flow's lead names the limb across
     * from the pose's; both, where the flow has no sides of its own.
     */
    public SideRule usualFor(Pose pose) {
        if (!pose.sides().hasSides()) return new SideRule.None();
        if (counting == Counting.NO_SIDES) return new SideRule.Both(Side.RIGHT);
        boolean across = (names == LeadNames.FOOT_BACK_FIRST && pose.sideOf() == SideOf.FRONT_LEG)
                || (names == LeadNames.LIFTED_LEG && pose.sideOf() == SideOf.STANDING_LEG)
                || (names == LeadNames.STANDING_LEG && pose.sideOf() == SideOf.LIFTED_LEG);
        return across ? new SideRule.Other() : new SideRule.Lead();
    }
}
