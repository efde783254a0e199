package gurukram.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.score.Moment;
import gurukram.core.score.Pace;
import gurukram.core.score.Unfolder;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is counted at each kind of moment. */
class CountTest {
    private static List<Moment> moments(String line) {
        return new Unfolder(Plans.CATALOGUE, Pace.defaults())
                .unfold(Notation.plan("class: Evening\n- 45 min, hatha, intermediate\nstanding:\n" + line + "\n"), null)
                .moments();
    }

    private static List<Count> counts(String line) {
        return Count.of(moments(line));
    }

    @Test
    void repetitionsFromSideToSideAreCountedThroughInEachSet() {
        List<Moment> moments = moments("knees side to side, alternating, 4 reps x 2, rest 10 s");
        List<Count> counts = Count.of(moments);
        assertThat(moments)
                .extracting(Moment::side)
                .containsExactly(
                        Side.RIGHT,
                        Side.LEFT,
                        Side.RIGHT,
                        Side.LEFT,
                        null,
                        Side.RIGHT,
                        Side.LEFT,
                        Side.RIGHT,
                        Side.LEFT);
        assertThat(counts).extracting(Count::nth).containsExactly(1, 2, 3, 4, 1, 1, 2, 3, 4);
        assertThat(counts).extracting(Count::set).containsExactly(1, 1, 1, 1, 1, 2, 2, 2, 2);
        assertThat(counts).extracting(Count::sets).containsOnly(2);
    }

    @Test
    void setsAreCountedOnEachSideByItself() {
        List<Count> counts = counts("bird dog, both, 8 reps x 2, rest 10 s");
        assertThat(counts).extracting(Count::set).containsExactly(1, 1, 2, 1, 1, 2);
        assertThat(counts).extracting(Count::sets).containsOnly(2);
    }

    @Test
    void aPatternKnowsThePhasesOfItsCycle() {
        List<Moment> moments = moments("box breath, 4-4-4-4 x 6");
        assertThat(moments.get(0).how().phases()).containsExactly(4, 4, 4, 4);
        assertThat(moments.get(0).breaths()).isEqualTo(6);
    }

    @Test
    void turnsAndTriesAndStagesAreKnown() {
        List<Count> counts =
                counts("crow, 2 attempts of 3 breaths, rest 20 s, in 2 turns\n- stage: one foot light, 2 breaths");
        assertThat(counts).extracting(Count::stage).containsExactly(1, 2, 2, 2, 2, 2, 2);
        assertThat(counts).extracting(Count::stages).containsOnly(2);
        assertThat(counts).extracting(Count::turns).containsOnly(2);
        assertThat(counts).extracting(Count::sets).containsOnly(2);
        assertThat(counts.get(6).turn()).isEqualTo(2);
        assertThat(counts.get(6).set()).isEqualTo(2);
    }

    @Test
    void aHoldHasNothingToCountButItsBreaths() {
        assertThat(counts("tree, both, 5 breaths")).containsOnly(new Count(1, 1, 1, 1, 1, 1, 1, 1));
    }
}
