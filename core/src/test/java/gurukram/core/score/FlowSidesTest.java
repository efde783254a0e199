package gurukram.core.score;

import static gurukram.core.Notation.order;
import static gurukram.core.Notation.plan;
import static gurukram.core.Notation.score;
import static gurukram.core.Notation.unfolder;
import static gurukram.core.Notation.works;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.AnyPlan;
import gurukram.core.Plans;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.Mode;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which side leads, round by round, and in which mode. */
class FlowSidesTest {
    @ParameterizedTest
    @CsvSource({
        "'both sides', RLRLRL",
        "'both sides, left first', LRLRLR",
        "'both sides, side first', RRRLLL",
        "'both sides, first side alternates by round', RLLRRL",
        "'both sides, left first, first side alternates by round', LRRLLR",
        "'both sides, side first, first side alternates by round', RRRLLL",
        "'both sides, first side alternates by class', RLRLRL",
        "'one side', RLR",
        "'one side, left first', LRL",
        "'one side, side first', RRL",
        "'one side, always left', LLL",
        "'one side, always right', RRR",
        "'one side, pose by pose', RLR"
    })
    void theLeadOfEachPass(String settings, String sides) {
        assertThat(leads("", settings)).isEqualTo(sides);
    }

    @Test
    void aFlowThatAlternatesFromClassToClassBeginsAsTheClassDoes() {
        assertThat(leads("- begins left\n", "both sides, first side alternates by class"))
                .isEqualTo("LRLRLR");
        assertThat(leads("- begins left\n", "one side, left first, first side alternates by class"))
                .isEqualTo("RLR");
        assertThat(leads("- begins left\n", "both sides")).isEqualTo("RLRLRL");
    }

    private static String leads(String header, String settings) {
        Score score =
                score("class: Leads\n" + header + "standing:\nflow, 3 rounds, " + settings + "\nwarrior 2, lead, in\n");
        return score.moments().stream().map(m -> m.side().letter()).collect(Collectors.joining());
    }

    @Test
    void poseByPoseDoesEachStepOnBothSidesBeforeTheNext() {
        Score score = score("""
                standing:
                flow, 2 rounds, both sides, pose by pose, 5 s a position, shared 0 1
                  mountain, in
                  warrior 2, lead, out
                  triangle, other, in
                end flow
                """);
        assertThat(order(score))
                .isEqualTo("mountain, warrior-2 R, warrior-2 L, triangle L, triangle R, "
                        + "warrior-2 R, warrior-2 L, triangle L, triangle R");
        assertThat(score.moments()).extracting(Moment::pass).containsExactly(1, 1, 2, 1, 2, 3, 4, 3, 4);
        assertThat(score.isEven()).isTrue();
    }

    @Test
    void learnRoundsTakeFifteenSecondsAPositionAndDoNotCountAsPractice() {
        Score score = score("""
                standing:
                flow, 1 learn, 2 breath, 1 silent, one side, always right
                  warrior 2, lead, in
                  chair, out then in
                end flow
                """);
        assertThat(works(score))
                .containsExactly(
                        15_000L, 7_500L, 7_500L, 4_000L, 4_000L, 4_000L, 3_640L, 3_640L, 3_640L, 3_400L, 3_400L,
                        3_400L);
        assertThat(score.moments())
                .extracting(Moment::mode)
                .startsWith(Mode.LEARN)
                .endsWith(Mode.SILENT);
    }

    @Test
    void aTypedPaceAlsoHoldsInLearnRounds() {
        assertThat(works(score("standing:\nflow, 1 learn, 1 breath, no sides, 5 s a position\nchair, in")))
                .containsExactly(5_000L, 5_000L);
    }

    @ParameterizedTest
    @CsvSource({"12, 4 4 4", "6, 2 2 2", "4, 2 1 1", "5, 2 2 1", "1, 1", "2, 1 1", "108, 36 36 36"})
    void modesAreSharedOutOverOtherRounds(int rounds, String runs) {
        FlowSettings settings = FlowSettings.of(1)
                .withModes(new Mode.Run(2, Mode.LEARN), new Mode.Run(2, Mode.BREATH), new Mode.Run(2, Mode.SILENT));
        String shared = settings.withRounds(rounds).pace().modes().stream()
                .map(run -> String.valueOf(run.rounds()))
                .collect(Collectors.joining(" "));
        assertThat(shared).isEqualTo(runs);
    }

    @Test
    void modesMustMakeTheRounds() {
        assertThatThrownBy(() -> plan("standing:\nflow, 5 rounds, 2 learn, 2 breath\nchair, in"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("make 4 rounds, and the flow has 5");
    }

    /** Whatever a plan holds: its moments follow each other and are its length, ranges stand in order, twice is the same. */
    @Property(tries = 400)
    void everyScoreAddsUp(@ForAll long seed) {
        ClassPlan plan = AnyPlan.of(seed);
        Level level = plan.settings().level();
        Score score = Plans.score(plan);
        long now = 0;
        for (Moment moment : score.moments()) {
            assertThat(moment.startMs()).isEqualTo(now);
            assertThat(moment.transitionMs()).isNotNegative();
            assertThat(moment.settingUpMs()).isNotNegative();
            assertThat(moment.workMs()).as("%s", moment).isPositive();
            now += moment.lengthMs();
        }
        assertThat(score.totalMs()).isEqualTo(now);
        assertThat(score.sections().stream()
                        .mapToLong(Score.SectionSpan::lengthMs)
                        .sum())
                .isEqualTo(now);
        assertThat(Plans.score(plan)).isEqualTo(score);
        if (alternates(plan)) return;
        long low = unfolder().unfold(plan, level, Dose.Reading.LOW).totalMs();
        long high = unfolder().unfold(plan, level, Dose.Reading.HIGH).totalMs();
        long chosen = unfolder().unfold(plan, level).totalMs();
        assertThat(low).isLessThanOrEqualTo(chosen);
        assertThat(chosen).isLessThanOrEqualTo(high);
    }

    /** One sway fewer can leave people on the side that is not set up yet, and so last longer. */
    static boolean alternates(ClassPlan plan) {
        boolean[] found = {false};
        plan.walk(node -> {
            if (node.toString().contains("Alternating")) found[0] = true;
        });
        return found[0];
    }
}
