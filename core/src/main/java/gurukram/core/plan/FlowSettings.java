package gurukram.core.plan;

import gurukram.core.pose.Side;
import gurukram.core.text.Limit;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Locale;

/**
 * How a flow is repeated.
 *
 * @param name the teacher's own; may be empty
 * @param rounds how often it is done, as {@code counting} counts
 * @param counting whether a round is both sides, one side, or has no side
 * @param order how the passes of both sides follow each other
 * @param firstSide the side that leads the first pass
 * @param positionMillis a typed pace, ms for every half-breath or position; null leaves it to the teacher's pace
 * @param paceByRound typed paces round by round, the last one for all that follow; empty when it does not change
 * @param join how two passes meet
 * @param roundJoin how they meet where a round ends; null is the same as everywhere
 */
public record FlowSettings(
        String name,
        int rounds,
        Counting counting,
        Order order,
        Side firstSide,
        Integer positionMillis,
        List<Integer> paceByRound,
        Join join,
        Join roundJoin) {
    public static final Limit ROUNDS = new Limit("Rounds", 1, 108);
    public static final Limit POSITION_MILLIS = new Limit("Milliseconds a position", 1_000, 60_000);
    public static final int MOST_LETTERS = 80;

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
        SIDE_FIRST;

        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    public FlowSettings {
        name = name == null ? "" : name.strip();
        if (name.length() > MOST_LETTERS) throw new Refused("A flow's name has at most " + MOST_LETTERS + " letters.");
        ROUNDS.check(rounds);
        if (positionMillis != null) POSITION_MILLIS.check(positionMillis);
        paceByRound = paceByRound == null ? List.of() : List.copyOf(paceByRound);
        paceByRound.forEach(POSITION_MILLIS::check);
        join = join == null ? new Join.Separate() : join;
    }

    public FlowSettings(
            String name, int rounds, Counting counting, Order order, Side firstSide, Integer positionMillis) {
        this(name, rounds, counting, order, firstSide, positionMillis, List.of(), new Join.Separate(), null);
    }

    /** The typed pace of a round, ms a position; null where the teacher's own pace holds. */
    public Integer positionMillisIn(int round) {
        return paceByRound.isEmpty() ? positionMillis : paceByRound.get(Math.min(round, paceByRound.size()) - 1);
    }

    /** The join behind a pass; {@code endsRound} when it is the last of its round. */
    public Join joinAfter(boolean endsRound) {
        return endsRound && roundJoin != null ? roundJoin : join;
    }

    public FlowSettings withJoins(Join between, Join betweenRounds) {
        return new FlowSettings(
                name, rounds, counting, order, firstSide, positionMillis, paceByRound, between, betweenRounds);
    }

    public FlowSettings withPaceByRound(List<Integer> paces) {
        return new FlowSettings(name, rounds, counting, order, firstSide, positionMillis, paces, join, roundJoin);
    }

    /** Both sides in each round, right first, at the teacher's pace. */
    public static FlowSettings of(int rounds) {
        return new FlowSettings("", rounds, Counting.BOTH_SIDES, Order.EACH_ROUND, Side.RIGHT, null);
    }

    public boolean hasSides() {
        return counting != Counting.NO_SIDES;
    }

    /** One-sided passes: twice the rounds when a round is both sides. */
    public int passes() {
        return counting == Counting.BOTH_SIDES ? 2 * rounds : rounds;
    }

    public FlowSettings withRounds(int n) {
        return new FlowSettings(name, n, counting, order, firstSide, positionMillis, paceByRound, join, roundJoin);
    }

    public FlowSettings withName(String n) {
        return new FlowSettings(n, rounds, counting, order, firstSide, positionMillis, paceByRound, join, roundJoin);
    }

    public FlowSettings withCounting(Counting c) {
        return new FlowSettings(name, rounds, c, order, firstSide, positionMillis, paceByRound, join, roundJoin);
    }

    public FlowSettings withOrder(Order o) {
        return new FlowSettings(name, rounds, counting, o, firstSide, positionMillis, paceByRound, join, roundJoin);
    }

    public FlowSettings withFirstSide(Side side) {
        return new FlowSettings(name, rounds, counting, order, side, positionMillis, paceByRound, join, roundJoin);
    }

    public FlowSettings withPositionMillis(Integer ms) {
        return new FlowSettings(name, rounds, counting, order, firstSide, ms, List.of(), join, roundJoin);
    }
}
