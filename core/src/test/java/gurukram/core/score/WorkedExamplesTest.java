package gurukram.core.score;

import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.read;
import static gurukram.core.Notation.score;
import static gurukram.core.Notation.unfolder;
import static gurukram.core.Plans.work;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.dose.Dose.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.pose.Level;
import gurukram.core.time.Millis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked examples of a class's arithmetic, from what a teacher writes down to what it comes to. */
class WorkedExamplesTest {

    /** Example 1: eight rounds of the twelve positions, right foot back first, 5 s a position. */
    @ParameterizedTest
    @CsvSource({
        "one side, separate, 96, 8:00",
        "one side, shared 0 1, 89, 7:25",
        "both sides, separate, 192, 16:00",
        "both sides, shared 0 1, 177, 14:45"
    })
    void eightRoundsOfTwelvePositions(String counting, String join, int positions, String length) {
        Score score = score("salutations:\ntwelve positions b, 8 rounds, %s, right first, 5 s a position, %s"
                .formatted(counting, join));
        assertThat(score.moments()).hasSize(positions);
        assertThat(Millis.show(score.totalMs())).isEqualTo(length);
        int passes = counting.equals("one side") ? 4 : 8;
        Feet.Tally feet = Feet.tally(score, Plans.CATALOGUE);
        for (Feet.Leg leg : new Feet.Leg[] {feet.right(), feet.left()}) {
            assertThat(leg.backs()).isEqualTo(2 * passes);
            assertThat(leg.firstBacks()).isEqualTo(passes);
        }
        assertThat(feet.impossible()).isEmpty();
    }

    /** Example 2: seven one-sided rounds from the right, under either leg rule. */
    @ParameterizedTest
    @CsvSource({
        "separate, same front, 84, 7:00, 8, 6",
        "shared 0 1, same front, 78, 6:30, 8, 6",
        "separate, returning, 84, 7:00, 7, 7",
        "shared 0 1, returning, 78, 6:30, 7, 7"
    })
    void sevenOneSidedRounds(String join, String legs, int positions, String length, int left, int right) {
        Score score = score("salutations:\ntwelve positions a, 7 rounds, one side, right first, 5 s a position, %s, %s"
                .formatted(join, legs));
        assertThat(score.moments()).hasSize(positions);
        assertThat(Millis.show(score.totalMs())).isEqualTo(length);
        Feet.Tally feet = Feet.tally(score, Plans.CATALOGUE);
        assertThat(feet.right().firstBacks()).isEqualTo(4);
        assertThat(feet.left().firstBacks()).isEqualTo(3);
        assertThat(feet.right().backs()).isEqualTo(7);
        assertThat(feet.left().backs()).isEqualTo(7);
        assertThat(feet.left().frontLunges()).isEqualTo(left);
        assertThat(feet.right().frontLunges()).isEqualTo(right);
    }

    /** A chain of 18 half-breath moves a side, which starts in and ends out. */
    private static String chain(String settings, int moves, String link) {
        StringBuilder text = new StringBuilder("standing:\nflow, 4 rounds, both sides, " + settings + "\n");
        for (int i = 0; i < moves; i++) text.append("  warrior 2, lead, ").append(i % 2 == 0 ? "in\n" : "out\n");
        return text + link + "end flow\n";
    }

    private static String link(String when) {
        return "  link%s, in place of the last\n    low push-up, out\n    upward dog, in\n    downward dog, out\n  end link\n"
                .formatted(when);
    }

    /** Example 3: four rounds at 3.5 s, with and without a link of three, and at a pace typed round by round. */
    @Test
    void aChainOfEighteenMovesFourRoundsBothSides() {
        Score plain = score(chain("3.5 s a position", 18, ""));
        assertThat(plain.moments()).hasSize(144);
        assertThat(plain.moments().size() / 2).as("breaths").isEqualTo(72);
        assertThat(Millis.show(plain.totalMs())).isEqualTo("8:24");
        assertThat(plain.isEven()).isTrue();

        Score always = score(chain("3.5 s a position", 18, link("")));
        assertThat(always.moments()).hasSize(160);
        assertThat(always.moments().size() / 2).as("breaths").isEqualTo(80);
        assertThat(Millis.show(always.totalMs())).isEqualTo("9:20");

        Score late = score(chain("3.5 s a position", 18, link(", rounds 3-4")));
        assertThat(late.moments()).hasSize(152);
        assertThat(late.moments().size() / 2).as("breaths").isEqualTo(76);
        assertThat(Millis.show(late.totalMs())).isEqualTo("8:52");

        Score paced = score(chain("paces 4/3.6/3.3/3 s", 18, ""));
        assertThat(Millis.show(paced.totalMs())).isEqualTo("8:20.4");
    }

    /** Example 3: with the last exhale taken out the chain clashes with itself at every join. */
    @Test
    void theChainWithoutItsLastExhaleClashes() {
        Score score = score(chain("3.5 s a position", 17, ""));
        assertThat(score.moments()).hasSize(8 * 17);
        assertThat(Parity.clashes(score)).hasSize(7);
        assertThat(Parity.clashes(score(chain("3.5 s a position", 18, "")))).isEmpty();
    }

    /** Example 4: knees from side to side, sways from the right at 5 s, and a closing half-breath of 2.5 s. */
    @ParameterizedTest
    @CsvSource({"11, 6, 5, 0:57.5", "12, 6, 6, 1:02.5", "10, 5, 5, 0:52.5"})
    void kneesFromSideToSide(int sways, int right, int left, String length) {
        Score score = score("""
                cool-down:
                knees side to side, %d reps, alternating, right first
                - pace 5 s
                knees to chest, out
                - pace 2.5 s
                """.formatted(sways));
        assertThat(score.right().reps()).isEqualTo(right);
        assertThat(score.left().reps()).isEqualTo(left);
        assertThat(Millis.show(work(score))).isEqualTo(length);
        assertThat(score.isEven()).isEqualTo(right == left);
        Side last = score.moments().get(sways - 1).side();
        assertThat(last).isEqualTo(sways % 2 == 0 ? Side.LEFT : Side.RIGHT);
    }

    /** Example 5: a breathing pattern in two stages, with its holds, without them, and without the empty one. */
    @ParameterizedTest
    @CsvSource({"'', 2:12", "', no holds', 1:06", "', no empty hold', 1:39"})
    void aBreathingPattern(String holds, String length) {
        Score score = score("breathe:\nthunderbolt seat, 4-4-4-4 x 3 then 5-5-5-5 x 2" + holds);
        assertThat(score.moments()).hasSize(2);
        assertThat(Millis.show(work(score))).isEqualTo(length);
    }

    /** Example 6: 8 to 10 reps in 2 to 3 sets, 5 s a rep, 40 s between sets. */
    @Test
    void repsInSetsWithRestsBetween() {
        ClassPlan plan = plan("strength:\nbridge, 8-10 reps x 2-3, rest 40 s, 5 s each");
        Score low = unfolder().unfold(plan, Level.BEGINNER, Reading.LOW);
        Score high = unfolder().unfold(plan, Level.BEGINNER, Reading.HIGH);
        assertThat(reps(low)).isEqualTo(16);
        assertThat(Millis.show(work(low))).isEqualTo("2:00");
        assertThat(reps(high)).isEqualTo(30);
        assertThat(Millis.show(work(high))).isEqualTo("3:50");
    }

    private static int reps(Score score) {
        return score.moments().stream()
                .mapToInt(m -> m.reps() == null ? 0 : m.reps())
                .sum();
    }

    private static final String HALF_SALUTE = """
            flow, %s, no sides, 3 s a position, linked
              raised arms, in
              standing fold, out
              half lift, in
              standing fold, out
              raised arms, in
              prayer stand, out
            end flow
            """;

    /** Example 8: half salutes of six movements; linked by (1, 1), n of them have 4n + 2. */
    @Test
    void halfSalutesLinked() {
        for (int n = 1; n <= 12; n++) {
            Score linked = score("salutations:\n" + HALF_SALUTE.formatted(n + " rounds"));
            assertThat(linked.moments()).hasSize(4 * n + 2);
        }
        // one, a pause of two half-breaths as the end of its only round's join, then five linked
        Score two =
                score("salutations:\n" + HALF_SALUTE.formatted("2 rounds").replace("linked", "rest 2 half-breaths"));
        long pause = two.moments().stream()
                .filter(m -> m.kind() == Moment.Kind.PAUSE)
                .mapToLong(Moment::workMs)
                .sum();
        long whole = score("salutations:\n" + HALF_SALUTE.formatted("1 round")).totalMs()
                + pause
                + score("salutations:\n" + HALF_SALUTE.formatted("5 rounds")).totalMs();
        assertThat(whole / 3_000).as("half-breaths").isEqualTo(30);
        assertThat(Millis.show(whole)).isEqualTo("1:30");
        Score together = score(
                "salutations:\n" + HALF_SALUTE.formatted("1 round") + "6 s open\n" + HALF_SALUTE.formatted("5 rounds"));
        assertThat(Millis.show(work(together))).isEqualTo("1:30");
    }

    /** Example 9: half pigeon, 8 breaths a side. */
    @Test
    void halfPigeonOnBothSides() {
        Score score = score("floor:\nhalf pigeon, both sides, 8 breaths");
        assertThat(score.moments()).extracting(Moment::settingUpMs).containsExactly(24_000L, 20_000L);
        assertThat(score.moments()).extracting(Moment::workMs).containsExactly(64_000L, 64_000L);
        assertThat(Millis.show(score.totalMs())).isEqualTo("2:52");
    }

    /** Example 10: 5 to 8 active breaths on both sides of a medium pose. */
    @Test
    void aRangeOfBreathsInAMediumPose() {
        ClassPlan plan = plan("balance:\ntree, both, 5-8 breaths");
        Score low = unfolder().unfold(plan, Level.BEGINNER, Reading.LOW);
        Score high = unfolder().unfold(plan, Level.BEGINNER, Reading.HIGH);
        assertThat(low.moments()).extracting(Moment::settingUpMs).containsExactly(15_000L, 14_000L);
        assertThat(low.moments()).extracting(Moment::workMs).containsExactly(30_000L, 30_000L);
        assertThat(Millis.show(low.totalMs())).isEqualTo("1:29");
        assertThat(high.moments()).extracting(Moment::workMs).containsExactly(48_000L, 48_000L);
        assertThat(Millis.show(high.totalMs())).isEqualTo("2:05");
    }

    /** The examples stand in the canonical form, or are understood as if they did. */
    @Test
    void everyLineOfAnExampleIsUnderstood() {
        for (String text : new String[] {
            chain("3.5 s a position", 18, link(", rounds 3-4")), "salutations:\n" + HALF_SALUTE.formatted("5 rounds")
        }) {
            assertThat(read(text).lines())
                    .hasSize((int) text.lines().count())
                    .allSatisfy(line -> assertThat(line.node()).isNotNull());
        }
    }
}
