package gurukram.core.compose;

import static gurukram.core.Plans.CATALOGUE;
import static gurukram.core.Plans.step;
import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.FlowSides.Counting;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class NextPosesTest {
    @Test
    void everyPoseHasSomethingToGoOnToAndNeverItself() {
        for (Pose pose : CATALOGUE.poses()) {
            String sides = pose.sides().hasSides() ? "both" : "none";
            List<String> next = NextPoses.after(step(pose.id(), sides, "5 breaths"), null, CATALOGUE, 6);
            assertThat(next)
                    .as(pose.id())
                    .isNotEmpty()
                    .hasSizeLessThanOrEqualTo(6)
                    .doesNotContain(pose.id());
            assertThat(next).doesNotHaveDuplicates().allMatch(CATALOGUE::has);
        }
    }

    @Test
    void aUsualNextPoseOnTheSameBaseComesFirst() {
        List<String> next = NextPoses.after(step("tree", "both", "5 breaths"), null, CATALOGUE, 3);
        assertThat(CATALOGUE.pose("tree").ties().next()).contains(next.get(0));
    }

    @Test
    void aMovementIsFollowedByTheOtherHalfOfTheBreath() {
        Step raised = step("raised-arms", "none", "in");
        Flow flow = Flow.of(Plans.id(), FlowSettings.of(2).with(Counting.NO_SIDES), raised);
        String first = NextPoses.after(raised, flow, CATALOGUE, 1).get(0);
        assertThat(CATALOGUE.pose(first).breath()).isNotEqualTo(BreathAffinity.IN);
    }

    @Test
    void afterOpenTimeAnythingMayCome() {
        assertThat(NextPoses.after(step(null, "none", "60 s open"), null, CATALOGUE, 6))
                .isEmpty();
    }
}
