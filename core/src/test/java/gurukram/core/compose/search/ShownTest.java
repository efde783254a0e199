package gurukram.core.compose.search;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.compose.brief.Brief;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Step;
import gurukram.core.plan.settings.FlowSettings;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.plan.settings.Style;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShownTest {
    private static ClassPlan withTreeTwice() {
        Step tree = Step.of(new NodeId("t"), "tree", new SideRule.None(), new Dose.Breaths(3));
        Step again = Step.of(new NodeId("u"), "tree", new SideRule.None(), new Dose.Breaths(3));
        return Plans.of(Flow.of(new NodeId("f"), FlowSettings.of(1).withName("roots"), tree, again));
    }

    @Test
    void countsInHowManyIdeasAFlowAndAPoseAre() {
        Shown shown = Shown.of(List.of(withTreeTwice(), withTreeTwice()));
        assertThat(shown.pose("tree")).isEqualTo(2);
        assertThat(shown.flow("roots")).isEqualTo(2);
        assertThat(shown.pose("crow")).isZero();
        assertThat(shown.flow("waves")).isZero();
    }

    private static ClassPlan of(String title, String... poses) {
        StringBuilder text = new StringBuilder("class: " + title + "\n- 60 min, hatha, advanced\n\nstanding:\n");
        for (String pose : poses) text.append(pose).append(", 5 breaths\n");
        return Notation.plan(text.toString());
    }

    @Test
    void aClassIsAnotherWithAnotherNameAndNoMoreThanHalfOfAnOrder() {
        Shown shown = Shown.of(List.of(
                of("Ebb", "mountain", "chair", "plank", "goddess"), of("Flood", "garland squat", "standing fold")));
        assertThat(shown.likeness(of("Wind", "chair", "plank", "half lift", "horse stance")))
                .isEqualTo(0.5);
        assertThat(shown.isOther(of("Wind", "chair", "plank", "half lift", "horse stance")))
                .isTrue();
        assertThat(shown.isOther(of("Wind", "mountain", "chair", "plank", "horse stance")))
                .isFalse();
        assertThat(shown.isOther(of("Flood", "downward dog", "half lift"))).isFalse();
        assertThat(shown.likeness(of("Flood", "downward dog", "half lift"))).isEqualTo(1);
        assertThat(Shown.NOTHING.isOther(of("Ebb", "mountain", "chair"))).isTrue();
    }

    @Test
    void whatWasShownSuitsLess() {
        Pose tree = Plans.CATALOGUE.pose("tree");
        Brief brief = Brief.to("half-moon", 60, Style.HATHA, Level.BEGINNER);
        Dice dice = new Dice(1, "test");
        double fresh = new Merit(brief, null, Shown.NOTHING, dice).of(tree);
        assertThat(new Merit(brief, null, Shown.of(List.of(withTreeTwice())), dice).of(tree))
                .isLessThan(fresh);
    }
}
