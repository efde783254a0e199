package gurukram.core.craft;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import org.junit.jupiter.api.Test;

/** Craft, rule 3: what is new today is first held or learned, but for everyday movement. */
class FirstsTest {
    private static Firsts of(String... lines) {
        String text = "class: T\n- 60 min, vinyasa, advanced\nstanding:\n" + String.join("\n", lines);
        return Firsts.of(
                new Unfolder(CATALOGUE, Pace.defaults())
                        .unfold(Notation.plan(text), null)
                        .moments(),
                CATALOGUE);
    }

    @Test
    void aDeepPoseThrownIntoAFlowIsToldAndOnceHeldItIsNot() {
        String[] flow = {
            "flow \"bind\", 2 rounds, both sides",
            "  high lunge, lead, in",
            "  bound side angle, lead, out",
            "  warrior 2, lead, in",
            "  downward dog, out",
            "end flow"
        };
        assertThat(of(flow).deep()).containsExactly("bound-side-angle");
        String[] held = new String[flow.length + 1];
        held[0] = "bound side angle, both, 3 breaths";
        System.arraycopy(flow, 0, held, 1, flow.length);
        assertThat(of(held).deep()).isEmpty();
    }

    @Test
    void oneLegInHalfABreathIsToldWithTheDeepOnes() {
        assertThat(of("flow \"f\", 1 round, both sides", "  high lunge, lead, in", "  warrior 3, lead, out", "end flow")
                        .deep())
                .containsExactly("warrior-3");
    }

    @Test
    void everydayMovementIsNotToldAndTwoStrongOnesAreUsual() {
        Firsts firsts = of(
                "flow \"f\", 1 round, both sides",
                "  chair, in",
                "  standing fold, out",
                "  plank, in",
                "  low push-up, out",
                "  upward dog, in",
                "  downward dog, out",
                "  warrior 1, lead, in",
                "  forearm plank, out",
                "end flow");
        assertThat(firsts.deep()).isEmpty();
        assertThat(firsts.strong()).containsExactly("forearm-plank");
    }
}
