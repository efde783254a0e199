package gurukram.core.score;

import static gurukram.core.Plans.chain;
import static gurukram.core.Plans.of;
import static gurukram.core.Plans.scoreWithoutCueing;
import static gurukram.core.Plans.step;
import static gurukram.core.Plans.work;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.plan.FlowSettings;
import gurukram.core.time.Millis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked examples of a class's arithmetic, as a teacher would add them up on paper. */
class WorkedExamplesTest {

    /** Example 3: 18 half-breaths a side, four rounds on both sides, 3.5 s each. */
    @Test
    void aChainOfEighteenMovesFourRoundsBothSides() {
        Score score = scoreWithoutCueing(of(chain(FlowSettings.of(4).withPositionMillis(3_500), 18)));

        assertThat(score.moments()).hasSize(144);
        assertThat(score.moments().size() / 2).as("breaths").isEqualTo(72);
        assertThat(Millis.show(score.totalMs())).isEqualTo("8:24");
        assertThat(score.isEven()).isTrue();
    }

    /** Example 6: 8 to 10 reps in 2 to 3 sets, 5 s a rep, 40 s between sets. */
    @ParameterizedTest
    @CsvSource({"'8 reps x 2, rest 40 s, 5 s each', 16, 2:00", "'10 reps x 3, rest 40 s, 5 s each', 30, 3:50"})
    void repsInSetsWithRestsBetween(String dose, int reps, String length) {
        Score score = scoreWithoutCueing(of(step("bridge", "none", dose)));

        int done = score.moments().stream()
                .mapToInt(m -> m.reps() == null ? 0 : m.reps())
                .sum();
        assertThat(done).isEqualTo(reps);
        assertThat(Millis.show(work(score))).isEqualTo(length);
    }

    /** Example 9: half pigeon, 8 breaths a side. */
    @Test
    void halfPigeonOnBothSides() {
        Score score = scoreWithoutCueing(of(step("half-pigeon", "both", "8 breaths")));

        Moment first = score.moments().get(0);
        Moment second = score.moments().get(1);
        assertThat(first.settingUpMs()).isEqualTo(24_000);
        assertThat(first.workMs()).isEqualTo(64_000);
        assertThat(second.settingUpMs()).isEqualTo(20_000);
        assertThat(second.workMs()).isEqualTo(64_000);
        assertThat(Millis.show(score.totalMs())).isEqualTo("2:52");
    }

    /** Example 10: 5 to 8 active breaths on both sides of a medium pose; the range as two plans. */
    @ParameterizedTest
    @CsvSource({"5 breaths, 15000, 30000, 14000, 1:29", "8 breaths, 15000, 48000, 14000, 2:05"})
    void aRangeOfBreathsInAMediumPose(String dose, long firstSetUp, long hold, long secondSetUp, String length) {
        Score score = scoreWithoutCueing(of(step("tree", "both", dose)));

        assertThat(score.moments())
                .extracting(Moment::settingUpMs, Moment::workMs)
                .containsExactly(
                        org.assertj.core.api.Assertions.tuple(firstSetUp, hold),
                        org.assertj.core.api.Assertions.tuple(secondSetUp, hold));
        assertThat(Millis.show(score.totalMs())).isEqualTo(length);
    }
}
