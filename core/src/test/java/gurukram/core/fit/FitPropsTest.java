package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import org.junit.jupiter.api.Test;

/** A prop is fetched where it is used first: with fewer rounds that may be another step, and the class is as long as was reckoned. */
class FitPropsTest {
    @Test
    void roundsThatFetchAPropLeaveItToOthersWhenTheyGo() {
        ClassPlan plan = Notation.plan("""
                class: T
                - 30 min, hatha, intermediate
                standing:
                flow "growing", 3 rounds, both sides, right first
                  warrior 2, lead, out
                  triangle, lead, in
                  triangle, lead, 3 breaths
                  - rounds 1-2: leave out
                  - props: 1 block
                end flow
                pyramid, both, 5 breaths
                - props: 1 block
                rest:
                final rest, 5 min
                """);
        Unfolder unfolder = new Unfolder(Plans.CATALOGUE, Pace.defaults());
        long now = unfolder.unfold(plan, null).totalMs();
        int fitted = 0;
        for (long off = -90_000; off <= 90_000; off += 10_000) {
            FitRequest request = new FitRequest(now + off, 10_000, null, FitRequest.Freedom.ALL_BUT_REST);
            if (!(new Fit(Plans.CATALOGUE, unfolder).fit(plan, request) instanceof FitAnswer.Fits fits)) continue;
            fitted++;
            assertThat(unfolder.unfold(fits.plan(), null).totalMs()).isEqualTo(fits.afterMs());
        }
        assertThat(fitted).isGreaterThan(5);
    }
}
