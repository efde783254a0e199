package gurukram.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Notation;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import gurukram.core.plan.Section;
import gurukram.core.plan.Step;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A class written anew as text keeps the names of what stayed the same, so that locks, mutes and logs find it. */
class SameNodesTest {
    private static ClassPlan plan(String prefix, String text) {
        List<NodeId> ids = new ArrayList<>();
        return NodeNames.renamed(Notation.plan(text), id -> {
            ids.add(id);
            return new NodeId(prefix + ids.size());
        });
    }

    /** Names of the new plan, by what they name. */
    private static List<String> names(String before, String now) {
        ClassPlan named = SameNodes.named(plan("new", now), plan("old", before));
        List<String> names = new ArrayList<>();
        named.walk(node -> {
            String what = node instanceof Step step
                    ? step.pose() + " " + step.dose()
                    : node instanceof Flow flow ? flow.settings().name() : ((Section) node).title();
            names.add(what + " = " + node.id());
        });
        return names;
    }

    @Test
    void whatSaysTheSameKeepsItsNameWhereverItStandsNow() {
        assertThat(names(
                        "standing:\nchair, 5 breaths\nmountain, 3 breaths\n",
                        "standing:\nmountain, 3 breaths\nchair, 5 breaths\n"))
                .containsExactly("Standing = old1", "mountain 3 breaths = old3", "chair 5 breaths = old2");
    }

    @Test
    void twoThatSayTheSameAreTakenInTheirOrder() {
        assertThat(names(
                        "standing:\nchair, 5 breaths\nchair, 5 breaths\n",
                        "standing:\nchair, 5 breaths\nchair, 5 breaths\nchair, 5 breaths\n"))
                .containsExactly(
                        "Standing = old1",
                        "chair 5 breaths = old2",
                        "chair 5 breaths = old3",
                        "chair 5 breaths = new4");
    }

    @Test
    void whatWasChangedKeepsTheNameOfWhatStoodThereAndIsOfItsKind() {
        assertThat(names(
                        "standing:\nchair, 5 breaths\nflow tide, 2 rounds, no sides\n  mountain, in\nend flow\n",
                        "standing: Wide\nchair, 8 breaths\nflow wave, 3 rounds, no sides\n  mountain, in\nend flow\n"))
                .containsExactly("Wide = old1", "chair 8 breaths = old2", "wave = old3", "mountain in = old4");
        assertThat(names(
                        "standing:\nflow tide, 2 rounds, no sides\n  mountain, in\nend flow\n",
                        "standing:\nchair, 5 breaths\n"))
                .as("a step does not become a flow")
                .containsExactly("Standing = old1", "chair 5 breaths = new2");
    }

    @Test
    void noNameIsGivenTwice() {
        assertThat(names("standing:\nchair, 5 breaths\n", "standing:\nchair, 8 breaths\nchair, 5 breaths\n"))
                .containsExactly("Standing = old1", "chair 8 breaths = new2", "chair 5 breaths = old2");
    }
}
