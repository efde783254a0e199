package gurukram.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import org.junit.jupiter.api.Test;

/** What a flow leaves behind for what comes after it. */
class TracesTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    private static Flow flow(String how, String... lines) {
        return (Flow) plan(how, lines).sections().get(0).items().get(0);
    }

    private static ClassPlan plan(String how, String... lines) {
        return Notation.plan("standing:\nflow \"f\", " + how + "\n  " + String.join("\n  ", lines) + "\nend flow\n");
    }

    private static long of(String how, String... lines) {
        ClassPlan plan = plan(how, lines);
        Flow flow = (Flow) plan.sections().get(0).items().get(0);
        return Traces.of(flow, UNFOLDER.unfold(plan, null), Plans.CATALOGUE);
    }

    private static final String PLAIN = "2 rounds, no sides";

    @Test
    void whatEndsAndMeetsTheSameLeavesTheSame() {
        long two = of(PLAIN, "raised arms, in", "standing fold, out");
        assertThat(of("3 rounds, no sides", "raised arms, in", "standing fold, out"))
                .isEqualTo(two);
        assertThat(two).isNotZero();
    }

    @Test
    void anotherPoseAnotherEndAndAnotherWayAreOthers() {
        long two = of(PLAIN, "raised arms, in", "standing fold, out");
        assertThat(of(PLAIN, "raised arms, in", "half lift, in", "standing fold, out"))
                .isNotEqualTo(two);
        assertThat(of(PLAIN, "standing fold, out", "raised arms, in")).isNotEqualTo(two);
        // the same poses and the same end, but from the floor to standing and back
        assertThat(of("1 round, no sides", "chair, in", "boat, out", "standing fold, out"))
                .isNotEqualTo(of("1 round, no sides", "boat, in", "chair, out", "standing fold, out"));
    }

    @Test
    void whatWasFetchedIsRememberedAndTheSideOneEndsOn() {
        long plain = of("2 rounds, both sides", "triangle, lead, in", "mountain, out");
        assertThat(of("2 rounds, both sides", "triangle, lead, in", "- props: 1 block", "mountain, out"))
                .isNotEqualTo(plain);
        assertThat(of("2 rounds, both sides, right first", "mountain, in", "triangle, lead, out"))
                .isNotEqualTo(of("2 rounds, both sides, left first", "mountain, in", "triangle, lead, out"));
        assertThat(of(PLAIN, "mountain, in", "boat, 3 breaths"))
                .isNotEqualTo(of(PLAIN, "mountain, in", "boat, 3 breaths", "- props: 1 strap"));
    }

    @Test
    void peopleAreSetUpForHoldsWhereverTheyStand() {
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "standing fold, out")))
                .isFalse();
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "chair, 3 breaths")))
                .isTrue();
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "- round 2: chair, in", "standing fold, out")))
                .isFalse();
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "- round 2: chair", "standing fold, out")))
                .isFalse();
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "- round 2: chair, 3 breaths", "standing fold, out")))
                .isTrue();
        assertThat(Traces.hasHolds(
                        flow(PLAIN, "raised arms, in", "- round 2: then chair, 3 breaths", "standing fold, out")))
                .isTrue();
        assertThat(Traces.hasHolds(flow(PLAIN, "raised arms, in", "- round 2: then chair, in", "standing fold, out")))
                .isFalse();
        assertThat(Traces.hasHolds(
                        flow(PLAIN, "raised arms, in", "standing fold, out", "link", "  plank, 3 breaths", "end link")))
                .isTrue();
    }
}
