package gurukram.web.plans.panel;

import gurukram.core.notation.NodeText;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Naming;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.score.NodeTotal;
import gurukram.core.score.Score;
import gurukram.web.plans.field.FlowFields;
import gurukram.web.plans.field.Refusal;
import gurukram.web.plans.panel.Panel.Part;
import gurukram.web.plans.spine.StepRows;
import java.util.List;

/** All there is about a flow: how its rounds are counted, meet and differ. */
final class FlowPanel {
    private FlowPanel() {}

    static Panel of(Flow flow, Score score, PoseCatalogue catalogue, Refusal refusal) {
        NodeText text = new NodeText(catalogue, NodeNames.numbers());
        NodeTotal total = score.totals().get(flow.id());
        return new Panel(
                "flow",
                flow.id().value(),
                Naming.of(flow),
                StepRows.lengthAndSum(total),
                List.of(
                        new Part("Rounds and sides", true, FlowFields.sides(flow, refusal)),
                        new Part("Round by round", true, FlowFields.rounds(flow, refusal)),
                        new Part("Words and marks", false, FlowFields.words(flow, refusal)),
                        new Part("As text", false, FlowFields.text(flow, text, refusal))),
                null);
    }
}
