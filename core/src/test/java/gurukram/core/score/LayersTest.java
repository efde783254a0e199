package gurukram.core.score;

import static gurukram.core.Notation.order;
import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.unfolder;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import gurukram.core.time.Millis;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

/** What levels, rounds and passes change. */
class LayersTest {
    private static String orderAt(Level level, String text) {
        return order(unfolder().unfold(plan(text), level));
    }

    private static final String BY_ROUND = """
            standing:
            flow, 3 rounds, one side, 5 s a position
              high lunge, lead, in
              - round 2: warrior 1
              - rounds 2-3: out
              - last round: then chair, in
              - round 3: first plank, out
              mountain, out
              - round 1: leave out
              - round 1: then chair, in
            end flow
            """;

    @Test
    void aLayerReplacesInsertsAndLeavesOutInItsRounds() {
        Score score = unfolder().unfold(plan(BY_ROUND), null);
        assertThat(order(score)).isEqualTo("high-lunge R, warrior-1 L, mountain, plank, high-lunge R, chair, mountain");
        assertThat(score.moments().get(1).breath()).isEqualTo(Breath.EXHALE);
        assertThat(score.moments()).extracting(Moment::position).containsExactly(1, 1, 2, 1, 2, 3, 4);
    }

    @Test
    void levelEditsComeBeforeRoundEditsAndTheLastWins() {
        String text = """
                standing:
                flow, 2 rounds, one side
                  warrior 2, lead, 1 breath
                  - round 2: 5 breaths
                  - beginner: 3 breaths
                  - beginner: 2 breaths
                  - advanced, round 2: triangle
                end flow
                """;
        ClassPlan plan = plan(text);
        assertThat(unfolder().unfold(plan, null).moments())
                .extracting(Moment::breaths)
                .containsExactly(1, 5);
        assertThat(unfolder().unfold(plan, Level.BEGINNER).moments())
                .extracting(Moment::breaths)
                .containsExactly(2, 5);
        assertThat(orderAt(Level.ADVANCED, text)).isEqualTo("warrior-2 R, triangle L");
        assertThat(orderAt(Level.INTERMEDIATE, text)).isEqualTo("warrior-2 R, warrior-2 L");
    }

    @Test
    void bothSidesGetTheSameLayerUnlessItSaysWhichPass() {
        String both = """
                standing:
                flow, 2 rounds, both sides, 5 s a position
                  high lunge, lead, in
                  - round 2: warrior 1
                end flow
                """;
        assertThat(orderAt(null, both)).isEqualTo("high-lunge R, high-lunge L, warrior-1 R, warrior-1 L");
        String second = both.replace("round 2:", "second pass:");
        assertThat(orderAt(null, second)).isEqualTo("high-lunge R, warrior-1 L, high-lunge R, warrior-1 L");
        String sideFirst = second.replace("both sides,", "both sides, side first,");
        assertThat(orderAt(null, sideFirst)).isEqualTo("high-lunge R, high-lunge R, warrior-1 L, warrior-1 L");
    }

    @Test
    void aReplacementKeepsTheSideRuleUnlessItStatesOne() {
        String text = """
                standing:
                warrior 2, left first, 3 breaths
                - beginner: triangle
                - intermediate: triangle, right
                - advanced: chair
                """;
        assertThat(orderAt(null, text)).isEqualTo("warrior-2 L, warrior-2 R");
        assertThat(orderAt(Level.BEGINNER, text)).isEqualTo("triangle L, triangle R");
        assertThat(orderAt(Level.INTERMEDIATE, text)).isEqualTo("triangle R");
        assertThat(orderAt(Level.ADVANCED, text)).isEqualTo("chair");
    }

    @Test
    void linksHoldAtLevelsToo() {
        String text = """
                standing:
                flow, 2 rounds, no sides, 5 s a position
                  raised arms, in
                  standing fold, out
                  link, advanced, round 2, in place of the last
                    plank, out
                  end link
                end flow
                """;
        assertThat(orderAt(Level.BEGINNER, text)).isEqualTo("raised-arms, standing-fold, raised-arms, standing-fold");
        assertThat(orderAt(Level.ADVANCED, text)).isEqualTo("raised-arms, standing-fold, raised-arms, plank");
    }

    @Test
    void aFlowInWhichEverythingIsLeftOutTakesNoTime() {
        Score score = unfolder().unfold(plan("""
                standing:
                flow, 3 rounds, no sides, shared 1 1, between rounds rest 5 s
                  chair, in
                  - beginner: leave out
                end flow
                chair, 2 breaths
                """), Level.BEGINNER);
        assertThat(order(score)).isEqualTo("chair");
    }

    @Test
    void aMixedRoomKeepsToTheClockOfTheBaseLine() {
        ClassPlan plan = plan("""
                class: Mixed
                - mixed room
                standing:
                tree, both, 5 breaths
                - beginner: 3 breaths
                - advanced: 8 breaths
                flow, 2 rounds, one side, 4 s a position
                  chair, out
                  warrior 2, lead, in
                  - beginner, round 2: leave out
                end flow
                """);
        var lines = MixedRoom.lines(plan, unfolder());
        assertThat(lines)
                .extracting(MixedRoom.Line::level, MixedRoom.Line::pass, MixedRoom.Line::isOver)
                .containsExactly(
                        Tuple.tuple(Level.BEGINNER, null, false),
                        Tuple.tuple(Level.BEGINNER, 2, false),
                        Tuple.tuple(Level.ADVANCED, null, true));
        assertThat(Millis.show(lines.get(0).spareMs())).isEqualTo("0:24");
        assertThat(lines.get(2).lineMs() - lines.get(2).clockMs()).isEqualTo(36_000);
    }
}
