package gurukram.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.body.Side;
import gurukram.core.check.Checks;
import gurukram.core.notation.NotationReader;
import gurukram.core.notation.Reading;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.score.Moment.Kind;
import gurukram.core.time.Breath;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What teachers do besides holding one pose after another, from its words to its time. */
class WaysOfTeachingTest {
    private static final Unfolder UNFOLDER = new Unfolder(Plans.CATALOGUE, Pace.defaults());

    private static ClassPlan plan(String... lines) {
        return Notation.roundTrip(lines);
    }

    private static List<Moment> moments(ClassPlan plan) {
        return UNFOLDER.unfold(plan, null).moments();
    }

    @Test
    void aHoldInAFlowIsEnteredOnABreathAndLeftOnAny() {
        ClassPlan plan = plan(
                "standing",
                "- by the breath",
                "flow, 1 round, both sides",
                "  high lunge, lead, in",
                "  warrior 2, lead, out, then 3 breaths",
                "  straight, lead".replace("straight", "warrior 2") + ", out");
        List<Moment> moments = moments(plan);

        assertThat(moments.subList(0, 4))
                .extracting(Moment::kind, Moment::breath, Moment::breaths, Moment::settingUpMs, Moment::workMs)
                .containsExactly(
                        tuple(Kind.MOVEMENT, Breath.INHALE, null, 0L, 4_000L),
                        tuple(Kind.MOVEMENT, Breath.EXHALE, null, 0L, 4_000L),
                        tuple(Kind.HOLD, Breath.FREE, 3, 0L, 18_000L),
                        tuple(Kind.MOVEMENT, Breath.EXHALE, null, 0L, 4_000L));
        assertThat(Parity.clashes(UNFOLDER.unfold(plan, null))).isEmpty();
    }

    @Test
    void itMayBeEnteredInSomeRoundsOnly() {
        List<Moment> moments = moments(plan(
                "standing",
                "flow, 3 rounds, one side",
                "  high lunge, lead, in",
                "  warrior 2, lead, out",
                "  - last round: out, then 5 breaths"));

        assertThat(moments)
                .filteredOn(m -> m.kind() == Kind.HOLD)
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.round()).isEqualTo(3);
                    assertThat(m.breaths()).isEqualTo(5);
                });
    }

    @Test
    void anotherFormOfThePosePeopleStayInTakesFiveSeconds() {
        ClassPlan plan = plan(
                "standing",
                "flow, 1 round, both sides",
                "  warrior 2, lead, 3 breaths",
                "  stay: hands to the heart, 2 breaths",
                "  stay, 1 breath");
        List<Moment> moments = moments(plan);

        assertThat(moments.subList(1, 3))
                .extracting(Moment::pose, Moment::side, Moment::settingUpMs, Moment::workMs)
                .containsExactly(
                        tuple("warrior-2", Side.RIGHT, 5_000L, 12_000L),
                        tuple("warrior-2", Side.RIGHT, 5_000L, 6_000L));
        assertThat(plan.sections().get(0).items().get(0).children().toString()).contains("hands to the heart");
    }

    @Test
    void thereIsNoStayingBehindBothSidesNorWithoutAPose() {
        for (String before : List.of("", "tree, both, 3 breaths\n")) {
            Reading reading = new NotationReader(Plans.CATALOGUE, NodeNames.numbers())
                    .read("standing\n" + before + "stay: arms up, 2 breaths");
            assertThat(reading.problems()).hasSize(1);
            assertThat(reading.problems().get(0).problem().what()).contains("stay");
        }
    }

    @Test
    void aStepMayBeThereOnlyFromARoundOn() {
        List<Moment> moments = moments(plan(
                "standing",
                "flow, 4 rounds, one side",
                "  high lunge, lead, in",
                "  from round 3: half moon, lead, 3 breaths",
                "  downward dog, out"));

        assertThat(moments)
                .filteredOn(m -> "half-moon".equals(m.pose()))
                .extracting(Moment::round)
                .containsExactly(3, 4);
    }

    @Test
    void guardsMayReachUpwards() {
        ClassPlan plan = plan("standing", "tree, both, 5 breaths", "- intermediate+: 8 breaths");

        assertThat(UNFOLDER.unfold(plan, Level.BEGINNER).moments().get(0).breaths())
                .isEqualTo(5);
        assertThat(UNFOLDER.unfold(plan, Level.INTERMEDIATE).moments().get(0).breaths())
                .isEqualTo(8);
        assertThat(UNFOLDER.unfold(plan, Level.ADVANCED).moments().get(0).breaths())
                .isEqualTo(8);
    }

    @Test
    void aLineForANeedIsNoPartOfTheClockAndMustFitIntoIt() {
        ClassPlan plan = plan(
                "standing",
                "plank, 5 breaths",
                "- wrists: forearm plank, 4 breaths",
                "downward dog, 5 breaths",
                "- wrists, knees: child's pose, 20 breaths");
        List<Moment> clock = moments(plan);

        assertThat(clock).extracting(Moment::pose).containsExactly("plank", "downward-dog");
        List<MixedRoom.Beside> lines = MixedRoom.beside(plan, UNFOLDER);
        assertThat(lines).extracting(MixedRoom.Beside::who).contains("wrist", "knee");
        assertThat(lines.stream().filter(MixedRoom.Beside::isOver).map(MixedRoom.Beside::who))
                .containsExactlyInAnyOrder("wrist", "knee");
        ClassPlan theirs = LevelLine.beside(plan, when -> when.needs().contains(Need.WRIST), Plans.CATALOGUE);
        assertThat(moments(theirs)).extracting(Moment::pose).containsExactly("forearm-plank", "childs-pose");
        Checks checks = new Checks(Plans.CATALOGUE, UNFOLDER, School.USUAL, null);
        assertThat(checks.report(plan).findings())
                .filteredOn(finding -> finding.rule().equals("mixed-clock"))
                .hasSize(2);
    }

    @Test
    void pregnancyIsBothOfItsTimes() {
        ClassPlan plan = plan("rest", "final rest, 300 s", "- pregnancy: side-lying rest");
        assertThat(plan.toString())
                .contains(Set.of(Need.PREGNANCY_EARLY).iterator().next().name(), "PREGNANCY_LATER");
        assertThat(moments(plan)).extracting(Moment::pose).containsExactly("corpse");
    }

    @Test
    void eitherOrIsOneOnTheClockAndTheOtherBesideIt() {
        ClassPlan plan = plan(
                "standing",
                "- by the breath",
                "flow, 2 rounds, no sides",
                "  cobra or upward dog, in",
                "  downward dog or child's pose, out");

        assertThat(moments(plan)).extracting(Moment::pose).containsOnly("cobra", "downward-dog");
        assertThat(moments(LevelLine.beside(plan, when -> when.either(), Plans.CATALOGUE)))
                .extracting(Moment::pose)
                .containsOnly("upward-dog", "childs-pose");
    }

    @Test
    void anOpenEndMakesTheLengthTheLeast() {
        Score open = UNFOLDER.unfold(plan("rest", "final rest, 5 min or longer"), null);
        assertThat(open.isOpenEnded()).isTrue();
        assertThat(open.moments().get(0).workMs()).isEqualTo(300_000);
        assertThat(UNFOLDER.unfold(plan("rest", "final rest, 5 min open"), null).isOpenEnded())
                .isFalse();
    }

    @Test
    void aTalkIsASectionOfItsOwn() {
        ClassPlan plan = plan(
                "class: T",
                "- 60 min, hatha",
                "",
                "talk: What the tide leaves",
                "easy seat, 5 min open",
                "",
                "lesson",
                "crow, 3 attempts of 3 breaths, rest 30 s");
        assertThat(plan.sections()).noneMatch(section -> section.role().isPractice());
    }

    @Test
    void aSequenceCalledByNameIsAFlowLikeAnyOther() {
        ClassPlan plan = plan(
                "warm-up",
                "cat cow x6",
                "salutations",
                "sun salutation a 3 times",
                "flow \"tide\", 2 rounds, no sides",
                "  chair, in",
                "  vinyasa");
        List<Moment> moments = moments(plan);

        assertThat(moments.stream().filter(m -> "cow".equals(m.pose()))).hasSize(6);
        assertThat(moments.stream().filter(m -> "chair".equals(m.pose()))).hasSize(2);
        assertThat(Parity.clashes(UNFOLDER.unfold(
                        plan(
                                "warm-up",
                                "cat cow",
                                "sun salutation a",
                                "sun salutation b",
                                "half salute",
                                "short salute"),
                        null)))
                .isEmpty();
    }

    @Test
    void aSequenceWithRoundsOfItsOwnCannotStandInAFlow() {
        Reading reading = new NotationReader(Plans.CATALOGUE, NodeNames.numbers())
                .read("standing\nflow, 2 rounds\n  chair, in\n  cat cow x6");
        assertThat(reading.problems())
                .singleElement()
                .satisfies(p -> assertThat(p.problem().what()).contains("no rounds of its own"));
    }
}
