package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.compose.brief.Brief;
import gurukram.core.compose.brief.Draft;
import gurukram.core.compose.brief.Focus;
import gurukram.core.compose.brief.Goal;
import gurukram.core.compose.brief.LeftOut;
import gurukram.core.compose.brief.Wish;
import gurukram.core.compose.search.Dice;
import gurukram.core.compose.search.Pool;
import gurukram.core.compose.search.Sequences;
import gurukram.core.group.People;
import gurukram.core.group.Room;
import gurukram.core.plan.settings.Style;
import gurukram.core.plan.settings.Theme;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class GoalsTest {
    private static final Room BARE = new Room("Bare", Map.of(), false, 12);

    private static Goal goal(Brief brief) {
        return new Goals(new Pool(CATALOGUE, brief)).find(new Dice(1, "test")).orElseThrow();
    }

    private static Brief hatha(String peak, Level level) {
        return Brief.to(peak, 60, Style.HATHA, level);
    }

    @Test
    void aPeakTheLevelAllowsIsTheGoalAndNothingIsSaid() {
        Goal goal = goal(hatha("half-moon", Level.INTERMEDIATE));
        assertThat(goal.isAsAsked()).isTrue();
        assertThat(goal.rung()).isEqualTo(5);
        assertThat(goal.stops()).isEmpty();
    }

    @Test
    void aPeakAboveTheLevelGivesTheHighestRungAllowedAndSaysWhy() {
        Goal goal = goal(hatha("half-moon", Level.BEGINNER));
        assertThat(goal.pose().id()).isEqualTo("half-moon-block");
        assertThat(goal.rung()).isEqualTo(4);
        assertThat(goal.stops()).containsExactly("Half moon: it is for intermediate classes.");
    }

    /** Needs and a bare room take rung after rung; what is left must still be on the way up to where the group stands. */
    @ParameterizedTest
    @EnumSource(Need.class)
    void aGroupThatWentBackIsNotLedBeyondItsRungByAWayRound(Need need) {
        People group = new People(12, Map.of(need, 1), BARE);
        List<Ladder> ladders = List.copyOf(CATALOGUE.ladders());
        for (int i = 0; i < ladders.size(); i++) {
            Ladder ladder = ladders.get(i);
            boolean looked = Compositions.FULL || (i + need.ordinal()) % 5 == 0;
            if (ladder.peak() == null || !looked) continue;
            for (int reached = 1; reached < ladder.rungs().size(); reached++) {
                Brief brief = hatha(ladder.peak(), Level.ADVANCED)
                        .withReached(Map.of(ladder.id(), reached))
                        .with(group);
                int most = reached;
                new Goals(new Pool(CATALOGUE, brief))
                        .find(new Dice(1, "test"))
                        .ifPresent(goal -> assertThat(ladder.rungOf(goal.pose().id()))
                                .as("%s, on rung %d", ladder.id(), most)
                                .isLessThanOrEqualTo(most));
            }
        }
    }

    @Test
    void firstTriesStopBeforeTheyLeaveTheFloorUnlessSomebodyWatches() {
        Brief brief = hatha("crow", Level.INTERMEDIATE);
        Goal alone = goal(brief);
        assertThat(alone.pose().id()).isEqualTo("crow-ready");
        assertThat(alone.stops()).first().asString().contains("a teacher who watches at most four mats");
        assertThat(goal(brief.withSupervised(true)).pose().id()).isEqualTo("crow");
    }

    @Test
    void whereThePeakIsNotToBeHadTheNearestShapeIs() {
        Brief wheel = hatha("upward-bow", Level.INTERMEDIATE);
        assertThat(goal(hatha("upward-bow", Level.ADVANCED)).pose().id()).isEqualTo("bridge");
        assertThat(goal(hatha("forearm-stand", Level.ADVANCED)).pose().id()).isEqualTo("dolphin");
        assertThat(goal(hatha("upward-bow", Level.ADVANCED).withSupervised(true))
                        .pose()
                        .id())
                .as("watched, they may come to it")
                .isEqualTo("upward-bow");
        assertThat(goal(wheel.withReached(Map.of("upward-bow", 7))).pose().id())
                .as("who stands on a rung goes on from there")
                .isEqualTo("reverse-tabletop");
        assertThat(goal(wheel.withPoses(Set.of(), Set.of("bridge"))).pose().id())
                .as("where that shape is not wanted, the highest rung")
                .isEqualTo("reverse-tabletop");
    }

    @Test
    void whereTheGroupsRungIsKnownItIsTheEnd() {
        Brief brief = hatha("dancer", Level.INTERMEDIATE).withReached(Map.of("dancer", 6));
        Goal goal = goal(brief);
        assertThat(goal.pose().id()).isEqualTo("dancer-strap");
        assertThat(goal.stops()).containsExactly("Dancer: the group stands on rung 6.");
        assertThat(goal(hatha("crow", Level.INTERMEDIATE).withReached(Map.of("crow", 7)))
                        .pose()
                        .id())
                .as("a rung that was reached is no first try")
                .isEqualTo("crow");
    }

    @Test
    void needsThatLeaveAPeakOutOfReachAreNamed() {
        Brief brief = hatha("happy-baby", Level.ADVANCED).with(new People(8, Map.of(Need.HIP_REPLACEMENT, 1), null));
        Goals goals = new Goals(new Pool(CATALOGUE, brief));
        assertThat(goals.find(new Dice(1, "test")))
                .as("every rung bends the hip to its end")
                .isEmpty();
        assertThat(goals.stops())
                .first()
                .isEqualTo("Happy baby: somebody in the group leaves it out (hip replacement).");
        Draft draft = Compositions.COMPOSER.compose(brief, 1);
        assertThat(draft.goal()).isNull();
        assertThat(draft.stops()).isEqualTo(goals.stops());
        assertThat(DraftVerifier.faults(draft)).isEmpty();
    }

    @Test
    void gentlerIsOneRungLower() {
        Goal goal = goal(hatha("half-moon", Level.INTERMEDIATE).with(Set.of(Wish.GENTLER)));
        assertThat(goal.rung()).isEqualTo(4);
        assertThat(goal.stops()).containsExactly("Half moon: you asked for something gentler.");
    }

    @Test
    void aPeakWithoutALadderGivesAnEasierFormWhereItCannotBe() {
        Pose peak = CATALOGUE.pose("compass");
        assertThat(CATALOGUE.laddersWith("compass")).isEmpty();
        Optional<Goal> goal = new Goals(new Pool(CATALOGUE, hatha(peak.id(), Level.BEGINNER))).find(new Dice(1, "x"));
        goal.ifPresent(found -> assertThat(found.pose().level()).isEqualTo(Level.BEGINNER));
        goal.ifPresent(found -> assertThat(found.stops()).isNotEmpty());
        Draft draft = Compositions.draft(peak.id(), 45, Style.HATHA, Level.BEGINNER);
        assertThat(draft.plan().sections()).isNotEmpty();
    }

    @Test
    void aThemeAloneFindsAPeakThatHasMuchOfItInIt() {
        Focus focus = ThemeWords.shipped(CATALOGUE).in("standing balance, like a mast");
        Brief brief = Brief.to(null, 60, Style.HATHA, Level.INTERMEDIATE).with(Theme.titled("Like a mast"), focus);
        assertThat(focus.in(goal(brief).pose())).isGreaterThan(5);
    }

    @Test
    void withoutPeakAndThemeThereIsNoGoal() {
        Brief brief = Brief.to(null, 60, Style.HATHA, Level.INTERMEDIATE);
        assertThat(new Goals(new Pool(CATALOGUE, brief)).find(new Dice(1, "x"))).isEmpty();
        Draft draft = Compositions.COMPOSER.compose(brief, 1);
        assertThat(draft.goal()).isNull();
        assertThat(DraftVerifier.faults(draft)).isEmpty();
    }

    @Test
    void whatIsNotWantedIsNotInAndIsToldWhereItWouldHaveBelonged() {
        Brief brief = hatha("half-moon", Level.INTERMEDIATE).withPoses(Set.of("garland"), Set.of("tree", "warrior-2"));
        Draft draft = Compositions.COMPOSER.compose(brief, 1);
        List<String> poses = Sequences.poses(draft.plan());
        assertThat(poses).contains("garland").doesNotContain("tree", "warrior-2");
        assertThat(draft.leftOut()).extracting(LeftOut::pose).contains("tree");
    }

    @Test
    void whoLeavesThePeakOutIsNotAskedForASmallerMeasureOfTheSame() {
        Brief brief =
                Brief.to("crow", 60, Style.VINYASA, Level.ADVANCED).with(new People(12, Map.of(Need.WRIST, 1), null));
        Goals goals = new Goals(new Pool(CATALOGUE, brief));
        Goal goal = goals.find(new Dice(1, "test")).orElseThrow();
        assertThat(goal.pose().wristLoad()).isFalse();
        assertThat(goals.stops())
                .contains("Plank, knee to nose: who leaves the peak out would have to change it too (wrist).");
    }

    @Test
    void belowAGoalIsTheNextRungAndWhy() {
        Goals goals = new Goals(new Pool(CATALOGUE, hatha("half-moon", Level.INTERMEDIATE)));
        Goal goal = goals.find(new Dice(1, "test")).orElseThrow();
        Goal below =
                goals.below(goal, "20 minutes are too short to come to it well").orElseThrow();
        assertThat(below.rung()).isLessThan(goal.rung());
        assertThat(below.asked()).isEqualTo(goal.asked());
        assertThat(below.stops()).contains("Half moon: 20 minutes are too short to come to it well.");
    }
}
