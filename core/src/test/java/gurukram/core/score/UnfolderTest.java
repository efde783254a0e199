package gurukram.core.score;

import static gurukram.core.Plans.breaths;
import static gurukram.core.Plans.chain;
import static gurukram.core.Plans.hatha;
import static gurukram.core.Plans.id;
import static gurukram.core.Plans.of;
import static gurukram.core.Plans.score;
import static gurukram.core.Plans.section;
import static gurukram.core.Plans.step;
import static gurukram.core.Plans.vinyasa;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.Order;
import gurukram.core.plan.settings.Join;
import gurukram.core.plan.settings.OwnPace;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import gurukram.core.time.Breath;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class UnfolderTest {

    @Test
    void settingUpIsLongerTheFirstTimeAndScaledByTheWayOfCueing() {
        // tree is medium: 15 s first, 14 s second side; explained takes twice as long
        assertThat(score(of(step("tree", "both", "5 breaths"))).moments())
                .extracting(Moment::settingUpMs)
                .containsExactly(13_500L, 12_600L);
        assertThat(score(hatha(section(step("tree", "both", "5 breaths")))).moments())
                .extracting(Moment::settingUpMs)
                .containsExactly(30_000L, 28_000L);
    }

    @Test
    void aHoldRepeatedLaterTakesTheSecondSidesFigure() {
        Score score = score(of(
                step("chair", "none", "3 breaths"),
                step("mountain", "none", "3 breaths"),
                step("chair", "none", "3 breaths")));
        assertThat(score.moments()).extracting(Moment::settingUpMs).containsExactly(7_200L, 7_200L, 4_500L);
    }

    @Test
    void aNewHoldOfThePoseTheBodyIsInTakesItsOwnFigureEvenAfterOpenTime() {
        Step open = Step.of(id(), null, new SideRule.None(), DoseText.parse("1 min open"));
        Score score = score(of(step("chair", "none", "3 breaths"), open, step("chair", "none", "30 s")));
        assertThat(score.moments())
                .extracting(Moment::kind, Moment::settingUpMs, Moment::workMs)
                .containsExactly(
                        tuple(Moment.Kind.HOLD, 7_200L, 18_000L),
                        tuple(Moment.Kind.OPEN, 0L, 60_000L),
                        tuple(Moment.Kind.HOLD, 5_000L, 30_000L));
    }

    @Test
    void aTransitionCountsHalfBeforeSettingUpAndWholeBeforeAMovement() {
        // standing to seated is 17 s
        assertThat(score(of(step("mountain", "none", "3 breaths"), step("boat", "none", "3 breaths")))
                        .moments()
                        .get(1)
                        .transitionMs())
                .isEqualTo(8_500);
        assertThat(score(of(step("mountain", "none", "3 breaths"), step("boat", "none", "in")))
                        .moments()
                        .get(1)
                        .transitionMs())
                .isEqualTo(17_000);
    }

    @Test
    void changingSidesFromLungeToLungeTakesTenSecondsOutsideAFlowOnly() {
        assertThat(score(of(step("warrior-2", "both", "5 breaths"))).moments())
                .extracting(Moment::transitionMs)
                .containsExactly(0L, 5_000L);
        Flow flow = Flow.of(id(), FlowSettings.of(1), step("warrior-2", "both", "5 breaths"));
        assertThat(score(of(flow)).moments()).extracting(Moment::transitionMs).containsExactly(0L, 0L, 0L, 0L);
    }

    @Test
    void aLegOfTwoFiguresIsQuickerOnceItHasBeenGone() {
        Score score = score(of(
                step("downward-dog", "none", "in"),
                step("low-lunge", "right", "in"),
                step("downward-dog", "none", "in"),
                step("low-lunge", "left", "in")));
        assertThat(score.moments()).extracting(Moment::transitionMs).containsExactly(0L, 13_000L, 6_000L, 6_000L);
    }

    @Test
    void flowPaceQuickensBySideAndRoundButNeverUnderThreeSeconds() {
        Flow flow = Flow.of(id(), FlowSettings.of(4), step("warrior-2", "lead", "in"));
        assertThat(score(of(flow)).moments())
                .extracting(Moment::side, Moment::round, Moment::workMs)
                .containsExactly(
                        tuple(Side.RIGHT, 1, 4_000L),
                        tuple(Side.LEFT, 1, 3_600L),
                        tuple(Side.RIGHT, 2, 3_640L),
                        tuple(Side.LEFT, 2, 3_276L),
                        tuple(Side.RIGHT, 3, 3_400L),
                        tuple(Side.LEFT, 3, 3_060L),
                        tuple(Side.RIGHT, 4, 3_400L),
                        tuple(Side.LEFT, 4, 3_060L));
        Pace quick = new Pace(
                3_200,
                3_000,
                Pace.defaults().roundFactors(),
                3_000,
                6_000,
                8_000,
                1_500,
                1,
                1,
                Pace.defaults().settingUp(),
                Pace.defaults().cueing(),
                OwnPace.NONE,
                15_000,
                8_000,
                5_000,
                10_000,
                15_000,
                5_000);
        assertThat(new Unfolder(Plans.CATALOGUE, quick)
                        .unfold(of(flow), Level.BEGINNER)
                        .moments())
                .allSatisfy(m -> assertThat(m.workMs()).isGreaterThanOrEqualTo(3_000));
    }

    @Test
    void theInhalesShareSplitsABreath() {
        Pace longExhale = new Pace(
                4_000,
                3_600,
                Pace.defaults().roundFactors(),
                3_000,
                6_000,
                8_000,
                1_500,
                2,
                3,
                Pace.defaults().settingUp(),
                Pace.defaults().cueing(),
                OwnPace.NONE,
                15_000,
                8_000,
                5_000,
                10_000,
                15_000,
                5_000);
        Flow flow = Flow.of(
                id(),
                FlowSettings.of(1).with(Counting.NO_SIDES),
                step("cow", "none", "in"),
                step("cat", "none", "out"));
        assertThat(new Unfolder(Plans.CATALOGUE, longExhale)
                        .unfold(of(flow), Level.BEGINNER)
                        .moments())
                .extracting(Moment::breath, Moment::workMs)
                .containsExactly(tuple(Breath.INHALE, 3_200L), tuple(Breath.EXHALE, 4_800L));
    }

    @Test
    void bothWaysOfCountingRoundsTakeTheSameTime() {
        for (int rounds = 1; rounds <= 12; rounds++) {
            for (Order order : Order.values()) {
                FlowSettings both = FlowSettings.of(rounds).with(order);
                FlowSettings one = both.withRounds(2 * rounds).with(Counting.ONE_SIDE);
                assertThat(score(of(chain(one, 5))).totalMs())
                        .isEqualTo(score(of(chain(both, 5))).totalMs());
            }
        }
    }

    @Test
    void sidesFollowTheOrderOfTheFlow() {
        assertThat(leads(FlowSettings.of(2).withFirstSide(Side.LEFT))).isEqualTo("LRLR");
        assertThat(leads(FlowSettings.of(2).with(Order.SIDE_FIRST))).isEqualTo("RRLL");
        assertThat(leads(FlowSettings.of(3).with(Counting.ONE_SIDE))).isEqualTo("RLR");
    }

    private static String leads(FlowSettings settings) {
        StringBuilder leads = new StringBuilder();
        score(of(chain(settings, 1)))
                .moments()
                .forEach(m -> leads.append(m.side().letter()));
        return leads.toString();
    }

    @Test
    void otherIsTheOppositeOfLeadAndPositionsAreNumberedWithinAPass() {
        Flow flow = Flow.of(
                id(),
                FlowSettings.of(1),
                step("low-lunge", "other", "in"),
                step("tree", "both", "2 breaths"),
                step("warrior-1", "lead", "in"));
        assertThat(score(of(flow)).moments())
                .extracting(Moment::pass, Moment::position, Moment::side)
                .containsExactly(
                        tuple(1, 1, Side.LEFT),
                        tuple(1, 2, Side.RIGHT),
                        tuple(1, 3, Side.LEFT),
                        tuple(1, 4, Side.RIGHT),
                        tuple(2, 1, Side.RIGHT),
                        tuple(2, 2, Side.RIGHT),
                        tuple(2, 3, Side.LEFT),
                        tuple(2, 4, Side.LEFT));
    }

    @Test
    void aTypedPaceLeavesNoSettingUpOrTransitionInsideAFlow() {
        Flow flow = Flow.of(
                id(),
                FlowSettings.of(2).withPace(TypedPace.position(5_000)),
                step("downward-dog", "none", "out"),
                step("low-lunge", "lead", "in"),
                step("cobra", "none", "2 breaths"));
        Score score = score(of(step("easy-seat", "none", "3 breaths"), flow));
        List<Moment> inside = score.moments().subList(2, score.moments().size());
        assertThat(inside)
                .allSatisfy(m -> assertThat(m.transitionMs() + m.settingUpMs()).isZero());
        assertThat(score.moments().get(1).transitionMs())
                .as("seated to dog, from outside")
                .isEqualTo(16_000);
    }

    @Test
    void repsOnBothSidesFinishOneSideFirst() {
        Score score = score(of(step("bird-dog", "both", "6 reps x 2, rest 20 s")));
        assertThat(score.moments())
                .extracting(Moment::kind, Moment::side, Moment::set, Moment::settingUpMs)
                .containsExactly(
                        tuple(Moment.Kind.REPS, Side.RIGHT, 1, 7_200L),
                        tuple(Moment.Kind.PAUSE, Side.RIGHT, 1, 0L),
                        tuple(Moment.Kind.REPS, Side.RIGHT, 2, 0L),
                        tuple(Moment.Kind.REPS, Side.LEFT, 1, 4_500L),
                        tuple(Moment.Kind.PAUSE, Side.LEFT, 1, 0L),
                        tuple(Moment.Kind.REPS, Side.LEFT, 2, 0L));
        assertThat(score.right()).isEqualTo(new SideWork(0, 0, 12, 0));
        assertThat(score.isEven()).isTrue();
    }

    @Test
    void aLevelsOwnDoseIsTakenAtThatLevelOnly() {
        Step tree = step("tree", "both", "5 breaths").withDoseFor(Level.ADVANCED, breaths(9));
        ClassPlan plan = of(tree);
        Unfolder unfolder = new Unfolder(Plans.CATALOGUE, Pace.defaults());
        assertThat(unfolder.unfold(plan, Level.BEGINNER).right().breaths()).isEqualTo(5);
        assertThat(unfolder.unfold(plan, Level.ADVANCED).right().breaths()).isEqualTo(9);
    }

    @Test
    void anUnevenClassSaysWhatOneSideHasMore() {
        Score score = score(of(
                step("tree", "both", "5 breaths"),
                step("triangle", "right", "4 breaths"),
                step("half-moon", "right", "20 s")));
        assertThat(score.isEven()).isFalse();
        assertThat(score.right().moreThan(score.left())).isEqualTo("4 breaths, 20 s held");
        assertThat(score.left().moreThan(score.right())).isEmpty();
    }

    @Test
    void theBandIsFifteenPercentOfWhatIsNotTyped() {
        Score score = score(vinyasa(section(step("corpse", "none", "300 s"))));
        // 7.2 s of setting up are the only untyped part
        assertThat(score.totalMs()).isEqualTo(307_200);
        assertThat(score.likelyLowMs()).isEqualTo(306_120);
        assertThat(score.likelyHighMs()).isEqualTo(308_280);
    }

    @Test
    void momentsFollowEachOtherAndAddUpToSectionsAndClass() {
        ClassPlan plan = vinyasa(
                section(step("easy-seat", "none", "8 breaths"), step("seated-half-twist", "both", "5 breaths")),
                section(chain(FlowSettings.of(3), 7), step("half-moon", "both, left first", "4 breaths")),
                section());
        Score score = score(plan);
        long at = 0;
        for (Moment moment : score.moments()) {
            assertThat(moment.startMs()).isEqualTo(at);
            at = moment.endMs();
        }
        assertThat(score.totalMs()).isEqualTo(at);
        assertThat(score.sections()).extracting(Score.SectionSpan::lengthMs).contains(0L);
        assertThat(score.sections().stream()
                        .mapToLong(Score.SectionSpan::lengthMs)
                        .sum())
                .isEqualTo(at);
        long steps = plan.sections().stream()
                .flatMap(s -> s.items().stream())
                .mapToLong(i -> score.totals().get(i.id()).lengthMs())
                .sum();
        assertThat(steps).isEqualTo(at);
    }

    @Test
    void aFlowTooShortToShareIsDoneWhole() {
        FlowSettings linked =
                FlowSettings.of(3).with(Counting.NO_SIDES).withJoins(new Join.Shared(1, 1), new Join.Shared(0, 1));
        Step[] steps = {step("cow", "none", "in"), step("cat", "none", "out"), step("cow", "none", "in")};
        int[] moments = {0, 3, 6, 7}; // of 3: 3 + 2 + 2, each round sharing its closing pose
        for (int n = 0; n <= 3; n++) {
            Flow flow = Flow.of(id(), linked, Arrays.copyOf(steps, n));
            assertThat(score(of(flow)).moments()).hasSize(moments[n]);
        }
    }
}
