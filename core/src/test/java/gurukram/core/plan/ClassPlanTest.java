package gurukram.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** One part in the place of another: everything around it changes with it, and nothing else. */
class ClassPlanTest {
    private static final ClassPlan PLAN = Notation.plan("standing:\ntree, both, 5 breaths\n"
            + "flow tide, 2 rounds, both sides\nlow lunge, lead, in\ndownward dog, out\nend flow\n"
            + "cool-down:\nchild’s pose, 8 breaths\n");

    private static Step dog(ClassPlan plan) {
        return ((Flow) plan.sections().get(0).items().get(1)).steps().get(1);
    }

    @Test
    void onlyWhatHoldsAChangedPartIsNew() {
        ClassPlan now = PLAN.replacing(dog(PLAN).id(), node -> ((Step) node).withNote("soft knees"));
        assertThat(dog(now).texts().note()).isEqualTo("soft knees");
        assertThat(now.sections().get(1)).isSameAs(PLAN.sections().get(1));
        assertThat(now.sections().get(0).items().get(0))
                .isSameAs(PLAN.sections().get(0).items().get(0));
        assertThat(PLAN.replacing(new NodeId("nowhere"), node -> node)).isSameAs(PLAN);
    }

    @Test
    void severalPartsAtOnceAreAsOneAfterTheOther() {
        Step tree = (Step) PLAN.sections().get(0).items().get(0);
        Step rest = (Step) PLAN.sections().get(1).items().get(0);
        Map<NodeId, Step> others = new LinkedHashMap<>();
        for (Step step : new Step[] {rest, dog(PLAN), tree}) others.put(step.id(), step.withNote("slowly"));
        ClassPlan oneByOne = PLAN;
        for (Step step : others.values()) oneByOne = oneByOne.replacing(step.id(), node -> step);
        assertThat(PLAN.with(others)).isEqualTo(oneByOne).isNotEqualTo(PLAN);
        assertThat(PLAN.with(Map.<NodeId, Step>of())).isEqualTo(PLAN);
    }
}
