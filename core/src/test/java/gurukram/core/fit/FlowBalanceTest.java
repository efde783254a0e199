package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.plan.Flow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which flows may gain or lose rounds without making the sides uneven. */
class FlowBalanceTest {
    private static Flow flow(String how, String... lines) {
        String text = "standing:\nflow \"f\", " + how + "\n  " + String.join("\n  ", lines) + "\nend flow\n";
        return (Flow) Notation.plan(text).sections().get(0).items().get(0);
    }

    private static boolean isBalanced(String how, String... lines) {
        return FlowBalance.isBalanced(flow(how, lines));
    }

    @ParameterizedTest
    @ValueSource(strings = {"3 rounds, both sides", "3 rounds, no sides", "4 rounds, one side"})
    void roundsThatDoTheSameOnBothSidesMayBeMoreOrFewer(String how) {
        String side = how.contains("no sides") ? "" : ", lead";
        assertThat(isBalanced(how, "warrior 1" + side + ", in", "downward dog, out"))
                .isTrue();
    }

    @Test
    void whatIsHeldOnOneSideOnlyKeepsItsRounds() {
        assertThat(isBalanced("3 rounds, no sides", "warrior 1, right, in", "downward dog, out"))
                .isFalse();
        assertThat(isBalanced("3 rounds, both sides", "warrior 1, lead, in", "tree, left, 3 breaths"))
                .isFalse();
        assertThat(isBalanced("3 rounds, both sides", "warrior 1, lead, in", "easy seat, crossing, 3 breaths"))
                .isFalse();
    }

    @Test
    void aSideInALayerOrALinkIsLookedAtToo() {
        assertThat(isBalanced("3 rounds, both sides", "warrior 1, lead, in", "- round 2: left", "downward dog, out"))
                .isFalse();
        assertThat(isBalanced(
                        "3 rounds, both sides",
                        "warrior 1, lead, in",
                        "- round 2: then tree, left, 3 breaths",
                        "downward dog, out"))
                .isFalse();
        assertThat(isBalanced(
                        "3 rounds, both sides",
                        "warrior 1, lead, in",
                        "downward dog, out",
                        "link",
                        "  warrior 2, right, in",
                        "  plank, out",
                        "end link"))
                .isFalse();
        assertThat(isBalanced(
                        "3 rounds, both sides",
                        "warrior 1, lead, in",
                        "downward dog, out",
                        "link",
                        "  warrior 2, lead, in",
                        "  plank, out",
                        "end link"))
                .isTrue();
    }

    @Test
    void whereRoundsTakeTurnsWithTheSidesAChangeInSingleRoundsIsUneven() {
        String[] layered = {"warrior 1, lead, in", "- round 2: warrior 2", "downward dog, out"};
        assertThat(isBalanced("3 rounds, both sides", layered)).isTrue();
        assertThat(isBalanced("4 rounds, one side", layered)).isFalse();
    }

    @Test
    void everyGuardIsFound() {
        Flow flow = flow(
                "3 rounds, both sides",
                "warrior 1, lead, in",
                "- round 2: warrior 2",
                "downward dog, out",
                "link, rounds 2-3",
                "  plank, in",
                "  - beginner: plank on the knees",
                "  downward dog, out",
                "end link");
        assertThat(FlowBalance.guards(flow)).hasSize(3);
    }
}
