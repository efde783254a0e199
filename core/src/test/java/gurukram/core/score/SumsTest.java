package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import java.util.List;
import java.util.function.ToLongFunction;
import org.junit.jupiter.api.Test;

/** What moments come to, put together one after another. */
class SumsTest {
    private static final List<Moment> MOMENTS = Plans.score(Notation.plan("""
                    class: T
                    - 60 min, hatha, beginner

                    standing:
                    easy seat, 90 s open
                    tree, right, 5 breaths
                    tree, left, 30 s
                    bird dog, right, 4 reps x 2, rest 20 s
                    flow, 2 rounds, both sides
                      high lunge, lead, in
                      warrior 2, lead, out
                      tree, lead, 2 breaths
                      mountain, in
                    """)).moments();

    private static long sum(ToLongFunction<Moment> of) {
        return MOMENTS.stream().mapToLong(of).sum();
    }

    private static long workOn(Side side) {
        return sum(moment -> moment.side() == side ? moment.workMs() : 0);
    }

    private static long movements() {
        return sum(moment -> moment.kind() == Moment.Kind.MOVEMENT ? 1 : 0);
    }

    @Test
    void aNodeIsTheSumOfItsMoments() {
        NodeTotal total = NodeTotal.of(MOMENTS.get(0));
        for (Moment moment : MOMENTS.subList(1, MOMENTS.size())) total = total.plus(moment);

        assertThat(total.transitionMs()).isEqualTo(sum(Moment::transitionMs)).isPositive();
        assertThat(total.settingUpMs()).isEqualTo(sum(Moment::settingUpMs)).isPositive();
        assertThat(total.rightMs()).isEqualTo(workOn(Side.RIGHT)).isPositive();
        assertThat(total.leftMs()).isEqualTo(workOn(Side.LEFT)).isPositive();
        assertThat(total.centreMs()).isEqualTo(workOn(null)).isPositive();
        assertThat(total.moments()).isEqualTo(MOMENTS.size());
        assertThat(total.movements()).isEqualTo((int) movements()).isEqualTo(12);
        assertThat(total.lengthMs())
                .isEqualTo(sum(moment -> moment.transitionMs() + moment.settingUpMs() + moment.workMs()));
        NodeTotal later = total.from(4_000);
        assertThat(later.startMs()).isEqualTo(4_000);
        assertThat(later.lengthMs()).isEqualTo(total.lengthMs());
    }

    @Test
    void whatWasDoneIsTheSumOfItsMoments() {
        Amount amount = Amount.NONE;
        for (Moment moment : MOMENTS) amount = amount.plus(Amount.of(moment));

        assertThat(amount.ms()).isEqualTo(sum(Moment::workMs));
        assertThat(amount.holds()).as("two trees, and four in the flow").isEqualTo(6);
        assertThat(amount.reps()).isEqualTo(8);
        assertThat(amount.movements()).isEqualTo(12);
    }

    @Test
    void aSideIsWhatIsWrittenForIt() {
        SideWork right = SideWork.NONE;
        SideWork left = SideWork.NONE;
        for (Moment moment : MOMENTS) {
            if (moment.side() == Side.RIGHT) right = right.plus(moment);
            if (moment.side() == Side.LEFT) left = left.plus(moment);
        }
        assertThat(right).isEqualTo(new SideWork(4, 5 + 2 * 2, 8, 0));
        assertThat(left).isEqualTo(new SideWork(4, 2 * 2, 0, 30_000));
        assertThat(right.moreThan(left)).isEqualTo("5 breaths, 8 reps");
        assertThat(left.moreThan(right)).isEqualTo("30 s held");
    }

    @Test
    void whatASideHasMoreIsSaidAndNothingWhereTheyAreAlike() {
        SideWork less = new SideWork(3, 4, 5, 6_000);
        SideWork more = new SideWork(5, 5, 8, 18_000);
        assertThat(more.moreThan(less)).isEqualTo("2 movements, 1 breath, 3 reps, 12 s held");
        assertThat(less.moreThan(more)).isEmpty();
        assertThat(less.moreThan(less)).isEmpty();
    }
}
