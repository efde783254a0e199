package gurukram.core.score;

import static gurukram.core.Plans.chain;
import static gurukram.core.Plans.id;
import static gurukram.core.Plans.of;
import static gurukram.core.Plans.score;
import static gurukram.core.Plans.step;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.Flow;
import gurukram.core.plan.Link;
import gurukram.core.plan.When;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.Rounds;
import gurukram.core.plan.settings.TypedPace;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ParityTest {
    /** Worked example 3: without its last exhale a chain clashes with itself at every join. */
    @Test
    void aChainThatStartsAndEndsOnAnInhaleClashesAtEveryJoin() {
        Flow clean = chain(FlowSettings.of(4).withPace(TypedPace.position(3_500)), 18);
        Flow odd = new Flow(clean.id(), clean.settings(), clean.steps().subList(0, 17));
        assertThat(Parity.clashes(score(of(clean)))).isEmpty();
        assertThat(score(of(odd)).moments()).hasSize(17 * 8);
        assertThat(Parity.clashes(score(of(odd)))).hasSize(7);
        Flow rested = odd.with(odd.settings().withJoins(new Join.Rested(5, Join.Rested.Unit.SECONDS), null));
        assertThat(Parity.clashes(score(of(rested))))
                .as("seconds of rest end on a free breath")
                .isEmpty();
    }

    @Test
    void aLinkIsPartOfTheChain() {
        Flow chain = chain(FlowSettings.of(2).withPace(TypedPace.position(3_500)), 4);
        Link out = Link.of(
                id(),
                new When(Set.of(), Rounds.from(2), 1),
                false,
                step("plank", "none", "out"),
                step("cobra", "none", "in"));
        // in out in out | out in: one clash at the link, one at the join behind it
        assertThat(Parity.clashes(score(of(chain.with(out))))).hasSize(2);
    }

    @Test
    void wholeBreathsAndAFreeBreathResetParity() {
        FlowSettings once = FlowSettings.of(1).with(Counting.NO_SIDES);
        assertThat(Parity.clashes(score(of(Flow.of(
                        id(),
                        once,
                        step("cow", "none", "in"),
                        step("chair", "none", "3 breaths"),
                        step("cow", "none", "in"))))))
                .isEmpty();
        assertThat(Parity.clashes(score(of(Flow.of(
                        id(),
                        once,
                        step("cow", "none", "in"),
                        step("chair", "none", "20 s"),
                        step("cow", "none", "in"))))))
                .isEmpty();
    }
}
