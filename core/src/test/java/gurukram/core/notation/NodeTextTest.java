package gurukram.core.notation;

import static gurukram.core.Notation.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Plans;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Layer;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.SameNodes;
import gurukram.core.text.Refused;
import org.junit.jupiter.api.Test;

/** Parts of a class that are changed as text keep their names. */
class NodeTextTest {
    private final NodeText text = new NodeText(Plans.CATALOGUE, Plans::id);
    private final Flow flow = (Flow) plan("""
                    flow "tide", 3 rounds, both sides
                    - note: slowly
                      high lunge, lead, in
                      - locked
                      - round 2: low lunge
                      - round 3: then chair, out
                      -- say: sit back
                      - note: knee over ankle
                      warrior 2, lead, out
                    end flow
                    """).sections().get(0).items().get(0);
    private final Step lunge = flow.steps().get(0);

    @Test
    void aStepIsALineAndTheLinesUnderIt() {
        assertThat(text.line(lunge)).isEqualTo("high lunge, lead, in");
        assertThat(text.lines(lunge))
                .isEqualTo("locked\nround 2: low lunge\nround 3: then chair, out\n-- say: sit back");
        assertThat(text.withLines(lunge, flow, text.lines(lunge))).isEqualTo(lunge);
        assertThat(text.withLine(lunge, flow, text.line(lunge))).isEqualTo(lunge);
    }

    @Test
    void otherLinesKeepTheNoteAndTheNamesOfLayersThatStay() {
        Step changed =
                (Step) text.withLines(lunge, flow, "optional\n- round 3: then chair, out\n\nround 2: warrior 1\n");
        assertThat(changed.id()).isEqualTo(lunge.id());
        assertThat(changed.note()).isEqualTo("knee over ankle");
        assertThat(changed.marks().optional()).isTrue();
        assertThat(changed.marks().locked()).isFalse();
        assertThat(changed.layers()).hasSize(2);
        assertThat(changed.layers())
                .extracting(Layer::id)
                .containsAnyElementsOf(lunge.layers().stream().map(Layer::id).toList());
    }

    @Test
    void aFlowKeepsWhatStandsInIt() {
        Flow changed = (Flow) text.withLine(flow, null, "flow \"tide\", 2 learn, 1 silent, side first");
        assertThat(changed.steps()).isEqualTo(flow.steps());
        assertThat(changed.id()).isEqualTo(flow.id());
        assertThat(changed.texts().note()).isEqualTo("slowly");
        assertThat(changed.settings().pace().modes()).hasSize(2);
    }

    @Test
    void whatIsNotUnderstoodIsRefusedWithItsLine() {
        assertThatThrownBy(() -> text.withLines(lunge, flow, "locked\nwobbly"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Line 2: “wobbly”");
        assertThatThrownBy(() -> text.withLine(lunge, flow, "tree, both, 3 breaths\nchair"))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> text.withLine(lunge, flow, "end flow")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> text.withLine(flow, null, "tree, both, 3 breaths"))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> text.withLines(flow, null, "round 2: chair")).isInstanceOf(Refused.class);
    }

    @Test
    void aClassWrittenAnewKeepsTheNamesOfWhatStayed() {
        String words =
                "standing:\ntree, both, 5 breaths\nchair, 3 breaths\nchair, 3 breaths\nfloor:\nbridge, 5 breaths\n";
        ClassPlan before = plan(words);
        ClassPlan moved = renamed(
                words.replace("tree, both, 5 breaths\n", "").replace("bridge", "tree, both, 5 breaths\nbridge"));
        ClassPlan named = SameNodes.named(moved, before);
        assertThat(named.sections().get(1).items().get(0).id())
                .as("tree, by its content")
                .isEqualTo(before.sections().get(0).items().get(0).id());
        ClassPlan changed = SameNodes.named(renamed(words.replace("bridge, 5", "bridge, 9")), before);
        assertThat(changed.sections().get(1).items().get(0).id())
                .as("bridge, by its place")
                .isEqualTo(before.sections().get(1).items().get(0).id());
        assertThat(SameNodes.named(renamed(words), before)).isEqualTo(before);
    }

    private static ClassPlan renamed(String words) {
        return NodeNames.renamed(plan(words), id -> Plans.id());
    }
}
