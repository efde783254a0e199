package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.dose.DoseText;
import gurukram.core.plan.settings.FlowPace;
import gurukram.core.plan.settings.FlowSides;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.plan.settings.FlowSides.LeadNames;
import gurukram.core.plan.settings.Mode;
import gurukram.core.plan.settings.TypedPace;
import gurukram.core.pose.Level;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Changing one round, one level, one side at a time. */
class FlowPaceByRoundTest {
    private static final FlowPace USUAL = FlowPace.USUAL;

    @Test
    void oneRoundGetsAnotherMode() {
        FlowPace learn = USUAL.withModeIn(1, 4, Mode.LEARN);
        assertThat(learn.modes()).hasToString("[1 learn, 3 breath]");
        assertThat(learn.withModeIn(4, 4, Mode.SILENT).modes()).hasToString("[1 learn, 2 breath, 1 silent]");
        assertThat(learn.withModeIn(2, 4, Mode.LEARN).modes()).hasToString("[2 learn, 2 breath]");
        assertThat(learn.withModeIn(1, 4, Mode.BREATH)).isEqualTo(USUAL);
    }

    @Test
    void oneRoundGetsAnotherPace() {
        TypedPace three = TypedPace.position(3_000);
        TypedPace four = TypedPace.of(TypedPace.Per.HALF_BREATH, 4_000);
        TypedPace five = TypedPace.position(5_000);
        FlowPace third = USUAL.withTypedIn(3, four);
        assertThat(third.byRound()).containsExactly(four, four, four);
        assertThat(third.withTypedIn(1, five).byRound()).containsExactly(five, four, four);
        assertThat(USUAL.withTyped(three).withTypedIn(2, five).byRound()).containsExactly(three, five);
        assertThat(third.withTypedIn(2, null)).isEqualTo(USUAL);
    }

    @Test
    void aLevelGetsAPoseOfItsOwnBesideItsDose() {
        Step tree = Plans.step("tree", "both", "5 breaths");
        Step other =
                tree.withDoseFor(Level.ADVANCED, DoseText.parse("8 breaths")).withPoseFor(Level.ADVANCED, "half-moon");
        assertThat(other.layers()).hasSize(1);
        assertThat(other.poseFor(Level.ADVANCED)).isEqualTo("half-moon");
        assertThat(other.doseFor(Level.ADVANCED)).hasToString("8 breaths");
        assertThat(other.poseFor(Level.BEGINNER)).isEqualTo("tree");
        assertThat(other.withPoseFor(Level.ADVANCED, null).withDoseFor(Level.ADVANCED, null))
                .isEqualTo(tree);
        assertThat(tree.withPoseFor(Level.BEGINNER, "chair").withPoseFor(Level.BEGINNER, "tree"))
                .isEqualTo(tree);
    }

    @Test
    void theUsualSideFollowsWhatTheLeadNames() {
        FlowSides feet = FlowSides.BOTH.with(LeadNames.FOOT_BACK_FIRST);
        assertThat(feet.usualFor(Plans.CATALOGUE.pose("high-lunge")).words()).isEqualTo("other");
        assertThat(FlowSides.BOTH.usualFor(Plans.CATALOGUE.pose("chair")).words())
                .isEqualTo("none");
        assertThat(feet.with(Counting.NO_SIDES)
                        .usualFor(Plans.CATALOGUE.pose("high-lunge"))
                        .words())
                .isEqualTo("both");
        assertThat(List.of(FlowSides.BOTH
                        .with(LeadNames.FRONT_LEG)
                        .usualFor(Plans.CATALOGUE.pose("high-lunge"))
                        .words()))
                .containsExactly("lead");
    }
}
