package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The sum of one option of each choice: against all sums there are, and what its relaxation says. */
class LeastChangeTest {
    private static Choice choice(long... lengthsAndCosts) {
        List<Choice.Option> options = new ArrayList<>();
        for (int i = 0; i < lengthsAndCosts.length; i += 2)
            options.add(new Choice.Option(List.of(), lengthsAndCosts[i], lengthsAndCosts[i + 1]));
        return Choice.of(options);
    }

    private static LeastChange in(long from, long to, long target, Choice... choices) {
        return new LeastChange(List.of(choices), from, to, target);
    }

    private static final long ANY = Long.MAX_VALUE / 4;

    /** Cost, distance from the target, and the options chosen of every sum in the window; the best of them. */
    private static long[] best(List<Choice> choices, long from, long to, long target) {
        long[] best = null;
        int[] at = new int[choices.size()];
        while (true) {
            long length = 0;
            long cost = 0;
            for (int i = 0; i < at.length; i++) {
                length += choices.get(i).options().get(at[i]).lengthMs();
                cost += choices.get(i).options().get(at[i]).cost();
            }
            long off = Math.abs(length - target);
            boolean inside = length >= from && length <= to;
            if (inside && (best == null || cost < best[0] || cost == best[0] && off < best[1]))
                best = new long[] {cost, off};
            int k = 0;
            while (k < at.length && ++at[k] == choices.get(k).options().size()) at[k++] = 0;
            if (k == at.length) return best;
        }
    }

    @Test
    void isTheBestOfAllSums() {
        int found = 0;
        for (int seed = 0; seed < 1_500; seed++) {
            Random random = new Random(seed);
            List<Choice> choices = new ArrayList<>();
            int n = 1 + random.nextInt(5);
            long shortest = 0;
            long longest = 0;
            for (int i = 0; i < n; i++) {
                List<Choice.Option> options =
                        new ArrayList<>(List.of(new Choice.Option(List.of(), random.nextInt(40), 0)));
                for (int o = random.nextInt(4); o > 0; o--)
                    options.add(new Choice.Option(List.of(), random.nextInt(40), 1 + random.nextInt(60)));
                Choice choice = Choice.of(options);
                choices.add(choice);
                shortest += choice.options().stream()
                        .mapToLong(Choice.Option::lengthMs)
                        .min()
                        .orElseThrow();
                longest += choice.options().stream()
                        .mapToLong(Choice.Option::lengthMs)
                        .max()
                        .orElseThrow();
            }
            long target = random.nextInt(40 * n);
            long most = random.nextInt(8);
            LeastChange least = new LeastChange(choices, target - most, target + most, target);
            assertThat(least.shortest()).isEqualTo(shortest);
            assertThat(least.longest()).isEqualTo(longest);
            long[] best = best(choices, target - most, target + most, target);
            LeastChange.Picks picks = least.solve(ANY);
            if (best == null) {
                assertThat(picks).as("seed " + seed).isNull();
                continue;
            }
            found++;
            assertThat(picks).as("seed " + seed).isNotNull();
            assertThat(new long[] {picks.cost(), Math.abs(picks.lengthMs() - target)})
                    .as("seed " + seed)
                    .isEqualTo(best);
            assertThat(least.bound()).as("seed " + seed).isLessThanOrEqualTo(best[0]);
            assertThat(least.solve(best[0])).as("seed " + seed).isNotNull();
            assertThat(least.solve(best[0] - 1)).as("seed " + seed).isNull();
            long length = 0;
            for (int i = 0; i < n; i++)
                length += choices.get(i).options().get(picks.options()[i]).lengthMs();
            assertThat(length).isEqualTo(picks.lengthMs());
        }
        assertThat(found).isGreaterThan(400);
    }

    @Test
    void theBoundIsWhatMixturesOfOptionsCost() {
        Choice hollow = choice(0, 0, 10, 10, 20, 100);
        assertThat(in(15, 15, 15, hollow).bound()).isEqualTo(55);
        assertThat(in(10, 15, 15, hollow).bound()).isEqualTo(10);
        assertThat(in(-5, 5, 0, hollow).bound()).isZero();
        assertThat(in(21, 30, 25, hollow).bound()).isEqualTo(Long.MAX_VALUE);
        assertThat(in(20, 30, 25, hollow).bound()).isEqualTo(100);
        // an option above the line between two others takes no part in it
        assertThat(in(10, 10, 10, choice(0, 0, 10, 200, 20, 100)).bound()).isEqualTo(50);
        assertThat(in(10, 10, 10, choice(0, 0, 10, 50, 20, 100)).bound()).isEqualTo(50);
        // rounded up: nothing costs less than a whole
        assertThat(in(1, 1, 1, choice(0, 0, 3, 10)).bound()).isEqualTo(4);
        // of two choices the flatter edge is used up first
        assertThat(in(15, 15, 15, choice(0, 0, 10, 40), choice(0, 0, 10, 10)).bound())
                .isEqualTo(30);
        // to both sides of what costs nothing
        Choice both = choice(10, 0, 0, 30, 20, 50);
        assertThat(in(0, 4, 2, both).bound()).isEqualTo(18);
        assertThat(in(15, 40, 20, both).bound()).isEqualTo(25);
        assertThat(in(5, 15, 10, both).bound()).isZero();
    }

    @Test
    void nothingToChooseIsALengthOfNothing() {
        assertThat(new LeastChange(List.of(), -5, 5, 0).solve(ANY)).isNotNull();
        assertThat(new LeastChange(List.of(), 0, 5, 0).solve(ANY)).isNotNull();
        assertThat(new LeastChange(List.of(), 1, 5, 3).solve(ANY)).isNull();
        assertThat(new LeastChange(List.of(), -5, -1, -3).solve(ANY)).isNull();
    }

    @Test
    void ofEqualCostAndDistanceTheEarlierChoicesStayCheap() {
        Choice each = choice(0, 0, 10, 5);
        assertThat(in(10, 10, 10, each, each, each).solve(ANY).options()).containsExactly(0, 0, 1);
        // nearer is before earlier
        assertThat(in(8, 12, 12, choice(0, 0, 12, 5), choice(0, 0, 10, 5))
                        .solve(ANY)
                        .options())
                .containsExactly(1, 0);
        // as far on the one side as on the other
        assertThat(in(8, 12, 10, choice(0, 0, 12, 5), choice(0, 0, 8, 5))
                        .solve(ANY)
                        .options())
                .containsExactly(0, 1);
    }

    @Test
    void ofEquallyLongOptionsTheCheapestIsKeptAndOfThoseTheFirst() {
        Choice choice = Choice.of(List.of(
                new Choice.Option(List.of(), 10, 7),
                new Choice.Option(List.of(), 10, 5),
                new Choice.Option(List.of(), 20, 5)));
        assertThat(choice.options()).extracting(Choice.Option::cost).containsExactly(5L, 5L);
        assertThat(choice.options()).extracting(Choice.Option::lengthMs).containsExactly(10L, 20L);
    }
}
