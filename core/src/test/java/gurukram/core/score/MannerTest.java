package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.dose.Attempts;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Shares;
import gurukram.core.plan.edit.Mirrored;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Modifiers;
import gurukram.core.pose.Ways;
import gurukram.core.score.Moment.Kind;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** How a pose is done where that is not the usual, from its words to its time. */
class MannerTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    private static ClassPlan plan(String... lines) {
        return Notation.roundTrip(lines);
    }

    private static List<Moment> moments(String... lines) {
        return UNFOLDER.unfold(plan(lines), null).moments();
    }

    @Test
    void aSymmetricPoseHasASideWhereTheTeacherGivesItOne() {
        List<Moment> moments = moments(
                "standing",
                "- by the breath",
                "downward dog, both, side is the lifted arm, 3 breaths",
                "mountain, 1 breath");

        assertThat(moments.subList(0, 2))
                .extracting(Moment::side, Moment::settingUpMs, Moment::workMs)
                .containsExactly(tuple(Side.RIGHT, 13_500L, 18_000L), tuple(Side.LEFT, 12_600L, 18_000L));
        assertThat(moments.get(2).side()).isNull();
    }

    @Test
    void inAFlowItFollowsTheLeadAndIsMirroredWithIt() {
        ClassPlan plan = plan(
                "standing",
                "flow, 2 rounds, one side, right first",
                "  downward dog, lead, side is the heel that is down, out",
                "  plank, in");
        Score score = UNFOLDER.unfold(plan, null);

        assertThat(score.moments().stream().map(Moment::side).filter(Objects::nonNull))
                .containsExactly(Side.RIGHT, Side.LEFT);
        assertThat(UNFOLDER.unfold(Mirrored.of(plan), null).moments())
                .extracting(Moment::side)
                .containsExactly(Side.LEFT, null, Side.RIGHT, null);
    }

    @Test
    void stagesAreHeldBeforeTheWholePoseOnEachSide() {
        List<Moment> moments = moments(
                "balance",
                "- by the breath",
                "tree, both, 5 breaths",
                "- setting up 20 s",
                "- stage: toes on the floor, 2 breaths, or stay",
                "- stage: foot on the shin, 10 s, props: wall, out: both feet down");

        assertThat(moments)
                .extracting(Moment::side, m -> m.how().stage(), Moment::settingUpMs, Moment::workMs)
                .containsExactly(
                        tuple(Side.RIGHT, 1, 20_000L, 12_000L),
                        tuple(Side.RIGHT, 2, 5_000L, 10_000L),
                        tuple(Side.RIGHT, null, 5_000L, 30_000L),
                        tuple(Side.LEFT, 1, 20_000L, 12_000L),
                        tuple(Side.LEFT, 2, 5_000L, 10_000L),
                        tuple(Side.LEFT, null, 5_000L, 30_000L));
    }

    @Test
    void aRoomThatTakesTurnsNeedsTheTimeOfAllTurns() {
        List<Moment> moments = moments(
                "peak", "- by the breath", "crow, 2 attempts of 20 s, rest 30 s, in 2 turns, waiting: child's pose");

        assertThat(moments)
                .extracting(Moment::kind, m -> m.how().turn(), Moment::set, Moment::workMs)
                .containsExactly(
                        tuple(Kind.ATTEMPT, 1, 1, 20_000L),
                        tuple(Kind.PAUSE, null, 1, 30_000L),
                        tuple(Kind.ATTEMPT, 1, 2, 20_000L),
                        tuple(Kind.ATTEMPT, 2, 1, 20_000L),
                        tuple(Kind.PAUSE, null, 1, 30_000L),
                        tuple(Kind.ATTEMPT, 2, 2, 20_000L));
        assertThat(moments.get(2).settingUpMs()).isZero();
        assertThat(moments.get(3).settingUpMs())
                .isPositive()
                .isLessThan(moments.get(0).settingUpMs());
    }

    @Test
    void anotherDoseKeepsThePoseOthersWaitIn() {
        Attempts now = new Attempts(2, new Dose.Breaths(3), 0, 2, "childs-pose");
        assertThat(now.keepingWaiting(new Attempts(3, new Dose.Breaths(5), 10, 2, null)))
                .isEqualTo(new Attempts(3, new Dose.Breaths(5), 10, 2, "childs-pose"));
        assertThat(now.keepingWaiting(new Attempts(3, new Dose.Breaths(5), 10)))
                .as("without turns nobody waits")
                .isEqualTo(new Attempts(3, new Dose.Breaths(5), 10));
        assertThat(now.keepingWaiting(new Dose.Seconds(30))).isEqualTo(new Dose.Seconds(30));
    }

    @Test
    void repetitionsMayBeShownOnEachSide() {
        String[] asked = {
            "floor", "- by the breath", "bird dog, both, 4 reps, 5 s each, 1 shown on top, 8 s a shown rep"
        };
        assertThat(moments(asked)).filteredOn(m -> m.kind() == Kind.SHOWN).hasSize(1);
        asked[2] = "bird dog, both, 4 reps, 5 s each, 1 shown on top a side, 8 s a shown rep";
        assertThat(moments(asked))
                .extracting(Moment::kind, Moment::side, Moment::workMs)
                .containsExactly(
                        tuple(Kind.SHOWN, Side.RIGHT, 8_000L),
                        tuple(Kind.REPS, Side.RIGHT, 20_000L),
                        tuple(Kind.SHOWN, Side.LEFT, 8_000L),
                        tuple(Kind.REPS, Side.LEFT, 20_000L));
    }

    @Test
    void aMovementMayTakeSoManyCounts() {
        List<Moment> moments = moments(
                "standing",
                "- by the breath",
                "flow, 1 round, no sides",
                "  plank, in",
                "  low push-up, out, in 5 counts");
        assertThat(moments).extracting(Moment::workMs).containsExactly(4_000L, 7_500L);
        assertThat(moments.get(1).breath()).isEqualTo(Breath.EXHALE);
    }

    @Test
    void aWayThatIsNamedTakesItsOwnTime() {
        String[] lines = {"floor", "- by the breath", "bridge, 3 breaths", "boat, 3 breaths"};
        Moment usual = moments(lines).get(1);
        assertThat(usual.transitionMs()).isEqualTo(10_500);
        lines[3] = "boat, by rocking up, 3 breaths";
        Moment rocking = moments(lines).get(1);
        assertThat(rocking.transitionMs()).isEqualTo(4_000);
        assertThat(rocking.how().way()).isEqualTo("rocking up");
        Moment typed = moments(
                        "floor", "- by the breath", "bridge, 3 breaths", "boat, 3 breaths", "- by rocking up, 9 s")
                .get(1);
        assertThat(typed.transitionMs()).isEqualTo(9_000);
    }

    @Test
    void aSequenceGoesOnFromThePosePeopleAreIn() {
        Flow flow = (Flow) plan("standing", "flow, 1 round, no sides", "  plank, in", "  low push-up, out")
                .sections()
                .get(0)
                .items()
                .get(0);
        assertThat(flow.stepsBehind(flow.steps().get(0)))
                .containsExactly(flow.steps().get(1));
        assertThat(flow.stepsBehind(flow.steps().get(1))).isEqualTo(flow.steps());
        assertThat(flow.stepsBehind(null)).isEqualTo(flow.steps());
    }

    @Test
    void aWayThatDoesNotLeadThereIsNotTaken() {
        Moment boat = moments("floor", "- by the breath", "bridge, 3 breaths", "boat, by jumping, 3 breaths")
                .get(1);
        assertThat(boat.how().way()).isNull();
        assertThat(boat.transitionMs()).isEqualTo(10_500);
    }

    @Test
    void aBindIsCarriedUntilItIsLetGo() {
        List<Moment> moments = moments(
                "standing",
                "flow, 1 round, both sides",
                "  high lunge, half bind, lead, out",
                "  warrior 2, lead, in",
                "  high lunge, arms free, lead, out",
                "  warrior 2, lead, in");
        assertThat(moments.subList(0, 5))
                .extracting(m -> m.how().with())
                .containsExactly(
                        List.of("half bind"),
                        List.of("half bind"),
                        List.of("arms free"),
                        List.of(),
                        List.of("half bind"));
    }

    @Test
    void armsAndSupportsHoldForTheirStepOnly() {
        List<Moment> moments = moments("standing", "chair, eagle arms, at the wall, 3 breaths", "chair, 2 breaths");
        assertThat(moments)
                .extracting(m -> m.how().with())
                .containsExactly(List.of("eagle arms", "at the wall"), List.of());
        assertThat(moments.get(1).settingUpMs())
                .as("another form of the pose they are in")
                .isEqualTo(5_000);
    }

    @Test
    void aLayerMayChangeJustThat() {
        List<Moment> moments = moments(
                "standing",
                "flow, 2 rounds, no sides",
                "  chair, in",
                "  - round 2: eagle arms",
                "  standing fold, out");
        assertThat(moments)
                .extracting(m -> m.how().with())
                .containsExactly(List.of(), List.of(), List.of("eagle arms"), List.of());
    }

    @Test
    void propsAreFetchedOnceAndQuickerWhereTheyLieReady() {
        String[] lines = {
            "class: T",
            "- 60 min, vinyasa, beginner",
            "standing",
            "- by the breath",
            "triangle, both, 5 breaths",
            "- props: 1 block"
        };
        assertThat(moments(lines)).extracting(m -> m.how().fetchMs()).containsExactly(15_000L, 0L);
        assertThat(moments(lines).get(0).settingUpMs())
                .isEqualTo(15_000
                        + moments(
                                        "class: T",
                                        "- 60 min, vinyasa, beginner",
                                        "standing",
                                        "- by the breath",
                                        "triangle, both, 5 breaths")
                                .get(0)
                                .settingUpMs());
        lines[1] = "- 60 min, vinyasa, beginner, props ready";
        assertThat(moments(lines)).extracting(m -> m.how().fetchMs()).containsExactly(5_000L, 0L);
        lines[1] = "- opening words: Take a block from the shelf.";
        assertThat(moments(lines)).extracting(m -> m.how().fetchMs()).containsExactly(5_000L, 0L);
        lines[5] = "- setting up 20 s, props: 1 block".replace(", props: 1 block", "");
        assertThat(moments(lines).get(0).settingUpMs()).isEqualTo(20_000);
    }

    @Test
    void restDemonstrationAndTalkAreKindsOfTheirOwn() {
        ClassPlan plan = plan(
                "class: T",
                "standing",
                "talk, 2 min",
                "1 min demonstration",
                "child's pose, 5 breaths",
                "- rest",
                "tree, both, 5 breaths");
        Score score = UNFOLDER.unfold(plan, null);
        assertThat(score.moments())
                .extracting(Moment::kind)
                .containsExactly(Kind.TALK, Kind.DEMONSTRATION, Kind.REST, Kind.HOLD, Kind.HOLD);
        TimeUse use = TimeUse.of(plan, score);
        assertThat(use.of(TimeUse.Part.TALK)).isEqualTo(180_000);
        assertThat(use.of(TimeUse.Part.PAUSES)).isEqualTo(score.moments().get(2).workMs());
        assertThat(use.totalMs()).isEqualTo(score.totalMs());
    }

    @Test
    void aPoseMayStandBetweenTheSidesOnly() {
        List<Moment> each = moments(
                "standing",
                "flow, 2 rounds, both sides",
                "  high lunge, lead, in",
                "  between the sides: downward dog, out");
        assertThat(each)
                .extracting(Moment::pose)
                .containsExactly(
                        "high-lunge", "downward-dog", "high-lunge", "high-lunge", "downward-dog", "high-lunge");
        List<Moment> sideFirst = moments(
                "standing",
                "flow, 2 rounds, both sides, side first",
                "  high lunge, lead, in",
                "  between sides: downward dog, out");
        assertThat(sideFirst)
                .extracting(Moment::pose)
                .containsExactly("high-lunge", "high-lunge", "downward-dog", "high-lunge", "high-lunge");
    }

    @Test
    void whatALayerPutsInMayBeDifferentByLevelAndRound() {
        ClassPlan plan = plan(
                "standing",
                "flow, 2 rounds, no sides",
                "  standing fold, out",
                "  - round 2: then plank, in",
                "  -- beginner: leave out",
                "  -- advanced: low push-up",
                "  raised arms, in");
        assertThat(poses(plan, Level.BEGINNER)).doesNotContain("plank");
        assertThat(poses(plan, Level.INTERMEDIATE))
                .containsExactly("standing-fold", "raised-arms", "standing-fold", "plank", "raised-arms");
        assertThat(poses(plan, Level.ADVANCED)).doesNotContain("plank").contains("low-push-up");
    }

    private static List<String> poses(ClassPlan plan, Level level) {
        return UNFOLDER.unfold(plan, level).moments().stream().map(Moment::pose).toList();
    }

    @Test
    void whatAPoseMayBeDoneWithIsSaidInTheRoom() {
        assertThat(Modifiers.shipped().all()).hasSizeGreaterThan(25).allSatisfy(modifier -> {
            assertThat(modifier.say()).isNotBlank();
            assertThat(modifier.fits()).isNotEmpty();
        });
        assertThat(Ways.shipped().all()).allSatisfy(way -> {
            assertThat(way.say()).isNotBlank();
            assertThat(way.seconds()).isNotEmpty();
            if (!way.easier().isEmpty())
                assertThat(Ways.shipped().named(way.easier())).isPresent();
        });
    }

    @Test
    void aFlowIsAPhraseWithTags() {
        ClassPlan plan = plan(
                "standing",
                "flow \"side wall\", 2 rounds, both sides",
                "- for: vinyasa, beginner to intermediate",
                "- themes: space, wind",
                "- grows: one bend, then a fold with it, then the bend is held",
                "- prepares: triangle, half moon",
                "  high lunge, lead, in",
                "  warrior 2, lead, out");
        Flow flow = (Flow) plan.sections().get(0).items().get(0);
        assertThat(flow.tags().styles()).containsExactly(Style.VINYASA);
        assertThat(flow.tags().to()).isEqualTo(Level.INTERMEDIATE);
        assertThat(flow.tags().themes()).containsExactly("space", "wind");
        assertThat(flow.tags().prepares()).containsExactly("triangle", "half-moon");
    }

    @Test
    void sectionsHaveMinutesOfTheirOwnOrAShareOfWhatIsLeft() {
        ClassPlan plan = plan(
                "class: T",
                "- 60 min, hatha, beginner",
                "warm-up",
                "standing",
                "- about 20 min",
                "warrior 2, both, 5 breaths",
                "rest",
                "final rest, 300 s");
        // 40 minutes are left, shared 16 to 10
        assertThat(Shares.targets(plan, 0))
                .hasSize(3)
                .containsValues(20 * 60_000L, 40 * 60_000L * 16 / 26, 40 * 60_000L * 10 / 26);
    }
}
