package gurukram.core.score;

import static gurukram.core.Plans.chain;
import static gurukram.core.Plans.id;
import static gurukram.core.Plans.of;
import static gurukram.core.Plans.scoreWithoutCueing;
import static gurukram.core.Plans.step;
import static gurukram.core.Plans.work;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.dose.Dose;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.FlowSettings;
import gurukram.core.plan.FlowSides.Counting;
import gurukram.core.plan.Join;
import gurukram.core.plan.Link;
import gurukram.core.plan.Rounds;
import gurukram.core.plan.Step;
import gurukram.core.plan.When;
import gurukram.core.pose.Level;
import gurukram.core.pose.Side;
import gurukram.core.time.Millis;
import java.util.List;
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

    private static final Join SHARING_THE_PRAYER = new Join.Shared(0, 1);

    private static FlowSettings twelve(int rounds, Counting counting, Join join) {
        return FlowSettings.of(rounds).with(counting).withPositionMillis(5_000).withJoins(join, null);
    }

    /** Example 1: eight rounds of twelve positions, 5 s a position, a round one side or both, separate or sharing the prayer. */
    @ParameterizedTest
    @CsvSource({
        "ONE_SIDE, false, 96, 8:00",
        "ONE_SIDE, true, 89, 7:25",
        "BOTH_SIDES, false, 192, 16:00",
        "BOTH_SIDES, true, 177, 14:45"
    })
    void eightRoundsOfTwelvePositions(Counting counting, boolean shared, int positions, String length) {
        Join join = shared ? SHARING_THE_PRAYER : new Join.Separate();
        Score score = scoreWithoutCueing(of(chain(twelve(8, counting, join), 12)));
        assertThat(score.moments()).hasSize(positions);
        assertThat(Millis.show(score.totalMs())).isEqualTo(length);
    }

    /** Example 2, without its feet: seven one-sided rounds from the right. */
    @Test
    void sevenOneSidedRounds() {
        Score separate = scoreWithoutCueing(of(chain(twelve(7, Counting.ONE_SIDE, new Join.Separate()), 12)));
        Score shared = scoreWithoutCueing(of(chain(twelve(7, Counting.ONE_SIDE, SHARING_THE_PRAYER), 12)));
        assertThat(separate.moments()).hasSize(84);
        assertThat(Millis.show(separate.totalMs())).isEqualTo("7:00");
        assertThat(shared.moments()).hasSize(78);
        assertThat(Millis.show(shared.totalMs())).isEqualTo("6:30");
        assertThat(separate.moments().stream().filter(m -> m.position() == 1 && m.side() == Side.RIGHT))
                .hasSize(4);
        assertThat(separate.moments().stream().filter(m -> m.position() == 1 && m.side() == Side.LEFT))
                .hasSize(3);
    }

    /** Example 3: a link of three movements in place of the last exhale, on every pass or in rounds 3 and 4 only. */
    @Test
    void theChainWithALink() {
        Flow chain = chain(FlowSettings.of(4).withPositionMillis(3_500), 18);
        Score always = scoreWithoutCueing(of(chain.with(link(When.ALWAYS))));
        assertThat(always.moments()).hasSize(160);
        assertThat(Millis.show(always.totalMs())).isEqualTo("9:20");
        Score late = scoreWithoutCueing(of(chain.with(link(When.in(Rounds.of(3, 4))))));
        assertThat(late.moments()).hasSize(152);
        assertThat(Millis.show(late.totalMs())).isEqualTo("8:52");
    }

    private static Link link(When when) {
        return Link.of(
                id(),
                when,
                true,
                step("low-push-up", "none", "out"),
                step("upward-dog", "none", "in"),
                step("downward-dog", "none", "out"));
    }

    /** Example 3: the pace typed round by round. */
    @Test
    void theChainAtAPaceTypedByRound() {
        FlowSettings settings = FlowSettings.of(4).withPaceByRound(List.of(4_000, 3_600, 3_300, 3_000));
        assertThat(Millis.show(scoreWithoutCueing(of(chain(settings, 18))).totalMs()))
                .isEqualTo("8:20.4");
    }

    /** Example 4: knees from side to side, 11 sways from the right at 5 s, and a closing half-breath of 2.5 s. */
    @ParameterizedTest
    @CsvSource({"11, 6, 5, 0:57.5", "12, 6, 6, 1:02.5", "10, 5, 5, 0:52.5"})
    void kneesFromSideToSide(int sways, int right, int left, String length) {
        Step swaying =
                step("knees-side-to-side", "alternating", sways + " reps").withPositionMillis(5_000);
        Step closing = step("knees-to-chest", "none", "out").withPositionMillis(2_500);
        Score score = scoreWithoutCueing(of(swaying, closing));
        assertThat(score.right().reps()).isEqualTo(right);
        assertThat(score.left().reps()).isEqualTo(left);
        assertThat(Millis.show(work(score))).isEqualTo(length);
        assertThat(score.isEven()).isEqualTo(right == left);
    }

    /** Example 5: a breathing pattern in two stages, with its holds, without them, and without the empty one. */
    @ParameterizedTest
    @CsvSource({"'', 88, 2:12", "', no holds', 44, 1:06", "', no empty hold', 66, 1:39"})
    void aBreathingPattern(String holds, int counts, String length) {
        String dose = "4-4-4-4 x 3 + 5-5-5-5 x 2" + holds;
        assertThat(((Dose.Pattern) DoseText.parse(dose)).counts()).isEqualTo(counts);
        Score score = scoreWithoutCueing(of(step("thunderbolt", "none", dose)));
        assertThat(score.moments()).hasSize(2);
        assertThat(Millis.show(work(score))).isEqualTo(length);
    }

    /** Example 8: half salutes of six movements; linked by (1, 1), n of them have 4n + 2. */
    @Test
    void halfSalutesLinked() {
        FlowSettings linked = FlowSettings.of(5)
                .with(Counting.NO_SIDES)
                .withPositionMillis(3_000)
                .withJoins(new Join.Shared(1, 1), null);
        for (int n = 1; n <= 12; n++) {
            assertThat(scoreWithoutCueing(of(halfSalute(linked.withRounds(n)))).moments())
                    .hasSize(4 * n + 2);
        }
        // one, a pause of two half-breaths, then five linked: the pause as the join behind the first round
        Flow first =
                halfSalute(linked.withRounds(2).withJoins(new Join.Rested(2, Join.Rested.Unit.HALF_BREATHS), null));
        Score withPause = scoreWithoutCueing(of(first));
        assertThat(Millis.show(withPause.totalMs())).isEqualTo("0:42"); // 6 + 2 + 6 half-breaths
        long pause = withPause.moments().stream()
                .filter(m -> m.kind() == Moment.Kind.PAUSE)
                .mapToLong(Moment::workMs)
                .sum();
        long all = scoreWithoutCueing(of(halfSalute(linked.withRounds(1)))).totalMs()
                + pause
                + scoreWithoutCueing(of(halfSalute(linked))).totalMs();
        assertThat(Millis.show(all)).isEqualTo("1:30");
        assertThat(all / 3_000).as("half-breaths").isEqualTo(30);
    }

    private static Flow halfSalute(FlowSettings settings) {
        return Flow.of(
                id(),
                settings,
                step("raised-arms", "none", "in"),
                step("standing-fold", "none", "out"),
                step("half-lift", "none", "in"),
                step("standing-fold", "none", "out"),
                step("raised-arms", "none", "in"),
                step("prayer", "none", "out"));
    }

    /** Examples 6 and 10 as ranges: low, chosen and high. */
    @ParameterizedTest
    @CsvSource({
        "bridge, none, '8-10 reps x 2-3, rest 40 s, 5 s each', 2:00, 3:50",
        "tree, both, 5-8 breaths, 1:00, 1:36"
    })
    void aRangeUnfoldsToItsEnds(String pose, String sides, String dose, String low, String high) {
        ClassPlan plan = of(step(pose, sides, dose));
        Unfolder unfolder = new Unfolder(Plans.CATALOGUE, Pace.defaults().withoutCueing());
        Score lowest = unfolder.unfold(plan, Level.BEGINNER, Dose.Reading.LOW);
        Score chosen = unfolder.unfold(plan, Level.BEGINNER);
        Score highest = unfolder.unfold(plan, Level.BEGINNER, Dose.Reading.HIGH);
        assertThat(Millis.show(work(lowest))).isEqualTo(low);
        assertThat(Millis.show(work(highest))).isEqualTo(high);
        assertThat(chosen.totalMs()).isBetween(lowest.totalMs(), highest.totalMs());
        if (pose.equals("tree")) {
            assertThat(Millis.show(lowest.totalMs())).isEqualTo("1:29");
            assertThat(Millis.show(highest.totalMs())).isEqualTo("2:05");
        }
    }
}
