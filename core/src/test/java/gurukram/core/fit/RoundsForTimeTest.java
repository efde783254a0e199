package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.fit.RoundsForTime.Offer;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import gurukram.core.text.Refused;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How many rounds fill a time: the most below it and the fewest above it. */
class RoundsForTimeTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());
    private static final ClassPlan PLAN = Notation.plan(
            "standing:\nflow \"f\", 2 rounds, no sides, pace 5 s\n  raised arms, in\n  standing fold, out\nend flow\n");

    private static RoundsForTime of(ClassPlan plan, long ms) {
        return RoundsForTime.of(plan, plan.sections().get(0).items().get(0).id(), ms, null, UNFOLDER);
    }

    private static long length(int rounds) {
        return of(PLAN, Long.MAX_VALUE / 4).below().orElseThrow().lengthMs() / 108 * rounds;
    }

    @Test
    void aTimeThatRoundsFillToTheMillisecondIsOneOffer() {
        RoundsForTime five = of(PLAN, length(5));
        assertThat(five.below()).isEqualTo(five.above()).map(Offer::rounds).contains(5);
        assertThat(five.exactly()).isEqualTo(5);
    }

    @Test
    void betweenTwoBothAreOfferedAndHowManyItWouldBe() {
        RoundsForTime half = of(PLAN, length(5) + (length(6) - length(5)) / 2);
        assertThat(half.below().map(Offer::rounds)).contains(5);
        assertThat(half.above().map(Offer::rounds)).contains(6);
        assertThat(half.exactly()).isEqualTo(5.5);
    }

    @Test
    void lessThanOneAndMoreThanTheMost() {
        RoundsForTime little = of(PLAN, length(1) / 2);
        assertThat(little.below()).isEmpty();
        assertThat(little.above().map(Offer::rounds)).contains(1);
        assertThat(little.exactly()).isEqualTo(0.5);
        RoundsForTime much = of(PLAN, length(108) + 1);
        assertThat(much.below().map(Offer::rounds)).contains(108);
        assertThat(much.above()).isEmpty();
        assertThat(much.exactly()).isEqualTo(108);
        assertThat(of(PLAN, length(108) - 1).above().map(Offer::rounds)).contains(108);
    }

    @Test
    void roundsThatTakeTurnsComeInEvenNumbers() {
        ClassPlan turns = Notation.plan(
                "standing:\nflow \"f\", 4 rounds, one side, pace 5 s\n  warrior 1, lead, in\n  downward dog, out\nend flow\n");
        RoundsForTime some = of(turns, 65_000);
        assertThat(some.below().orElseThrow().rounds() % 2).isZero();
        assertThat(some.above().orElseThrow().rounds())
                .isEqualTo(some.below().orElseThrow().rounds() + 2);
    }

    @Test
    void whatIsNearEnoughIsOfferedTheNearestFirst() {
        RoundsForTime some =
                new RoundsForTime(5.4, Optional.of(new Offer(5, 50_000)), Optional.of(new Offer(6, 60_000)));
        assertThat(some.within(54_000, 6_000)).extracting(Offer::rounds).containsExactly(5, 6);
        assertThat(some.within(56_000, 6_000)).extracting(Offer::rounds).containsExactly(6, 5);
        assertThat(some.within(54_000, 5_999)).extracting(Offer::rounds).containsExactly(5);
        assertThat(some.within(54_000, 4_000)).extracting(Offer::rounds).containsExactly(5);
        assertThat(some.within(54_000, 3_999)).isEmpty();
        RoundsForTime one = new RoundsForTime(5, Optional.of(new Offer(5, 50_000)), Optional.of(new Offer(5, 50_000)));
        assertThat(one.within(50_000, 0)).isEqualTo(List.of(new Offer(5, 50_000)));
    }

    @Test
    void aFlowThatIsNotThereIsSaidSo() {
        assertThatThrownBy(() -> RoundsForTime.of(PLAN, new NodeId("gone"), 1_000, null, UNFOLDER))
                .isInstanceOf(Refused.class)
                .hasMessage("That flow is no longer there.");
    }
}
