package gurukram.core.plan.settings;

import gurukram.core.body.Side;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.text.Limit;
import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a flow is repeated.
 *
 * @param name the teacher's own; may be empty
 * @param rounds how often it is done, as {@code sides.counting()} counts
 * @param join how two passes meet
 * @param roundJoin how they meet where a round ends; null is the same as everywhere
 * @param school where this flow differs from the school of the class
 */
public record FlowSettings(
        String name,
        int rounds,
        FlowSides sides,
        FlowPace pace,
        Join join,
        @Nullable Join roundJoin,
        School school) {
    public static final Limit ROUNDS = new Limit("Rounds", 1, 108);
    public static final int MOST_LETTERS = 80;

    public FlowSettings {
        name = Plain.line(name, "A flow's name", MOST_LETTERS);
        ROUNDS.check(rounds);
        sides = sides == null ? FlowSides.BOTH : sides;
        pace = pace == null ? FlowPace.USUAL : pace;
        join = join == null ? new Join.Separate() : join;
        school = school == null ? School.UNSET : school;
        if (!pace.modes().isEmpty() && pace.modeRounds() != rounds) {
            throw new Refused("The modes make %d rounds, and the flow has %d.".formatted(pace.modeRounds(), rounds));
        }
    }

    /** Both sides in each round, right first, at the teacher's pace. */
    public static FlowSettings of(int rounds) {
        return new FlowSettings("", rounds, FlowSides.BOTH, FlowPace.USUAL, new Join.Separate(), null, School.UNSET);
    }

    public Counting counting() {
        return sides.counting();
    }

    public boolean hasSides() {
        return sides.counting() != Counting.NO_SIDES;
    }

    /** One-sided passes: twice the rounds when a round is both sides. */
    public int passes() {
        return sides.counting() == Counting.BOTH_SIDES ? 2 * rounds : rounds;
    }

    /** The join behind a pass; {@code endsRound} when it is the last of its round. */
    public Join joinAfter(boolean endsRound) {
        return endsRound && roundJoin != null ? roundJoin : join;
    }

    public FlowSettings withName(String other) {
        return new FlowSettings(other, rounds, sides, pace, join, roundJoin, school);
    }

    /** Another number of rounds, the modes shared out over them. */
    public FlowSettings withRounds(int n) {
        ROUNDS.check(n);
        return new FlowSettings(name, n, sides, pace.sharedOver(n), join, roundJoin, school);
    }

    public FlowSettings with(FlowSides other) {
        return new FlowSettings(name, rounds, other, pace, join, roundJoin, school);
    }

    /** {@link Refused} when its modes do not sum to the rounds. */
    public FlowSettings with(FlowPace other) {
        return new FlowSettings(name, rounds, sides, other, join, roundJoin, school);
    }

    public FlowSettings withJoins(Join between, @Nullable Join betweenRounds) {
        return new FlowSettings(name, rounds, sides, pace, between, betweenRounds, school);
    }

    public FlowSettings with(School other) {
        return new FlowSettings(name, rounds, sides, pace, join, roundJoin, other);
    }

    public FlowSettings with(Counting other) {
        return with(sides.with(other));
    }

    public FlowSettings with(Order other) {
        return with(sides.with(other));
    }

    public FlowSettings withFirstSide(Side side) {
        return with(sides.with(side));
    }

    public FlowSettings withPace(@Nullable TypedPace typed) {
        return with(pace.withTyped(typed));
    }

    public FlowSettings withPaceByRound(List<TypedPace> paces) {
        return with(pace.withByRound(paces));
    }

    /** The modes of the rounds; the flow takes as many rounds as they make. */
    public FlowSettings withModes(Mode.Run... runs) {
        FlowPace other = pace.withModes(List.of(runs));
        return new FlowSettings(name, other.modeRounds(), sides, other, join, roundJoin, school);
    }
}
