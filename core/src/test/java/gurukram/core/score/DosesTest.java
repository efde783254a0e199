package gurukram.core.score;

import static gurukram.core.Notation.order;
import static gurukram.core.Notation.score;
import static gurukram.core.Notation.works;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long each kind of dose takes, and on which sides. */
class DosesTest {
    private static Score of(String step) {
        return score("standing:\n" + step);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bridge, 10 reps, 5 s each, 2 shown inside         | 50000",
                "bridge, 10 reps, 5 s each, 1 shown on top         | 8000 50000",
                "bridge, 10 reps, 5 s each, 2 shown on top, 6 s a shown rep | 12000 50000",
                "chair, 6 reps, 2 breaths each                     | 96000",
                "chair, 3 attempts of 2 breaths, rest 20 s         | 12000 20000 12000 20000 12000",
                "chair, 2 attempts of 10 counts                    | 15000 15000",
                "corpse, own pace, about 2 min                     | 120000",
                "easy seat, 90 s open                              | 90000",
                "chair, 20 counts                                  | 30000",
                "easy seat, 4-7-8-0 x 2 then 4-4 x 1               | 57000 12000",
                "chair, in then held in then out                   | 4000 4000 4000"
            })
    void lasts(String step, String works) {
        assertThat(String.join(
                        " ", works(of(step)).stream().map(String::valueOf).toList()))
                .isEqualTo(works);
    }

    @Test
    void whatIsShownOnTopIsOfferedOnceAndCountsForNoSide() {
        Score score = of("bird dog, both, 8 reps, 1 shown on top");
        assertThat(score.moments())
                .extracting(Moment::kind)
                .containsExactly(Moment.Kind.SHOWN, Moment.Kind.REPS, Moment.Kind.REPS);
        assertThat(score.isEven()).isTrue();
        assertThat(score.moments().get(1).settingUpMs())
                .as("in the pose already")
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "'seated neck side, two directions, both sides, 2 reps, 5 s each', 4, 'R1 R2 L1 L2'",
        "'seated neck side, two directions, both sides, left first, 1 breath', 4, 'L1 L2 R1 R2'",
        "'mountain, two directions, 4 reps, 5 s each', 2, '-1 -2'"
    })
    void circlesGoBothWays(String step, int moments, String visits) {
        Score score = of(step.replace("seated neck side", "neck side stretch"));
        assertThat(score.moments()).hasSize(moments);
        assertThat(String.join(
                        " ",
                        score.moments().stream()
                                .map(m -> (m.side() == null ? "-" : m.side().letter()) + m.direction())
                                .toList()))
                .isEqualTo(visits);
        assertThat(score.isEven()).isTrue();
    }

    @Test
    void aSwayMayBeCountedInAllOrASide() {
        assertThat(of("knees side to side, 5 reps, alternating").isEven()).isFalse();
        Score aSide = of("knees side to side, 5 reps, alternating a side, left first");
        assertThat(aSide.moments()).hasSize(10);
        assertThat(aSide.moments().get(0).side()).isEqualTo(Side.LEFT);
        assertThat(aSide.isEven()).isTrue();
    }

    @Test
    void crossedLimbsChangeEachTimeThePoseComesAgain() {
        String seat = "easy seat, crossing, 3 breaths\nchair, 2 breaths\n";
        assertThat(order(of(seat + seat))).isEqualTo("easy-seat R, chair, easy-seat L, chair");
        assertThat(order(of(seat.replace("crossing", "crossing, left first")
                        + seat.replace("crossing", "crossing, left first"))))
                .isEqualTo("easy-seat L, chair, easy-seat R, chair");
    }

    @Test
    void aTwistHasASideOfItsOwn() {
        Score usual = of("seated half twist, both, 3 breaths");
        assertThat(usual.moments()).extracting(Moment::twistSide).containsExactly(Side.RIGHT, Side.LEFT);
        Score across = of("lying twist, right, twist to the other side, 3 breaths");
        assertThat(across.moments()).extracting(Moment::side).containsExactly(Side.RIGHT);
        assertThat(across.moments()).extracting(Moment::twistSide).containsExactly(Side.LEFT);
        assertThat(of("tree, both, 3 breaths").moments())
                .extracting(Moment::twistSide)
                .containsOnlyNulls();
    }

    @Test
    void aStepMaySayItsSettingUpAndItsKindOfBreath() {
        Score score = of("tree, both, 2 breaths\n- setting up 40 s, passive breath");
        assertThat(score.moments()).extracting(Moment::settingUpMs).containsExactly(40_000L, 40_000L);
        assertThat(works(score)).containsExactly(16_000L, 16_000L);
    }

    @Test
    void aSchoolMayCountSlowerAndLeaveOutRetentions() {
        String pattern = "standing:\nflow, 1 round, no sides\n- school: %s\neasy seat, 4-6-4-6 x 2\nend flow";
        assertThat(works(score(pattern.formatted("all holds")))).containsExactly(60_000L);
        assertThat(works(score(pattern.formatted("no holds")))).containsExactly(24_000L);
        assertThat(works(score(pattern.formatted("no empty holds, 1 s a count"))))
                .containsExactly(28_000L);
        assertThat(works(score(pattern.formatted("holds up to 2 counts")))).containsExactly(36_000L);
        String inClass = "class: Quiet\n- school: no holds\nstanding:\neasy seat, 4-6-4-6 x 2";
        assertThat(works(score(inClass))).containsExactly(24_000L);
    }

    @Test
    void withRetentionOffAHeldBreathJustGoesOn() {
        String text =
                "class: Q\n- school: %s\nstanding:\nflow, 1 round, no sides\nplank, in\nplank, held in\nchair, in\n";
        Score held = score(text.formatted("all holds"));
        assertThat(Parity.clashes(held)).as("a retention lies between").isEmpty();
        Score off = score(text.formatted("no holds"));
        assertThat(off.moments().get(1).continued()).isTrue();
        assertThat(off.totalMs()).isEqualTo(held.totalMs());
        assertThat(Parity.clashes(off)).hasSize(1);
    }

    @Test
    void betweenSetsOfSwaysPeopleRestOnNoSideAndNotAfterTheLast() {
        Score score = Plans.score(
                Plans.of(Plans.step("knees-side-to-side", "alternating", "4 reps x 3, rest 20 s, 5 s each")));
        var pauses = score.moments().stream()
                .filter(moment -> moment.kind() == Moment.Kind.PAUSE)
                .toList();
        assertThat(pauses).hasSize(2).allSatisfy(pause -> {
            assertThat(pause.side()).isNull();
            assertThat(pause.workMs()).isEqualTo(20_000);
        });
        assertThat(pauses).extracting(Moment::set).containsExactly(1, 2);
        assertThat(Plans.work(score)).isEqualTo(3 * 4 * 5_000 + 2 * 20_000);
        assertThat(score.moments().get(score.moments().size() - 1).kind()).isEqualTo(Moment.Kind.REPS);
    }
}
