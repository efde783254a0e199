package gurukram.core.plan.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.plan.settings.OwnPace.Figure;
import gurukram.core.pose.Complexity;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How long breaths are, where that is set, and what a round says and lasts. */
class PacesTest {
    private static final BreathLengths ALL = new BreathLengths(4_000, 5_000, 3_000, 3_500, List.of(100, 90), 3, 4);

    @Test
    void theNearerPlaceHoldsAndTheWiderWhereItSaysNothing() {
        assertThat(BreathLengths.UNSET.over(ALL)).isEqualTo(ALL);
        assertThat(ALL.over(BreathLengths.ofHolds(9_000))).isEqualTo(ALL);
        BreathLengths holds = BreathLengths.ofHolds(6_000).over(ALL);
        assertThat(holds).isEqualTo(new BreathLengths(6_000, 6_000, 3_000, 3_500, List.of(100, 90), 3, 4));
        BreathLengths flow = BreathLengths.UNSET.withHalf(3_100).over(ALL);
        assertThat(flow).isEqualTo(new BreathLengths(4_000, 5_000, 3_100, 3_500, List.of(100, 90), 3, 4));
        BreathLengths second = BreathLengths.UNSET
                .withSecondHalf(3_200)
                .withRounds(List.of(100))
                .over(ALL);
        assertThat(second).isEqualTo(new BreathLengths(4_000, 5_000, 3_000, 3_200, List.of(100), 3, 4));
        assertThat(BreathLengths.UNSET.withRatio(1, 2).over(ALL))
                .isEqualTo(new BreathLengths(4_000, 5_000, 3_000, 3_500, List.of(100, 90), 1, 2));
    }

    @Test
    void halvesShortOfThreeSecondsAndAHalfRatioAreRefused() {
        assertThat(BreathLengths.UNSET.withHalf(3_000).halfMillis()).isEqualTo(3_000);
        assertThatThrownBy(() -> BreathLengths.UNSET.withHalf(2_999)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> BreathLengths.UNSET.withSecondHalf(30_001)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> BreathLengths.UNSET.withActive(1_499)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> BreathLengths.UNSET.withPassive(60_001)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> BreathLengths.UNSET.withRounds(List.of(29))).isInstanceOf(Refused.class);
        assertThat(BreathLengths.UNSET
                        .withRounds(java.util.Collections.nCopies(12, 100))
                        .roundPercents())
                .hasSize(12);
        assertThatThrownBy(() -> BreathLengths.UNSET.withRounds(java.util.Collections.nCopies(13, 100)))
                .hasMessageContaining("at most 12 rounds");
        assertThatThrownBy(() -> BreathLengths.UNSET.withRatio(3, null)).hasMessageContaining("needs its exhale");
        assertThatThrownBy(() -> BreathLengths.UNSET.withRatio(null, 3)).hasMessageContaining("needs its exhale");
        assertThatThrownBy(() -> BreathLengths.UNSET.withRatio(0, 3)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> BreathLengths.UNSET.withRatio(3, 21)).isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 s | 5 s a position | 10000 | 5000",
                "5 s a position | 5 s a position | 10000 | 5000",
                "3,5 s per half-breath | 3.5 s a half-breath | 7000 | 3500",
                "4 sec each exhale | 4 s a half-breath | 8000 | 4000",
                "7 s a breath | 7 s a breath | 7000 | 7000",
                "in 3 s out 4 s | in 3 s out 4 s | 7000 | 4000",
                "breathe in for 3, breathe out for 4.5 | in 3 s out 4.5 s | 7500 | 4500"
            })
    void aPaceAsItIsTyped(String typed, String written, long breath, int out) {
        TypedPace pace = TypedPace.parse(typed);
        assertThat(pace).hasToString(written);
        assertThat(TypedPace.parse(written)).isEqualTo(pace);
        assertThat(pace.breath()).isEqualTo(breath);
        assertThat(pace.outOf()).isEqualTo(out);
    }

    @ParameterizedTest
    @ValueSource(strings = {"slowly", "5 minutes", "0.9 s", "61 s", "in 3 s"})
    void whatIsNoPaceIsSaid(String typed) {
        assertThatThrownBy(() -> TypedPace.parse(typed)).isInstanceOf(Refused.class);
    }

    @Test
    void theEndsOfWhatAPaceMayBe() {
        assertThat(TypedPace.parse("1 s").millis()).isEqualTo(1_000);
        assertThat(TypedPace.parse("60 s").millis()).isEqualTo(60_000);
        assertThat(TypedPace.read("flowing")).isEmpty();
        assertThatThrownBy(() -> new TypedPace(TypedPace.Per.BREATH, 5_000, 5_000))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new TypedPace(TypedPace.Per.IN_AND_OUT, 5_000, null))
                .isInstanceOf(Refused.class);
    }

    @Test
    void modesAreSharedOutByTheLargestRemainder() {
        FlowPace pace = FlowPace.USUAL.withModes(
                List.of(new Mode.Run(1, Mode.LEARN), new Mode.Run(1, Mode.BREATH), new Mode.Run(1, Mode.SILENT)));
        assertThat(pace.sharedOver(3)).isEqualTo(pace);
        assertThat(pace.sharedOver(4).modes()).hasToString("[2 learn, 1 breath, 1 silent]");
        assertThat(pace.sharedOver(2).modes()).hasToString("[1 learn, 1 breath]");
        FlowPace uneven = FlowPace.USUAL.withModes(List.of(new Mode.Run(1, Mode.LEARN), new Mode.Run(4, Mode.BREATH)));
        assertThat(uneven.sharedOver(3).modes()).as("3/5 and 12/5").hasToString("[1 learn, 2 breath]");
        assertThat(uneven.sharedOver(10).modes()).hasToString("[2 learn, 8 breath]");
        assertThat(FlowPace.USUAL.sharedOver(7)).isEqualTo(FlowPace.USUAL);
        assertThat(uneven.modeRounds()).isEqualTo(5);
    }

    @Test
    void theLastOfWhatIsSaidRoundByRoundHoldsOn() {
        TypedPace five = TypedPace.position(5_000);
        TypedPace four = TypedPace.position(4_000);
        FlowPace pace =
                FlowPace.USUAL.withByRound(List.of(five, four)).withCues(List.of(CueLevel.LONG, CueLevel.SILENT));
        assertThat(pace.typedIn(1)).isEqualTo(five);
        assertThat(pace.typedIn(2)).isEqualTo(four);
        assertThat(pace.typedIn(9)).isEqualTo(four);
        assertThat(pace.cueIn(1)).isEqualTo(CueLevel.LONG);
        assertThat(pace.cueIn(2)).isEqualTo(CueLevel.SILENT);
        assertThat(pace.cueIn(9)).isEqualTo(CueLevel.SILENT);
        assertThatThrownBy(() -> new FlowPace(five, List.of(four), List.of(), List.of()))
                .hasMessageContaining("not both");
        assertThatThrownBy(() -> FlowPace.USUAL.withByRound(java.util.Collections.nCopies(109, four)))
                .hasMessageContaining("more paces than a flow can have rounds");
    }

    @Test
    void whatIsSaidFollowsTheModeWhereNothingIsWritten() {
        FlowPace pace = FlowPace.USUAL.withModes(
                List.of(new Mode.Run(2, Mode.LEARN), new Mode.Run(1, Mode.BREATH), new Mode.Run(1, Mode.SILENT)));
        assertThat(List.of(pace.cueIn(1), pace.cueIn(2), pace.cueIn(3), pace.cueIn(4)))
                .containsExactly(CueLevel.LONG, CueLevel.LONG, CueLevel.SHORT, CueLevel.SILENT);
        assertThat(FlowPace.USUAL.cueIn(1)).isEqualTo(CueLevel.LONG);
        assertThat(FlowPace.USUAL.cueIn(2)).isEqualTo(CueLevel.SHORT);
        assertThat(pace.modeIn(5)).as("behind all runs").isEqualTo(Mode.BREATH);
    }

    @Test
    void aTeachersOwnPaceIsWhatDiffersFromTheUsual() {
        OwnPace own = OwnPace.NONE.with(Figure.ACTIVE_BREATH, new BigDecimal("1.10"));
        assertThat(own.factor(Figure.ACTIVE_BREATH)).isEqualByComparingTo("1.1");
        assertThat(own.factor(Figure.PASSIVE_BREATH)).isEqualByComparingTo("1");
        assertThat(own.with(Figure.ACTIVE_BREATH, BigDecimal.ONE)).isEqualTo(OwnPace.NONE);
        assertThat(own.with(Figure.REPETITION, BigDecimal.TEN).factors()).hasSize(2);
        assertThat(own.withLikely(7)).isEqualTo(new OwnPace(own.factors(), 7));
        assertThatThrownBy(() -> new OwnPace(Map.of(Figure.REPETITION, BigDecimal.ZERO), 15))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(OwnPace.at(null)).isNull();
        assertThat(OwnPace.at(Level.INTERMEDIATE)).isNull();
        assertThat(OwnPace.at(Level.BEGINNER)).isEqualTo(Figure.SETTING_UP_BEGINNERS);
        assertThat(OwnPace.at(Level.ADVANCED)).isEqualTo(Figure.SETTING_UP_ADVANCED);
        assertThat(Figure.settingUp(Complexity.SIMPLE)).isEqualTo(Figure.SETTING_UP_SIMPLE);
        assertThat(Figure.settingUp(Complexity.MEDIUM)).isEqualTo(Figure.SETTING_UP_MEDIUM);
        assertThat(Figure.settingUp(Complexity.COMPLEX)).isEqualTo(Figure.SETTING_UP_COMPLEX);
        assertThat(Figure.settingUp(Complexity.FULLY_EXPLAINED)).isEqualTo(Figure.SETTING_UP_EXPLAINED);
        assertThat(Figure.REPETITION.words()).isEqualTo("a repetition");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "separate | separate",
                "shared | shared 0 1",
                "Linked | shared 1 1",
                "share (2, 3) | shared 2 3",
                "rest 2 breaths | rest 2 breaths",
                "rest 1 breath | rest 1 breath",
                "rested 20 seconds | rest 20 s",
                "rest 3 half-breaths | rest 3 half-breaths"
            })
    void passesMeetInTheseWays(String typed, String written) {
        assertThat(Join.parse(typed).words()).isEqualTo(written);
        assertThat(Join.parse(written)).isEqualTo(Join.parse(typed));
    }

    @ParameterizedTest
    @ValueSource(strings = {"together", "shared 0 0", "shared 41 0", "rest 0 s", "rest 601 s", "rest -1 s"})
    void andInNoOther(String typed) {
        assertThatThrownBy(() -> Join.parse(typed)).isInstanceOf(Refused.class);
    }

    @Test
    void aSettingUpForTheSecondSideNeedsOneForTheFirst() {
        Timing both = Timing.USUAL.withSettingUp(9_000, 4_000);
        assertThat(both.settingUpOf(false)).isEqualTo(9_000);
        assertThat(both.settingUpOf(true)).isEqualTo(4_000);
        assertThat(Timing.USUAL.withSettingUp(9_000, null).settingUpOf(true))
                .as("one for both sides")
                .isEqualTo(9_000);
        assertThatThrownBy(() -> Timing.USUAL.withSettingUp(null, 4_000))
                .hasMessageContaining("needs one for the first");
    }

    @Test
    void aSchoolSetsWhatItSaysAndLeavesTheRest() {
        School house = School.USUAL.withHoldCap(12).withCountMillis(1_200);
        School own = School.UNSET.with(School.LegRule.SAME_FRONT).withCountMillis(900);
        School both = own.over(house);
        assertThat(both.countMillis(1_000)).isEqualTo(900);
        assertThat(both.holdCap()).isEqualTo(12);
        assertThat(both.legRule()).isEqualTo(School.LegRule.SAME_FRONT);
        assertThat(School.UNSET.over(house)).isEqualTo(house);
        assertThat(house.over(own)).isEqualTo(house);
        assertThat(School.UNSET.countMillis(1_000)).isEqualTo(1_000);
    }
}
